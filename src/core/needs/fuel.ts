import { boilEnergyKj } from '../models';
import { climateOr } from './asks';
import { boilableL, carriedKj, hearthOf, mainStove } from './hearth';
import { answered, daysOf, notAsked, notKnown, standingOf, type Answer } from './need';
import { idsOf, work, type NeedsKit } from './needs-kit';
import { boilThere, safeWaterOf } from './safe-water';
import { listed } from '../quantity';
import { mealWaterPerDayL } from './water';

/** One hot cup for each in the evening, in L (own). */
const cupL = 0.25;

/**
 * Litres brought to the boil in a day: for the meals and a cup, and all that nothing else makes safe or that has to be melted. What
 * is boiled to be safe is what is drunk and cooked with, so it is not boiled again.
 */
export function boiledPerDayL(kit: NeedsKit): number {
  const cooked = mealWaterPerDayL(kit) + cupL * kit.people.length;
  const safe = safeWaterOf(kit);
  const boils = kit.given('boil').length > 0 || (safe?.isMelted ?? false);
  const toBoil = safe === null || !boils ? 0 : safe.toBoilL / Math.max(1, kit.days ?? 1);
  return Math.max(toBoil, cooked);
}

/** Whether anything is: there is a way to, a meal asks hot water, or all that is drunk is ice. */
export function isCooked(kit: NeedsKit): boolean {
  const safe = safeWaterOf(kit);
  return (
    hasPot(kit) || mealWaterPerDayL(kit) > 0 || (safe !== null && safe.isMelted && safe.toBoilL > 0)
  );
}

/** Whoever brings a pot means to heat it, whether there is anything here to do that or not. */
function hasPot(kit: NeedsKit): boolean {
  if (kit.given('boil').length > 0) return true;
  return kit.ways.idle.some(
    ({ supply, absence }) =>
      supply.job === 'boil' && supply.fitness === 'made-for' && absence === null,
  );
}

/** What the boils of the trip take of the fuel that is carried; wood is there for the gathering where it grows. */
export function fuel(kit: NeedsKit): Answer {
  const { days, brief, print } = kit;
  if (days === null) return notKnown('kJ', 'when');
  if (!isCooked(kit)) return notAsked('kJ', 'Nothing is cooked.');
  const there = boilThere(kit);
  if (there === null) return notKnown('kJ', ...climateOr(brief, 'the low and the high'));
  const hearth = hearthOf(kit);
  const litres = boiledPerDayL(kit);
  const stove = mainStove(hearth);
  const boil = { ...there, litres, stove };
  const perDay = boilEnergyKj(boil);
  const supply = carriedKj(hearth);
  const demand = perDay * days;
  const isWood = supply < demand && hearth.onWood !== null && kit.given('boil').length > 0;
  const woodKj = hearth.onWood === null ? 0 : boilEnergyKj({ ...boil, stove: hearth.onWood });
  const idle = hearth.idle.map(({ gear }) => gear.name);
  const verb = there.snow === 'yes' ? 'melted and boiled' : 'boiled';
  return answered({
    standing: isWood ? 'met' : standingOf(supply, demand),
    demand,
    supply,
    unit: 'kJ',
    days: isWood ? Infinity : daysOf(supply, perDay),
    says: [
      isWood
        ? `${print.litres(litres)} ${verb} a day on wood, which grows there: about ${print.mass((woodKj / woodKjPerKg) * 1000)} a day.`
        : supply === 0
          ? `${print.litres(litres)} are to be ${verb} a day, and there is no fuel${brief.isFireAllowed ? '' : ', and no open fire is allowed'}.`
          : `${print.litres(litres)} ${verb} a day take ${print.number(perDay)} kJ; ${print.number(supply)} kJ are carried: ${print.days(daysOf(supply, perDay))}.`,
      idle.length > 0
        ? `Not counted, as no stove here burns it there: ${listed([...new Set(idle)])}.`
        : '',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf(isWood ? kit.given('boil') : hearth.burning.map(({ given }) => given)),
    worked: [work('boil-energy', boil)],
    steps: [
      `Meals ${print.litres(mealWaterPerDayL(kit))}, a cup each ${print.litres(cupL * kit.people.length)}.`,
      ...(hearth.burning.length > 1 && new Set(hearth.burning.map((each) => each.stove)).size > 1
        ? ['Each fuel counts by how much of its heat its own stove brings into the water.']
        : []),
      ...(isWood
        ? []
        : [`It boils ${print.litres(boilableL({ ...hearth, onWood: null }, there))} in all.`]),
      `${days} days.`,
    ],
  });
}

const woodKjPerKg = 15_000;
