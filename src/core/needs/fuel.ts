import { countryOf } from '../brief';
import type { Sort } from '../gear';
import { boilEnergyKj, type Stove } from '../models';
import { climateOr } from './asks';
import { answered, daysOf, notAsked, notKnown, standingOf, type Answer } from './need';
import { idsOf, total, work, type NeedsKit } from './needs-kit';
import { mealWaterPerDayL, treatments, waterPerDay, waterTempC } from './water';

/** One hot cup for each in the evening, in L (own). */
const cupL = 0.25;

const stoveOf: Partial<Readonly<Record<Sort, Stove>>> = {
  gas: 'canister',
  spirit: 'alcohol',
  tablet: 'tablet',
  petrol: 'canister',
};

/** Litres brought to the boil in a day: for the meals, for a cup, and to make water safe where nothing else does. */
export function boiledPerDayL(kit: NeedsKit): number {
  const ways = treatments(kit);
  const onlyBoils = ways.length > 0 && ways.every(({ amount }) => amount === null);
  const safe = onlyBoils ? (waterPerDay(kit) ?? 0) : 0;
  return Math.max(safe, mealWaterPerDayL(kit) + cupL * kit.people.length);
}

/** Whether anything is: there is a way to, or a meal asks hot water. */
export function isCooked(kit: NeedsKit): boolean {
  return kit.given('boil').length > 0 || mealWaterPerDayL(kit) > 0;
}

/** What the boils of the trip take of the fuel that is carried; wood is there for the gathering where it grows. */
export function fuel(kit: NeedsKit): Answer {
  const { days, brief, print, conditions } = kit;
  if (days === null) return notKnown('kJ', 'when');
  if (!isCooked(kit)) return notAsked('kJ', 'Nothing is cooked.');
  const startC = waterTempC(kit);
  if (startC === null) return notKnown('kJ', ...climateOr(brief, 'the low and the high'));
  const snow = conditions.highC!.value < 0 ? 'yes' : 'no';
  const litres = boiledPerDayL(kit);
  const carried = kit.given('fuel');
  const burnsWood = kit.given('boil').length > 0 && brief.isFireAllowed && hasWood(kit);
  const sort = carried
    .map(({ supply }) => supply.sort)
    .find((each) => each !== null && stoveOf[each]);
  const stove: Stove = sort ? stoveOf[sort]! : burnsTwigs(kit) ? 'twig' : 'open fire';
  const boil = { litres, startC, altitudeM: brief.altitudeM ?? 0, snow, stove } as const;
  const perDay = boilEnergyKj(boil);
  const supply = total(carried);
  const demand = perDay * days;
  const isWood = supply < demand && burnsWood;
  return answered({
    standing: isWood ? 'met' : standingOf(supply, demand),
    demand,
    supply,
    unit: 'kJ',
    days: isWood ? Infinity : daysOf(supply, perDay),
    says: isWood
      ? `${print.litres(litres)} boiled a day on wood, which grows there: about ${print.mass((perDay / woodKjPerKg) * 1000)} a day.`
      : supply === 0
        ? `${print.litres(litres)} are to be boiled a day, and there is no fuel${brief.isFireAllowed ? '' : ', and no open fire is allowed'}.`
        : `${print.litres(litres)} boiled a day take ${print.number(perDay)} kJ; ${print.number(supply)} kJ are carried: ${print.days(daysOf(supply, perDay))}.`,
    placements: idsOf(isWood ? kit.given('boil') : carried),
    worked: [work('boil-energy', boil)],
    steps: [
      `Meals ${print.litres(mealWaterPerDayL(kit))}, a cup each ${print.litres(cupL * kit.people.length)}.`,
      `${days} days.`,
    ],
  });
}

const woodKjPerKg = 15_000;

function hasWood({ brief }: NeedsKit): boolean {
  return (countryOf(brief)?.firewood ?? 'none') !== 'none';
}

function burnsTwigs(kit: NeedsKit): boolean {
  return kit.given('stove').some(({ gear }) => gear.kind === 'twig-stove');
}
