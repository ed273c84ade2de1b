/** The first and the last year of a day that is believed. */
export const firstYear = 1900;
export const lastYear = 2199;

/**
 * What keeps a text from being a day, in words; null where it is one: YYYY-MM-DD, on the calendar, from 1900 to 2199.
 *
 * @example whyNotDay('2026-02-30') // 'is not a day of the calendar'
 */
export function whyNotDay(text: string): string | null {
  const parts = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  if (!parts) return 'is not a date like 2027-04-30';
  const [year, month, day] = parts.slice(1).map(Number) as [number, number, number];
  if (year < firstYear || year > lastYear) return `is not a day from ${firstYear} to ${lastYear}`;
  return month >= 1 && month <= 12 && day >= 1 && day <= lastDayOf(year, month)
    ? null
    : 'is not a day of the calendar';
}

export function isDay(text: string): boolean {
  return whyNotDay(text) === null;
}

/** How many days the month has, 1 for January: `lastDayOf(2028, 2)` is 29. */
export function lastDayOf(year: number, month: number): number {
  return new Date(Date.UTC(year, month, 0)).getUTCDate();
}

/** A day as it is written everywhere: `dayOf(2027, 4, 3)` is `2027-04-03`. Years take four digits. */
export function dayOf(year: number, month: number, day: number): string {
  return `${padded(year, 4)}-${padded(month, 2)}-${padded(day, 2)}`;
}

function padded(part: number, digits: number): string {
  return String(part).padStart(digits, '0');
}
