import { above0, amountRange, leastAmount, upTo, whole, whyNotInRange } from '@/core/gear';
import { dayOf, isDay, lastDayOf, whyNotDay } from '@/core/quantity';

describe('a figure', () => {
  it.each([
    [0, upTo(10), null],
    [-0, upTo(10), null],
    [leastAmount, upTo(10), null],
    [leastAmount / 2, upTo(10), 'is below 0.000001'],
    [5e-324, upTo(10), 'is below 0.000001'],
    [10, upTo(10), null],
    [10.1, upTo(10), 'is above 10'],
    [-1, upTo(10), 'is below 0'],
    [0, above0(10), 'is not above 0'],
    [NaN, above0(10), 'is not a number'],
    [Infinity, upTo(10), 'is not a number'],
    [1.5, whole(0, 10), 'is not a whole number, 0 or more'],
    [0, whole(1, 10), 'is not a whole number, 1 or more'],
    [11, whole(1, 10), 'is above 10'],
    [-12, amountRange('sleep'), null],
    [-71, amountRange('sleep'), 'is below -70'],
    [-12, amountRange('carry-water'), 'is below 0'],
    [1e308, amountRange('flame'), 'is above 1000000000'],
  ])('%d in %j', (value, range, why) => {
    expect(whyNotInRange(value, range)).toBe(why);
  });
});

describe('a day', () => {
  it.each([
    ['1900-01-01', null],
    ['2199-12-31', null],
    ['2028-02-29', null],
    ['2027-02-29', 'is not a day of the calendar'],
    ['2026-00-10', 'is not a day of the calendar'],
    ['2026-04-31', 'is not a day of the calendar'],
    ['1899-12-31', 'is not a day from 1900 to 2199'],
    ['2200-01-01', 'is not a day from 1900 to 2199'],
    ['12026-10-10', 'is not a date like 2027-04-30'],
    ['2026-1-1', 'is not a date like 2027-04-30'],
    ['', 'is not a date like 2027-04-30'],
  ])('%s', (text, why) => {
    expect(whyNotDay(text)).toBe(why);
    expect(isDay(text)).toBe(why === null);
  });

  it('is written with four digits of a year, and months end when they do', () => {
    expect(dayOf(50, 1, 2)).toBe('0050-01-02');
    expect([lastDayOf(2100, 2), lastDayOf(2000, 2), lastDayOf(2026, 12)]).toEqual([28, 29, 31]);
  });
});
