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

/** Everything that a kit must be able to do, what else is asked, and every other job that it does. */
export function questionsOf(
  ways: Ways,
  wishes: readonly Wish[],
  also: readonly (readonly JobId[])[] = [],
): readonly Question[] {
  const musts = mustsOf(wishes).map(({ anyOf, wanted }): Question => ({
    id: questionId(anyOf),
    anyOf,
    wanted,
  }));
  const others = [...also, ...jobIds.filter((job) => ways.byJob.has(job)).map((job) => [job])].map(
    (anyOf): Question => ({ id: questionId(anyOf), anyOf, wanted: null }),
  );
  const known = new Set<string>();
  return [...musts, ...others].filter(({ id }) => !known.has(id) && known.add(id));
}

export function questionId(anyOf: readonly JobId[]): string {
  return isSameJobs(anyOf, igniteJobs) ? 'ignite' : anyOf.join('|');
}
