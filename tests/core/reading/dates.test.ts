import fc from 'fast-check';
import { dayAfter } from '@/core/quantity';
import { readLine } from '@/core/reading';

const metric = { id: 'new', units: 'metric', currency: 'EUR' } as const;

function read(line: string) {
  const outcome = readLine(line, metric);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value.gear;
}

describe('days in a typed line', () => {
  it.each([
    ['6 candles good until 2027-04-30', '2027-04-30'],
    ['6 candles best before 03/2029', '2029-03-31'],
    ['6 candles, exp 02/28', '2028-02-29'],
    ['6 candles (exp. 2027-02)', '2027-02-28'],
    ['6 candles use by 12 March 2028', '2028-03-12'],
    ['6 candles best before March 2028', '2028-03-31'],
    ['6 candles expires Mar 5, 2028', '2028-03-05'],
    ['6 candles good until 30.04.2027', '2027-04-30'],
    ['6 candles good until 30/04/2027', '2027-04-30'],
    ['6 candles good until 04/30/2027', '2027-04-30'],
    ['6 candles best before end 2028', '2028-12-31'],
    ['6 candles until the end of 2028', '2028-12-31'],
    // A year alone may be its beginning.
    ['6 candles good until 2028', '2028-01-01'],
  ])('%s', (line, goodUntil) => {
    expect(read(line)).toMatchObject({ name: 'Candles', count: 6, kind: 'candle', goodUntil });
  });

  it('of buying, filling and opening are those of one lot', () => {
    const can = read('water can 5 L filled 2026-05, bought May 2025');
    expect(can).toMatchObject({ kind: 'water-can', goodUntil: null });
    expect(can.lots).toMatchObject([{ count: 1, filledOn: '2026-05-01', cameOn: '2025-05-01' }]);
    const cells = read('4 AAA batteries bought 2026-01-10 best before 03/2029');
    expect(cells).toMatchObject({ count: 4, goodUntil: null });
    expect(cells.lots).toMatchObject([{ count: 4, cameOn: '2026-01-10', goodUntil: '2029-03-31' }]);
  });

  it.each([
    ['candle good until 03/04/2027', 'can be two days'],
    ['candle good until 2027-02-30', 'not a day of the calendar'],
    ['candle exp 13/2027', 'not a day of the calendar'],
    ['oat bar opened 2026-05-01 bought 2026-06-01', 'opened'],
  ])('%s is refused', (line, why) => {
    const outcome = readLine(line, metric);
    expect(outcome.ok ? '' : outcome.problem.message).toContain(why);
  });

  it.each([
    'sleeping bag good to -10 °C',
    'folding saw made of steel',
    'until dawn candle',
    'water bag filled 2 L',
    'mirror 20/20',
  ])('%s has none', (line) => {
    const gear = read(line);
    expect([gear.goodUntil, gear.lots]).toEqual([null, []]);
  });

  it('are the same in every way of writing that is clear', () => {
    const names = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ');
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 9000 }), (days) => {
        const day = dayAfter('2020-01-01', days);
        const [year, month, date] = day.split('-') as [string, string, string];
        const ways = [
          day,
          `${date}.${month}.${year}`,
          `${Number(date)} ${names[Number(month) - 1]} ${year}`,
          `${year}/${month}/${date}`,
        ];
        for (const way of ways) expect(read(`candle good until ${way}`).goodUntil).toBe(day);
      }),
      { numRuns: 40 },
    );
  });
});
