import type { Gear } from './gear';
import { withCount } from './lots';

/** New ones of a line, as nobody has them yet: full, nobody’s, without dates or a history, not weighed, and in one kit alone. */
export function asWish(gear: Gear, id: string, count: number): Gear {
  return {
    ...withCount({ ...gear, lots: [] }, count),
    id,
    ownership: 'wished',
    massTrust: gear.massTrust === 'weighed' ? 'stated' : gear.massTrust,
    goodUntil: null,
    lentTo: null,
    borrowedFrom: null,
    takenFrom: null,
    awaySince: null,
    backBy: null,
    checks: [],
    isShared: false,
    photo: null,
    contents: gear.contents && { ...gear.contents, left: gear.contents.full },
  };
}
