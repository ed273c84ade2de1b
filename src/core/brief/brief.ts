import type { CountryId } from '../catalogue/country-climates';
import type { Country } from '../catalogue/countries';
import type { MakeDo } from '../catalogue/make-do';
import type { JobId, Threat } from '../gear';
import type { MonthClimate, Setting, Sex, Terrain, Work } from '../models';
import type { BriefRule } from './rules';
import type { Schools } from './schools';

/** What of medicine somebody takes, which is theirs alone. */
export interface OwnMedicine {
  readonly name: string;
  readonly dosesPerDay: number;
}

/** One of the people that the kit is for, as far as they say. Null is not said. */
export interface Person {
  readonly name: string;
  readonly bodyKg: number | null;
  readonly heightCm: number | null;
  readonly ageYears: number | null;
  readonly sex: Sex;
  readonly medicines: readonly OwnMedicine[];
  /** Against what a pen is carried; empty where there is no such allergy. */
  readonly graveAllergy: string;
  readonly wearsSpectacles: boolean;
  /** Of shoes in European sizes; of gloves from 5 to 14. */
  readonly shoeSize: number | null;
  readonly gloveSize: number | null;
}

/** A name of the person’s own, and where it is, in degrees. */
export interface PlaceOnEarth {
  readonly name: string;
  readonly latitude: number;
  readonly longitude: number;
}

/** Days of a calendar, both counted in; or any time from one month to another, and so many nights. */
export type When =
  | { readonly on: 'days'; readonly from: string; readonly to: string }
  | {
      readonly on: 'months';
      readonly fromMonth: number;
      readonly toMonth: number;
      readonly nights: number;
    };

/** What somebody typed of the weather, which holds against any service. Null is not typed. */
export interface TypedWeather {
  readonly lowC: number | null;
  readonly highC: number | null;
  readonly humidityPct: number | null;
  readonly rainDays: number | null;
  readonly windKmh: number | null;
}

/** What the climate service answered last, and for where: it holds only while that is the place. */
export interface HeardClimate {
  readonly latitude: number;
  readonly longitude: number;
  readonly altitudeM: number;
  readonly setting: Setting;
  readonly country: CountryId;
  /** YYYY-MM-DD. */
  readonly on: string;
  /** January to December. */
  readonly months: readonly MonthClimate[];
}

/** The way, typed or out of a file. */
export interface Route {
  readonly name: string;
  readonly distanceKm: number;
  readonly ascentM: number;
  readonly terrain: Terrain;
  /** The longest stretch between two waters; null where nobody knows. */
  readonly dryKm: number | null;
  /** Its line, thinned out, as degrees and m above the sea; empty where it was typed. */
  readonly line: readonly RoutePoint[];
}

export type RoutePoint = readonly [latitude: number, longitude: number, altitudeM: number | null];

/** The categories of a scheme, by their ids, in the order of their lanes; what is not here lies behind. */
export interface LaneOrder {
  readonly scheme: string;
  readonly categories: readonly string[];
}

/** What somebody knows better of a kind of country than its table says, for where this leads. Null is as the table says. */
export interface CountryAsKnown {
  readonly view: Country['view'] | null;
  readonly insects: Country['insects'] | null;
  readonly groundBites: boolean | null;
  readonly firewood: Country['firewood'] | null;
  readonly water: Country['water'] | null;
  readonly isWet: boolean | null;
  readonly glare: boolean | null;
  readonly makeDo: readonly (MakeDo & { readonly job: JobId })[];
}

/** A country of which nothing is known otherwise than its kind’s table says. */
export const asTheTableSays: CountryAsKnown = {
  view: null,
  insects: null,
  groundBites: null,
  firewood: null,
  water: null,
  isWet: null,
  glare: null,
  makeDo: [],
};

/** A vessel that is full of drinking water when they set out. */
export interface FilledVessel {
  readonly placement: string;
  readonly ml: number;
}

export const stores = ['house', 'shed', 'vehicle'] as const;
export type Store = (typeof stores)[number];

/** What a kit is for: where, when, who, how long, under what. Null is not known. */
export interface Brief {
  /** As its owner tells it from others of the same kit: a season, a year. */
  readonly name: string;
  readonly preset: string | null;
  readonly people: readonly Person[];
  /** How hard they move, and for how many hours a day. */
  readonly work: Work;
  readonly workHours: number;
  readonly place: PlaceOnEarth | null;
  readonly altitudeM: number | null;
  readonly setting: Setting | null;
  readonly country: CountryId | null;
  readonly asKnown: CountryAsKnown;
  readonly when: When | null;
  readonly weather: TypedWeather;
  readonly heard: HeardClimate | null;
  /** Hours on the move between one water and the next. */
  readonly dryHours: number | null;
  readonly waterIsCloudy: boolean | null;
  readonly waterThreats: readonly Threat[] | null;
  readonly isFireAllowed: boolean;
  /** Part of the way is by aircraft. */
  readonly isFlown: boolean;
  /** The vehicle that goes along, laden; null where none does, or nobody said. */
  readonly vehicleKg: number | null;
  /** Hours until somebody starts to look. */
  readonly searchHours: number | null;
  /** Who was left a trip note; empty where nobody was. */
  readonly noteLeftWith: string;
  readonly storedIn: Store;
  /** What vessels hold when they set out; they are empty where nothing is said. */
  readonly filled: readonly FilledVessel[];
  /** Kits that are there beside it. */
  readonly beside: readonly string[];
  readonly route: Route | null;
  readonly schools: Schools;
  /** The order of a scheme’s lanes on the mat, where it is not the scheme’s own. */
  readonly lanes: readonly LaneOrder[];
  /** The name of the set of rules, as it is handed on; empty for the kit’s own. */
  readonly challenge: string;
  readonly rules: readonly BriefRule[];
}

export const somebody: Person = {
  name: '',
  bodyKg: null,
  heightCm: null,
  ageYears: null,
  sex: 'unknown',
  medicines: [],
  graveAllergy: '',
  wearsSpectacles: false,
  shoeSize: null,
  gloveSize: null,
};

export const noWeather: TypedWeather = {
  lowC: null,
  highC: null,
  humidityPct: null,
  rainDays: null,
  windKmh: null,
};

/** A brief of which nothing is said but that one person goes. */
export const emptyBrief: Brief = {
  name: '',
  preset: null,
  people: [somebody],
  work: 'moderate',
  workHours: 6,
  place: null,
  altitudeM: null,
  setting: null,
  country: null,
  asKnown: asTheTableSays,
  when: null,
  weather: noWeather,
  heard: null,
  dryHours: null,
  waterIsCloudy: null,
  waterThreats: null,
  isFireAllowed: true,
  isFlown: false,
  vehicleKg: null,
  searchHours: null,
  noteLeftWith: '',
  storedIn: 'house',
  filled: [],
  beside: [],
  route: null,
  schools: {},
  lanes: [],
  challenge: '',
  rules: [],
};
