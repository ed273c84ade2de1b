import type { Bulk } from '../gear';
import {
  branchOf,
  gearOf,
  isOnGround,
  totalsOf,
  treeOf,
  type Loadout,
  type Shelf,
} from '../loadout';
import type { Placement } from '../loadout';
import type { PackedForm, Sides, SoftForm } from './load/cargo';
import { sidesInOrder } from './load/forms';

/** By the placement’s id, one of its count; null where some of it has no size. */
export type Leasts = ReadonlyMap<string, PackedForm | null>;

const known = new WeakMap<Loadout, { readonly shelf: Shelf; readonly leasts: Leasts }>();

/**
 * What every piece of a loadout cannot be less than from outside, however it is filled: what proofs go by. Kept until the
 * kit or the shelf changes.
 */
export function leastsOf(loadout: Loadout, shelf: Shelf): Leasts {
  const kept = known.get(loadout);
  if (kept?.shelf === shelf) return kept.leasts;
  const tree = treeOf(loadout);
  const leasts = new Map<string, PackedForm | null>();
  for (const root of loadout.placements) {
    if (!isOnGround(root.place)) continue;
    for (const placement of [...branchOf(tree, root.id)].reverse()) {
      leasts.set(placement.id, leastOfPlacement(placement, loadout, shelf, leasts));
    }
  }
  known.set(loadout, { shelf, leasts });
  return leasts;
}

function leastOfPlacement(
  placement: Placement,
  loadout: Loadout,
  shelf: Shelf,
  leasts: Leasts,
): PackedForm | null {
  const { id } = placement;
  const { form } = gearOf(shelf, placement);
  const inside = treeOf(loadout).within(id);
  if (form === null || form.shape !== 'soft' || inside.length === 0) return form;
  const { bulk, unmeasured } = totalsOf(loadout, shelf).branches.get(id)!;
  return unmeasured > 0 ? null : leastOf(form, bulk, inside, leasts);
}

/** No block of it is thinner, narrower or shorter than any hard piece in it. */
function leastOf(
  cloth: SoftForm,
  bulk: Bulk,
  inside: readonly Placement[],
  known: Leasts,
): PackedForm {
  const leasts = inside.flatMap(({ id }) => known.get(id) ?? []);
  const hard = leasts.filter((form) => form.shape !== 'soft' || form.coreMm);
  const soft = leasts.filter((form): form is SoftForm => form.shape === 'soft');
  const least: SoftForm = {
    ...cloth,
    ...bulk,
    thinnestMm: Math.max(cloth.thinnestMm, ...soft.map((form) => form.thinnestMm)),
    longestRigidMm: Math.max(cloth.longestRigidMm, ...soft.map((form) => form.longestRigidMm)),
  };
  if (hard.length === 0) return least;
  const sides = hard.map(sidesInOrder);
  const coreMm = [0, 1, 2].map((k) => Math.max(...sides.map((each) => each[k]!)));
  return { ...least, coreMm: coreMm as unknown as Sides };
}
