import { countryOf } from './country';
import { countryClimates } from '../catalogue/country-climates';
import type { Threat } from '../gear';
import {
  climateOf,
  daylightOf,
  sunHours,
  walkingHours,
  wbgtC,
  type ClimatePlace,
  type MonthClimate,
} from '../models';
import { briefRanges } from './bounds';
import type { Brief, HeardClimate } from './brief';
import { monthOf, periodOf, type Period } from './days';
import { climateHeard, climatePlaceOf } from './heard';

/** Where a figure is from: typed by the person, the climate service, the route, or the kind of country. */
export type Source = 'typed' | 'climate' | 'route' | 'country';

export interface Told<T = number> {
  readonly value: T;
  readonly by: Source;
}

/** What a brief comes to, each figure with where it is from; null is not known. */
export interface Conditions {
  readonly period: Period | null;
  /** A cold night: the coldest that nine trips in ten meet, of the coldest time. */
  readonly lowC: Told | null;
  /** A hot day: the warmest mean high, and one spread of single days more. */
  readonly highC: Told | null;
  /** The mean low of the coldest time and the spread of single nights about it, which the share of colder nights is told by. */
  readonly lows: {
    readonly meanC: number;
    readonly spreadC: number;
    /** How far the simulated figures of that country may lie off, in °C. */
    readonly errorC: number;
  } | null;
  readonly humidityPct: Told | null;
  /** Of a month. */
  readonly rainDays: Told | null;
  readonly windKmh: Told | null;
  /** Of a hot day in the shade. */
  readonly wbgtC: Told | null;
  /** Hours without light, of the longest night and of the shortest. */
  readonly dark: { readonly longestH: number; readonly shortestH: number } | null;
  /** Hours of sun, of the shortest day. */
  readonly sunH: number | null;
  readonly isWet: boolean | null;
  readonly dryHours: Told | null;
  readonly waterIsCloudy: Told<boolean> | null;
  readonly waterThreats: Told<readonly Threat[]> | null;
}

/** What is to be said before the weather of a brief is known, in words; all of it said, the service has not answered yet. */
export function climateLacks(brief: Brief): readonly string[] {
  const { place, altitudeM, setting, country, when } = brief;
  const lacks = [
    ...(place === null ? ['the place'] : []),
    ...(altitudeM === null ? ['how high it lies'] : []),
    ...(setting === null ? ['how far the sea is'] : []),
    ...(country === null ? ['the kind of country'] : []),
    ...(when === null ? ['when'] : []),
  ];
  return lacks.length > 0 ? lacks : ['the weather, as the climate service has not answered'];
}

/** What the simulated service answers for a place. */
export function climateFor(place: ClimatePlace, on: string): HeardClimate {
  const { latitude, longitude, altitudeM, setting, country } = place;
  const months = Array.from({ length: 12 }, (_, at) => climateOf(place, at + 1));
  return { latitude, longitude, altitudeM, setting, country, on, months };
}

/** The brief with the climate of its place, where it was not heard yet or was of another place. */
export function withClimate(brief: Brief, today: string): Brief {
  const place = climatePlaceOf(brief);
  return place === null || climateHeard(brief) !== null
    ? brief
    : { ...brief, heard: climateFor(place, today) };
}

/**
 * What a brief comes to on its days. A typed figure always holds; what nobody typed is the climate’s; of a span, what is worst in it.
 *
 * @param today YYYY-MM-DD.
 */
export function conditionsOf(brief: Brief, today: string): Conditions {
  const period = brief.when === null ? null : periodOf(brief.when, today);
  const heard = climateHeard(brief);
  const times = heard && period ? period.looksAt.map((day) => monthAt(heard, monthOf(day))) : [];
  const { weather } = brief;
  const coldest = leastBy(times, ({ lowC }) => lowC);
  const warmest = leastBy(times, ({ highC }) => -highC);
  const spreads = spreadsBelow(period?.nights ?? 1);
  const lowC = told(weather.lowC, coldest && round(coldest.lowC - spreads * coldest.spreadC));
  const highC = told(weather.highC, warmest && round(warmest.highC + warmest.spreadC));
  const humidityPct = told(weather.humidityPct, mostOf(times, 'humidityPct'));
  const rainDays = told(weather.rainDays, mostOf(times, 'rainDays'));
  const country = countryOf(brief);
  return {
    period,
    lowC,
    highC,
    lows: coldest && {
      meanC: coldest.lowC,
      spreadC: coldest.spreadC,
      errorC: countryClimates[heard!.country].errorC,
    },
    humidityPct,
    rainDays,
    windKmh: told(weather.windKmh, mostOf(times, 'windKmh')),
    wbgtC: highC && {
      value: wbgtC(highC.value, atNoon(humidityPct?.value ?? usualHumidityPct)),
      by: highC.by,
    },
    ...lightOf(brief, period),
    isWet: staysFrozen(lowC, highC)
      ? false
      : rainDays === null
        ? (country?.isWet ?? null)
        : (country?.isWet ?? false) || rainDays.value >= 12,
    dryHours: dryHoursOf(brief) ?? byCountry(null, country?.dryHours),
    waterIsCloudy: byCountry(brief.waterIsCloudy, country?.waterIsCloudy),
    waterThreats: byCountry(brief.waterThreats, country?.waterThreats),
  };
}

/** Below this mean of a day what falls is snow, and brushed off, in °C (own). */
const drySnowC = -2;

function staysFrozen(lowC: Told | null, highC: Told | null): boolean {
  return lowC !== null && highC !== null && (lowC.value + highC.value) / 2 < drySnowC;
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

const usualHumidityPct = 60;

/** The air is drier at the hottest hour than in the mean of the day: by a quarter (own). */
function atNoon(humidityPct: number): number {
  return humidityPct * 0.75;
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

/** The climate of one day of the time: mean high and low, and how far a single night lies from its mean. */
export interface DayClimate {
  readonly day: string;
  readonly highC: number;
  readonly lowC: number;
  readonly spreadC: number;
}

/** What is usual on each day that is looked at; empty while the climate of the place is not known. */
export function climateByDay(brief: Brief, period: Period | null): readonly DayClimate[] {
  const heard = climateHeard(brief);
  if (heard === null || period === null) return [];
  return period.looksAt.map((day) => {
    const { highC, lowC, spreadC } = monthAt(heard, monthOf(day));
    return { day, highC, lowC, spreadC };
  });
}

function lightOf({ place }: Brief, period: Period | null): Pick<Conditions, 'dark' | 'sunH'> {
  if (place === null || period === null) return { dark: null, sunH: null };
  const { latitude, longitude } = place;
  const dark = period.looksAt.map((day) => daylightOf(latitude, longitude, day).darkHours);
  const sun = period.looksAt.map((day) => sunHours(latitude, longitude, day));
  return {
    dark: { longestH: Math.max(...dark), shortestH: Math.min(...dark) },
    sunH: Math.min(...sun),
  };
}

/** Hours from water to water: typed, or what the dry stretch of the route takes to walk. */
function dryHoursOf({ dryHours, route }: Brief): Told | null {
  if (dryHours !== null) return { value: dryHours, by: 'typed' };
  if (route === null || route.dryKm === null || route.distanceKm === 0) return null;
  const { distanceKm, ascentM, terrain, dryKm } = route;
  const hours = (walkingHours(distanceKm, ascentM, terrain) * dryKm) / distanceKm;
  return { value: Math.min(briefRanges.dryHours.most, round(hours)), by: 'route' };
}

function told(typed: number | null, climate: number | null): Told | null {
  if (typed !== null) return { value: typed, by: 'typed' };
  return climate === null ? null : { value: climate, by: 'climate' };
}

function byCountry<T>(typed: T | null, country: T | undefined): Told<T> | null {
  if (typed !== null) return { value: typed, by: 'typed' };
  return country === undefined ? null : { value: country, by: 'country' };
}

function mostOf(times: readonly MonthClimate[], field: keyof MonthClimate): number | null {
  return times.length === 0 ? null : Math.round(Math.max(...times.map((time) => time[field])));
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
