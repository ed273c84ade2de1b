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
import { briefRanges } from './ranges';
import type { Brief, HeardClimate } from './brief';
import { periodOf, type Period } from './days';
import { climateHeard, climatePlaceOf } from './heard';
import {
  coldestOf,
  temperaturesOf,
  told,
  usualThrough,
  type Temperatures,
  type Told,
} from './temperatures';

/** What a brief comes to, each figure with where it is from; null is not known. */
export interface Conditions extends Temperatures {
  readonly period: Period | null;
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
  const times = usualThrough(brief, period);
  const { weather } = brief;
  const coldest = coldestOf(times);
  const { lowC, highC } = temperaturesOf(brief, period);
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
      errorC: countryClimates[brief.country!].errorC,
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

const usualHumidityPct = 60;

/** The air is drier at the hottest hour than in the mean of the day: by a quarter (own). */
function atNoon(humidityPct: number): number {
  return humidityPct * 0.75;
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
  return usualThrough(brief, period).map(({ highC, lowC, spreadC }, at) => ({
    day: period!.looksAt[at]!,
    highC,
    lowC,
    spreadC,
  }));
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
  return { value: Math.min(briefRanges.dryHours.most, Math.round(hours * 10) / 10), by: 'route' };
}

function byCountry<T>(typed: T | null, country: T | undefined): Told<T> | null {
  if (typed !== null) return { value: typed, by: 'typed' };
  return country === undefined ? null : { value: country, by: 'country' };
}

function mostOf(times: readonly MonthClimate[], field: keyof MonthClimate): number | null {
  return times.length === 0 ? null : Math.round(Math.max(...times.map((time) => time[field])));
}
