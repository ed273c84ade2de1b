import { isClothes } from '../gear';
import { printNumber, withVerb } from '../quantity';
import { isKeptDry } from '../ways';
import { idsOf, type Piece } from './background';
import type { Rule } from './finding';
import { isShort } from './sleep';

/** Day clothing is short of what standing about in camp asks. */
export const coldDay: Rule<{ readonly askedClo: number; readonly thereClo: number }> = {
  id: 'warm/day',
  severities: ['warn'],
  speaksWhen: 'day clothing is short of the cold and the wind',
  mendedBy: 'add a warm layer',
  asks: 'the low and the wind',
  because: 'Cold hands do nothing right.',
  find: (_kit, { need }) => {
    const warmth = need('warmth');
    if (!isShort(warmth)) return [];
    const figures = { askedClo: warmth.demand!, thereClo: warmth.supply! };
    return [{ severity: 'warn', about: warmth.placements, of: 'warmth', figures }];
  },
  says: ({ askedClo, thereClo }) =>
    `In camp everybody wears ${printNumber(askedClo, 1)} clo; the worst off has ${printNumber(thereClo, 1)}.`,
};

/** Cold is below so many °C here (own). */
const coldBelowC = 10;

/** Cotton worn where it is cold and wet. */
export const cottonWorn: Rule<null> = {
  id: 'warm/cotton',
  severities: ['warn'],
  speaksWhen: `cotton is a worn layer below ${coldBelowC} °C in the wet`,
  mendedBy: 'take wool or synthetic instead',
  asks: 'the low and whether it is wet',
  because: 'Wet cotton cools as if one were naked.',
  find: (_kit, { told, pieces }) => {
    if (told?.isWet !== true || !told.lowC || told.lowC.value >= coldBelowC) return [];
    const cotton = pieces.filter(
      ({ gear }) =>
        isClothes(gear) &&
        gear.supplies.some(
          ({ facts }) =>
            (facts?.of === 'warmth' && facts.stuff === 'cotton') ||
            (facts?.of === 'cloth' && facts.isCotton),
        ),
    );
    return cotton.map(({ placement }) => ({
      severity: 'warn',
      about: [placement.id],
      figures: null,
    }));
  },
  says: (_, { name }, [placement]) =>
    `${withVerb(name(placement!), 'is', 'are')} cotton: worn in cold and wet, that warms nobody.`,
};

/** Wet and cold, and no dry set of clothes that stays dry. */
export const noDrySet: Rule<null> = {
  id: 'warm/dry-set',
  severities: ['warn'],
  speaksWhen: `it is wet and below ${coldBelowC} °C with nights out, and no warm layer is kept dry`,
  mendedBy: 'add a dry bag for the warm clothes of the night',
  asks: 'nights, the low and whether it is wet',
  because: 'The dry set is what the night is slept in, whatever the day did.',
  find: ({ ways, tree, bench, context }, { told, nights, doing }) => {
    // In a house or a car one is dry.
    if (context === 'home' || context === 'vehicle') return [];
    if (told?.isWet !== true || !told.lowC || told.lowC.value >= coldBelowC) return [];
    if (nights === null || nights === 0) return [];
    const layers = doing('insulate').filter(({ gear }) => isClothing(gear.look.silhouette));
    const isDry = layers.some(({ placement }) => isKeptDry(tree, bench.shelf, placement));
    return isDry || ways.formula.sources.length === 0
      ? []
      : [{ severity: 'warn', about: idsOf(layers), of: 'dry set', figures: null }];
  },
  says: (_, _edge, about) =>
    about.length === 0
      ? 'Wet and cold, and no warm layer to change into.'
      : 'Wet and cold, and no warm layer lies in a closed waterproof holder.',
};

function isClothing(silhouette: string): boolean {
  return ['garment', 'folded-sheet', 'roll'].includes(silhouette);
}

/** Rain is kept off everybody below this, and hands kept warm below that, in °C of the low (own). */
const wetColdC = 15;
const coldHandsC = 6;
const windyKmh = 15;

/** There is rain gear for some of the people only, or nothing on their hands in cold, wet or wind. */
export const notForAll: Rule<{
  readonly lacks: 'rain' | 'hands';
  readonly there: number;
  readonly people: number;
}> = {
  id: 'warm/for-all',
  severities: ['warn'],
  speaksWhen: `fewer people have something against rain, or on their hands below ${coldHandsC} °C, than go`,
  mendedBy: 'add one for each person',
  asks: 'people, the low and whether it is wet',
  because: 'Who has no coat, or hands that no longer close, ends the trip for all.',
  find: ({ whole }, { context, told, brief, doing }) => {
    if (brief === null || !told?.lowC || whole.placements.length === 0) return [];
    if (context === null || context === 'home' || context === 'town') return [];
    const people = brief.people.length;
    const { lowC, isWet, windKmh } = told;
    const isCold = lowC.value < coldHandsC;
    const isRaw = isWet === true || lowC.value < 0 || (windKmh?.value ?? 0) > windyKmh;
    const asked = [
      ...(isWet === true && lowC.value < wetColdC && context !== 'vehicle'
        ? [{ lacks: 'rain' as const, pieces: doing('shell').filter(isGarment) }]
        : []),
      ...(isCold && isRaw
        ? [{ lacks: 'hands' as const, pieces: doing('hands', 'insulate').filter(isOnHands) }]
        : []),
    ];
    return asked.flatMap(({ lacks, pieces }) => {
      const there = pieces.reduce((sum, { placement }) => sum + placement.count, 0);
      const figures = { lacks, there, people };
      return there >= people
        ? []
        : [{ severity: 'warn' as const, about: idsOf(pieces), of: lacks, figures }];
    });
  },
  says: ({ lacks, there, people }) => {
    const what = lacks === 'rain' ? 'rain jacket or coat' : 'pair of gloves';
    if (there > 0) return `A ${what} for ${there} of ${people}.`;
    return people === 1 ? `No ${what}.` : `No ${what} for any of ${people}.`;
  },
};

function isGarment({ gear }: Piece): boolean {
  return isClothing(gear.look.silhouette);
}

function isOnHands({ gear }: Piece): boolean {
  return gear.look.silhouette === 'gloves';
}
