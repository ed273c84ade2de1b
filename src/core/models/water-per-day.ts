import { answer, from, modelOf, oneOf, upToMost } from './model';
import { sexes, works, type Sex, type Work } from './words';

/** With food included, in L a day, at rest in mild air. */
const baseL: Readonly<Record<Sex, number>> = { man: 2.5, woman: 2, unknown: 2.5 };

/** Heat classes by their lower end of WBGT in °C, and what each work asks there in quarts an hour. */
const heatFromC = [25.6, 27.8, 29.5, 31.1, 32.2] as const;
const quartsInHeat: Readonly<Record<Work, readonly number[]>> = {
  easy: [0.5, 0.5, 0.75, 0.75, 1],
  moderate: [0.75, 0.75, 0.75, 0.75, 1],
  hard: [0.75, 1, 1, 1, 1],
};
const litresPerQuart = 0.946;

/** In the cool, in L an hour, at this WBGT and below. */
const coolC = 10;
const coolRate: Readonly<Record<Work, number>> = { easy: 0.15, moderate: 0.25, hard: 0.4 };

/** More than this in a day washes out the salts of the body, in L. */
export const mostLitresADay = 11.35;

/** What an hour of work asks, in L. */
export function litresPerHour(wbgtC: number, work: Work): number {
  const quarts = quartsInHeat[work];
  const cool = coolRate[work];
  const warm = quarts[0]! * litresPerQuart;
  if (wbgtC < heatFromC[0]) {
    const share = Math.max(0, (wbgtC - coolC) / (heatFromC[0] - coolC));
    return cool + share * (warm - cool);
  }
  const at = heatFromC.findLastIndex((least) => wbgtC >= least);
  return quarts[at]! * litresPerQuart;
}

/** What one person drinks in a day, in L, never over {@link mostLitresADay}. */
export function waterPerDayL(day: {
  readonly wbgtC: number;
  readonly workHours: number;
  readonly work: Work;
  readonly sex: Sex;
}): number {
  return Math.min(mostLitresADay, uncapped(day));
}

function uncapped({ wbgtC, workHours, work, sex }: Parameters<typeof waterPerDayL>[0]): number {
  return baseL[sex] + workHours * litresPerHour(wbgtC, work);
}

export const waterPerDay = modelOf({
  name: 'water-per-day',
  unit: 'L a day',
  formula:
    'base (man or unknown 2.5, woman 2.0) + work hours × rate by WBGT and work; in the cool 0.15, 0.25, 0.40 L/h at 10 °C, straight up to the first class at 25.6 °C; at most 11.35',
  source:
    'EFSA 2010 (food included); US Army TB MED 507; below 25.6 °C planning values of this project',
  inputs: {
    wbgtC: from(-60, 60, '°C'),
    workHours: upToMost(24, 'h'),
    work: oneOf(...works),
    sex: oneOf(...sexes),
  },
  work: (day) =>
    answer(
      waterPerDayL(day),
      uncapped(day) > mostLitresADay
        ? 'capped: drinking more than 11.35 L a day is dangerous; work less, rest in the shade, eat salts'
        : null,
    ),
});
