import { treeOf, type Loadout } from '../loadout';
import { conditionIds, type ConditionId, type Loss } from '../loadout';

/** Everything that can be lost of a kit, in its order: pieces, each holder with something in it, and conditions. */
export function whatCanBeLost(
  whole: Loadout,
  conditions: readonly ConditionId[] = conditionIds,
): readonly Loss[] {
  const tree = treeOf(whole);
  const holders = whole.placements.filter(({ id }) => tree.within(id).length > 0);
  return [
    ...whole.placements.map(({ id: placement }): Loss => ({ kind: 'piece', placement })),
    ...holders.map(({ id: placement }): Loss => ({ kind: 'holder', placement })),
    ...conditions.map((condition): Loss => ({ kind: 'condition', condition })),
  ];
}
