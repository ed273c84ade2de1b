import type { MonthClimate } from '../models';
import type { Brief, HeardClimate } from './brief';
import { monthOf, type Period } from './days';
import { climateHeard } from './heard';

/** Where a figure is from: typed by the person, the climate service, the route, or the kind of country. */
export type Source = 'typed' | 'climate' | 'route' | 'country';

export interface Told<T = number> {
  readonly value: T;
  readonly by: Source;
}

/** How cold and how warm it is on the days of a brief, each figure with where it is from; null is not known. */
export interface Temperatures {
  /** A cold night: the coldest that nine trips in ten meet, of the coldest time. */
  readonly lowC: Told | null;
  /** A hot day: the warmest mean high, and one spread of single days more. */
  readonly highC: Told | null;
}

/** How cold and how warm it is on the days of a brief. A typed figure always holds; what nobody typed is the climate’s. */
export function temperaturesOf(brief: Brief, period: Period | null): Temperatures {
  const { weather } = brief;
  const times = usualThrough(brief, period);
  const coldest = coldestOf(times);
  const warmest = leastBy(times, ({ highC }) => -highC);
  const spreads = spreadsBelow(period?.nights ?? 1);
  return {
    lowC: told(weather.lowC, coldest && round(coldest.lowC - spreads * coldest.spreadC)),
    highC: told(weather.highC, warmest && round(warmest.highC + warmest.spreadC)),
  };
}

/** What is usual on each day that is looked at, in its order; empty while the climate of the place is not known. */
export function usualThrough(brief: Brief, period: Period | null): readonly MonthClimate[] {
  const heard = climateHeard(brief);
  return heard && period ? period.looksAt.map((day) => monthAt(heard, monthOf(day))) : [];
}

export function coldestOf(times: readonly MonthClimate[]): MonthClimate | null {
  return leastBy(times, ({ lowC }) => lowC);
}

/**
 * How many spreads below the mean the coldest of so many nights lies, that nine trips in ten do not fall under: each night by itself
 * follows the normal distribution. 1.3 for one night, 1.8 for three, 2.2 for seven.
 */
export function spreadsBelow(nights: number): number {
  return normalQuantile(0.9 ** (1 / Math.max(1, nights)));
}

/** Where the normal distribution has so much below it, for shares from a half on: Abramowitz and Stegun 26.2.23. */
function normalQuantile(share: number): number {
  const t = Math.sqrt(-2 * Math.log(1 - share));
  return (
    t -
    (2.515517 + t * (0.802853 + t * 0.010328)) /
      (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)))
  );
}

/** The climate between the middles of two months. */
function monthAt({ months }: HeardClimate, month: number): MonthClimate {
  const before = Math.floor(month);
  const share = month - before;
  const [one, other] = [before - 1, before].map((at) => months[(at + 12) % 12]!);
  const between = (field: keyof MonthClimate) => one![field] * (1 - share) + other![field] * share;
  return {
    highC: between('highC'),
    lowC: between('lowC'),
    spreadC: between('spreadC'),
    rainDays: between('rainDays'),
    humidityPct: between('humidityPct'),
    windKmh: between('windKmh'),
  };
}

export function told(typed: number | null, climate: number | null): Told | null {
  if (typed !== null) return { value: typed, by: 'typed' };
  return climate === null ? null : { value: climate, by: 'climate' };
}

function leastBy<T>(values: readonly T[], figure: (value: T) => number): T | null {
  return values.reduce<T | null>(
    (least, value) => (least === null || figure(value) < figure(least) ? value : least),
    null,
  );
}

function round(celsius: number): number {
  return Math.round(celsius * 10) / 10;
}
