import fc from 'fast-check';
import type { Mouth } from '@/core/gear';
import type { Container, Load, LoadItem } from '@/core/fit/laid-out';
import { leastVolumeMm3 } from '@/core/fit/load/forms';

const open: Mouth = { shape: 'section' };

export function tin(length: number, width: number, height: number, mouth = open): Container {
  return { shape: 'box', sizeMm: [length, width, height], mouth };
}

export function can(diameterMm: number, heightMm: number, mouth = open): Container {
  return { shape: 'cylinder', diameterMm, heightMm, mouth };
}

export function box(
  id: string,
  [lengthMm, widthMm, heightMm]: readonly [number, number, number],
  upright = false,
): LoadItem {
  return { id, form: { shape: 'box', lengthMm, widthMm, heightMm, upright } };
}

export function cylinder(
  id: string,
  diameterMm: number,
  heightMm: number,
  upright = false,
): LoadItem {
  return { id, form: { shape: 'cylinder', diameterMm, heightMm, upright } };
}

export function soft(
  id: string,
  looseMl: number,
  tightMl: number,
  thinnestMm = 5,
  longestRigidMm = 0,
): LoadItem {
  return { id, form: { shape: 'soft', looseMl, tightMl, thinnestMm, longestRigidMm } };
}

const sides = (from: number, to: number) => fc.integer({ min: from, max: to });

const anyForm = fc.oneof(
  fc
    .tuple(sides(5, 80), sides(5, 50), sides(4, 40), fc.boolean())
    .map(([a, b, c, upright]) => box('', [a, b, c], upright).form),
  fc
    .tuple(sides(5, 40), sides(5, 80), fc.boolean())
    .map(([d, h, upright]) => cylinder('', d, h, upright).form),
  fc
    .tuple(sides(20, 120), sides(5, 20), sides(1, 15), sides(0, 60))
    .map(([loose, tight, thin, rigid]) => soft('', loose, tight, thin, rigid).form),
);

const anyMouth: fc.Arbitrary<Mouth> = fc.oneof(
  { weight: 2, arbitrary: fc.constant(open) },
  {
    weight: 1,
    arbitrary: sides(15, 90).map((diameterMm) => ({ shape: 'round' as const, diameterMm })),
  },
  {
    weight: 1,
    arbitrary: fc
      .tuple(sides(30, 90), sides(10, 60))
      .map(([lengthMm, widthMm]) => ({ shape: 'slot' as const, lengthMm, widthMm })),
  },
);

const anyContainer: fc.Arbitrary<Container> = fc.oneof(
  fc
    .tuple(sides(40, 200), sides(30, 150), sides(15, 120), anyMouth)
    .map(([l, w, h, mouth]) => tin(l, w, h, mouth)),
  fc.tuple(sides(40, 150), sides(30, 200), anyMouth).map(([d, h, mouth]) => can(d, h, mouth)),
);

/** Tins and cans with any mouth, and up to a dozen pieces of all forms: most fit, some cannot. */
export const anyLoad: fc.Arbitrary<Load> = fc
  .tuple(anyContainer, fc.array(anyForm, { maxLength: 12 }), fc.boolean())
  .map(([container, forms, isSoftInParts]) => ({
    container,
    isSoftInParts,
    items: forms.map((form, at) => ({ id: `piece-${at}`, form })),
  }));

/** A rigid form with walls of a millimetre or two, and the room inside them, as for a mug or a tin. */
const anyHollow: fc.Arbitrary<LoadItem> = fc.oneof(
  fc
    .tuple(sides(25, 90), sides(20, 110), sides(1, 3), fc.boolean())
    .map(([d, h, wall, upright]) => ({
      ...cylinder('', d, h, upright),
      hollow: can(d - 2 * wall, h - wall),
    })),
  fc
    .tuple(sides(25, 90), sides(20, 70), sides(15, 60), sides(1, 3), fc.boolean())
    .map(([l, w, h, wall, upright]) => ({
      ...box('', [l, w, h], upright),
      hollow: tin(l - 2 * wall, w - 2 * wall, h - wall),
    })),
);

const anyCord: fc.Arbitrary<LoadItem> = fc
  .tuple(sides(20, 80), sides(10, 20), sides(2, 8))
  .map(([loose, tight, thin]) => ({ ...soft('', loose, tight, thin), isCord: true }));

const anyPiece: fc.Arbitrary<LoadItem> = fc
  .tuple(
    fc.oneof(
      { weight: 5, arbitrary: anyForm.map((form): LoadItem => ({ id: '', form })) },
      { weight: 2, arbitrary: anyHollow },
      { weight: 1, arbitrary: anyCord },
    ),
    sides(0, 900),
    fc.boolean(),
  )
  .map(([piece, massG, isUrgent]) => ({ ...piece, massG, isUrgent }));

/** How roomy a container is for what goes in: by volume, from too small to half as large again. */
const anyEase = fc.double({ min: 0.9, max: 1.6, noNaN: true });

function containerFor(
  items: readonly LoadItem[],
  ease: number,
  flat: number,
  mouth: Mouth,
  isRound: boolean,
) {
  const volume = ease * items.reduce((sum, { form }) => sum + leastVolumeMm3(form), 0);
  const side = Math.cbrt(volume);
  return isRound
    ? can(side * flat * 1.13, side / flat ** 2, mouth)
    : tin(side * flat, side, side / flat, mouth);
}

/** Loads as {@link anyLoad}, tight ones, with hollow pieces, cord to be wound, masses, and what is wanted first. */
export const richLoad: fc.Arbitrary<Load> = fc
  .record({
    pieces: fc.array(anyPiece, { minLength: 2, maxLength: 7 }),
    ease: anyEase,
    flat: fc.double({ min: 0.8, max: 1.4, noNaN: true }),
    mouth: fc.oneof(
      { weight: 3, arbitrary: fc.constant(open) },
      { weight: 1, arbitrary: anyMouth },
    ),
    isRound: fc.boolean(),
    isSoftInParts: fc.boolean(),
    isWorn: fc.boolean(),
  })
  .map(({ pieces, ease, flat, mouth, isRound, isSoftInParts, isWorn }) => {
    const items = pieces.map((piece, at) => ({ ...piece, id: `piece-${at}` }));
    return {
      container: containerFor(items, ease, flat, mouth, isRound),
      items,
      isSoftInParts,
      isWorn,
    };
  });
