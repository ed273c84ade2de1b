import type { Form } from '../../gear';
import type { Load, LoadItem, Stowage, Stowed } from './cargo';
import { stancesOf } from './forms';
import { isInside, overlap, volumeOf } from './solid';
import { canReach } from './way-in';

/** Millimetres, and parts in a million of a volume, that sums of fractions may be out by. */
const slack = 1e-5;

/**
 * Everything that is wrong with an answer, in words; none where it holds. It knows nothing of how the answer was
 * found: each piece is once placed or left, in a size and a stance that its form allows, inside, apart from all
 * others, and could be brought to its place past those before it.
 */
export function wrongWith(load: Load, stowage: Stowage): readonly string[] {
  const items = new Map(load.items.map((item) => [item.id, item]));
  const wrong = [...wrongWithList(load, stowage)];
  stowage.placed.forEach((stowed, at) => {
    const item = items.get(stowed.id);
    if (!item) return;
    const earlier = stowage.placed.slice(0, at);
    if (!hasItsForm(stowed, item.form)) wrong.push(`${stowed.id} is not as large as it is.`);
    if (!isInside(stowed, load.container)) wrong.push(`${stowed.id} is not inside.`);
    for (const other of earlier) {
      if (overlap(stowed, other)) wrong.push(`${stowed.id} and ${other.id} are in one place.`);
    }
    if (!canReach(load.container, earlier, stowed, item.form)) {
      wrong.push(`${stowed.id} cannot be brought to its place.`);
    }
  });
  return wrong;
}

function wrongWithList(load: Load, { fits, placed, left }: Stowage): readonly string[] {
  const wrong: string[] = [];
  const seen = new Map<string, number>();
  for (const { id } of [...placed, ...left]) seen.set(id, (seen.get(id) ?? 0) + 1);
  for (const { id } of load.items as readonly LoadItem[]) {
    if (seen.get(id) !== 1) wrong.push(`${id} is told of ${seen.get(id) ?? 0} times.`);
    seen.delete(id);
  }
  for (const id of seen.keys()) wrong.push(`${id} is not of this load.`);
  if (fits !== (left.length === 0)) wrong.push('Whether all fits is told wrongly.');
  return wrong;
}

function hasItsForm(stowed: Stowed, form: Form): boolean {
  if (form.shape !== 'soft') {
    return stancesOf(form).some(
      ({ sizeMm, axis }) =>
        axis === stowed.axis && sizeMm.every((mm, k) => Math.abs(mm - stowed.sizeMm[k]!) <= slack),
    );
  }
  const volumeMl = volumeOf(stowed) / 1000;
  return (
    volumeMl >= form.tightMl * (1 - slack) &&
    volumeMl <= form.looseMl * (1 + slack) &&
    Math.min(...stowed.sizeMm) >= form.thinnestMm - slack &&
    Math.hypot(...stowed.sizeMm) >= form.longestRigidMm - slack
  );
}
