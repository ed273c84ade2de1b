import { answer, from, modelOf, noAnswer, oneOf, personKg, upToMost } from './model';
import { litresPerHour, mostLitresADay } from './water-per-day';
import { sexes, works, type Sex, type Work } from './words';
import { restingKcal, type Body } from './energy';

/** Models of grown people hold from this age, in years; the equation of rest for grown people too. */
export const grownYears = 15;

/** A line kcal = slope × kg + rest that holds below an age, in years. */
interface RestingLine {
  readonly below: number;
  readonly perKg: number;
  readonly rest: number;
}

/** Schofield’s lines, in kcal a day for each kg. */
const resting: Readonly<Record<Exclude<Sex, 'unknown'>, readonly RestingLine[]>> = {
  man: [
    { below: 3, perKg: 59.5, rest: -30.4 },
    { below: 10, perKg: 22.7, rest: 504.3 },
    { below: Infinity, perKg: 17.7, rest: 658.2 },
  ],
  woman: [
    { below: 3, perKg: 58.3, rest: -31.1 },
    { below: 10, perKg: 20.3, rest: 485.9 },
    { below: Infinity, perKg: 13.4, rest: 692.6 },
  ],
};

/** What a child burns at rest, in kcal a day. */
export function childRestingKcal({ bodyKg, ageYears, sex }: Omit<Body, 'heightCm'>): number {
  if (sex === 'unknown') {
    const [boy, girl] = (['man', 'woman'] as const).map((each) =>
      childRestingKcal({ bodyKg, ageYears, sex: each }),
    );
    return (boy! + girl!) / 2;
  }
  const { perKg, rest } = resting[sex].find(({ below }) => ageYears < below)!;
  return perKg * bodyKg + rest;
}

/** What a body of any age burns at rest, in kcal a day. */
export function restingKcalAtAnyAge(body: Body): number {
  return body.ageYears < grownYears ? childRestingKcal(body) : restingKcal(body);
}

export const childRestingEnergy = modelOf({
  name: 'child-resting-energy',
  unit: 'kcal a day',
  formula:
    'boys: under 3 years 59.5 × kg − 30.4, under 10 22.7 × kg + 504.3, then 17.7 × kg + 658.2; girls: 58.3 × kg − 31.1, 20.3 × kg + 485.9, 13.4 × kg + 692.6; unknown: the mean',
  source: 'Schofield 1985, as recalled',
  inputs: {
    bodyKg: personKg,
    ageYears: from(0, 125, 'years'),
    sex: oneOf(...sexes),
  },
  work: (body) =>
    body.ageYears < grownYears
      ? answer(childRestingKcal(body))
      : noAnswer(`from ${grownYears} years on the equation of grown people is taken`),
});

/** With food included, in L a day, at rest in mild air, below an age in years. */
const childBaseL: readonly {
  readonly below: number;
  readonly boyL: number;
  readonly girlL: number;
}[] = [
  { below: 2, boyL: 1.2, girlL: 1.2 },
  { below: 4, boyL: 1.3, girlL: 1.3 },
  { below: 9, boyL: 1.6, girlL: 1.6 },
  { below: 14, boyL: 2.1, girlL: 1.9 },
  { below: Infinity, boyL: 2.5, girlL: 2 },
];

/** The body whose sweat the rates of grown people are told for, in kg. */
const grownKg = 75;

/** What a child drinks in a day, in L: the base of its age, and sweat by its mass. */
export function childWaterPerDayL(day: {
  readonly wbgtC: number;
  readonly workHours: number;
  readonly work: Work;
  readonly sex: Sex;
  readonly bodyKg: number;
  readonly ageYears: number;
}): number {
  const { boyL, girlL } = childBaseL.find(({ below }) => day.ageYears < below)!;
  const base = day.sex === 'woman' ? girlL : boyL;
  const share = Math.min(1, day.bodyKg / grownKg);
  const sweat = day.workHours * litresPerHour(day.wbgtC, day.work) * share;
  return Math.min(mostLitresADay * share, base + sweat);
}

export const childWaterPerDay = modelOf({
  name: 'child-water-per-day',
  unit: 'L a day',
  formula:
    'base (under 2 years 1.2, under 4 1.3, under 9 1.6, under 14 boy 2.1 and girl 1.9, then as grown people) + work hours × rate by WBGT and work × kg/75',
  source: 'EFSA 2010 (food included), as recalled; sweat by mass: planning value of this project',
  inputs: {
    wbgtC: from(-60, 60, '°C'),
    workHours: upToMost(24, 'h'),
    work: oneOf(...works),
    sex: oneOf(...sexes),
    bodyKg: personKg,
    ageYears: from(0, 125, 'years'),
  },
  work: (day) =>
    day.ageYears < grownYears
      ? answer(childWaterPerDayL(day))
      : noAnswer(`from ${grownYears} years on the model of grown people is taken`),
});

/** A usual child of an age: years, kg and cm (growth charts, rounded, as recalled). */
const usualChildren: readonly (readonly [years: number, kg: number, cm: number])[] = [
  [0, 4, 52],
  [1, 10, 75],
  [2, 12.5, 87],
  [4, 16.5, 103],
  [6, 20.5, 116],
  [8, 26, 128],
  [10, 32.5, 138],
  [12, 41, 150],
  [14, 51, 163],
  [grownYears, 56, 168],
];

/** What a child of an age usually weighs and measures, straight between the ages told. */
export function usualChild(ageYears: number): {
  readonly bodyKg: number;
  readonly heightCm: number;
} {
  const next = Math.max(
    1,
    usualChildren.findIndex(([years]) => years >= ageYears),
  );
  const [fromYears, fromKg, fromCm] = usualChildren[next - 1]!;
  const [toYears, toKg, toCm] = usualChildren[next]!;
  const share = (ageYears - fromYears) / (toYears - fromYears);
  return {
    bodyKg: fromKg + share * (toKg - fromKg),
    heightCm: fromCm + share * (toCm - fromCm),
  };
}
