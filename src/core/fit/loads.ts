import type { Cavity, Form, Gear } from '../gear';
import {
  gearOf,
  totalsOf,
  treeOf,
  type Loadout,
  type LoadoutTotals,
  type Placement,
  type Shelf,
} from '../loadout';
import { fitByBulk } from './by-bulk';
import type { FitAnswer, FitItem } from './question';

/** One cavity of a placed holder, and how what is in it fits. */
export interface CavityLoad {
  readonly placement: string;
  readonly cavity: string;
  readonly answer: FitAnswer;
}

/** How every cavity of a loadout is filled, in the order of the placements. */
export function loadsOf(loadout: Loadout, shelf: Shelf): readonly CavityLoad[] {
  return loadout.placements.flatMap((placement) =>
    gearOf(shelf, placement).cavities.map((cavity) => ({
      placement: placement.id,
      cavity: cavity.id,
      answer: loadIn(loadout, shelf, placement.id, cavity),
    })),
  );
}

/** How one cavity of a placed holder is filled. */
export function loadIn(
  loadout: Loadout,
  shelf: Shelf,
  placementId: string,
  cavity: Cavity,
): FitAnswer {
  return fitByBulk({ cavity, items: itemsIn(loadout, shelf, placementId, cavity.id) });
}

/** A piece to pack, and the gear it is one of. */
export interface CavityItem extends FitItem {
  readonly gear: Gear;
}

/** The pieces in a cavity of a placed holder. */
export function itemsIn(
  loadout: Loadout,
  shelf: Shelf,
  placementId: string,
  cavityId: string,
): readonly CavityItem[] {
  const totals = totalsOf(loadout, shelf);
  return treeOf(loadout)
    .inCavity(placementId, cavityId)
    .flatMap((held) => itemsOf(held, shelf, totals));
}

/** A placement as pieces to pack: each counted one by itself, a filled soft holder as large as it has become. */
function itemsOf(placement: Placement, shelf: Shelf, totals: LoadoutTotals): readonly CavityItem[] {
  const gear = gearOf(shelf, placement);
  const branch = totals.branches.get(placement.id)!;
  const form = gear.form && outsideForm(gear.form, branch.bulk, placement.count);
  const massG = branch.massG / placement.count;
  return Array.from({ length: placement.count }, (_, at) => ({
    id: placement.count === 1 ? placement.id : `${placement.id}#${at + 1}`,
    name: gear.name,
    form: branch.unmeasured > 0 ? null : form,
    massG,
    gear,
  }));
}

function outsideForm(
  form: Form,
  bulk: { readonly tightMl: number; readonly looseMl: number },
  count: number,
): Form {
  return form.shape === 'soft'
    ? { ...form, tightMl: bulk.tightMl / count, looseMl: bulk.looseMl / count }
    : form;
}
