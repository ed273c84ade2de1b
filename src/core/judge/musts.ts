import { igniteJobs, jobIds, jobs, waysWanted, type JobId } from '../gear';

/** One thing a kit must be able to do, in any of these manners, and how many independent ways are wanted. */
export interface Must {
  readonly anyOf: readonly JobId[];
  readonly wanted: number;
}

/** What every kit must be able to do: each critical job, and igniting in any manner. */
export const musts: readonly Must[] = [
  ...jobIds.filter((id) => jobs[id].critical).map((id) => [id]),
  igniteJobs,
].map((anyOf) => ({ anyOf, wanted: waysWanted(anyOf) }));
