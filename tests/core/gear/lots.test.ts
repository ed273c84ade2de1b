import fc from 'fast-check';
import {
  inOrderOfUse,
  lotsCounting,
  lotsOf,
  sharedOut,
  withShares,
  unsoundGear,
  type Lot,
} from '@/core/gear';
import { newPlacement } from '@/core/loadout';
import { pastAmong, sharesIn } from '@/core/upkeep';
import { waysOf } from '@/core/ways';
import { benchOf, gear, kit } from '../../support/benches';
import { cell, looseCells, supplyOf } from '../../support/kits-of-needs';

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
    kit: null,
    amiss: null,
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

  it('are shared out: where they are known to lie, then the oldest that is good, each once', () => {
    const here = lot('here', 2, '2026-01-31', { kit: 'box' });
    const given = sharedOut(
      [here, early, late, undated],
      [
        { kit: 'bag', count: 4 },
        { kit: 'box', count: 3 },
      ],
      ({ goodUntil }) => goodUntil === null || goodUntil >= '2027-06-01',
    );
    const told = (shares: readonly { readonly lot: Lot; readonly count: number }[]) =>
      shares.map(({ lot: { id }, count }) => [id, count]);
    expect(given.shares.map(told)).toEqual([
      [
        ['late', 2],
        ['undated', 2],
      ],
      [
        ['here', 2],
        ['undated', 1],
      ],
    ]);
    expect(told(given.rest)).toEqual([
      ['early', 3],
      ['undated', 1],
    ]);
  });

  it('that lie in a kit which wants none of them are given to who does, last', () => {
    const elsewhere = lot('elsewhere', 2, null, { kit: 'gone' });
    const { shares } = sharedOut([elsewhere, early], [{ kit: 'bag', count: 4 }], () => true);
    expect(shares[0]!.map(({ lot: { id }, count }) => [id, count])).toEqual([
      ['early', 3],
      ['elsewhere', 1],
    ]);
  });

  it('change in part, and are one again once their history is the same', () => {
    const of = gear('a', { count: 5, lots: [lot('a', 5, '2027-01-31')] });
    const checked = withShares(of, [{ lot: of.lots[0]!, count: 2 }], () => ({
      checkedOn: '2026-05-01',
    }));
    expect(checked.lots).toEqual([
      lot('a', 3, '2027-01-31'),
      lot('lot-2', 2, '2027-01-31', { checkedOn: '2026-05-01' }),
    ]);
    const all = withShares(checked, [{ lot: checked.lots[0]!, count: 3 }], () => ({
      checkedOn: '2026-05-01',
    }));
    expect(all.lots.map(({ count }) => count)).toEqual([5]);
    const gone = withShares(checked, [{ lot: checked.lots[1]!, count: 2 }], () => null);
    expect([gone.count, gone.lots, gone.goodUntil]).toEqual([3, [], '2027-01-31']);
  });

  it('shared out and changed always agree with the count (law)', () => {
    const anyLot = fc.record({
      count: fc.integer({ min: 1, max: 9 }),
      goodUntil: fc.constantFrom(null, '2027-01-01', '2028-02-29'),
      kit: fc.constantFrom(null, 'k1', 'k2'),
    });
    const wanting = fc.record({
      kit: fc.constantFrom('k1', 'k2', 'k3'),
      count: fc.integer({ min: 1, max: 12 }),
    });
    fc.assert(
      fc.property(
        fc.array(anyLot, { minLength: 1, maxLength: 5 }),
        fc.array(wanting, { maxLength: 4 }),
        (found, wanted) => {
          const lots = found.map(({ count, ...known }, at) =>
            lot(`l${at}`, count, known.goodUntil, known),
          );
          const total = lots.reduce((sum, { count }) => sum + count, 0);
          const { shares, rest } = sharedOut(lots, wanted, () => true);
          const given = [...shares.flat(), ...rest];
          for (const each of lots) {
            const out = given.filter((share) => share.lot === each);
            expect(out.reduce((sum, { count }) => sum + count, 0)).toBe(each.count);
          }
          shares.forEach((own, at) =>
            expect(own.reduce((sum, { count }) => sum + count, 0)).toBeLessThanOrEqual(
              wanted[at]!.count,
            ),
          );
          const of = gear('a', { count: total, lots });
          const after = withShares(of, shares[0] ?? [], () => ({ checkedOn: '2026-05-01' }));
          expect(after.count).toBe(total);
          expect(unsoundGear(after)).toBeNull();
        },
      ),
    );
  });

  it('of days that cannot be are refused, and why', () => {
    const why = (more: Partial<Lot>) =>
      unsoundGear(gear('a', { lots: [lot('x', 1, more.goodUntil ?? null, more)] }))?.message;
    expect(why({ cameOn: '2026-05-02', openedOn: '2026-05-01' })).toBe(
      'It was opened on 2026-05-01, and made or bought on 2026-05-02: the later of the two cannot come first.',
    );
    expect(why({ cameOn: '2026-05-02', goodUntil: '2026-05-01' })).toMatch('after that');
    expect(why({ checkedOn: '2026-02-29' })).toMatch('not a day of the calendar');
    expect(why({ cameOn: '2026-05-02', openedOn: '2026-05-02' })).toBeUndefined();
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
    const lamp = gear('lamp', { supplies: [supplyOf('light', [looseCells(3)])] });
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
    const past = (day: string) =>
      pastAmong(batteries, sharesIn(loadout, shelf, day).get('aa')!, day, loadout);
    expect(past('2026-02-01')).toMatchObject({ goodUntil: '2026-01-31', past: 3 });
    expect(past('2026-01-31')).toMatchObject({ goodUntil: null, past: 0 });
  });
});
