import { boilsPerPortion } from '../catalogue/meals';
import { mealWaterPerDayL } from '../needs/water';
import { listed, printNumber, printVolume } from '../quantity';
import { idsOf } from './background';
import type { Rule } from './finding';

/** Meals ask more hot water than there is fuel or water for. */
export const mealsAskWater: Rule<{
  readonly litresPerDay: number;
  readonly short: 'fuel' | 'treat';
  readonly days: number | null;
}> = {
  id: 'food/needs-water',
  severities: ['warn'],
  speaksWhen: 'meals ask for more water or boils than the kit gives',
  mendedBy: 'add water or fuel, or take food that needs less',
  asks: 'a brief',
  because: 'A dry meal without hot water is ballast.',
  find: (_kit, { needsKit, need, ofKind, pieces }) => {
    if (needsKit === null) return [];
    // What nothing here cooks asks its water all the same.
    const litresPerDay = mealWaterPerDayL(
      needsKit,
      pieces.map(({ gear, placement }) => ({ gear, count: placement.count })),
    );
    if (litresPerDay === 0) return [];
    const short = (['fuel', 'treat'] as const).find((id) => {
      const standing = need(id)?.standing;
      return standing === 'short' || standing === 'none';
    });
    if (short === undefined) return [];
    const about = idsOf(
      pieces.filter(
        ({ gear }) =>
          gear.kind !== null &&
          boilsPerPortion.get(gear.kind) !== undefined &&
          gear.supplies.some(({ job }) => job === 'food'),
      ),
    );
    return [
      {
        severity: 'warn',
        about: about.length > 0 ? about : idsOf(ofKind('trail-meal')),
        of: 'meals',
        figures: { litresPerDay, short, days: need(short)!.days },
      },
    ];
  },
  says: ({ litresPerDay, short, days }, { units }) =>
    `The meals ask ${printVolume(litresPerDay * 1000, units)} of hot water a day; ${short === 'fuel' ? 'the fuel' : 'safe water'} lasts ${days === null || days === Infinity ? 'not long enough' : `${printNumber(days, 1)} days`}.`,
};

/** Food that has to be cooked, and nothing to cook it with or eat it from. */
export const noCook: Rule<{ readonly lacks: readonly ('a pot and heat' | 'a spoon')[] }> = {
  id: 'food/no-cook',
  severities: ['warn'],
  speaksWhen: 'there is food to cook without pot, heat or spoon',
  mendedBy: 'add the pot, the stove or the spoon that is missing',
  asks: null,
  because: 'Raw rice feeds nobody.',
  find: ({ ways }, { pieces }) => {
    const toCook = pieces.filter(({ gear }) =>
      gear.supplies.some(
        ({ job, demands }) =>
          job === 'food' &&
          demands.some((demand) => demand.on === 'jobs' && demand.anyOf.includes('boil')),
      ),
    );
    if (toCook.length === 0) return [];
    const lacks = [
      ...(ways.byJob.has('boil') ? [] : (['a pot and heat'] as const)),
      ...(ways.byJob.has('eat') ? [] : (['a spoon'] as const)),
    ];
    return lacks.length === 0
      ? []
      : [{ severity: 'warn', about: idsOf(toCook), of: 'cook', figures: { lacks } }];
  },
  says: ({ lacks }, { name }, about) =>
    `${listed(about.slice(0, 3).map(name))}${about.length > 3 ? ' and more' : ''}: to be cooked, without ${listed(lacks)}.`,
};

/** Tins, and nothing that opens them. */
export const noOpener: Rule<null> = {
  id: 'food/opener',
  severities: ['note'],
  speaksWhen: 'tins are there without an opener or a knife',
  mendedBy: 'add a can opener or a knife',
  asks: null,
  because: 'A tin is opened on a stone only in stories.',
  find: ({ ways }, { ofKind }) => {
    const tins = ofKind('tinned-food');
    const opens = ways.byJob.has('cut') || ofKind('tin-opener', 'wheel-tin-opener').length > 0;
    return tins.length === 0 || opens
      ? []
      : [{ severity: 'note', about: idsOf(tins), of: 'tins', figures: null }];
  },
  says: (_, { name }, about) => `${listed(about.map(name))}, and neither opener nor knife.`,
};

/** The food runs short, and a catch is counted on for the rest. */
export const countsOnCatch: Rule<{ readonly shortKcal: number }> = {
  id: 'food/catch',
  severities: ['note'],
  speaksWhen: 'a catch is counted on for more than “perhaps”',
  mendedBy: 'add food for these days',
  asks: 'a brief with days',
  because: 'One set in ten catches something in a night, and mostly it is unlawful.',
  find: (_kit, { need, ways, school }) => {
    const food = need('food');
    const sets = ways('catch');
    if (!food || sets.length === 0) return [];
    if (food.standing !== 'short' && food.standing !== 'none') return [];
    if (school('foodFromLand') === 'carried food') return [];
    const shortKcal = food.demand! - food.supply!;
    return [{ severity: 'note', about: idsOf(sets), of: 'catch', figures: { shortKcal } }];
  },
  says: ({ shortKcal }) =>
    `${printNumber(shortKcal, 0)} kcal are to be caught: a catch is a chance, and is not counted.`,
};
