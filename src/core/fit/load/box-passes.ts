import { hullOf, type Load, type Sides } from './cargo';
import { leastVolumeMm3, stancesOf } from './forms';
import { BoxSearch } from './box-search';
import type { BoxKind } from './blocks';
import type { Put } from './placer';
import { letDown } from './let-down';
import { hair } from './solid';

/** Shares of the room's height that rigid pieces are kept below, to leave the soft ones room in one. */
const denseness = [0.92, 0.85, 0.75, 0.6];

/** The rigid pieces of a load as boxes, kinds of equal ones together. */
interface Kinds {
  readonly kinds: readonly BoxKind[];
  /** Indices of the load's items of each kind. */
  readonly members: readonly (readonly number[])[];
}

/**
 * Searches a box-shaped container for its rigid pieces, cylinders as the boxes round them. Each time something
 * better is found it is yielded; null is one more try.
 */
export function* boxPasses(load: Load): Generator<readonly Put[] | null, void> {
  const kinds = kindsOf(load);
  if (kinds.kinds.length === 0) return;
  const room = hullOf(load.container);
  const hasSoft = load.items.some(({ form }) => form.shape === 'soft');
  if (!hasSoft) {
    yield* searched(load, kinds, new BoxSearch(kinds.kinds, room));
    return;
  }
  const searches = heightsFor(load, room).map((height) =>
    searched(load, kinds, new BoxSearch(kinds.kinds, [room[0], room[1], height])),
  );
  for (let tries = 1, isGoing = true; isGoing; tries *= 2) {
    isGoing = false;
    for (const search of searches) {
      for (let tried = 0; tried < tries; tried += 1) {
        const next = search.next();
        if (next.done) break;
        isGoing = true;
        yield next.value;
      }
    }
  }
}

function* searched(
  load: Load,
  kinds: Kinds,
  search: BoxSearch,
): Generator<readonly Put[] | null, void> {
  let best = 0;
  const passes = search.search();
  for (let isGoing = true; isGoing;) {
    isGoing = !passes.next().done;
    const isBetter = search.best.volume > best + hair;
    best = search.best.volume;
    if (isBetter || isGoing) yield isBetter ? putsOf(load, kinds, search) : null;
  }
}

/** From the lowest that the rigid pieces could go below, up to the whole. */
function heightsFor({ items }: Load, [length, width, height]: Sides): readonly number[] {
  const rigid = items.filter(({ form }) => form.shape !== 'soft');
  const volume = rigid.reduce((sum, { form }) => sum + leastVolumeMm3(form), 0);
  const lowest = Math.max(
    ...rigid.map(({ form }) => Math.min(...stancesOf(form).map(({ sizeMm }) => sizeMm[2]))),
  );
  const lowered = denseness.map((dense) => Math.max(lowest, volume / (length * width) / dense));
  return [...new Set([...lowered.filter((each) => each < height), height])];
}

function kindsOf({ items }: Load): Kinds {
  const byKey = new Map<string, { kind: BoxKind; members: number[] }>();
  items.forEach(({ form }, item) => {
    if (form.shape === 'soft') return;
    const [first] = stancesOf({ ...form, upright: true });
    const sides = first!.sizeMm;
    const { upright } = form;
    const key = upright
      ? `upright ${Math.min(sides[0], sides[1])} ${Math.max(sides[0], sides[1])} ${sides[2]}`
      : [...sides].sort((a, b) => a - b).join(' ');
    const known = byKey.get(key);
    if (known) known.members.push(item);
    else byKey.set(key, { kind: { sides, upright, count: 0 }, members: [item] });
  });
  const all = [...byKey.values()];
  return {
    kinds: all.map(({ kind, members }) => ({ ...kind, count: members.length })),
    members: all.map(({ members }) => members),
  };
}

/** The boxes of a search's best as the pieces they stand for, let down as far as they go. */
function putsOf({ items }: Load, { members }: Kinds, search: BoxSearch): readonly Put[] {
  const next = members.map(() => 0);
  const puts = search.boxesOfBest().map(({ kind, at, size }): Put => {
    const item = members[kind]![next[kind]!++]!;
    const stance = stancesOf(items[item]!.form).find(({ sizeMm }) =>
      sizeMm.every((mm, k) => Math.abs(mm - size[k]!) < 1e-3),
    )!;
    return { item, solid: { ...stance, atMm: at } };
  });
  return letDown(puts);
}
