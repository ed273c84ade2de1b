import { mostMassG, mostPriceMinor, mostLengthMm } from '../quantity';
import { above0, mostAmount, upTo, whole, type Range } from '../gear';
import { mostNights } from './bounds';

/** The most that one vessel holds, in mL: a cask. */
const mostFilledMl = 1_000_000;

/** What the figures of a brief may be, by their field; any of them may be null where the type says so. */
export const briefRanges = {
  bodyKg: { least: 2, most: 350 },
  heightCm: { least: 40, most: 260 },
  ageYears: { least: 0, most: 125 },
  dosesPerDay: { least: 0.01, most: 50 },
  workHours: { least: 0, most: 16 },
  latitude: { least: -90, most: 90 },
  longitude: { least: -180, most: 180 },
  altitudeM: { least: -450, most: 9000 },
  month: whole(1, 12),
  nights: whole(0, mostNights),
  lowC: { least: -80, most: 50 },
  highC: { least: -70, most: 58 },
  spreadC: { least: 0, most: 30 },
  humidityPct: { least: 0, most: 100 },
  rainDays: { least: 0, most: 31 },
  windKmh: { least: 0, most: 300 },
  dryHours: { least: 0, most: 720 },
  searchHours: { least: 0, most: 2000 },
  vehicleKg: { least: 50, most: 40_000 },
  distanceKm: { least: 0, most: 10_000 },
  ascentM: { least: 0, most: 500_000 },
  dryKm: { least: 0, most: 10_000 },
  filledMl: above0(mostFilledMl),
  massG: above0(mostMassG),
  share: { least: 0.001, most: 10 },
  priceMinor: whole(0, mostPriceMinor),
  sideMm: above0(mostLengthMm),
  girthMm: upTo(mostAmount),
  ways: whole(1, 4),
  amount: above0(mostAmount),
  hardness: whole(0, 3),
  minutes: whole(0, 1440),
  shoeSize: { least: 15, most: 55 },
  gloveSize: { least: 3, most: 16 },
} as const satisfies Readonly<Record<string, Range>>;
