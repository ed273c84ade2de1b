import type { Bulk } from '../gear';
import { gearOf, totalsOf, treeOf, type Loadout, type Shelf } from '../loadout';
import { innermostFirst, type Known } from './innermost-first';
import type { Placement } from '../loadout';
import type { PackedForm, Sides, SoftForm } from './load/cargo';
import { sidesInOrder } from './load/forms';

/** Of one of its count, by the placement’s id; null where some of it has no size. */
type Leasts = Known<PackedForm | null>;

/**
 * What every piece of a loadout cannot be less than from outside, however it is filled: what proofs go by. Null where some
 * of it has no size.
 */
export const leastsOf = innermostFirst(leastOfPlacement);

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
