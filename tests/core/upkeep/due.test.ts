import fc from 'fast-check';
import { careActs, type Gear, type Lot } from '@/core/gear';
import { newPlacement } from '@/core/loadout';
import { monthsAfter } from '@/core/quantity';
import {
  absenceOf,
  byMonthOf,
  careTaken,
  countedFrom,
  dueListOf,
  everyMonths,
  nextDue,
  overdueDays,
  warmthOf,
} from '@/core/upkeep';
import { benchOf, kit } from '../../support/benches';
import { after, kept, keptIn, lot } from '../../support/upkeep';

const today = '2027-03-10';
const on = { on: 'house' } as const;

function boxOf(gear: readonly Gear[], counts: readonly number[] = gear.map(({ count }) => count)) {
  const placements = gear.map(({ id }, at) => newPlacement(id, id, on, counts[at]));
  return benchOf(gear, [kit('box', placements)]);
}

function told(bench: ReturnType<typeof boxOf>) {
  return dueListOf(bench, today).dues.map(({ gear, act, on: day, count, kit: of }) => [
    of?.id ?? null,
    gear.id,
    act,
    day,
    count,
  ]);
}

describe('the due list', () => {
  it('has each lot by itself, the earliest first, with what lies on the shelf', () => {
    const water = kept('drinking-water', 'water', [
      lot('old', 6, { goodUntil: '2027-03-31', checkedOn: '2026-12-31' }),
      lot('new', 6, { goodUntil: '2029-03-31', cameOn: '2027-02-28' }),
    ]);
    expect(told(boxOf([water], [8]))).toEqual([
      ['box', 'water', 'replace', '2027-03-31', 6],
      ['box', 'water', 'inspect', '2027-06-30', 6],
      ['box', 'water', 'inspect', '2027-08-28', 2],
      [null, 'water', 'inspect', '2027-08-28', 4],
      ['box', 'water', 'replace', '2029-03-31', 2],
      [null, 'water', 'replace', '2029-03-31', 4],
    ]);
  });

  it('counts care from the last time, or from when it came or was filled', () => {
    const knife = kept('belt-knife', 'knife', [lot('a', 1, { cameOn: '2026-01-31' })]);
    const checked = kept('belt-knife', 'checked', [
      lot('a', 1, { cameOn: '2026-01-31', checkedOn: '2026-08-31' }),
    ]);
    const bank = kept('power-bank', 'bank', [
      lot('a', 1, { cameOn: '2026-01-31', checkedOn: '2027-03-01', filledOn: '2026-10-31' }),
    ]);
    expect(told(boxOf([knife, checked, bank]))).toEqual([
      ['box', 'knife', 'inspect', '2026-07-31', 1],
      ['box', 'checked', 'inspect', '2027-02-28', 1],
      // Looking at it charges nothing.
      ['box', 'bank', 'recharge', '2027-02-28', 1],
    ]);
  });

  it('names what nobody knows to have been done ever, with no day', () => {
    const list = dueListOf(boxOf([kept('belt-knife', 'knife')]), today);
    expect(list.dues).toEqual([]);
    expect(list.never.map(({ gear, act }) => [gear.id, act])).toEqual([['knife', 'inspect']]);
  });

  it('halves the rhythm in a hot store', () => {
    const vehicle = warmthOf('vehicle', null);
    expect([6, 3, 1].map((months) => everyMonths(months, vehicle))).toEqual([3, 1, 1]);
    const box = kit('box', [newPlacement('knife', 'knife', on)]);
    const knife = kept('belt-knife', 'knife', [lot('a', 1, { checkedOn: '2027-01-15' })]);
    const bench = benchOf([knife], [{ ...box, brief: keptIn('vehicle') }]);
    expect(told(bench)).toEqual([['box', 'knife', 'inspect', '2027-04-15', 1]]);
    expect(dueListOf(bench, today).dues[0]).toMatchObject({ isEarlier: true });
  });

  it('leaves out what is only wished for, and what is retired', () => {
    const wish = kept('belt-knife', 'a', [lot('a', 1, { cameOn: '2026-01-31' })], {
      ownership: 'wished',
    });
    const old = kept('belt-knife', 'b', [lot('a', 1, { cameOn: '2026-01-31' })], {
      ownership: 'retired',
    });
    expect(told(boxOf([wish, old]))).toEqual([]);
  });

  it('calls a replacement once: by its date or by its rhythm, whichever comes first', () => {
    const glue = (goodUntil: string | null) =>
      kept('glue', 'glue', [lot('a', 1, { cameOn: '2026-03-01', goodUntil })]);
    expect(told(boxOf([glue('2027-05-31')]))).toEqual([
      ['box', 'glue', 'replace', '2027-05-31', 1],
    ]);
    // Every 18 months.
    expect(told(boxOf([glue('2029-05-31')]))).toEqual([
      ['box', 'glue', 'replace', '2027-09-01', 1],
    ]);
    expect(told(boxOf([glue(null)]))).toEqual([['box', 'glue', 'replace', '2027-09-01', 1]]);
  });

  it('looks a whole kit through half a year after its last round', () => {
    const bench = boxOf([kept('belt-knife', 'knife')]);
    expect(dueListOf(bench, today).kits).toMatchObject([{ on: null, last: null, everyMonths: 6 }]);
    const round = {
      id: 'r',
      kit: 'box',
      kitName: 'Box',
      begunOn: '2026-08-30',
      endedOn: '2026-08-31',
      lines: [],
      unreached: 0,
      note: '',
    };
    const looked = after(bench, { do: 'keep round', round });
    const [due] = dueListOf(looked, today).kits;
    expect(due!.on).toBe('2027-02-28');
    expect(overdueDays({ on: due!.on! }, today)).toBe(10);
    // One that still goes on was no inspection yet.
    const open = after(bench, { do: 'keep round', round: { ...round, endedOn: null } });
    expect(dueListOf(open, today).kits[0]!.on).toBeNull();
  });

  it('looks a kit through for the first time half a year after the last of it came or was looked after', () => {
    const water = kept('drinking-water', 'water', [lot('a', 6, { cameOn: '2026-11-02' })]);
    const knife = kept('belt-knife', 'knife', [lot('a', 1, { checkedOn: '2026-12-24' })]);
    expect(dueListOf(boxOf([water, knife]), today).kits[0]).toMatchObject({
      on: '2027-06-24',
      last: null,
    });
  });

  it('counts tasks from a day in one act, and changes nothing else that is known of them', () => {
    const pen = kept('belt-knife', 'knife', [
      lot('a', 1, { goodUntil: '2028-01-31', amiss: 'renew' }),
    ]);
    const bank = kept('power-bank', 'bank');
    const before = boxOf([pen, bank]);
    const { never } = dueListOf(before, today);
    const counted = countedFrom(before, never, today);
    if (!counted.ok) throw new Error(counted.problem.message);
    const bench = after(before, counted.value);
    const list = dueListOf(bench, today);
    expect(list.never).toEqual([]);
    expect(told(bench)).toEqual([
      ['box', 'bank', 'recharge', '2027-07-10', 1],
      ['box', 'knife', 'inspect', '2027-09-10', 1],
      ['box', 'knife', 'replace', '2028-01-31', 1],
    ]);
    expect(bench.shelf.get('knife')!.lots).toMatchObject([
      { goodUntil: '2028-01-31', amiss: 'renew' },
    ]);
    expect(list.kits[0]!.on).toBe('2027-09-10');
  });

  it('has what is lent, borrowed and taken on the day it goes back', () => {
    const lent = kept('belt-knife', 'lent', [], { lentTo: 'Ida', backBy: '2027-03-01' });
    const borrowed = kept('belt-knife', 'borrowed', [], {
      borrowedFrom: 'Bo',
      backBy: '2027-04-01',
    });
    expect(told(boxOf([lent, borrowed]))).toEqual([
      ['box', 'lent', 'get back', '2027-03-01', 1],
      ['box', 'borrowed', 'give back', '2027-04-01', 1],
    ]);
    expect(absenceOf(borrowed, '2027-04-01')).toBeNull();
    expect(absenceOf(borrowed, '2027-04-02')).toBe('given back');
  });

  const anyDay = fc
    .date({ min: new Date('2024-01-01'), max: new Date('2027-03-10'), noInvalidDate: true })
    .map((date) => date.toISOString().slice(0, 10));
  const dayOrNull = fc.option(anyDay, { nil: null });
  const anyLot = fc
    .record({
      count: fc.integer({ min: 1, max: 6 }),
      filledOn: dayOrNull,
      checkedOn: dayOrNull,
      goodUntil: fc.option(
        anyDay.map((day) => monthsAfter(day, 30)),
        { nil: null },
      ),
      kit: fc.constantFrom(null, 'box'),
    })
    .map(({ count, ...known }) => ({ count, known }));
  const anyGear = fc
    .record({
      kind: fc.constantFrom('drinking-water', 'power-bank', 'glue', 'belt-knife', 'boots'),
      lots: fc.array(anyLot, { minLength: 1, maxLength: 4 }),
    })
    .map(({ kind, lots }) =>
      kept(
        kind,
        'g',
        lots.map(({ count, known }, at): Lot => lot(`l${at}`, count, known)),
      ),
    );

  it('doing what is due never brings it nearer than its rhythm, and loses none (law)', () => {
    fc.assert(
      fc.property(anyGear, fc.integer({ min: 1, max: 12 }), (gear, placed) => {
        const bench = boxOf([gear], [placed]);
        for (const due of dueListOf(bench, today).dues) {
          if (!careActs.includes(due.act as never) || due.because !== 'rhythm') continue;
          const taken = careTaken(bench, [due], today);
          if (!taken.ok) throw new Error(taken.problem.message);
          const next = after(bench, taken.value);
          const piece = next.shelf.get('g')!;
          expect(piece.count).toBe(gear.count);
          expect(piece.lots.reduce((sum, { count }) => sum + count, 0)).toBe(gear.count);
          const care = gear.care.find(({ act }) => act === due.act)!;
          const done = dueListOf(next, today).dues.filter(
            ({ act, because }) => act === due.act && because === 'rhythm',
          );
          const earliest = monthsAfter(today, care.everyMonths);
          const looked = done.filter(({ on: day }) => day >= earliest);
          expect(looked.reduce((sum, { count }) => sum + count, 0)).toBeGreaterThanOrEqual(
            due.count,
          );
        }
      }),
    );
  });

  it('as a forecast by month has every lot once (law)', () => {
    fc.assert(
      fc.property(fc.array(anyGear, { maxLength: 5 }), (pieces) => {
        const gear = pieces.map((piece, at) => ({ ...piece, id: `g${at}` }));
        const { dues } = dueListOf(boxOf(gear), today);
        const sum = [...byMonthOf(dues).values()].reduce((total, count) => total + count, 0);
        expect(sum).toBe(dues.length);
        for (const piece of gear) {
          const acts = new Set(
            dues.filter((due) => due.gear.id === piece.id).map(({ act }) => act),
          );
          for (const act of acts) {
            const own = dues.filter((due) => due.gear.id === piece.id && due.act === act);
            const counted = own.reduce((total, { count }) => total + count, 0);
            const dated = piece.lots.filter((each) => hasDay(piece, each, act));
            expect(counted).toBe(dated.reduce((total, { count }) => total + count, 0));
          }
        }
      }),
    );
  });

  function hasDay(piece: Gear, each: Lot, act: string): boolean {
    const care = piece.care.find((known) => known.act === act);
    const house = warmthOf('house', null);
    if (care && nextDue(each, care, house) !== null) return true;
    return act === 'replace' && each.goodUntil !== null;
  }

  it('refuses to write down care of nothing', () => {
    expect(careTaken(boxOf([]), [], today)).toMatchObject({ ok: false });
  });
});
