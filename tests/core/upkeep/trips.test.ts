import { newPlacement, type Trip } from '@/core/loadout';
import {
  costOfKeeping,
  dueListOf,
  dueOnTrip,
  newTrip,
  pastTripsOf,
  touchedOn,
  tripAhead,
  tripToTell,
} from '@/core/upkeep';
import { benchOf, gear, kit } from '../../support/benches';
import { after, keptIn, lot } from '../../support/upkeep';

const today = '2027-03-10';

function trip(id: string, to: string, used: readonly string[], more: Partial<Trip> = {}): Trip {
  const pieces = ['knife', 'saw'].map((each) => ({
    gear: each,
    name: each,
    wasUsed: used.includes(each),
  }));
  const about = { id, kit: 'k', kitName: 'k', name: '', from: to, to };
  return { ...about, pieces, missed: [], note: '', ...more };
}

const days = (from: string, to: string) =>
  keptIn('house', { name: 'lakes', when: { on: 'days', from, to } });

const bench = benchOf(
  [
    gear('knife'),
    gear('saw'),
    gear('cells', { count: 4, lots: [lot('a', 4, { goodUntil: '2027-03-21' })] }),
  ],
  [
    {
      ...kit('k', [
        newPlacement('knife', 'knife', { on: 'body' }),
        newPlacement('saw', 'saw', { on: 'mat' }),
        newPlacement('cells', 'cells', { on: 'mat' }, 4),
      ]),
      brief: days('2027-03-20', '2027-03-24'),
      otherBriefs: [days('2026-09-24', '2026-09-28')],
    },
  ],
);
const own = bench.loadouts.get('k')!;

describe('after a trip', () => {
  it('is asked about once it is over, until it is told of', () => {
    expect(tripToTell(own, bench, today)).toEqual({
      name: 'lakes',
      from: '2026-09-24',
      to: '2026-09-28',
    });
    expect(tripToTell(own, bench, '2026-09-28')).toBeNull();
    const told = newTrip('t', own, bench, tripToTell(own, bench, today)!, {
      used: new Set(['knife']),
      missed: ['a dry bag'],
      note: '',
    });
    expect(told.pieces.map(({ gear: id, wasUsed }) => [id, wasUsed])).toEqual([
      ['knife', true],
      ['saw', false],
      ['cells', false],
    ]);
    const kept1 = after(bench, { do: 'keep trip', trip: told });
    expect(tripToTell(own, kept1, today)).toBeNull();
    expect(tripToTell(own, kept1, '2027-03-25')).toMatchObject({ to: '2027-03-24' });
  });

  it('counts on how many of the last trips a piece was never touched', () => {
    const trips = [
      trip('c', '2027-02-01', ['knife']),
      trip('a', '2026-01-01', ['knife', 'saw']),
      trip('b', '2026-06-01', []),
    ];
    const told = trips.reduce((now, each) => after(now, { do: 'keep trip', trip: each }), bench);
    expect(touchedOn(told).get('saw')).toEqual({ trips: 3, used: 1, untouchedSince: 2 });
    expect(touchedOn(told).get('knife')).toEqual({ trips: 3, used: 2, untouchedSince: 0 });
    expect(pastTripsOf('k', told).map(({ id }) => id)).toEqual(['c', 'b', 'a']);
  });

  it('is not kept where it ends before it began, or tells of a piece twice', () => {
    const [one] = trip('t', today, []).pieces;
    for (const wrong of [
      { from: '2027-03-11' },
      { to: '2027-02-30' },
      { pieces: [one!, one!] },
    ] as const) {
      expect(() => after(bench, { do: 'keep trip', trip: trip('t', today, [], wrong) })).toThrow();
    }
  });
});

describe('ahead of a trip', () => {
  it('says what falls due while the kit is away', () => {
    const ahead = tripAhead(own, today)!;
    expect(ahead).toMatchObject({ from: '2027-03-20' });
    const { dues } = dueListOf(bench, today);
    expect(dueOnTrip(dues, 'k', ahead).map(({ gear: { id }, on }) => [id, on])).toEqual([
      ['cells', '2027-03-21'],
    ]);
    expect(dueOnTrip(dues, 'k', { from: '2027-03-22', to: '2027-03-24' })).toEqual([]);
    expect(tripAhead(own, '2027-03-25')).toBeNull();
  });
});

describe('what keeping costs in a year', () => {
  it('is the price over the years that things last where they lie', () => {
    const shelf = [
      gear('rations', {
        count: 6,
        priceMinor: 1000,
        lots: [lot('a', 6, { cameOn: '2026-01-01', goodUntil: '2028-01-01' })],
      }),
      gear('filter', { priceMinor: 3000, care: [{ act: 'replace', everyMonths: 12 }] }),
      gear('wipes', { priceMinor: null, care: [{ act: 'replace', everyMonths: 6 }] }),
      gear('wish', { ownership: 'wished', care: [{ act: 'replace', everyMonths: 6 }] }),
    ];
    const here = benchOf(shelf, [kit('k', [newPlacement('r', 'rations', { on: 'house' }, 4)])]);
    const all = costOfKeeping(here, today);
    expect(all.lines.map(({ gear: { id }, count, kit: of }) => [id, count, of?.id])).toEqual([
      ['filter', 1, undefined],
      ['rations', 4, 'k'],
      ['rations', 2, undefined],
      ['wipes', 1, undefined],
    ]);
    // 730 days are 23.98 months: six of 10.00 over two years are 30.02 a year.
    expect(all.minorAYear).toBeCloseTo(3000 + (6000 * 12) / (730 / (365.25 / 12)), 6);
    expect(all.unpriced).toBe(1);
    expect(costOfKeeping(here, today, 'k').minorAYear).toBeCloseTo(2001.4, 0);
  });
});
