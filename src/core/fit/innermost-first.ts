import { branchOf, isOnGround, treeOf, type Loadout, type Placement, type Shelf } from '../loadout';

/** What is known of the placements that are within others, by their ids. */
export type Known<T> = ReadonlyMap<string, T>;

/**
 * Works something out for every placement of a loadout, by its id, from the innermost outwards; kept until the kit or the
 * shelf changes.
 */
export function innermostFirst<T>(
  workOut: (placement: Placement, loadout: Loadout, shelf: Shelf, known: Known<T>) => T,
): (loadout: Loadout, shelf: Shelf) => Known<T> {
  const kept = new WeakMap<Loadout, { readonly shelf: Shelf; readonly found: Known<T> }>();
  return (loadout, shelf) => {
    const before = kept.get(loadout);
    if (before?.shelf === shelf) return before.found;
    const tree = treeOf(loadout);
    const found = new Map<string, T>();
    for (const root of loadout.placements) {
      if (!isOnGround(root.place)) continue;
      for (const placement of [...branchOf(tree, root.id)].reverse()) {
        found.set(placement.id, workOut(placement, loadout, shelf, found));
      }
    }
    kept.set(loadout, { shelf, found });
    return found;
  };
}
