import { hullOf, type Axis, type Load, type Sides, type Solid } from './cargo';
import { leastVolumeMm3, sidesInOrder, stancesOf, type Stance } from './forms';
import { Plane } from './plane';
import { hair } from './solid';
import { canReach, isFullyOpen } from './way-in';

/** A piece in its place; `item` is its index in the load. */
export interface Put {
  readonly item: number;
  readonly solid: Solid;
  /** Further blocks of a soft piece. */
  readonly more?: readonly Solid[];
}

/** How one pass goes about it. */
export interface Manner {
  /** Which axis the levels are stacked along. A narrow mouth needs `z`. */
  readonly up: Axis;
  /** In which order the pieces come: indices of the load's items. */
  readonly order: readonly number[];
  /** A stance that ends lowest is taken, or one that starts lowest and lies flattest, or one that stands tallest. */
  readonly stance: 'lowest end' | 'flattest' | 'tallest';
  /** Towards one side, along the other, out to the wall, or into the nearest corner. */
  readonly towards: 'y' | 'x' | 'wall' | 'corner';
}

/** A rigid piece as it stands, seen along the stacking axis. */
interface Standing {
  readonly item: number;
  readonly x: number;
  readonly y: number;
  readonly halfX: number;
  readonly halfY: number;
  readonly isDisc: boolean;
  readonly low: number;
  readonly high: number;
}

/**
 * One pass over the rigid pieces of a load: each is put at the lowest level where it goes, touching what is there.
 * Cylinders along the stacking axis are circles; those across it count as the boxes round them.
 */
export function putInOrder(load: Load, manner: Manner): readonly Put[] {
  const { container, items } = load;
  const frame = frameOf(manner.up);
  const sides = hullOf(container);
  const room = frame.map((axis) => sides[axis]!) as unknown as Sides;
  const isRound = container.shape === 'cylinder';
  const standing: Standing[] = [];
  const puts: Put[] = [];
  const levels: number[] = [0];
  const isOpen = isFullyOpen(container);
  const refusals = new Refusals();
  for (const item of manner.order) {
    const { form } = items[item]!;
    const earlier = isOpen ? [] : puts.map((put) => put.solid);
    let best: Standing | null = null;
    let bestSolid: Solid | null = null;
    let bestKeys: readonly number[] = [];
    for (const stance of stancesOf(form)) {
      const [dx, dy, dz] = frame.map((axis) => stance.sizeMm[axis]!) as unknown as Sides;
      const isDisc = stance.axis === manner.up;
      const plane = new Plane(room[0], room[1], isRound, dx / 2, dy / 2, isDisc);
      for (const low of levels) {
        if (low + dz > room[2] + hair) break;
        const keys = stanceKeys(manner, low, dx, dy, dz);
        if (best && isBefore(bestKeys, keys, 2)) break;
        if (refusals.has(low, dx, dy, dz, isDisc)) continue;
        plane.clear();
        for (const each of standing) {
          if (each.low >= low + dz - hair || each.high <= low + hair) continue;
          plane.keepOut(each.x, each.y, each.halfX, each.halfY, each.isDisc);
        }
        let found = false;
        let isAnywhere = false;
        plane.forEachPlace((x, y) => {
          isAnywhere = true;
          const all = [...keys, ...placeKeys(manner.towards, x, y, room)];
          if (best && !isBefore(all, bestKeys, 4)) return;
          const solid = solidOf(frame, stance, x - dx / 2, y - dy / 2, low);
          if (!isOpen && !canReach(container, earlier, solid, form)) return;
          found = true;
          bestKeys = all;
          best = { item, x, y, halfX: dx / 2, halfY: dy / 2, isDisc, low, high: low + dz };
          bestSolid = solid;
        });
        if (found) break;
        if (isOpen && !isAnywhere) refusals.add(low, dx, dy, dz, isDisc);
      }
    }
    if (best === null || bestSolid === null) continue;
    standing.push(best);
    puts.push({ item, solid: bestSolid });
    addLevel(levels, (best as Standing).high);
  }
  return puts;
}

/** Indices of the rigid pieces, the largest first, by volume or by the longest side. */
export function largestFirst(
  load: Load,
  by: 'volume' | 'longest side' | 'face',
): readonly number[] {
  const measure = ({ form }: Load['items'][number]): number => {
    const [, middle, longest] = sidesInOrder(form);
    return by === 'volume' ? leastVolumeMm3(form) : by === 'face' ? middle * longest : longest;
  };
  const sizes = load.items.map(measure);
  return load.items
    .flatMap(({ form }, at) => (form.shape === 'soft' ? [] : [at]))
    .sort((one, other) => sizes[other]! - sizes[one]!);
}

/** Which axis of the room is the first, the second and the stacking one. */
function frameOf(up: Axis): Sides {
  return up === 'z' ? [0, 1, 2] : up === 'y' ? [0, 2, 1] : [1, 2, 0];
}

function stanceKeys(
  { stance }: Manner,
  low: number,
  dx: number,
  dy: number,
  dz: number,
): readonly [number, number] {
  switch (stance) {
    case 'lowest end':
      return [low + dz, -dx * dy];
    case 'flattest':
      return [low, dz];
    case 'tallest':
      return [low, -dz];
  }
}

function placeKeys(
  towards: Manner['towards'],
  x: number,
  y: number,
  [length, width]: Sides,
): readonly [number, number] {
  switch (towards) {
    case 'y':
      return [y, x];
    case 'x':
      return [x, y];
    case 'wall':
      return [-Math.hypot(x - length / 2, y - width / 2), y];
    case 'corner':
      return [Math.min(x, length - x) + Math.min(y, width - y), x];
  }
}

/** Whether keys come first, by the first that differs. */
function isBefore(one: readonly number[], other: readonly number[], count: number): boolean {
  for (let at = 0; at < count; at += 1) {
    const apart = one[at]! - other[at]!;
    if (apart < -hair) return true;
    if (apart > hair) return false;
  }
  return false;
}

function solidOf(frame: Sides, stance: Stance, x: number, y: number, z: number): Solid {
  const at = [0, 0, 0];
  at[frame[0]] = x;
  at[frame[1]] = y;
  at[frame[2]] = z;
  return { atMm: at as unknown as Sides, sizeMm: stance.sizeMm, axis: stance.axis };
}

function addLevel(levels: number[], level: number): void {
  let at = levels.length;
  while (at > 0 && levels[at - 1]! > level + hair) at -= 1;
  if (at > 0 && Math.abs(levels[at - 1]! - level) <= hair) return;
  levels.splice(at, 0, level);
}

/**
 * What was found to go nowhere on a level. As pieces are only added, neither it nor anything larger will go there
 * later in the pass.
 */
class Refusals {
  private readonly byLevel = new Map<number, number[]>();

  add(low: number, dx: number, dy: number, dz: number, isDisc: boolean): void {
    const sizes = this.byLevel.get(low);
    if (sizes) sizes.push(dx, dy, dz, isDisc ? 1 : 0);
    else this.byLevel.set(low, [dx, dy, dz, isDisc ? 1 : 0]);
  }

  has(low: number, dx: number, dy: number, dz: number, isDisc: boolean): boolean {
    const sizes = this.byLevel.get(low);
    if (!sizes) return false;
    for (let at = 0; at < sizes.length; at += 4) {
      if (sizes[at]! > dx || sizes[at + 1]! > dy || sizes[at + 2]! > dz) continue;
      // An oblong holds the disc within it, but a disc holds no oblong of its sides.
      if (!isDisc || sizes[at + 3] === 1) return true;
    }
    return false;
  }
}
