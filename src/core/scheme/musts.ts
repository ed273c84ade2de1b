import { igniteJobs, isSameJobs, jobIds, jobs, type JobId } from '../gear';
import type { Wish } from '../loadout';
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
