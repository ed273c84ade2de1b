import { UTCDateMini } from '@date-fns/utc';
import { addDays, addMonths, addYears, differenceInCalendarDays } from 'date-fns';
import { dayOf, firstYear, lastYear } from './day';

/**
 * Days of a calendar, counted without any time zone: where the clock of a place skips an hour or a whole day, these do not.
 * What would lie outside the years that are believed is their first or last day.
 */

/** The day so many days later; earlier for a number below 0. */
export function dayAfter(day: string, days: number): string {
  return written(addDays(dateOf(day), days));
}

/**
 * The same day of the month so many months later, or that month’s last where it has no such day.
 *
 * @example monthsAfter('2027-08-31', 6) // '2028-02-29'
 */
export function monthsAfter(day: string, months: number): string {
  return written(addMonths(dateOf(day), months));
}

/** The same day so many years later, or the month’s last where there is none: leap days. */
export function inYear(day: string, years: number): string {
  return written(addYears(dateOf(day), years));
}

/** Whole days from one day to another, below 0 where the other is earlier. */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(dateOf(to), dateOf(from));
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

type Moment = InstanceType<typeof UTCDateMini>;

function dateOf(day: string): Moment {
  const [year, month, date] = day.split('-').map(Number) as [number, number, number];
  return new UTCDateMini(year, month - 1, date);
}

function written(date: Moment): string {
  const year = date.getFullYear();
  if (year < firstYear) return dayOf(firstYear, 1, 1);
  if (year > lastYear) return dayOf(lastYear, 12, 31);
  return dayOf(year, date.getMonth() + 1, date.getDate());
}
