import { boilsPerPortion } from '../catalogue/meals';
import type { Threat } from '../gear';
import { filledAtStart, type FilledAtStart } from '../loadout';
import { contactTimeMin, waterPerDayL } from '../models';
import { climateOr } from './asks';
import { isRelied, total, type Given, type NeedsKit } from './needs-kit';

/** Vessels that are full when they set out, of those that hold clean water. */
export function filledHere(kit: NeedsKit): readonly FilledAtStart[] {
  const holds = new Set(kit.given('carry-water').map(({ placement }) => placement.id));
  return filledAtStart(kit.loadout).filter(({ placement }) => holds.has(placement));
}

export function filledMl(filled: readonly FilledAtStart[]): number {
  return filled.reduce((sum, { ml }) => sum + ml, 0);
}

/** What everybody drinks in a day, in L; null while the heat is not known. */
export function drunkPerDayL({ people, conditions, brief }: NeedsKit): number | null {
  const heat = conditions.wbgtC;
  if (heat === null) return null;
  const { work: effort, workHours } = brief;
  return people.reduce(
    (sum, { sex }) => sum + waterPerDayL({ wbgtC: heat.value, workHours, work: effort, sex }),
    0,
  );
}

/** Hot water that the meals ask in a day, in L: portions that are there, over the days. */
export function mealWaterPerDayL(kit: NeedsKit): number {
  const portions = kit.given('food').map(({ gear, count }) => {
    const boils = gear.kind === null ? undefined : boilsPerPortion.get(gear.kind);
    return boils ? (boils.mL * boils.portions * count) / 1000 : 0;
  });
  return portions.reduce((sum, litres) => sum + litres, 0) / Math.max(1, kit.days ?? 1);
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

/** Treatment that counts here: those that nobody would stake a day on are left out. */
export function treatments(kit: NeedsKit): readonly Given[] {
  return kit.given('treat-water').filter((given) => isRelied(given) && removes(given).length > 0);
}

export function removes({ supply: { facts } }: Given): readonly Threat[] {
  return facts?.of === 'treatment' ? facts.removes : [];
}

/** Boiling makes safe as much as there is fire for; the fuel is asked for by itself. */
export function litresTreated(ways: readonly Given[]): number {
  return ways.some(({ amount }) => amount === null) ? Infinity : total(ways);
}

/** The shortest wait for safe water in this cold, in min; 0 for what filters, null where nothing treats. */
export function shortestWaitMin(kit: NeedsKit): number | null {
  const tempC = waterTempC(kit) ?? 10;
  const waits = treatments(kit).map((given) => {
    const { facts } = given.supply;
    if (facts?.of !== 'treatment' || facts.minutes === 0) return 0;
    return (
      contactTimeMin({
        method: facts.minutes === 1 ? 'boil' : 'chlorine tablet',
        waterC: tempC,
        cloudy: 'no',
        altitudeM: kit.brief.altitudeM ?? 0,
      }).value ?? 5
    );
  });
  return waits.length === 0 ? null : Math.min(...waits);
}
