import { answer, from, modelOf, noAnswer, oneOf, personKg, upToMost } from './model';
import { sexes, type Sex } from './words';

/** Of a person, as far as they say. */
export interface Body {
  readonly bodyKg: number;
  readonly heightCm: number;
  readonly ageYears: number;
  readonly sex: Sex;
}

const bySex: Readonly<Record<Sex, number>> = { man: 5, woman: -161, unknown: (5 - 161) / 2 };

/** What a body burns at rest, in kcal a day. */
export function restingKcal({ bodyKg, heightCm, ageYears, sex }: Body): number {
  return 10 * bodyKg + 6.25 * heightCm - 5 * ageYears + bySex[sex];
}

export const restingEnergy = modelOf({
  name: 'resting-energy',
  unit: 'kcal a day',
  formula: '10 × kg + 6.25 × cm − 5 × years + 5 (man), − 161 (woman), − 78 (unknown: the mean)',
  source: 'Mifflin and St Jeor 1990; grown people',
  inputs: {
    bodyKg: personKg,
    heightCm: from(40, 260, 'cm'),
    ageYears: from(0, 125, 'years'),
    sex: oneOf(...sexes),
  },
  work: (body) =>
    body.ageYears < 15 ? noAnswer('it was fitted to grown people') : answer(restingKcal(body)),
});

/** Asleep and awake without walking, as multiples of rest (own). */
const asleep = 0.95;
const pottering = 1.5;
const sleepH = 8;
const awakeH = 24 - sleepH;
const kcalPerWattHour = 0.8604;

/** What a day costs, in kcal. */
export function kcalPerDay(restingKcal: number, walkHours: number, walkWatts: number): number {
  const atRest = (restingKcal / 24) * (sleepH * asleep + (awakeH - walkHours) * pottering);
  return atRest + walkHours * walkWatts * kcalPerWattHour;
}

export const energyPerDay = modelOf({
  name: 'energy-per-day',
  unit: 'kcal a day',
  formula: 'resting/24 × (8 × 0.95 + (16 − walk hours) × 1.5) + walk hours × W × 0.8604',
  source: 'factors of rest: planning values of this project',
  inputs: {
    restingKcal: upToMost(10_000, 'kcal a day'),
    walkHours: upToMost(24, 'h'),
    walkWatts: upToMost(3000, 'W'),
  },
  work: ({ restingKcal, walkHours, walkWatts }) =>
    walkHours > awakeH
      ? noAnswer(`a day leaves ${awakeH} h beside sleep`)
      : answer(kcalPerDay(restingKcal, walkHours, walkWatts)),
});
