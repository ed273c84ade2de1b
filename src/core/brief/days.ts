import { dayAfter, dayOf, daysBetween, inYear, lastDayOf } from '../quantity';
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
 * What a brief’s dates are to the core. Any time of some months is looked at as the next of them.
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
  const months = ((toMonth - fromMonth + 12) % 12) + 1;
  const year = Number(today.slice(0, 4));
  const looksAt = Array.from({ length: months }, (_, at) => {
    const month = ((fromMonth - 1 + at) % 12) + 1;
    return dayOf(year + (fromMonth - 1 + at >= 12 ? 1 : 0), month, 15);
  });
  const [lastYear, lastMonth] = looksAt.at(-1)!.split('-').map(Number) as [number, number];
  const end = dayOf(lastYear, lastMonth, lastDayOf(lastYear, lastMonth));
  return { nights, lastDay: end < today ? inYear(end, 1) : end, looksAt };
}

/** The month of a day as a figure that runs on through the month: 9.0 in the middle of September, 9.5 at its end. */
export function monthOf(day: string): number {
  const [, month, date] = day.split('-').map(Number) as [number, number, number];
  return month + (date - 15) / 30.4;
}
