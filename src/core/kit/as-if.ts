import {
  branchOf,
  treeOf,
  withModules,
  type Bench,
  type Loadout,
  type Placement,
} from '../loadout';
import type { Lost } from '../ways';
import type { Loss } from '../loadout';

/**
 * A kit as it would be with some of it lost: the items are out of it, a holder with all that is in it. What was in a holder
 * that broke by itself lies on the mat. Kits that go along are laid into it, as a loss may take of them too. What holds is
 * not in the kit: it is told where the kit is worked out.
 *
 * @param own a kit of the bench; it stays as it is.
 */
export function asIfLost(bench: Bench, own: Loadout, { pieces, holders }: Lost): Loadout {
  const whole = withModules(bench, own);
  // Under what only holds, a kit of its own all the same, so that nobody takes the one for the other.
  if (pieces.size + holders.size === 0) return { ...own };
  const tree = treeOf(whole);
  const gone = new Set([...holders].flatMap((id) => branchOf(tree, id).map((each) => each.id)));
  const broken = new Set(
    [...pieces].flatMap(([id, many]) => (many >= (tree.byId.get(id)?.count ?? 0) ? [id] : [])),
  );
  const placements = whole.placements.flatMap((placement): readonly Placement[] => {
    const { id, count, place } = placement;
    if (gone.has(id) || broken.has(id)) return [];
    const left = count - (pieces.get(id) ?? 0);
    const isLoose = 'in' in place && broken.has(place.in);
    return [{ ...placement, count: left, place: isLoose ? { on: 'mat' } : place }];
  });
  return { ...whole, modules: [], placements };
}

/** What of losses is still there to be lost: what is no longer in the kit is left out. */
export function stillThere(whole: Loadout, losses: readonly Loss[]): readonly Loss[] {
  const { byId } = treeOf(whole);
  return losses.filter((loss) => loss.kind === 'condition' || byId.has(loss.placement));
}
