import { listed, printNumber } from '../quantity';
import type { Need } from '../needs';
import { anyNightC } from '../needs/sleep';
import { hangsFreeFromC } from '../needs/sleepers';
import { idsOf } from './background';
import type { Edge, Rule } from './finding';

export function isShort(need: Need | null): need is Need {
  return need !== null && (need.standing === 'short' || need.standing === 'none');
}

/** Below this a hammock needs an under-quilt or a mat, in °C. */
const hammockBelowC = hangsFreeFromC;

/** The night is colder than what the worst-off sleeps through. */
export const coldSleep: Rule<{ readonly lowC: number; readonly limitC: number | null }> = {
  id: 'sleep/short',
  severities: ['stop'],
  speaksWhen: 'the low is below what the worst-off sleeps through',
  mendedBy: 'take a warmer bag, more insulation under it, or more clothes',
  asks: 'nights and the low',
  because: 'Who does not sleep is in danger on the second day; an estimate on the safe side.',
  find: (_kit, { need }) => {
    const sleep = need('sleep');
    if (!isShort(sleep) || sleep.demand === null) return [];
    const figures = { lowC: sleep.demand, limitC: sleep.supply };
    return [{ severity: 'stop', about: sleep.placements, of: 'sleep', figures }];
  },
  says: ({ lowC, limitC }, edge) =>
    limitC === null
      ? `A cold night is ${celsius(lowC, edge)}, and nothing here is slept in.`
      : `A cold night is ${celsius(lowC, edge)}; the worst-off ${limitC > anyNightC ? 'would be cold on any night' : `sleeps through ${celsius(limitC, edge)}`}.`,
};

/** A temperature in somebody's units, in whole degrees. */
export function celsius(tempC: number, { units }: Pick<Edge, 'units'>): string {
  return units === 'us' ? `${printNumber(tempC * 1.8 + 32, 0)} °F` : `${printNumber(tempC, 0)} °C`;
}

/** The ground takes more warmth than what lies on it keeps. */
export const coldGround: Rule<{ readonly asked: number; readonly there: number }> = {
  id: 'sleep/ground',
  severities: ['warn'],
  speaksWhen: 'the R-value beneath is below what the ground asks',
  mendedBy: 'add a sleeping mat',
  asks: 'nights and the low',
  because: 'The ground takes more warmth than the air.',
  find: (_kit, { need }) => {
    const ground = need('ground');
    if (!isShort(ground)) return [];
    const figures = { asked: ground.demand!, there: ground.supply! };
    return [{ severity: 'warn', about: ground.placements, of: 'ground', figures }];
  },
  says: ({ asked, there }) =>
    `The ground asks R ${printNumber(asked, 1)}; the worst-off has R ${printNumber(there, 1)} beneath.`,
};

/** A hammock in the cool, with nothing under it. */
export const underHang: Rule<{ readonly lowC: number }> = {
  id: 'sleep/under-hang',
  severities: ['warn'],
  speaksWhen: `a hammock hangs below ${hammockBelowC} °C with nothing under it`,
  mendedBy: 'add insulation under the hammock',
  asks: 'the low',
  because: 'Air under the back cools all night.',
  find: (_kit, { told, ofKind, doing, nights }) => {
    const hammocks = ofKind('hammock');
    if (hammocks.length === 0 || nights === 0 || !told?.lowC) return [];
    if (told.lowC.value >= hammockBelowC || doing('ground').length > 0) return [];
    const figures = { lowC: told.lowC.value };
    return [{ severity: 'warn', about: idsOf(hammocks), of: 'hang', figures }];
  },
  says: ({ lowC }, edge, about) =>
    `${listed(about.map(edge.name))} at ${celsius(lowC, edge)}, and nothing insulates it from below.`,
};

/** Ground that bites, and nothing that lifts or nets. */
export const bitingGround: Rule<null> = {
  id: 'sleep/raise',
  severities: ['warn'],
  speaksWhen: 'what crawls on the ground bites, and there is nothing to hang in or to net',
  mendedBy: 'add a hammock or a closed net',
  asks: 'the kind of country and nights',
  because: 'Nobody sleeps among ants, and some of what crawls does worse.',
  find: ({ whole }, { country, nights, doing, ofKind }) => {
    if (country?.groundBites !== true || nights === null || nights === 0) return [];
    if (whole.placements.length === 0 || doing('raise').length > 0) return [];
    return ofKind('tent', 'bug-net').length > 0
      ? []
      : [{ severity: 'warn', about: [], of: 'raise', figures: null }];
  },
  says: () => 'What crawls there bites: nothing here hangs above the ground or keeps it out.',
};
