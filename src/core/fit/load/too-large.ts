import { tooWideFor } from '../mouth';
import {
  hullOf,
  volumeMm3,
  type BoxForm,
  type Container,
  type PackedForm,
  type Sides,
  type SoftForm,
} from './cargo';
import { sidesInOrder, stancesOf, type Stance } from './forms';
import { hair, isInside } from './solid';
import type { Why } from './why';

/**
 * Why a form does not go into an empty container, where that shows at once: it does not pass the mouth, may not be turned,
 * or is in no stance inside and too thick or too long to lie at an angle. With the figures that laying it out gives. Null
 * where it does not show at once.
 */
export function tooLargeFor(container: Container, form: PackedForm): Why | null {
  if (form.shape === 'soft') return whySoftNever(container, form, tooLargeFor);
  const { mouth } = container;
  const tooWide = tooWideFor(form, { inside: insideOf(container), mouth });
  if (tooWide && mouth.shape !== 'section') return { why: 'mouth', ...tooWide };
  const [thin, , long] = sidesInOrder(form);
  const mayTilt =
    !form.upright &&
    thin <= Math.min(...hullOf(container)) + hair &&
    long <= longestWithin(container) + hair;
  const stances = stancesOf(form);
  if (mayTilt || stances.some((each) => isInside(inTheMiddle(container, each), container))) {
    return null;
  }
  const why = whyTooLarge(container, form, stances);
  if (!form.upright) return why;
  const lying = stancesOf({ ...form, upright: false });
  return lying.some((each) => isInside(inTheMiddle(container, each), container))
    ? { why: 'upright', byMm: why.byMm, isLid: why.why === 'lid' }
    : why;
}

/** Why something soft does not go in, what does not bend in it asked by `whyNot`. */
export function whySoftNever(
  container: Container,
  form: SoftForm,
  whyNot: (container: Container, form: PackedForm) => Why | null,
): Why | null {
  const hull = hullOf(container);
  const roomMl = volumeMm3(container) / 1000;
  if (form.tightMl > roomMl + hair) return { why: 'pressed', needsMl: form.tightMl, roomMl };
  const byMm = form.longestRigidMm - longestWithin(container);
  if (byMm > hair) return { why: 'too long', byMm };
  const mouth = tooWideFor(form, { inside: insideOf(container), mouth: container.mouth });
  if (mouth) return { why: 'mouth', ...mouth };
  const thick = form.thinnestMm - Math.min(...hull);
  if (thick > hair) return { why: 'too thick', byMm: thick };
  return form.coreMm ? whyNot(container, coreOf(form.coreMm)) : null;
}

/** What does not bend in a soft piece, as a box that may be turned. */
function coreOf([heightMm, widthMm, lengthMm]: Sides): BoxForm {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

type TooLarge = Why & { readonly why: 'lid' | 'too long' };

/** The way of standing that is out by least, and by how much. */
export function whyTooLarge(
  container: Container,
  form: PackedForm,
  stances: readonly Stance[],
): TooLarge {
  const hull = hullOf(container);
  const isRound = container.shape === 'cylinder';
  let least: TooLarge = { why: 'too long', byMm: Infinity };
  let leastMm = Infinity;
  for (const { sizeMm, axis } of stances) {
    const aside =
      isRound && axis !== 'z'
        ? Math.hypot(sizeMm[0], sizeMm[1]) - hull[0]
        : Math.max(sizeMm[0] - hull[0], sizeMm[1] - hull[1]);
    const above = sizeMm[2] - hull[2];
    const byMm = Math.max(aside, above);
    const isLid = aside <= hair;
    if (byMm > leastMm + hair || (byMm > leastMm - hair && !isLid)) continue;
    leastMm = byMm;
    const isUpright = form.shape !== 'soft' && form.upright;
    least = isLid ? { why: 'lid', byMm, isUpright } : { why: 'too long', byMm };
  }
  return least;
}

export function inTheMiddle(container: Container, { sizeMm, axis }: Stance) {
  const hull = hullOf(container);
  return {
    atMm: [(hull[0] - sizeMm[0]) / 2, (hull[1] - sizeMm[1]) / 2, 0] as unknown as Sides,
    sizeMm,
    axis,
  };
}

export function insideOf(container: Container) {
  return container.shape === 'box'
    ? {
        shape: 'box' as const,
        lengthMm: container.sizeMm[0],
        widthMm: container.sizeMm[1],
        heightMm: container.sizeMm[2],
      }
    : container;
}

export function longestWithin(container: Container): number {
  return container.shape === 'box'
    ? Math.hypot(...container.sizeMm)
    : Math.hypot(container.diameterMm, container.heightMm);
}
