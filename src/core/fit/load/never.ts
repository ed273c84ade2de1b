import { tooWideFor } from '../mouth';
import { volumeMm3, type Container, type LoadItem, type PackedForm } from './cargo';
import { leastVolumeMm3, stancesOf, type Stance } from './forms';
import { isInside } from './solid';
import { goesInTilted } from './tilted';
import { insideOf, inTheMiddle, whySoftNever, whyTooLarge } from './too-large';
import { canReach } from './way-in';
import type { Why } from './why';

/** Why a piece does not go into an empty container, filled as it is; null where it does. */
export function whyNeverIn(container: Container, { form, least }: LoadItem): Why | null {
  const why = whyNever(container, form);
  if (!why || !least) return why;
  return whyNever(container, least) ?? { why: 'filled', so: why };
}

/** Whether a form goes into an empty container, in any stance: whyNever without the reason, which takes longer. */
export function goesIn(container: Container, form: PackedForm): boolean {
  if (form.shape === 'soft') return whySoftNever(container, form, whyNever) === null;
  return stancesInside(container, form).some((stance) =>
    canReach(container, [], inTheMiddle(container, stance), form),
  );
}

function stancesInside(container: Container, form: PackedForm): readonly Stance[] {
  return stancesOf(form).filter((stance) => isInside(inTheMiddle(container, stance), container));
}

/** Why a form does not go into an empty container at all; null where it does. Proven but for `no turning`. */
export function whyNever(container: Container, form: PackedForm): Why | null {
  if (form.shape === 'soft') return whySoftNever(container, form, whyNever);
  if (goesIn(container, form)) return null;
  const stances = stancesOf(form);
  const inside = stancesInside(container, form);
  const mouth = tooWideFor(form, { inside: insideOf(container), mouth: container.mouth });
  if (mouth && container.mouth.shape !== 'section') return { why: 'mouth', ...mouth };
  if (inside.length > 0) return { why: 'no turning' };
  const tooLarge = whyTooLarge(container, form, stances);
  if (form.upright && whyNever(container, { ...form, upright: false }) === null) {
    return { why: 'upright', byMm: tooLarge.byMm, isLid: tooLarge.why === 'lid' };
  }
  return goesInTilted(container, form) ? { why: 'at an angle' } : tooLarge;
}

/**
 * What all pieces together take too much, pressed tight and with all hollows full, in mL; 0 or less where the sum does
 * not speak against it.
 */
export function tooMuchMl(container: Container, items: readonly LoadItem[]): number {
  const sum = items.reduce(
    (taken, { form, least, hollow }) =>
      taken + leastVolumeMm3(least ?? form) - (hollow ? volumeMm3(hollow) : 0),
    0,
  );
  return (sum - volumeMm3(container)) / 1000;
}
