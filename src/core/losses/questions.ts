import { igniteJobs, isSameJobs, jobIds, type JobId } from '../gear';
import type { Wish } from '../loadout';
import { mustsOf } from '../scheme/musts';
import type { Ways } from '../ways';

/** One thing that is asked of a kit: a job, or several any of which will do. */
export interface Question {
  /** The job's id; `ignite`; or the ids with bars between, as `boil|treat-water`. */
  readonly id: string;
  readonly anyOf: readonly JobId[];
  /** Independent ways that are wanted; null where nobody asks for it. */
  readonly wanted: number | null;
}

/** Everything that a kit must be able to do, and every other job that it does. */
export function questionsOf(ways: Ways, wishes: readonly Wish[]): readonly Question[] {
  const musts = mustsOf(wishes).map(({ anyOf, wanted }): Question => ({
    id: questionId(anyOf),
    anyOf,
    wanted,
  }));
  const asked = new Set(musts.map(({ id }) => id));
  const others = jobIds
    .filter((job) => ways.byJob.has(job) && !asked.has(job))
    .map((job): Question => ({ id: job, anyOf: [job], wanted: null }));
  return [...musts, ...others];
}

export function questionId(anyOf: readonly JobId[]): string {
  return isSameJobs(anyOf, igniteJobs) ? 'ignite' : anyOf.join('|');
}
