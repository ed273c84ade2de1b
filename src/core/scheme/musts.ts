import { igniteJobs, isSameJobs, jobIds, jobs, type JobId } from '../gear';
import type { Wish } from '../loadout';
import type { Ways } from '../ways';
import { waysWanted } from './ways-wanted';

/** One thing a kit must be able to do, in any of these manners, and how many independent ways are wanted. */
export interface Must {
  readonly anyOf: readonly JobId[];
  readonly wanted: number;
}

/** What any kit must be able to do: each critical job, and igniting in any manner. */
export const mustsOfAnyKit: readonly (readonly JobId[])[] = [
  ...jobIds.filter((id) => jobs[id].critical).map((id) => [id]),
  igniteJobs,
];

/** What a kit must be able to do: what any must, and what its own wishes add, ask more of, or let go. */
export function mustsOf(wishes: readonly Wish[]): readonly Must[] {
  const added = wishes.filter(
    ({ anyOf }) => !mustsOfAnyKit.some((each) => isSameJobs(each, anyOf)),
  );
  return [...mustsOfAnyKit, ...added.map(({ anyOf }) => anyOf)]
    .map((anyOf) => ({ anyOf, wanted: waysWanted(anyOf, wishes) }))
    .filter(({ wanted }) => wanted > 0);
}

/** What a kit does least of against what is wanted of it. */
export interface WeakestMust extends Must {
  /** Independent ways that it has. */
  readonly ways: number;
}

/** The must that has the smallest share of the ways that are wanted, of equals the first; null where none wants more. */
export function weakestMust(ways: Ways, wishes: readonly Wish[]): WeakestMust | null {
  let weakest: WeakestMust | null = null;
  for (const must of mustsOf(wishes)) {
    const found = { ...must, ways: ways.depth(must.anyOf) };
    if (found.ways >= found.wanted) continue;
    if (weakest === null || found.ways / found.wanted < weakest.ways / weakest.wanted) {
      weakest = found;
    }
  }
  return weakest;
}
