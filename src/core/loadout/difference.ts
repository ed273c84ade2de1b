import type { Gear } from '../gear';
import { gearOf, isOnGround, type Ground, type Loadout, type Shelf } from './bench';
import { holdersAround, treeOf } from './tree';
import { totalsOf, type Totals } from './totals';

/** A kit with the shelf that it stands on: as it is now, or as it was in a version. */
export interface Side {
  readonly loadout: Loadout;
  readonly shelf: Shelf;
}

/** So many of a gear in one place of a side: the ground, then the names of the holders and cavities inwards. */
export interface Spot {
  readonly ground: Ground;
  readonly within: readonly string[];
  readonly count: number;
}

/** One gear that is not the same in both sides. */
export interface PieceChange {
  /** As it is in the second side, or in the first where it is not in the second. */
  readonly gear: Gear;
  readonly before: readonly Spot[];
  readonly after: readonly Spot[];
  /** Figures of the piece itself that differ, by their field. */
  readonly figures: readonly ComparedFigure[];
}

export const comparedFigures = [
  'name',
  'massG',
  'form',
  'priceMinor',
  'contents',
  'goodUntil',
] as const;
export type ComparedFigure = (typeof comparedFigures)[number];

export interface Difference {
  readonly in: readonly PieceChange[];
  readonly out: readonly PieceChange[];
  readonly changed: readonly PieceChange[];
  readonly before: Totals;
  readonly after: Totals;
}

/**
 * What differs between two kits or versions, piece by piece: only in the second, only in the first, or in both
 * with another count, place or figure. Pieces are the same where they are the same line of the shelf.
 */
export function differenceOf(before: Side, after: Side): Difference {
  const had = spotsByGear(before);
  const has = spotsByGear(after);
  const ids = [...new Set([...had.keys(), ...has.keys()])];
  const changes = ids.map((id): PieceChange => {
    const was = before.shelf.get(id);
    const is = after.shelf.get(id);
    const isInBoth = had.has(id) && has.has(id);
    return {
      gear: (has.has(id) ? is : was)!,
      before: had.get(id) ?? [],
      after: has.get(id) ?? [],
      figures: isInBoth
        ? comparedFigures.filter((figure) => differ(was![figure], is![figure]))
        : [],
    };
  });
  return {
    in: changes.filter((change) => change.before.length === 0),
    out: changes.filter((change) => change.after.length === 0),
    changed: changes.filter(
      (change) =>
        change.before.length > 0 &&
        change.after.length > 0 &&
        (change.figures.length > 0 || differ(inOrder(change.before), inOrder(change.after))),
    ),
    before: totalsOf(before.loadout, before.shelf).whole,
    after: totalsOf(after.loadout, after.shelf).whole,
  };
}

/** How many of a piece there are over its spots. */
export function countIn(spots: readonly Spot[]): number {
  return spots.reduce((sum, { count }) => sum + count, 0);
}

/** One thing to do with the hands to turn the first kit into the second. */
export type SwapStep =
  | { readonly do: 'take out'; readonly gear: Gear; readonly from: Spot }
  | { readonly do: 'put in'; readonly gear: Gear; readonly to: Spot };

/** Everything to take out, then everything to put in; what only moves is taken out and put in elsewhere. */
export function swapSteps({ in: added, out, changed }: Difference): readonly SwapStep[] {
  const moved = changed.map((change) => ({
    ...change,
    before: lessOf(change.before, change.after),
    after: lessOf(change.after, change.before),
  }));
  return [
    ...[...out, ...moved].flatMap(({ gear, before }) =>
      before.map((from) => ({ do: 'take out', gear, from }) as const),
    ),
    ...[...moved, ...added].flatMap(({ gear, after }) =>
      after.map((to) => ({ do: 'put in', gear, to }) as const),
    ),
  ];
}

/** The spots with what stands in the same places in `others` taken off. */
function lessOf(spots: readonly Spot[], others: readonly Spot[]): readonly Spot[] {
  return spots.flatMap((spot) => {
    const same = others.find((other) => keyOf(other) === keyOf(spot));
    const count = spot.count - (same?.count ?? 0);
    return count > 0 ? [{ ...spot, count }] : [];
  });
}

/** Where each gear of a side is, by its id. */
export function spotsByGear({ loadout, shelf }: Side): ReadonlyMap<string, readonly Spot[]> {
  const tree = treeOf(loadout);
  const spots = new Map<string, Spot[]>();
  for (const placement of loadout.placements) {
    const holders = holdersAround(tree, placement);
    const outermost = holders.at(-1) ?? placement;
    const within = [placement, ...holders].flatMap(({ place }) => {
      if (isOnGround(place)) return [];
      const holder = gearOf(shelf, tree.byId.get(place.in)!);
      const cavity = holder.cavities.find(({ id }) => id === place.cavity);
      return [holder.cavities.length > 1 ? `${holder.name}, ${cavity?.name}` : holder.name];
    });
    const ground = isOnGround(outermost.place) ? outermost.place.on : 'mat';
    const spot: Spot = { ground, within: within.reverse(), count: placement.count };
    const own = spots.get(placement.gear) ?? [];
    const same = own.findIndex((other) => keyOf(other) === keyOf(spot));
    spots.set(
      placement.gear,
      same < 0
        ? [...own, spot]
        : own.map((other, at) =>
            at === same ? { ...other, count: other.count + spot.count } : other,
          ),
    );
  }
  return spots;
}

/** A text that two spots share where they are the same place. */
export function keyOf({ ground, within }: Spot): string {
  return JSON.stringify([ground, within]);
}

function inOrder(spots: readonly Spot[]): readonly Spot[] {
  return [...spots].sort((one, other) => (keyOf(one) < keyOf(other) ? -1 : 1));
}

/** Whether two figures are not the same. */
export function differ(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) !== JSON.stringify(other);
}
