import type { Load } from './cargo';
import { stowageOf, type StowSearch } from './stow-search';
import type { Stowage } from './stowage';
import { wrongWith } from './verify';

/**
 * What a search came to in the end, verified. An answer that does not hold is a fault of this program: nothing is told of
 * it but that, so that nobody packs by it.
 */
export function answerOf(loads: readonly Load[], search: StowSearch): Stowage {
  return verified(loads, stowageOf(search));
}

/** An answer as it is where it holds; where it does not, one that places nothing and says what is wrong. */
export function verified(loads: readonly Load[], stowage: Stowage): Stowage {
  const [wrong] = wrongWith(loads, stowage);
  if (wrong === undefined) return stowage;
  const left = loads[0]!.items.map(({ id }) => ({ id, why: { why: 'fault', wrong } as const }));
  return { ...stowage, fits: false, placed: [], left, fill: 0 };
}
