import type { JobId } from '../gear';
import { singleLosses } from './depth';
import type { Way, Ways } from './ways';

/** Several pieces that do one thing, all of which go with the loss of one holder. */
export interface AllInOne {
  /** Placements that do it. */
  readonly pieces: readonly string[];
  /** How many things they are: three lighters of one placement are three. */
  readonly items: number;
  /** The innermost holder that takes them all: what is to be split up; what is round it goes with it anyway. */
  readonly holder: string;
}

/** Whether all ways to one thing go with one holder though several things do it; null where they do not. */
export function allInOne(ways: Ways, anyOf: readonly JobId[]): AllInOne | null {
  const own = ways.all.filter(({ job }) => anyOf.includes(job));
  const items = itemsOf(own);
  if (items < 2 || ways.depth(anyOf) !== 1) return null;
  const holder = singleLosses(ways.formula, anyOf).find(({ kind }) => kind === 'holder');
  const pieces = [...new Set(own.map(({ placement }) => placement.id))];
  return holder ? { pieces, items, holder: holder.placement } : null;
}

/** How many things some ways are of, each placement counted once with all of it. */
export function itemsOf(ways: readonly Pick<Way, 'placement'>[]): number {
  const counts = new Map(ways.map(({ placement }) => [placement.id, placement.count]));
  return [...counts.values()].reduce((sum, count) => sum + count, 0);
}
