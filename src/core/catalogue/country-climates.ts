export const countryIds = [
  'hot-wet-forest',
  'desert',
  'savanna',
  'temperate-woodland',
  'boreal-lakes',
  'steppe',
  'mountain',
  'coast',
  'rain-coast',
  'arctic',
  'town',
  'road',
] as const;
export type CountryId = (typeof countryIds)[number];

export interface BySeason {
  readonly winter: number;
  readonly summer: number;
}

/** What a kind of country corrects of the simulated climate. */
export interface CountryClimate {
  /** The year’s mean, half of the day’s and of the year’s swing, in °C. */
  readonly meanC: number;
  readonly daySwingC: number;
  readonly yearSwingC: number;
  /** How much colder it is a thousand metres higher, in °C: plateaus are warmed by their own ground, slopes are not. */
  readonly lapseCPerKm: number;
  /** How much farther single nights lie from the mean than in the plain, as a factor (own). */
  readonly nightSpread: number;
  /** Nine lows in ten are no warmer than simulated by more than this, in °C: from the bench of normals. */
  readonly errorC: number;
  readonly humidityPct: BySeason;
  /** Of a month. */
  readonly rainDays: BySeason;
  readonly windKmh: number;
}

/** The climate’s corrections by country: temperatures fitted to public normals, the rest planning values of this project. */
export const countryClimates: Readonly<Record<CountryId, CountryClimate>> = {
  'hot-wet-forest': {
    meanC: 0,
    daySwingC: -0.9,
    yearSwingC: 0,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 2,
    humidityPct: { winter: 84, summer: 86 },
    rainDays: { winter: 17, summer: 19 },
    windKmh: 6,
  },
  desert: {
    meanC: 5.4,
    daySwingC: 2.5,
    yearSwingC: 6.1,
    lapseCPerKm: 5,
    nightSpread: 1.25,
    errorC: 5,
    humidityPct: { winter: 45, summer: 25 },
    rainDays: { winter: 3, summer: 1 },
    windKmh: 13,
  },
  savanna: {
    meanC: -2.3,
    daySwingC: 1.7,
    yearSwingC: 0,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 50, summer: 72 },
    rainDays: { winter: 3, summer: 12 },
    windKmh: 11,
  },
  'temperate-woodland': {
    meanC: -1.8,
    daySwingC: 0,
    yearSwingC: -0.6,
    lapseCPerKm: 5,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 85, summer: 70 },
    rainDays: { winter: 13, summer: 11 },
    windKmh: 12,
  },
  'boreal-lakes': {
    meanC: -1,
    daySwingC: 0,
    yearSwingC: 4.3,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 85, summer: 68 },
    rainDays: { winter: 13, summer: 12 },
    windKmh: 11,
  },
  steppe: {
    meanC: 1,
    daySwingC: 1,
    yearSwingC: 0,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 72, summer: 50 },
    rainDays: { winter: 5, summer: 8 },
    windKmh: 16,
  },
  mountain: {
    meanC: -1.9,
    daySwingC: 1.2,
    yearSwingC: -0.8,
    lapseCPerKm: 4.3,
    nightSpread: 1.25,
    errorC: 5,
    humidityPct: { winter: 65, summer: 68 },
    rainDays: { winter: 11, summer: 13 },
    windKmh: 18,
  },
  coast: {
    meanC: 0.8,
    daySwingC: -0.3,
    yearSwingC: -1.6,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 80, summer: 75 },
    rainDays: { winter: 13, summer: 9 },
    windKmh: 18,
  },
  'rain-coast': {
    meanC: 1.2,
    daySwingC: -0.3,
    yearSwingC: -1.7,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 88, summer: 78 },
    rainDays: { winter: 20, summer: 11 },
    windKmh: 13,
  },
  arctic: {
    meanC: -1,
    daySwingC: -0.7,
    yearSwingC: 0.6,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 4,
    humidityPct: { winter: 82, summer: 84 },
    rainDays: { winter: 9, summer: 10 },
    windKmh: 19,
  },
  town: {
    meanC: -0.4,
    daySwingC: -0.3,
    yearSwingC: 1.1,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 78, summer: 65 },
    rainDays: { winter: 11, summer: 10 },
    windKmh: 11,
  },
  road: {
    meanC: 0,
    daySwingC: 0,
    yearSwingC: 0,
    lapseCPerKm: 3.8,
    nightSpread: 1,
    errorC: 3,
    humidityPct: { winter: 78, summer: 65 },
    rainDays: { winter: 10, summer: 9 },
    windKmh: 13,
  },
};
