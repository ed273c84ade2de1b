import {
  countryClimates,
  countryIds,
  type CountryClimate,
  type CountryId,
} from '../catalogue/country-climates';
import { altitudes, answer, latitudes, longitudes, modelOf, oneOf } from './model';
import { settings, type Setting } from './words';

/** Where on the earth, and what it is like there. */
export interface ClimatePlace {
  readonly latitude: number;
  readonly longitude: number;
  readonly altitudeM: number;
  readonly setting: Setting;
  readonly country: CountryId;
}

/** One month of a place, as the mean of many years. */
export interface MonthClimate {
  /** The mean of the days’ highest and lowest, in °C. */
  readonly highC: number;
  readonly lowC: number;
  /** How far single nights lie from the mean low: standard deviation, in °C. */
  readonly spreadC: number;
  /** Days of the month with rain or snow. */
  readonly rainDays: number;
  readonly humidityPct: number;
  readonly windKmh: number;
}

/**
 * The stated model’s figures, fitted once to public monthly normals of some seventy places; woodland, mountains and deserts fitted again to
 * the lows of thirty-four, leaning cold. Mean of a year at sea level:
 * `equatorC − poleC · s² − farPoleC · s⁶`, s the sine of the latitude.
 */
const equatorC = 27.5;
const poleC = 29.2;
const farPoleC = 7.2;

/** Half of what the year swings, for s = 1, north of the equator; the south swings less, having more sea. */
const swing: Readonly<Record<Setting, number>> = { coast: 13.4, inland: 15.8, 'far inland': 17.1 };
const southernSwing = 0.72;

/** Latitude from which dry and wet seasons are told apart in full, in degrees (own). */
const noSeasonBelow = 10;

/** Half of what the day swings, in °C. */
const daySwing: Readonly<Record<Setting, number>> = { coast: 3.9, inland: 4.8, 'far inland': 5.2 };

/** The warmest month, north of the equator; the sea lags. */
const warmestMonth: Readonly<Record<Setting, number>> = {
  coast: 7.6,
  inland: 7.1,
  'far inland': 7.1,
};

/** What the North Atlantic’s drift gives in winter and in summer, at most, in °C. */
const driftC = { winter: 13.9, summer: 0.8 } as const;

/** What the winters of Siberia and of North America’s plains take, at most, in °C, by distance from the sea. */
const winterCold = [
  { atLongitude: 118, width: 38, takesC: 26.8 },
  { atLongitude: -92, width: 18, takesC: 20.5 },
] as const;
const winterColdShare: Readonly<Record<Setting, number>> = {
  coast: 0.5,
  inland: 0.8,
  'far inland': 1,
};

/** A month of a place, 1 for January. */
export function climateOf(place: ClimatePlace, month: number): MonthClimate {
  const { country: id, setting } = place;
  const country = countryClimates[id];
  const season = seasonOf(place, month);
  const mean = meanC(place, country, season);
  const ofYear = season * besideEquator(place);
  const half = Math.max(1, daySwing[setting] + country.daySwingC + 0.4 * ofYear);
  const year = Math.abs(yearSwingC(place, country)) + winterColdC(place, -1) / 2;
  return {
    highC: tenth(mean + half),
    lowC: tenth(mean - half),
    spreadC: tenth(Math.min(8, country.nightSpread * spreadC(year, season))),
    rainDays: Math.round(bySeason(country.rainDays, ofYear)),
    humidityPct: Math.round(bySeason(country.humidityPct, ofYear)),
    windKmh: Math.round(country.windKmh + (setting === 'coast' ? 3 : 0)),
  };
}

/** 1 in the middle of summer, −1 in the middle of winter. */
function seasonOf({ latitude, setting }: ClimatePlace, month: number): number {
  const fromWarmest = ((month - warmestMonth[setting]) / 12) * 2 * Math.PI;
  return Math.cos(fromWarmest) * (latitude >= 0 ? 1 : -1);
}

/** How far single nights lie from the mean low, in °C: farther in winter, and where the year swings wide. */
function spreadC(yearC: number, season: number): number {
  return 1.2 + 0.3 * yearC * (0.35 + 0.65 * winterShare(season));
}

/** How much of the seasons there is, 0 on the equator to 1 from the tropics’ middle on: nothing jumps from one side to the other. */
function besideEquator({ latitude }: ClimatePlace): number {
  return Math.min(1, Math.abs(latitude) / noSeasonBelow);
}

function meanC(place: ClimatePlace, country: CountryClimate, season: number): number {
  const s = sine(place.latitude);
  return (
    equatorC -
    poleC * s ** 2 -
    farPoleC * s ** 6 +
    country.meanC +
    yearSwingC(place, country) * season -
    (country.lapseCPerKm * place.altitudeM) / 1000 +
    driftAt(place, season) -
    winterColdC(place, season)
  );
}

function yearSwingC({ latitude, setting }: ClimatePlace, country: CountryClimate): number {
  const s = sine(latitude);
  return s * (swing[setting] * (latitude >= 0 ? 1 : southernSwing) + country.yearSwingC);
}

function driftAt({ latitude, longitude }: ClimatePlace, season: number): number {
  if (latitude <= 0) return 0;
  const share =
    bell(latitude - 62, 16) * bell(between(longitude, 2), between(longitude, 2) > 0 ? 38 : 32);
  return share * (driftC.winter * winterShare(season) + driftC.summer * (1 - winterShare(season)));
}

function winterColdC({ latitude, longitude, setting }: ClimatePlace, season: number): number {
  const north = Math.min(1.2, Math.max(0, (latitude - 35) / 25));
  const taken = winterCold.reduce(
    (sum, { atLongitude, width, takesC }) =>
      sum + takesC * bell(between(longitude, atLongitude), width),
    0,
  );
  return winterColdShare[setting] * north * winterShare(season) * taken;
}

function winterShare(season: number): number {
  return (1 - season) / 2;
}

function bySeason({ winter, summer }: CountryClimate['rainDays'], season: number): number {
  return winter * winterShare(season) + summer * (1 - winterShare(season));
}

function sine(latitude: number): number {
  return Math.sin((Math.abs(latitude) * Math.PI) / 180);
}

/** How far one longitude lies east of another, in degrees, the shorter way round. */
function between(longitude: number, from: number): number {
  return ((longitude - from + 540) % 360) - 180;
}

function bell(distance: number, width: number): number {
  return Math.exp(-((distance / width) ** 2));
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}

export const climate = modelOf({
  name: 'climate',
  unit: '°C, days, %, km/h',
  formula:
    'year’s mean 27.5 − 29.2 s² − 7.2 s⁶ (s = sine of latitude) − country’s °C/km + country; ± the year’s swing by s, setting and country; ± the day’s by setting and country; North Atlantic drift; winters of Siberia and North America',
  source:
    'simulated: this project’s simple model, fitted to public monthly normals; mean error about 2.5 °C; of mountains and deserts up to 5 °C',
  inputs: {
    latitude: latitudes,
    longitude: longitudes,
    altitudeM: altitudes,
    setting: oneOf(...settings),
    country: oneOf(...countryIds),
    month: { of: 'number', unit: 'month', range: { least: 1, most: 12, isWhole: true } },
  },
  work: ({ month, ...place }) =>
    answer(
      climateOf(place, month),
      'simulated: type the figures of a real forecast where you have them',
    ),
});
