import fc from 'fast-check';
import type { Mouth } from '@/core/gear';
import { volumeMm3 } from '@/core/fit/laid-out';
import type { Container, Load, LoadItem, SoftForm, Stowed } from '@/core/fit/laid-out';
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

/** A piece in its place, as an answer tells of it. */
export function at(
  id: string,
  atMm: Stowed['atMm'],
  sizeMm: Stowed['sizeMm'],
  more: Partial<Stowed> = {},
): Stowed {
  return { id, atMm, sizeMm, axis: null, ...more };
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

/** A pouch with hard things in it, which could be filled another way too. */
const anyFilled: fc.Arbitrary<LoadItem> = fc
  .tuple(sides(8, 30), sides(8, 40), sides(10, 70), sides(5, 60), fc.boolean())
  .map(([a, b, c, clothMl, isMostlyHard]): LoadItem => {
    const coreMm = [a, b, c].sort((one, other) => one - other) as [number, number, number];
    const coreMl = (a * b * c) / 1000;
    const tightMl = coreMl + clothMl;
    const least: SoftForm = {
      shape: 'soft',
      tightMl: tightMl * 0.8,
      looseMl: tightMl * 1.4,
      thinnestMm: 3,
      longestRigidMm: 0,
      coreMm: [coreMm[0] / 2, coreMm[1] / 2, coreMm[2] / 2],
    };
    const boxed = box('', [coreMm[2], coreMm[1], (tightMl * 1000) / (coreMm[1] * coreMm[2])]).form;
    const form = isMostlyHard ? boxed : { ...least, tightMl, looseMl: tightMl * 1.4, coreMm };
    return { id: '', form, least };
  });

const anyPiece: fc.Arbitrary<LoadItem> = fc
  .tuple(
    fc.oneof(
      { weight: 5, arbitrary: anyForm.map((form): LoadItem => ({ id: '', form })) },
      { weight: 2, arbitrary: anyHollow },
      { weight: 1, arbitrary: anyCord },
      { weight: 2, arbitrary: anyFilled },
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
  const outside = items.reduce((sum, { form }) => sum + leastVolumeMm3(form), 0);
  const hollow = items.reduce((sum, item) => sum + (item.hollow ? volumeMm3(item.hollow) : 0), 0);
  const volume = ease * Math.max(outside - 0.25 * hollow, outside * 0.6);
  const side = Math.cbrt(volume);
  return isRound
    ? can(side * flat * 1.13, side / flat ** 2, mouth)
    : tin(side * flat, side, side / flat, mouth);
}

/** A rod and a cord in a can that takes the cord only when it is wound round the rod, and a disc beside them. */
const woundLoad: fc.Arbitrary<Load> = fc
  .tuple(sides(8, 40), sides(60, 160), sides(4, 25), sides(0, 8), fc.boolean())
  .map(([d, h, tightMl, spareMm, upright]) => {
    const wound = 2 * Math.sqrt(d ** 2 / 4 + (tightMl * 1000) / (Math.PI * h));
    return {
      container: can(wound + 0.5 + spareMm / 4, h + 12),
      items: [
        { ...cylinder('rod', d, h, upright), massG: 90 },
        { ...soft('cord', tightMl * 1.5, tightMl, wound), isCord: true },
        cylinder('disc', wound, 10),
      ],
      isSoftInParts: true,
    };
  });

/** A mug with a tin in it, in a box too low for the mug to stand: both are laid down together, where they may be. */
const lyingLoad: fc.Arbitrary<Load> = fc
  .tuple(sides(40, 90), sides(20, 60), sides(2, 30), fc.boolean(), fc.boolean(), anyCord)
  .map(([d, more, less, isTinUpright, isMugUpright, cord]) => {
    const h = d + more;
    return {
      container: tin(h + 4, d + 4, d + 3),
      items: [
        { ...cylinder('mug', d, h, isMugUpright), hollow: can(d - 4, h - 2), massG: 120 },
        { ...cylinder('tin', d - 6, Math.max(10, h - less - 4), isTinUpright), isUrgent: true },
        { ...cord, id: 'cord' },
      ],
      isSoftInParts: true,
    };
  });

/**
 * Loads as {@link anyLoad}, tight ones, with hollow pieces, cord to be wound, filled pouches, masses, and what is wanted
 * first.
 */
const mixedLoad: fc.Arbitrary<Load> = fc
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

/** Mixed loads, and often those in which a nest has to be wound, or has to lie. */
export const richLoad: fc.Arbitrary<Load> = fc.oneof(
  { weight: 6, arbitrary: mixedLoad },
  { weight: 1, arbitrary: woundLoad },
  { weight: 1, arbitrary: lyingLoad },
);
