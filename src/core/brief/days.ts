import { dayAfter, dayOf, daysBetween, lastDayOf } from '../quantity';
import { mostNights } from './bounds';
import type { When } from './brief';

/** When a brief is: its nights, its last day, and one day for each stretch of it that has a climate of its own. */
export interface Period {
  readonly nights: number;
  /** The day on which what runs out must still be there. */
  readonly lastDay: string;
  /** Every day of a trip; of a span of months, the middle of each. */
  readonly looksAt: readonly string[];
}

/**
 * What a brief’s dates are to the core. Any time of some months is looked at as the next of them, or those that we are in.
 *
 * @param today YYYY-MM-DD, from which the next such months are counted.
 */
export function periodOf(when: When, today: string): Period {
  if (when.on === 'days') {
    const nights = daysBetween(when.from, when.to);
    const step = Math.max(1, Math.ceil(nights / 60));
    const looksAt: string[] = [];
    for (let at = 0; at < nights; at += step) looksAt.push(dayAfter(when.from, at));
    return {
      nights: Math.min(nights, mostNights),
      lastDay: when.to,
      looksAt: [...looksAt, when.to],
    };
  }
  const { fromMonth, toMonth, nights } = when;
  const thisYear = Number(today.slice(0, 4));
  // In January a winter from November on is the one that we are in.
  const spans = [thisYear - 1, thisYear, thisYear + 1].map((year) =>
    spanFrom(year, fromMonth, toMonth),
  );
  return { nights, ...spans.find(({ lastDay }) => lastDay >= today)! };
}

/** The months of a span that begins in a year, by the middle of each, and its last day. */
function spanFrom(
  year: number,
  fromMonth: number,
  toMonth: number,
): Pick<Period, 'looksAt' | 'lastDay'> {
  const months = ((toMonth - fromMonth + 12) % 12) + 1;
  const looksAt = Array.from({ length: months }, (_, at) => {
    const month = ((fromMonth - 1 + at) % 12) + 1;
    return dayOf(year + (fromMonth - 1 + at >= 12 ? 1 : 0), month, 15);
  });
  const [lastYear, lastMonth] = looksAt.at(-1)!.split('-').map(Number) as [number, number];
  return { looksAt, lastDay: dayOf(lastYear, lastMonth, lastDayOf(lastYear, lastMonth)) };
}

/** The month of a day as a figure that runs on through the month: 9.0 in the middle of September, 9.5 at its end. */
export function monthOf(day: string): number {
  const [, month, date] = day.split('-').map(Number) as [number, number, number];
  return month + (date - 15) / 30.4;
}
