import { tableSays } from '../refusals/tables';
import { dayOf, done, lastDayOf, refused, says, whyNotDay, type Outcome } from '../quantity';

/** A day as it is written: 2027-04-30, 2027-04 for the last of the month, 30.4.2027, 4/2027. */
export function dayIn(text: string): Outcome<string> {
  const iso = /^(\d{4})-(\d{1,2})(?:-(\d{1,2}))?$/.exec(text);
  if (iso) return calendarDay(text, Number(iso[1]), Number(iso[2]), iso[3] ? Number(iso[3]) : null);
  const dotted = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})$/.exec(text);
  if (dotted) return calendarDay(text, Number(dotted[3]), Number(dotted[2]), Number(dotted[1]));
  const month = /^(\d{1,2})[/.](\d{4})$/.exec(text);
  if (month) return calendarDay(text, Number(month[2]), Number(month[1]), null);
  const slashed = /^(\d{1,2})\/(\d{1,2})\/(\d{4})$/.exec(text);
  if (slashed) {
    const [first, second, year] = slashed.slice(1).map(Number) as [number, number, number];
    if (first > 12) return calendarDay(text, year, second, first);
    if (second > 12 || first === second) return calendarDay(text, year, first, second);
    return refused(tableSays.twoDays(text));
  }
  return refused(tableSays.noDayTyped(text));
}

function calendarDay(
  text: string,
  year: number,
  month: number,
  day: number | null,
): Outcome<string> {
  const read = dayOf(year, month, day ?? lastDayOf(year, month));
  const why = whyNotDay(read);
  return why === null ? done(read) : refused(says.noDay(text, why));
}
