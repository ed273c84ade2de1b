import { countryOf } from '../brief';
import { isRelied, total, type NeedsKit } from './needs-kit';

/** Waking hours of a day, and what somebody drinks on the spot where there is water, in L (own). */
const wakingH = 16;
export const onTheSpotL = 0.75;

/**
 * What can be taken from the land on the whole trip, in L: at each water the vessels are filled, and everybody drinks. Within a day’s
 * reach the camp lies by water too. None where the country has none to count on, unless somebody said how far apart waters lie.
 */
export function fromTheLandL(kit: NeedsKit): number {
  const { conditions, brief, people } = kit;
  const days = kit.days ?? 1;
  const { dryHours } = conditions;
  const isTold = dryHours !== null && dryHours.by !== 'country';
  if (!isTold && countryOf(brief)?.water === 'none') return 0;
  if (dryHours === null || dryHours.value === 0) return Infinity;
  const atWaters = Math.floor((wakingH * days) / dryHours.value);
  const fills = dryHours.value <= wakingH ? atWaters + days : atWaters;
  const vessels = kit
    .given('carry-water')
    .filter((given) => isRelied(given) && !given.isToBeEmptied);
  return fills * (total(vessels) / 1000 + onTheSpotL * people.length);
}
