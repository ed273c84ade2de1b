import { hullOf, type Load, type Stowed } from './cargo';
import { middleOf } from './solid';

/** How well pieces are placed, each from 0, the best, to 1. They count in this order. */
export interface Placing {
  /** How far below the mouth the urgent pieces lie. */
  readonly urgent: number;
  /** How high the mass lies, or how far from the back of what is worn. */
  readonly heavy: number;
  /** How much of the free height is broken up: the highest piece's top. */
  readonly broken: number;
}

/** Below this two placings count as equal. */
const step = 0.01;

export function placingOf(load: Load, placed: readonly Stowed[]): Placing {
  const [, width, height] = hullOf(load.container);
  const items = new Map(load.items.map((item) => [item.id, item]));
  let urgent = 0;
  let urgentPieces = 0;
  let moment = 0;
  let mass = 0;
  let top = 0;
  for (const stowed of placed) {
    const { massG = 0, isUrgent = false } = items.get(stowed.id)!;
    if (isUrgent) {
      urgent += 1 - (stowed.atMm[2] + stowed.sizeMm[2]) / height;
      urgentPieces += 1;
    }
    mass += massG;
    moment += massG * (load.isWorn ? middleOf(stowed, 1) / width : middleOf(stowed, 2) / height);
    top = Math.max(top, (stowed.atMm[2] + stowed.sizeMm[2]) / height);
  }
  return {
    urgent: urgentPieces === 0 ? 0 : urgent / urgentPieces,
    heavy: mass === 0 ? 0 : moment / mass,
    broken: top,
  };
}

export function isBetterPlaced(one: Placing, other: Placing): boolean {
  for (const key of ['urgent', 'heavy', 'broken'] as const) {
    if (one[key] < other[key] - step) return true;
    if (one[key] > other[key] + step) return false;
  }
  return false;
}
