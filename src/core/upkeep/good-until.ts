import { decayOf, livesOf } from '../catalogue/lives';
import type { Gear, Lot } from '../gear';
import { decayRate } from '../models/decay';
import { dayAfter, daysBetween, lastDayOf, lastYear } from '../quantity';
import { byLot } from './by-lot';
import type { Warmth } from './store';

/** The last day on which something is relied on, and what decides it. */
export interface GoodUntil {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly by: 'printed' | 'filled' | 'opened';
  /** Its store made the day earlier. */
  readonly isShortened: boolean;
  /** It lies warm, and nobody knows since when: the date is the printed one, and it may be gone before. */
  readonly isUnsure: boolean;
}

/**
 * The last day on which a lot is relied on: the printed date, or the day it was filled or opened and what its kind lives from
 * then, whichever comes first. Food, water, cells and tinder live shorter in the warmth; medicine, flares and what is for
 * breathing or bleeding go by the printed date alone. Null where nothing says.
 *
 * @example a pouch printed 2029-04-01 that came into a car on 2027-04-01 is good until the summer of 2028.
 */
export function goodUntilOf(gear: Gear, lot: Lot, warmth: Warmth): GoodUntil | null {
  if (lot.goodUntil === null && lot.filledOn === null && lot.openedOn === null) return null;
  return workedOnce(gear, lot, warmth);
}

const workedOnce = byLot(worked);

function worked(gear: Gear, lot: Lot, warmth: Warmth): GoodUntil | null {
  const decay = decayOf(gear);
  const { filledDays, openedDays } = livesOf(gear);
  const { goodUntil, filledOn, openedOn } = lot;
  const isWorn = decay === 'warmth' && warmth.monthsC.some((tempC) => decayRate(tempC) > 1);
  const all: GoodUntil[] = [];
  if (goodUntil !== null) {
    const since = lot.storedOn ?? lot.cameOn;
    const day =
      isWorn && since !== null
        ? wornOutOn(since, daysBetween(since, goodUntil), warmth)
        : goodUntil;
    const isUnsure = isWorn && since === null;
    all.push({ day, by: 'printed', isShortened: day < goodUntil, isUnsure });
  }
  if (decay !== 'printed') {
    if (filledOn !== null && filledDays !== null) all.push(since('filled', filledOn, filledDays));
    if (openedOn !== null && openedDays !== null) all.push(since('opened', openedOn, openedDays));
  }
  return all.reduce<GoodUntil | null>(
    (first, each) => (first === null || each.day < first.day ? each : first),
    null,
  );

  function since(by: 'filled' | 'opened', from: string, ratedDays: number): GoodUntil {
    const rated = dayAfter(from, ratedDays);
    const day = isWorn ? wornOutOn(from, ratedDays, warmth) : rated;
    return { day, by, isShortened: day < rated, isUnsure: false };
  }
}

/**
 * The day on which a rated life is spent in a store, month by month; never later than in a house.
 *
 * @param ratedDays a life of no days is spent on its first.
 */
export function wornOutOn(from: string, ratedDays: number, { monthsC }: Warmth): string {
  let [year, month, date] = from.split('-').map(Number) as [number, number, number];
  let left = Math.max(0, ratedDays);
  let days = 0;
  while (left > 0 && year <= lastYear) {
    const rate = decayRate(monthsC[month - 1]!);
    const daysOfMonth = lastDayOf(year, month) - date + 1;
    if (daysOfMonth * rate >= left) return dayAfter(from, days + Math.floor(left / rate));
    left -= daysOfMonth * rate;
    days += daysOfMonth;
    date = 1;
    month = (month % 12) + 1;
    if (month === 1) year += 1;
  }
  return dayAfter(from, days);
}
