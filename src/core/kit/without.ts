import { branchOf, treeOf, type Loadout } from '../loadout';

/** A kit without some of its pieces, and without what is in them. */
export function without(loadout: Loadout, gone: Iterable<string>): Loadout {
  const tree = treeOf(loadout);
  const all = new Set([...gone].flatMap((id) => branchOf(tree, id).map((each) => each.id)));
  return { ...loadout, placements: loadout.placements.filter(({ id }) => !all.has(id)) };
}
