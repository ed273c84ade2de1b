import { dayOf, firstYear, lastDayOf, lastYear } from './day';

/**
 * Days of a calendar, counted without any time zone: where the clock of a place skips an hour or a whole day, these do not.
 * What would lie outside the years that are believed is their first or last day.
 */

/** The day so many days later; earlier for a number below 0. */
export function dayAfter(day: string, days: number): string {
  const [year, month, date] = partsOf(day);
  return written(new Date(Date.UTC(year, month - 1, date + days)));
}

/**
 * The same day of the month so many months later, or that month’s last where it has no such day.
 *
 * @example monthsAfter('2027-08-31', 6) // '2028-02-29'
 */
export function monthsAfter(day: string, months: number): string {
  const [year, month, date] = partsOf(day);
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = lastDayOf(first.getUTCFullYear(), first.getUTCMonth() + 1);
  first.setUTCDate(Math.min(date, last));
  return written(first);
}

/** The same day so many years later, or the month’s last where there is none: leap days. */
export function inYear(day: string, years: number): string {
  return monthsAfter(day, 12 * years);
}

/** Whole days from one day to another, below 0 where the other is earlier. */
export function daysBetween(from: string, to: string): number {
  return (midnight(to) - midnight(from)) / msPerDay;
}

/** A day as the person’s own calendar has it, YYYY-MM-DD. */
export function localDay(moment: Date): string {
  const month = String(moment.getMonth() + 1).padStart(2, '0');
  const day = String(moment.getDate()).padStart(2, '0');
  return `${moment.getFullYear()}-${month}-${day}`;
}

/** The month of a day: `2027-04`. */
export function monthIn(day: string): string {
  return day.slice(0, 7);
}

const msPerDay = 24 * 3600 * 1000;

function midnight(day: string): number {
  const [year, month, date] = partsOf(day);
  return Date.UTC(year, month - 1, date);
}

function partsOf(day: string): readonly [year: number, month: number, date: number] {
  return day.split('-').map(Number) as [number, number, number];
}

function written(date: Date): string {
  const year = date.getUTCFullYear();
  if (year < firstYear) return dayOf(firstYear, 1, 1);
  if (year > lastYear) return dayOf(lastYear, 12, 31);
  return dayOf(year, date.getUTCMonth() + 1, date.getUTCDate());
}
