import type { JobId } from '../gear';
import { singleLosses } from './depth';
import type { Ways } from './ways';

/** Several pieces that do one thing, all of which go with the loss of one holder. */
export interface AllInOne {
  /** Placements that do it. */
  readonly pieces: readonly string[];
  /** The innermost holder that takes them all: what is to be split up; what is round it goes with it anyway. */
  readonly holder: string;
}

/** Whether all ways to one thing go with one holder though several pieces do it; null where they do not. */
export function allInOne(ways: Ways, anyOf: readonly JobId[]): AllInOne | null {
  const own = ways.all.filter(({ job }) => anyOf.includes(job));
  const pieces = [...new Set(own.map(({ placement }) => placement.id))];
  if (pieces.length < 2 || ways.depth(anyOf) !== 1) return null;
  const holder = singleLosses(ways.formula, anyOf).find(({ kind }) => kind === 'holder');
  return holder ? { pieces, holder: holder.placement } : null;
}
