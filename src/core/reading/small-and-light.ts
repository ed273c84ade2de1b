import { capacityOf, withCapacity, withMassShare, type Kind } from '../catalogue';
import type { Gear } from '../gear';
import { byName } from '../quantity';
import { stem, wordsOf } from './words';

/** What is left of a usual one’s mass and bulk (own): of a mini saw about half, of a light poncho rather more. */
const smaller = byName<number>({
  mini: 0.45,
  tiny: 0.45,
  micro: 0.45,
  small: 0.6,
  compact: 0.6,
});
const lighter = byName<number>({
  light: 0.6,
  lightweight: 0.6,
  ultralight: 0.5,
  thin: 0.6,
  slim: 0.6,
});

/** How much warmer a night a light bag of no told rating is for, in °C (own). */
const warmerNightC = 8;

/**
 * A usual piece of a kind as small or as light as its line says, where that is no part of what the kind itself is called. A small
 * vessel or bag holds less too; a light bag warms less.
 */
export function asSmallAsSaid(gear: Gear, kind: Kind, words: string): Gear {
  const own = new Set([...kind.nouns, ...kind.traits, kind.name].flatMap(wordsOf).map(stem));
  const said = wordsOf(words)
    .map(stem)
    .filter((word) => !own.has(word));
  const small = said.flatMap((word) => smaller.get(word) ?? [])[0];
  const light = said.flatMap((word) => lighter.get(word) ?? [])[0];
  if (small === undefined && light === undefined) return gear;
  const holds = capacityOf(gear);
  const sized =
    small !== undefined && holds > 0
      ? withCapacity(gear, holds * small)
      : withMassShare(gear, small ?? light!);
  return {
    ...sized,
    supplies: sized.supplies.map((supply) =>
      supply.job === 'sleep' && supply.amount !== null
        ? { ...supply, amount: supply.amount + warmerNightC }
        : supply,
    ),
  };
}
