import { answer, modelOf, people, upToMost } from './model';

/** Waking hours of a day: a dry stretch of these asks a whole day’s water. */
const wakingH = 16;

/** How many days of water a dry stretch asks. */
export function dryDays(dryHours: number): number {
  return dryHours <= wakingH ? dryHours / wakingH : Math.max(1, dryHours / 24);
}

/** What is carried to get over a stretch without water, in L. */
export function waterToCarryL(litresPerDay: number, people: number, dryHours: number): number {
  return litresPerDay * people * dryDays(dryHours);
}

export const waterToCarry = modelOf({
  name: 'water-to-carry',
  unit: 'L',
  formula:
    'litres a day × people × days; days = dry hours/16 up to 16 h, then max(1, dry hours/24)',
  source: 'planning value of this project',
  inputs: { litresPerDay: upToMost(30, 'L'), people, dryHours: upToMost(2400, 'h') },
  work: ({ litresPerDay, people: count, dryHours }) =>
    answer(waterToCarryL(litresPerDay, count, dryHours)),
});
