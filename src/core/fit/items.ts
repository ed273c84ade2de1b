import { gearOf, totalsOf, treeOf, type Loadout, type Placement, type Shelf } from '../loadout';
import type { Gear } from '../gear';
import { containersOf } from './containers';
import { leastsOf } from './least';
import type { Container } from './load/cargo';
import type { FitItem } from './question';

/** The pieces in a cavity of a placed holder, each counted one by itself. */
export function itemsIn(
  loadout: Loadout,
  shelf: Shelf,
  placementId: string,
  cavityId: string,
): readonly FitItem[] {
  return treeOf(loadout)
    .inCavity(placementId, cavityId)
    .flatMap((held) => itemsOf(held, loadout, shelf));
}

/** A placement as pieces to pack, each as it is from outside with what it holds. */
export function itemsOf(placement: Placement, loadout: Loadout, shelf: Shelf): readonly FitItem[] {
  const { id, count } = placement;
  const gear = gearOf(shelf, placement);
  const isFilled = treeOf(loadout).within(id).length > 0;
  const item = {
    placement: id,
    name: gear.name,
    least: leastsOf(loadout, shelf).get(id) ?? null,
    massG: totalsOf(loadout, shelf).branches.get(id)!.massG / count,
    hollow: isFilled ? null : hollowOf(gear),
    gear,
  };
  return Array.from({ length: count }, (_, at) => ({
    ...item,
    id: count === 1 ? id : `${id}#${at + 1}`,
  }));
}

/** The empty room of a rigid piece that is open as wide as it is; null for others. */
function hollowOf({ form, cavities: [cavity, ...others] }: Gear): Container | null {
  if (!cavity || others.length > 0 || form === null || form.shape === 'soft') return null;
  if (cavity.inside.shape === 'soft' || cavity.mouth.shape !== 'section') return null;
  return containersOf(cavity)[0]!;
}
