import { execFileSync } from 'node:child_process';
import fc from 'fast-check';
import { dayAfter, daysBetween, isDay, monthsAfter } from '@/core/quantity';

const byHand = {
  'a day at the end of a month': '2027-02-01',
  'a day that a zone left out': '2011-12-30',
  'over a change of the clock in spring': 2,
  'over a change of the clock at midnight': '2026-09-06',
  'over a change of the clock in autumn': 2,
  'to the last of February': '2028-02-29',
  'to the last of a shorter month': '2027-11-30',
  'to a leap day’s month': '2029-02-28',
  'a year before a leap day': '2027-02-28',
  'backwards over a new year': '2026-12-31',
  'a leap year’s days': 366,
};

describe('days of a calendar', () => {
  it.each(['Pacific/Apia', 'America/Santiago', 'Europe/Dublin'])(
    'are the same by a clock in %s',
    (TZ) => {
      const printed = execFileSync(
        process.execPath,
        ['--import', 'tsx/esm', 'tests/support/days-worked.ts'],
        { env: { ...process.env, TZ }, encoding: 'utf8' },
      );
      expect(JSON.parse(printed)).toEqual(byHand);
    },
  );

  const anyDay = fc
    .date({ min: new Date('1910-01-01'), max: new Date('2190-12-31'), noInvalidDate: true })
    .map((date) => date.toISOString().slice(0, 10));

  it('are counted there and back (law)', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: -3000, max: 3000 }), (day, days) => {
        const after = dayAfter(day, days);
        expect(isDay(after)).toBe(true);
        expect(daysBetween(day, after)).toBe(days);
        expect(dayAfter(after, -days)).toBe(day);
      }),
    );
  });

  it('months later are on the same day of the month, or its last (law)', () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: 0, max: 100 }), (day, months) => {
        const after = monthsAfter(day, months);
        expect(isDay(after)).toBe(true);
        expect(after.slice(8) <= day.slice(8)).toBe(true);
        if (after.slice(8) !== day.slice(8)) {
          expect(dayAfter(after, 1).slice(8)).toBe('01');
        }
      }),
    );
  });

  it('outside the years that are believed are the first or the last of them', () => {
    expect([dayAfter('2199-12-31', 1), dayAfter('1900-01-01', -1)]).toEqual([
      '2199-12-31',
      '1900-01-01',
    ]);
  });
});
