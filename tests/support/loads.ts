import fc from 'fast-check';
import type { Mouth } from '@/core/gear';
import type { Container, Load, LoadItem } from '@/core/fit/laid-out';

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
