import { isOnGround, type Ground, type Loadout, type Place, type Placement } from './bench';

/** A loadout's placements by the place they are in, each list in the loadout's order. */
export interface Tree {
  readonly byId: ReadonlyMap<string, Placement>;
  readonly on: (ground: Ground) => readonly Placement[];
  readonly inCavity: (placementId: string, cavityId: string) => readonly Placement[];
  /** All that is directly in any cavity of a placement. */
  readonly within: (placementId: string) => readonly Placement[];
}

const nothing: readonly Placement[] = [];

const trees = new WeakMap<Loadout, Tree>();

/** The tree of a loadout, built in one pass over the placements and kept for as long as the loadout is. */
export function treeOf(loadout: Loadout): Tree {
  const kept = trees.get(loadout);
  if (kept) return kept;
  const tree = builtTree(loadout);
  trees.set(loadout, tree);
  return tree;
}

function builtTree(loadout: Loadout): Tree {
  const byId = new Map<string, Placement>();
  const byPlace = new Map<string, Placement[]>();
  const byHolder = new Map<string, Placement[]>();
  for (const placement of loadout.placements) {
    byId.set(placement.id, placement);
    push(byPlace, keyOf(placement.place), placement);
    if (!isOnGround(placement.place)) push(byHolder, placement.place.in, placement);
  }
  return {
    byId,
    on: (ground) => byPlace.get(keyOf({ on: ground })) ?? nothing,
    inCavity: (id, cavity) => byPlace.get(keyOf({ in: id, cavity })) ?? nothing,
    within: (id) => byHolder.get(id) ?? nothing,
  };
}

/** The placement and all that is in it, at any depth, holders before what they hold. */
export function branchOf(tree: Tree, placementId: string): readonly Placement[] {
  const branch: Placement[] = [];
  const waiting = [placementId];
  for (let id = waiting.pop(); id !== undefined; id = waiting.pop()) {
    const placement = tree.byId.get(id);
    if (!placement) continue;
    branch.push(placement);
    for (const inner of [...tree.within(id)].reverse()) waiting.push(inner.id);
  }
  return branch;
}

/** The holders around a placement, from the innermost to the one that stands on a ground. */
export function holdersAround(tree: Tree, placement: Placement): readonly Placement[] {
  const holders: Placement[] = [];
  let place: Place = placement.place;
  while (!isOnGround(place)) {
    const holder = tree.byId.get(place.in);
    if (!holder || holders.includes(holder)) break;
    holders.push(holder);
    place = holder.place;
  }
  return holders;
}

/** The ground that a placement stands on in the end. */
export function groundUnder(tree: Tree, placement: Placement): Ground {
  const outermost = holdersAround(tree, placement).at(-1) ?? placement;
  return isOnGround(outermost.place) ? outermost.place.on : 'mat';
}

/**
 * How many holders are around each placement, by its id: 0 for what stands on a ground. Those that are inside
 * themselves are left out. Takes time linear in the placements.
 */
export function depthsOf(loadout: Loadout): ReadonlyMap<string, number> {
  const tree = treeOf(loadout);
  const depths = new Map<string, number>();
  const waiting = loadout.placements.filter(({ place }) => isOnGround(place)).reverse();
  for (const { id } of waiting) depths.set(id, 0);
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    for (const inner of tree.within(next.id)) {
      depths.set(inner.id, depths.get(next.id)! + 1);
      waiting.push(inner);
    }
  }
  return depths;
}

/** The placements that are inside themselves, by their ids; empty for a sound loadout. */
export function looped(loadout: Loadout): readonly string[] {
  const depths = depthsOf(loadout);
  return loadout.placements.filter(({ id }) => !depths.has(id)).map(({ id }) => id);
}

function keyOf(place: Place): string {
  return isOnGround(place) ? `on ${place.on}` : `in ${place.in} ${place.cavity}`;
}

function push(lists: Map<string, Placement[]>, key: string, placement: Placement): void {
  const list = lists.get(key);
  if (list) list.push(placement);
  else lists.set(key, [placement]);
}
