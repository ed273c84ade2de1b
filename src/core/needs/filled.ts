import { filledAtStart, type FilledAtStart } from '../loadout';
import type { NeedsKit } from './needs-kit';

/** Vessels that are full when they set out, of those that hold clean water: no more is in one than it holds. */
export function filledHere(kit: NeedsKit): readonly FilledAtStart[] {
  const vessels = new Map(kit.given('carry-water').map((given) => [given.placement.id, given]));
  return filledAtStart(kit.loadout).flatMap((filled) => {
    const vessel = vessels.get(filled.placement);
    if (!vessel) return [];
    const roomMl = vessel.amount === null ? Infinity : vessel.amount * vessel.count;
    return [{ ...filled, ml: Math.min(filled.ml, roomMl) }];
  });
}

export function filledMl(filled: readonly FilledAtStart[]): number {
  return filled.reduce((sum, { ml }) => sum + ml, 0);
}
