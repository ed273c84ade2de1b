import { gearFromTable } from '@/core/exchange/gear-table';
import { guessColumns } from '@/core/exchange/columns';
import { readTable } from '@/core/exchange/table';
import { inFields, lotOf, type Gear } from '@/core/gear';
import { workedOut } from '@/core/kit';
import { newPlacement, type Bench, type Loadout } from '@/core/loadout';
import { absenceOf, careTaken, duesOf, heldInKit, heldOn } from '@/core/upkeep';
import { applied } from '../../support/benches';
import { foundIn, kindDay, kindKit } from '../../support/kinds-judged';
import { benchOfKinds } from '../../support/kits-of-kinds';

function lot(id: string, more: Parameters<typeof lotOf>[1], count = 1) {
  return inFields({ ...lotOf(count, more), id });
}

describe('two lots in two kits', () => {
  const one = benchOfKinds({
    holds: 'tinder-tabs',
    brief: {},
    gear: {
      'tinder-tabs': {
        count: 2,
        lots: [lot('old', { goodUntil: '2026-01-01' }), lot('new', { goodUntil: '2030-01-01' })],
      },
    },
  });
  const k = one.loadouts.get('k')!;
  const bench: Bench = {
    ...one,
    loadouts: new Map([
      ['k', k],
      ['k2', { ...k, id: 'k2', name: 'Second' }],
    ]),
  };

  it('are dealt once: what is past its date is in one of them, as the list of what is due says', () => {
    const past = ['k', 'k2'].filter((id) => {
      const kit = workedOut(bench, bench.loadouts.get(id)!, kindDay);
      return foundIn(kit, 'keep/expired').length > 0;
    });
    const due = heldOn(bench, kindDay).filter((held) => held.lot.id === 'old');
    expect(past).toEqual(due.map(({ kit }) => kit!.id));
    expect(past).toHaveLength(1);
  });
});

describe('a kit that goes along', () => {
  it('is stored where it is stored itself: water of a box in the car is no fresher in a kit of the house', () => {
    const lots = [
      lot('a', { goodUntil: '2029-06-01', cameOn: '2024-06-01', storedOn: '2024-06-01' }),
    ];
    const base = benchOfKinds({
      holds: 'belt-knife',
      brief: { storedIn: 'house' },
      shelf: 'drinking-water',
      gear: { 'drinking-water': { lots } },
    });
    const k = base.loadouts.get('k')!;
    const box = {
      ...k,
      id: 'box',
      name: 'Water box',
      brief: { ...k.brief!, storedIn: 'vehicle' as const },
      placements: [newPlacement('w', 'drinking-water', { on: 'body' })],
    };
    const along = [{ id: 'm', kit: 'box', place: { on: 'body' } as const }];
    const bench: Bench = {
      ...base,
      loadouts: new Map<string, Loadout>([
        ['box', box],
        ['k', { ...k, modules: along }],
      ]),
    };
    for (const id of ['box', 'k']) {
      const { ways } = workedOut(bench, bench.loadouts.get(id)!, '2027-09-21');
      expect([...ways.absences.values()]).toEqual(['past its date']);
    }
  });
});

describe('what is opened or cut', () => {
  function after(bench: Bench, command: Parameters<typeof applied>[1]): readonly Gear[] {
    return [...applied(bench, command).shelf.values()];
  }

  it('is the oldest, with its own date and the day on which it was opened', () => {
    const jars = benchOfKinds({
      holds: '2 peanut-butter',
      gear: {
        'peanut-butter': {
          lots: [lot('a', { goodUntil: '2027-10-01' }), lot('b', { goodUntil: '2029-10-01' })],
        },
      },
    });
    const [closed, opened] = after(jars, {
      do: 'use',
      gear: 'peanut-butter',
      amount: 125,
      openedId: 'opened',
      from: null,
      on: '2027-09-01',
    });
    expect(closed!.lots.map(({ goodUntil }) => goodUntil)).toEqual(['2029-10-01']);
    expect(opened!.lots.map(({ goodUntil, openedOn }) => [goodUntil, openedOn])).toEqual([
      ['2027-10-01', '2027-09-01'],
    ]);
  });

  it('keeps its mark: a hank that is to be renewed is so in both parts', () => {
    const cords = benchOfKinds({
      holds: '2 cord',
      gear: {
        cord: {
          lots: [
            lot('a', { cameOn: '2015-10-01', amiss: 'renew' }),
            lot('b', { cameOn: '2027-01-01' }),
          ],
        },
      },
    });
    const lines = after(cords, {
      do: 'cut',
      gear: 'cord',
      lengthsM: [5],
      ids: ['c1', 'c2'],
      from: null,
    });
    const marks = lines.map(({ lots }) => lots.map(({ amiss, cameOn }) => [cameOn, amiss]));
    expect(marks).toEqual([
      [['2027-01-01', null]],
      [['2015-10-01', 'renew']],
      [['2015-10-01', 'renew']],
    ]);
  });
});

describe('care', () => {
  const care = [
    { act: 'recharge', everyMonths: 4 },
    { act: 'inspect', everyMonths: 6 },
  ] as const;

  function cared(lots: Gear['lots'], count: number) {
    const bench = benchOfKinds({
      holds: '2 cell-18650',
      brief: {},
      gear: { 'cell-18650': { count, care, lots } },
    });
    const dues = heldInKit(bench.loadouts.get('k')!, bench.shelf, kindDay)
      .flatMap((held) => duesOf(held).dues)
      .filter(({ on }) => on < kindDay);
    const taken = careTaken(bench, dues, kindDay);
    if (!taken.ok) throw new Error(taken.problem.message);
    return applied(bench, taken.value)
      .shelf.get('cell-18650')!
      .lots.map((each) => [each.count, each.filledOn, each.checkedOn]);
  }

  it('of a part of a lot is all on the same pieces', () => {
    expect(cared([lot('a', { cameOn: '2026-01-01' }, 5)], 5)).toEqual([
      [3, null, null],
      [2, kindDay, kindDay],
    ]);
  });

  it('is not lost where a lot becomes as another is', () => {
    const lots = [
      lot('b', { cameOn: '2026-01-01', filledOn: kindDay, kit: 'k' }),
      lot('a', { cameOn: '2026-01-01', filledOn: '2026-01-01', kit: 'k' }),
    ];
    const checked = cared(lots, 2).filter(([, , on]) => on === kindDay);
    expect(checked.length).toBeGreaterThan(0);
  });
});

describe('a column of dates', () => {
  function fromTable(text: string): readonly Gear[] {
    const table = readTable(text);
    if (!table.ok) throw new Error(table.problem.message);
    const columns = guessColumns(table.value);
    const money = { units: 'metric', currency: 'EUR' } as const;
    const { gear, notUnderstood } = gearFromTable(table.value, columns, money, () => 'new');
    expect(notUnderstood).toEqual([]);
    return gear;
  }

  it('counts beside the day on which a line says it was bought', () => {
    const [rice] = fromTable('name;good until\n"Rice, bought 2024-05-01";2026-05-31');
    expect(absenceOf(rice!, '2030-01-01')).toBe('past its date');
  });

  it('of counts makes one lot of so many', () => {
    const [rice] = fromTable('name;count\n"Rice, bought 2024-05-01";3');
    expect([rice!.count, rice!.lots.map(({ count }) => count)]).toEqual([3, [3]]);
  });
});

describe('what is past its date', () => {
  it('within the months that a kit is for is said, by the day on which the needs look', () => {
    const kit = kindKit({
      holds: 'trail-meal',
      brief: { when: { on: 'months', fromMonth: 6, toMonth: 8, nights: 3 } },
      gear: { 'trail-meal': { lots: [lot('a', { goodUntil: '2028-05-31' })] } },
    });
    expect(foundIn(kit, 'keep/expired')).toEqual([
      'warn: Trail meal is good until 2028-05-31, and the months of its brief end on 2028-08-31.',
    ]);
  });
});

describe('a hot store', () => {
  it('spoils by its hottest month, whenever the trip is', () => {
    const found = ['2027-07-10', '2028-01-10'].map((from) =>
      foundIn(
        kindKit({
          holds: 'gas-canister',
          brief: { storedIn: 'vehicle', place: null, when: { on: 'days', from, to: from } },
        }),
        'harm/heat',
      ),
    );
    expect(found[0]).toHaveLength(1);
    expect(found[1]).toEqual(found[0]);
    expect(found[0]![0]).toContain(
      '41 °C in July, if it stands in a temperate country: Gas canister',
    );
  });
});
