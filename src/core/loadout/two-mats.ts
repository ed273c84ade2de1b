import type { Gear } from '../gear';
import { grounds, type Ground } from './bench';
import {
  comparedFigures,
  differ,
  keyOf,
  spotsByGear,
  type ComparedFigure,
  type Side,
  type Spot,
} from './difference';

/** So many of a gear in one place of one mat, where that is not so on the other. */
export interface MatTile {
  readonly key: string;
  readonly gear: Gear;
  readonly count: number;
}

/** One place of a mat: what changes there, and what lies there on both. */
export interface MatPlace {
  readonly key: string;
  readonly ground: Ground;
  readonly within: readonly string[];
  readonly tiles: readonly MatTile[];
  readonly stays: readonly { readonly gear: Gear; readonly count: number }[];
}

/** So many of a gear on their way from one mat to the other; null is the shelf. */
export interface Slide {
  readonly gear: Gear;
  readonly count: number;
  readonly from: MatTile['key'] | null;
  readonly to: MatTile['key'] | null;
  /** What is otherwise of it, where it slides to the same place. */
  readonly figures: readonly ComparedFigure[];
}

/** Two kits or versions as two mats side by side, and what slides from the one to the other. */
export interface TwoMats {
  readonly first: readonly MatPlace[];
  readonly second: readonly MatPlace[];
  readonly slides: readonly Slide[];
}

interface Growing {
  readonly place: Omit<MatPlace, 'tiles' | 'stays'>;
  readonly tiles: MatTile[];
  readonly stays: { readonly gear: Gear; readonly count: number }[];
}

/**
 * Lays two sides out as mats. What lies in the same place with the same figures stays; the rest of a gear goes from where there is
 * less of it to where there is more, and what is over on one side goes to the shelf or comes from it. No piece is lost on the way: the
 * tiles and what stays are all that is in a side.
 */
export function twoMats(before: Side, after: Side): TwoMats {
  const had = spotsByGear(before);
  const has = spotsByGear(after);
  const mats = [new Map<string, Growing>(), new Map<string, Growing>()] as const;
  const slides: Slide[] = [];
  for (const id of new Set([...had.keys(), ...has.keys()])) {
    const was = before.shelf.get(id);
    const is = after.shelf.get(id);
    const figures =
      had.has(id) && has.has(id)
        ? comparedFigures.filter((figure) => differ(was![figure], is![figure]))
        : [];
    const from = had.get(id) ?? [];
    const to = has.get(id) ?? [];
    const out: Waiting[] = [];
    const into: Waiting[] = [];
    for (const spot of from) {
      const same = to.find((other) => keyOf(other) === keyOf(spot));
      if (same && same.count === spot.count && figures.length === 0) {
        placeOn(mats[0], spot).stays.push({ gear: was!, count: spot.count });
        placeOn(mats[1], spot).stays.push({ gear: is!, count: spot.count });
        continue;
      }
      const key = laid(mats[0], spot, was!);
      const stayed = Math.min(spot.count, same?.count ?? 0);
      if (stayed > 0) {
        slides.push({ gear: is!, count: stayed, from: key, to: keyIn(spot, id), figures });
      }
      if (spot.count > stayed) out.push({ key, count: spot.count - stayed });
    }
    for (const spot of to) {
      const same = from.find((other) => keyOf(other) === keyOf(spot));
      if (same && same.count === spot.count && figures.length === 0) continue;
      const key = laid(mats[1], spot, is!);
      const stayed = Math.min(spot.count, same?.count ?? 0);
      if (spot.count > stayed) into.push({ key, count: spot.count - stayed });
    }
    slides.push(...paired(out, into, (is ?? was)!, figures));
  }
  const [first, second] = mats.map(inOrder) as [readonly MatPlace[], readonly MatPlace[]];
  return { first, second, slides };
}

interface Waiting {
  readonly key: string;
  count: number;
}

/** What left one place goes to one where there is more; what is over is the shelf’s. */
function paired(
  out: readonly Waiting[],
  into: readonly Waiting[],
  gear: Gear,
  figures: readonly ComparedFigure[],
): readonly Slide[] {
  const slides: Slide[] = [];
  const waiting = into.map((each) => ({ ...each }));
  for (const { key, count } of out) {
    let left = count;
    for (const place of waiting) {
      const many = Math.min(left, place.count);
      if (many === 0) continue;
      slides.push({ gear, count: many, from: key, to: place.key, figures });
      place.count -= many;
      left -= many;
    }
    if (left > 0) slides.push({ gear, count: left, from: key, to: null, figures: [] });
  }
  for (const { key, count } of waiting) {
    if (count > 0) slides.push({ gear, count, from: null, to: key, figures: [] });
  }
  return slides;
}

function laid(mat: Map<string, Growing>, spot: Spot, gear: Gear): string {
  const key = keyIn(spot, gear.id);
  placeOn(mat, spot).tiles.push({ key, gear, count: spot.count });
  return key;
}

function keyIn(spot: Spot, gear: string): string {
  return `${gear} ${keyOf(spot)}`;
}

function placeOn(mat: Map<string, Growing>, { ground, within, ...spot }: Spot): Growing {
  const key = keyOf({ ground, within, ...spot });
  const known = mat.get(key);
  if (known) return known;
  const place = { place: { key, ground, within }, tiles: [], stays: [] };
  mat.set(key, place);
  return place;
}

/** In the order of the grounds, and of their names within one, so that both mats have the same. */
function inOrder(mat: ReadonlyMap<string, Growing>): readonly MatPlace[] {
  const rank = ({ place }: Growing) => `${grounds.indexOf(place.ground)} ${place.within.join(' ')}`;
  return [...mat.values()]
    .sort((one, other) => (rank(one) < rank(other) ? -1 : 1))
    .map(({ place, tiles, stays }) => ({ ...place, tiles, stays }));
}
