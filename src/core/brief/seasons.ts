import type { Conditions } from './conditions';

/** A time that has freezing nights and warm days in it: a kit for it is a kit for two seasons. */
export interface TwoSeasons {
  readonly lowC: number;
  readonly highC: number;
}

/** Water freezes, and a day is warm when one sweats standing still (own). */
const freezesC = 0;
const warmC = 20;

/** Both ends of a time that is of two seasons; null where it is of one, or not known. */
export function twoSeasonsIn({ lowC, highC }: Conditions): TwoSeasons | null {
  return lowC !== null && highC !== null && lowC.value <= freezesC && highC.value >= warmC
    ? { lowC: lowC.value, highC: highC.value }
    : null;
}
