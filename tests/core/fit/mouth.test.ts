import fc from 'fast-check';
import type { Cavity, Form, Mouth } from '@/core/gear';
import { tooWideFor } from '@/core/fit';
import { holder } from '../../support/benches';

const roomy: Cavity = {
  ...holder('h').cavities[0]!,
  inside: { shape: 'box', lengthMm: 500, widthMm: 400, heightMm: 300 },
};

function through(mouth: Mouth, form: Form) {
  return tooWideFor(form, { ...roomy, mouth });
}

function box(lengthMm: number, widthMm: number, heightMm: number): Form {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

function cylinder(diameterMm: number, heightMm: number): Form {
  return { shape: 'cylinder', diameterMm, heightMm, upright: false };
}

const bottleMouth: Mouth = { shape: 'round', diameterMm: 44 };
const slot: Mouth = { shape: 'slot', lengthMm: 100, widthMm: 30 };

describe('the mouth of a cavity', () => {
  it.each<[string, Mouth, Form, boolean]>([
    ['a lighter through a bottle’s mouth', bottleMouth, box(80, 24, 13), true],
    ['a headlamp, 45 × 42 mm at the least', bottleMouth, box(62, 45, 42), false],
    // The smallest section is 33 × 30 mm, so its corners are on a circle of 44.6 mm.
    ['a box whose corners touch the ring', bottleMouth, box(60, 33, 30), false],
    ['a box whose corners just pass', bottleMouth, box(60, 32, 30), true],
    ['a rod as thick as the mouth', bottleMouth, cylinder(44, 200), true],
    ['a coin wider than the mouth, though thin', bottleMouth, cylinder(50, 3), false],
    ['a coin on edge through a slot', slot, cylinder(90, 3), true],
    ['a coin wider than the slot is long', slot, cylinder(101, 3), false],
    ['a can thicker than the slot', slot, cylinder(60, 60), false],
    ['a card along the slot', slot, box(86, 54, 1), true],
    // Turned by 14°: 102 cos + 3 sin = 99.7 of 100 mm, and 102 sin + 3 cos = 27.6 of 30 mm.
    ['a card that goes in slantwise', slot, box(300, 102, 3), true],
    ['a card too long even slantwise', slot, box(300, 106, 3), false],
    [
      'cloth as thin as it gets',
      bottleMouth,
      { shape: 'soft', looseMl: 900, tightMl: 600, thinnestMm: 40, longestRigidMm: 0 },
      true,
    ],
    [
      'a roll that gets no thinner than 60 mm',
      bottleMouth,
      { shape: 'soft', looseMl: 900, tightMl: 600, thinnestMm: 60, longestRigidMm: 0 },
      false,
    ],
    ['a lid as large as the section', { shape: 'section' }, box(500, 400, 10), true],
    ['a board larger than the section', { shape: 'section' }, box(700, 450, 410), false],
  ])('%s', (_, mouth, form, passes) => {
    expect(through(mouth, form) === null).toBe(passes);
  });

  it('is the section of a round cavity where it is open all over', () => {
    const pot: Cavity = {
      ...roomy,
      inside: { shape: 'cylinder', diameterMm: 148, heightMm: 86 },
      mouth: { shape: 'section' },
    };
    expect(tooWideFor(cylinder(148, 300), pot)).toBeNull();
    expect(tooWideFor(cylinder(149, 10), pot)).toEqual({ needsMm: [149], mouthMm: [148] });
  });

  it('stops nothing that passed a narrower one, whichever way the sides are written', () => {
    const side = fc.integer({ min: 1, max: 200 });
    fc.assert(
      fc.property(side, side, side, side, side, side, (a, b, c, long, wide, more) => {
        const narrow: Mouth = { shape: 'slot', lengthMm: long, widthMm: wide };
        const wider: Mouth = { shape: 'slot', lengthMm: wide + more, widthMm: long };
        if (through(narrow, box(a, b, c)) === null) {
          expect(through(wider, box(c, a, b))).toBeNull();
        }
      }),
    );
  });
});
