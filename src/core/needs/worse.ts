import type { Need } from './need';

const rank = { met: 0, 'not known': 1, short: 2, none: 3 } as const;

/** How far what is given lies from what is asked; the temperature slept through, and a load, lie above it. */
export function lackOf({ need, demand, supply }: Pick<Need, 'need' | 'demand' | 'supply'>): number {
  const less = (demand ?? 0) - (supply ?? 0);
  return need === 'sleep' || need === 'load' ? -less : less;
}

/** A need that stood and does not, or that was short and is shorter. */
export function isWorseOff(before: Need, after: Need): boolean {
  if (rank[after.standing] > rank[before.standing]) return true;
  if (before.standing === 'met') return false;
  const isLess =
    before.supply !== null && after.supply !== null && lackOf(after) > lackOf(before) + 1e-9;
  return isLess || (before.days ?? 0) > (after.days ?? 0) + 1e-9;
}

/** Whether any of the same needs, in the same order, is worse off. */
export function isAnyWorseOff(before: readonly Need[], after: readonly Need[]): boolean {
  return after.some((need, at) => isWorseOff(before[at]!, need));
}

/** Whether a need fell to a lower standing: met before, and now short of it or none. */
export function hasFallen(before: Need, after: Need): boolean {
  return rank[after.standing] > rank[before.standing];
}
