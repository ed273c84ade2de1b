import { boilsPerPortion } from '../catalogue/meals';
import type { Threat } from '../gear';
import { isTornByFrost, treeOf } from '../loadout';
import type { Worked } from '../models/run-model';
import { childWaterPerDayL, grownYears, waterPerDayL, type Work } from '../models';
import { climateOr } from './asks';
import { isRelied, work, type Given, type NeedsKit, type Somebody } from './needs-kit';
import { hoursADay } from './walk';

/** What everybody drinks in a day, in L; null while the heat is not known. */
export function drunkPerDayL(kit: NeedsKit): number | null {
  const heat = kit.conditions.wbgtC;
  if (heat === null) return null;
  const effort = kit.brief.work;
  const workHours = hoursADay(kit);
  return kit.people.reduce(
    (sum, somebody) => sum + drunkBy(somebody, { wbgtC: heat.value, workHours, work: effort }),
    0,
  );
}

/** What one of the people drinks in a day, in L. */
function drunkBy(
  { sex, bodyKg, ageYears }: Somebody,
  day: { readonly wbgtC: number; readonly workHours: number; readonly work: Work },
): number {
  return ageYears < grownYears
    ? childWaterPerDayL({ ...day, sex, bodyKg, ageYears })
    : waterPerDayL({ ...day, sex });
}

/** The same, as it may be worked again. */
export function workedDrink(kit: NeedsKit, { sex, bodyKg, ageYears }: Somebody): Worked {
  const day = {
    wbgtC: kit.conditions.wbgtC!.value,
    workHours: hoursADay(kit),
    work: kit.brief.work,
    sex,
  };
  return ageYears < grownYears
    ? work('child-water-per-day', { ...day, bodyKg, ageYears })
    : work('water-per-day', day);
}

/** Hot meals that somebody eats in a day at most, and of one kind (own). */
const mostMealsADay = 2;
const mostOfKindADay = 1;

/**
 * Hot water that the meals ask in a day, in L: portions that are there, as far as they are eaten. Tea is drink, and is in what is
 * drunk already.
 *
 * @param foods the food that is looked at: what can be cooked here, where nothing else is said.
 */
export function mealWaterPerDayL(
  kit: NeedsKit,
  foods: readonly Pick<Given, 'gear' | 'count'>[] = kit.given('food'),
): number {
  const personDays = kit.people.length * Math.max(1, kit.days ?? 1);
  const portions = new Map<string, { mL: number; many: number }>();
  for (const { gear, count } of foods) {
    const boils = gear.kind === null ? undefined : boilsPerPortion.get(gear.kind);
    if (!boils) continue;
    const many = (portions.get(gear.kind!)?.many ?? 0) + boils.portions * count;
    portions.set(gear.kind!, { mL: boils.mL, many: Math.min(many, mostOfKindADay * personDays) });
  }
  const all = [...portions.values()];
  const eaten = all.reduce((sum, { many }) => sum + many, 0);
  const share = Math.min(1, (mostMealsADay * personDays) / Math.max(eaten, 1e-9));
  const litres = all.reduce((sum, { mL, many }) => sum + (mL * many) / 1000, 0);
  return (litres * share) / Math.max(1, kit.days ?? 1);
}

/** What is used in a day: drunk, and in the meals. */
export function waterPerDay(kit: NeedsKit): number | null {
  const drunk = drunkPerDayL(kit);
  return drunk === null ? null : drunk + mealWaterPerDayL(kit);
}

/** What a low sun and a cold night leave of the water’s own warmth, in °C (own): never below melting. */
export function waterTempC({ conditions: { lowC, highC } }: NeedsKit): number | null {
  return lowC === null || highC === null ? null : Math.max(1, (lowC.value + highC.value) / 2);
}

/** What of the brief has to be said before water is known. */
export function asksOfHeat({ brief, conditions, days }: NeedsKit): readonly string[] {
  if (conditions.wbgtC === null) return climateOr(brief, 'the high');
  return days === null ? ['when'] : [];
}

/**
 * Treatment that counts here: what nobody would stake a day on is left out, what freezes where it does not thaw by day, and a
 * filter that a night’s frost tears where it lies.
 */
export function treatments(kit: NeedsKit): readonly Given[] {
  return treating(kit).filter((given) => !isFrozen(kit, given));
}

/** Treatment that would count, and does not for the frost there. */
export function frozenTreatments(kit: NeedsKit): readonly Given[] {
  return treating(kit).filter((given) => isFrozen(kit, given));
}

function treating(kit: NeedsKit): readonly Given[] {
  return kit.given('treat-water').filter((given) => isRelied(given) && removes(given).length > 0);
}

function isFrozen(
  { conditions: { highC, lowC }, loadout, shelf }: NeedsKit,
  given: Given,
): boolean {
  const isIce = highC !== null && highC.value < 0;
  const night = { tree: treeOf(loadout), shelf, lowC: lowC?.value ?? 0 };
  return (isIce && given.gear.failsIn.includes('frost')) || isTornByFrost(night, given);
}

export function removes({ supply: { facts } }: Given): readonly Threat[] {
  return facts?.of === 'treatment' ? facts.removes : [];
}
