import fc from 'fast-check';
import { gearOfKind, kinds, kindOf } from '@/core/catalogue';
import { readLine } from '@/core/reading';
import { withCapacity, withLength, withSides } from '@/core/catalogue/resize';
import { bulkOf, roomMl, type Gear } from '@/core/gear';
import { runs } from '../../support/share';

function typical(kindId: string): Gear {
  return gearOfKind(kindOf(kindId)!, kindId);
}

describe('another capacity', () => {
  it('of a bottle: twice the litres, cube-root sides, surface for mass', () => {
    const two = withCapacity(typical('plastic-bottle'), 2000);
    expect(two.supplies[0]!.amount).toBe(2000);
    // 88 × ∛2 = 110.9; 205 × ∛2 = 258.3; 105 × 2^(2/3) = 166.7
    expect(two.form).toMatchObject({ diameterMm: 110.9, heightMm: 258.3 });
    expect(two.massG).toBe(166.7);
    expect(
      roomMl(two.cavities[0]!.inside) / roomMl(typical('plastic-bottle').cavities[0]!.inside),
    ).toBeCloseTo(2, 1);
  });

  it('of a pack: by all its pockets together, as packs are sold', () => {
    // 3 + 45 + 1.6 + 1.6 + 4.5 L are 55.7 L: half of it is half of each.
    const small = withCapacity(typical('pack'), 27_850);
    expect(small.cavities.find(({ id }) => id === 'main')!.inside).toMatchObject({
      volumeMl: 22_500,
    });
    expect(small.cavities.find(({ id }) => id === 'lid')!.inside).toMatchObject({ volumeMl: 1500 });
  });

  it('of what holds nothing changes nothing', () => {
    expect(withCapacity(typical('whetstone'), 500)).toEqual(typical('whetstone'));
  });
});

describe('another length', () => {
  it('of cord: mass and bulk follow', () => {
    const short = withLength(typical('cord'), 6);
    expect(short.supplies.map(({ amount }) => amount)).toEqual([6, 42, 42]);
    expect(short.massG).toBe(39.2);
    expect(bulkOf(short.form!).looseMl).toBe(104);
  });

  it('of what is not counted in metres changes nothing', () => {
    expect(withLength(typical('pot'), 3)).toEqual(typical('pot'));
  });
});

describe('another outside', () => {
  it('keeps the thickness of the walls', () => {
    const can = typical('food-can');
    const wide = withSides(
      can,
      { shape: 'cylinder', diameterMm: 150, heightMm: 200, upright: false },
      'stated',
    );
    expect(wide.cavities[0]!.inside).toEqual({ shape: 'cylinder', diameterMm: 148, heightMm: 196 });
    expect(wide.formTrust).toBe('stated');
  });

  it('never leaves a cavity larger than the outside, nor none', () => {
    const side = fc.integer({ min: 1, max: 2000 });
    fc.assert(
      fc.property(
        side,
        side,
        side,
        fc.constantFrom(...kinds),
        (lengthMm, widthMm, heightMm, kind) => {
          const box = { shape: 'box', lengthMm, widthMm, heightMm, upright: false } as const;
          const can = { shape: 'cylinder', diameterMm: widthMm, heightMm, upright: false } as const;
          const form = kind.form.shape === 'cylinder' ? can : box;
          const resized = withSides(gearOfKind(kind, 'x'), form, 'stated');
          for (const { inside } of resized.cavities) {
            expect(roomMl(inside)).toBeGreaterThan(0);
            if (inside.shape === form.shape)
              expect(roomMl(inside)).toBeLessThanOrEqual(bulkOf(form).looseMl);
          }
        },
      ),
    );
  });
});

describe('any line at all', () => {
  it('is understood or refused, never thrown at, and what is understood can be kept', () => {
    const word = fc.constantFrom(
      'steel',
      'bottle',
      'cord',
      '1 L',
      '15 m',
      '210 g',
      '90x200mm',
      '3x3 m',
      '€12',
      '2×AAA',
      'x4',
      '7',
      'tarp',
      'pack',
      '0 g',
      '1/2 oz',
      '½ L',
      '"',
      '×',
    );
    fc.assert(
      fc.property(fc.array(word, { maxLength: 8 }), (words) => {
        const outcome = readLine(words.join(' '), { id: 'new', units: 'metric', currency: 'EUR' });
        if (!outcome.ok) {
          expect(outcome.problem.message).not.toBe('');
          return;
        }
        const { massG, count, form, name } = outcome.value.gear;
        expect(name.trim()).not.toBe('');
        expect(massG === null || (massG >= 0 && Number.isFinite(massG))).toBe(true);
        expect(Number.isInteger(count) && count >= 1).toBe(true);
        if (form) expect(bulkOf(form).tightMl).toBeGreaterThan(0);
      }),
      runs(400, 0.2),
    );
  });
});
