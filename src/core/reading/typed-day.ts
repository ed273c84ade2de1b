import { lineSays } from '../refusals/lines';
import { dayOf, done, lastDayOf, refused, says, whyNotDay, type Outcome } from '../quantity';

const months = 'jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec';
const monthName = `(?:${months})[a-z]*\\.?`;

/** A day, a month or a year as it is printed on things and written in tables, for a larger pattern. */
export const typedDayPattern = [
  '\\d{4}[-/.]\\d{1,2}[-/.]\\d{1,2}',
  '\\d{1,2}(?:\\. ?|[-/])\\d{1,2}(?:\\. ?|[-/])\\d{4}',
  `\\d{1,2}\\.? ${monthName} \\d{4}`,
  `${monthName} \\d{1,2},? \\d{4}`,
  `${monthName} \\d{4}`,
  '\\d{4}[-/.]\\d{1,2}',
  '\\d{1,2}[-/.]\\d{4}',
  '\\d{1,2}/\\d{2}',
  '(?:the )?(?:end of |end )?20\\d{2}',
].join('|');

const whole = new RegExp(`^(?:${typedDayPattern})$`, 'i');

/**
 * A day as it is written: `2027-04-30`, `30.4.2027`, `12 March 2028`; a month such as `2027-04`, `4/2027` or `04/27` for its last
 * day, or its first; a year for its first, as it may be good no longer, and `end 2027` for its last.
 *
 * Refused where it can be two days, is no day of the calendar, or is written otherwise.
 *
 * @param isLast a month stands for its last day.
 */
export function typedDay(text: string, isLast = true): Outcome<string> {
  const plain = text.trim();
  if (!whole.test(plain)) return refused(lineSays.noDayTyped(plain));
  const parts = plain
    .toLowerCase()
    .split(/[^a-z\d]+/)
    .filter((part) => part !== '');
  const named = parts.find((part) => months.split('|').includes(part.slice(0, 3)));
  if (named !== undefined) {
    const month = months.split('|').indexOf(named.slice(0, 3)) + 1;
    const year = Number(parts.find((part) => /^\d{4}$/.test(part)));
    const date = parts.find((part) => /^\d{1,2}$/.test(part));
    return calendarDay(plain, year, month, date === undefined ? null : Number(date), isLast);
  }
  const [first, second, third] = parts.filter((part) => /^\d/.test(part)).map(Number) as [
    number,
    number?,
    number?,
  ];
  if (second === undefined) {
    return done(parts.includes('end') ? dayOf(first, 12, 31) : dayOf(first, 1, 1));
  }
  if (first > 999) return calendarDay(plain, first, second, third ?? null, isLast);
  if (third === undefined) {
    const year = second > 999 ? second : 2000 + second;
    return calendarDay(plain, year, first, null, isLast);
  }
  // With full stops the day stands first; else one of the two must be no month.
  if (plain.includes('.') || first > 12) return calendarDay(plain, third, second, first, isLast);
  return second > 12 || first === second
    ? calendarDay(plain, third, first, second, isLast)
    : refused(lineSays.twoDays(plain));
}

function calendarDay(
  text: string,
  year: number,
  month: number,
  date: number | null,
  isLast: boolean,
): Outcome<string> {
  const isMonth = month >= 1 && month <= 12;
  const read = dayOf(year, month, date ?? (isLast && isMonth ? lastDayOf(year, month) : 1));
  const why = whyNotDay(read);
  return why === null ? done(read) : refused(says.noDay(text, why));
}
