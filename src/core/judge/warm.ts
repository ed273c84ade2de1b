import { isClothes } from '../gear';
import { printNumber, withVerb } from '../quantity';
import { isKeptDry } from '../ways';
import { idsOf } from './background';
import type { Rule } from './finding';
import { isShort } from './sleep';

/** Day clothing is short of what standing about in camp asks. */
export const coldDay: Rule<{ readonly askedClo: number; readonly thereClo: number }> = {
  id: 'warm/day',
  severities: ['warn'],
  speaksWhen: 'day clothing is short of the cold and the wind',
  mendedBy: 'add',
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
  mendedBy: 'swap, leave',
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
  mendedBy: 'move, add',
  asks: 'nights, the low and whether it is wet',
  because: 'The dry set is what the night is slept in, whatever the day did.',
  find: ({ ways, tree, bench }, { told, nights, doing }) => {
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
