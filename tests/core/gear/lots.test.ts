import fc from 'fast-check';
import {
  goodOn,
  inOrderOfUse,
  lotsCounting,
  lotsOf,
  pastOn,
  unsoundGear,
  type Lot,
} from '@/core/gear';
import { newPlacement } from '@/core/loadout';
import { waysOf } from '@/core/ways';
import { cells } from '@/core/catalogue/kind';
import { benchOf, gear, kit } from '../../support/benches';
import { cell, supplyOf } from '../../support/kits-of-needs';

function lot(id: string, count: number, goodUntil: string | null, more: Partial<Lot> = {}): Lot {
  return {
    id,
    count,
    goodUntil,
    cameOn: null,
    openedOn: null,
    filledOn: null,
    checkedOn: null,
    store: '',
    storedOn: null,
    ...more,
  };
}

const early = lot('early', 3, '2027-01-31');
const late = lot('late', 2, '2029-06-30');
const undated = lot('undated', 4, null);

describe('lots', () => {
  it('are one of all there is, while nobody says more', () => {
    expect(lotsOf(gear('a', { count: 3, goodUntil: '2027-01-01' }))).toEqual([
      lot('all', 3, '2027-01-01'),
    ]);
    expect(lotsOf(gear('a', { count: 0 }))).toEqual([]);
  });

  it('are used in the order of their dates, those without one last', () => {
    expect(inOrderOfUse([undated, late, early]).map(({ id }) => id)).toEqual([
      'early',
      'late',
      'undated',
    ]);
  });

  it('count on a day what is within its date then, the day itself counted in', () => {
    const of = gear('a', { count: 9, lots: [early, late, undated] });
    expect(goodOn(of, '2027-01-31')).toBe(9);
    expect(goodOn(of, '2027-02-01')).toBe(6);
    expect(goodOn(of, '2030-01-01')).toBe(4);
    expect(goodOn(of, null)).toBe(9);
  });

  it.each<[string, number, readonly (readonly [string, number])[]]>([
    [
      'fewer, from what runs out first',
      7,
      [
        ['early', 1],
        ['late', 2],
        ['undated', 4],
      ],
    ],
    [
      'a lot used up',
      5,
      [
        ['late', 1],
        ['undated', 4],
      ],
    ],
    [
      'as many as before',
      9,
      [
        ['early', 3],
        ['late', 2],
        ['undated', 4],
      ],
    ],
    [
      'more, to the one that says nothing of its own',
      12,
      [
        ['early', 3],
        ['late', 2],
        ['undated', 7],
      ],
    ],
  ])('become %s', (_, count, left) => {
    const lots = lotsCounting([early, late, undated], count);
    expect(lots.map(({ id, count: of }) => [id, of])).toEqual(left);
  });

  it('that each have a date get one more without, for what came since', () => {
    expect(lotsCounting([early], 5)).toEqual([early, lot('lot-2', 2, null)]);
  });

  it('always agree with the count', () => {
    const anyLots = fc
      .array(
        fc.tuple(fc.integer({ min: 1, max: 9 }), fc.constantFrom(null, '2027-01-01', '2028-02-29')),
        {
          minLength: 1,
          maxLength: 6,
        },
      )
      .map((found) => found.map(([count, day], at) => lot(`lot-${at}`, count, day)));
    fc.assert(
      fc.property(anyLots, fc.integer({ min: 0, max: 60 }), (lots, count) => {
        const after = lotsCounting(lots, count);
        expect(after.reduce((sum, each) => sum + each.count, 0)).toBe(count);
        if (count > 0) expect(unsoundGear(gear('a', { count, lots: after }))).toBeNull();
      }),
    );
  });

  it('of another count than the gear are refused, and so is a day that is none', () => {
    expect(unsoundGear(gear('a', { count: 4, lots: [early] }))).toMatchObject({
      field: 'lots',
      message: 'Its lots are 3 together, and there are 4 of it.',
    });
    const wrong = lot('x', 1, '2027-02-30');
    expect(unsoundGear(gear('a', { lots: [wrong] }))).toMatchObject({ field: 'lots[0].goodUntil' });
  });

  it('past their date light no lamp: those that are not, do', () => {
    const lamp = gear('lamp', { supplies: [supplyOf('light', [cells('AA alkaline', 3)])] });
    const batteries = gear('aa', {
      count: 5,
      supplies: [cell('AA alkaline')],
      lots: [lot('old', 3, '2026-01-31'), lot('new', 2, '2031-01-31')],
    });
    const on = { on: 'body' } as const;
    const { shelf } = benchOf([lamp, batteries], []);
    const loadout = kit('k', [newPlacement('lamp', 'lamp', on), newPlacement('aa', 'aa', on, 5)]);
    const lit = (day: string) => waysOf(loadout, shelf, day).all.some(({ job }) => job === 'light');
    expect([lit('2026-01-31'), lit('2026-02-01')]).toEqual([true, false]);
    expect(pastOn(batteries, '2026-02-01')).toEqual({ goodUntil: '2026-01-31', past: 3 });
    expect(pastOn(batteries, '2026-01-31')).toEqual({ goodUntil: null, past: 0 });
  });
});
