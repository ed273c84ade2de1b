import type { Gear, Lot } from '../gear';
import type { Warmth } from './store';

/** What was worked out in one store, and in the others that were asked about: seldom more than two. */
interface Answer<T> {
  readonly warmth: Warmth;
  readonly found: T;
  readonly before: Answer<T> | undefined;
}

/**
 * Works something out for a lot of a gear in a store once, for as long as the gear is the same. Thousands of lots are asked
 * about at a time: each costs one small record, and no table of its own.
 */
export function byLot<T>(
  workOut: (gear: Gear, lot: Lot, warmth: Warmth) => T,
): (gear: Gear, lot: Lot, warmth: Warmth) => T {
  const known = new WeakMap<Gear, Map<Lot, Answer<T>>>();
  return (gear, lot, warmth) => {
    let ofGear = known.get(gear);
    if (!ofGear) known.set(gear, (ofGear = new Map()));
    const before = ofGear.get(lot);
    for (let each = before; each; each = each.before) {
      if (each.warmth === warmth) return each.found;
    }
    const found = workOut(gear, lot, warmth);
    ofGear.set(lot, { warmth, found, before });
    return found;
  };
}
