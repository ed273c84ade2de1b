import { grownYears, usualChild, type Body } from '../models';
import type { Person } from './brief';

/** What is taken for a grown person of whom nothing is said (own). */
const usualBody = { bodyKg: 75, heightCm: 175, ageYears: 40 } as const;

/** A person’s body: as they say, and else as is usual for their age. */
export function bodyOf({ bodyKg, heightCm, ageYears, sex }: Person): Body {
  const usual = ageYears !== null && ageYears < grownYears ? usualChild(ageYears) : usualBody;
  return {
    bodyKg: bodyKg ?? usual.bodyKg,
    heightCm: heightCm ?? usual.heightCm,
    ageYears: ageYears ?? usualBody.ageYears,
    sex,
  };
}

/** Below this age nobody is asked to carry anything, in years, and how much of a child’s mass bears a load (own). */
const bearsFromYears = 5;
const childBears = 0.5;

/** How much of a body counts where a load is shared out, in kg: a child bears half as much for its mass, a small one nothing. */
export function bearingKg({ bodyKg, ageYears }: Pick<Body, 'bodyKg' | 'ageYears'>): number {
  if (ageYears < bearsFromYears) return 0;
  return ageYears < grownYears ? bodyKg * childBears : bodyKg;
}
