import {
  igniteJobs,
  isOfItsOwnSort,
  isSameJobs,
  jobIds,
  jobsInWords,
  type JobId,
  type Sort,
} from '../gear';
import type { Wish } from '../loadout';
import { mustsOf } from '../scheme/musts';
import type { Ways } from '../ways';

/** One thing that is asked of a kit: a job, or several any of which will do. */
export interface Question {
  /** The job's id; `ignite`; the ids with bars between, as `boil|treat-water`; or a job and its sort, as `medicine: adrenaline`. */
  readonly id: string;
  readonly anyOf: readonly JobId[];
  /** The sort that counts, where one sort of the job never stands in for another; null where any does. */
  readonly sort: Sort | null;
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
    sort: null,
    wanted,
  }));
  const others = [
    ...also.map(anySort),
    ...jobIds.filter((job) => ways.byJob.has(job)).flatMap((job) => bySort(ways, job)),
  ];
  const known = new Set<string>();
  return [...musts, ...others].filter(({ id }) => !known.has(id) && known.add(id));
}

function anySort(anyOf: readonly JobId[]): Question {
  return { id: questionId(anyOf), anyOf, sort: null, wanted: null };
}

/** One question for a job, or one for each sort of it that is there where none stands in for another. */
function bySort(ways: Ways, job: JobId): readonly Question[] {
  const sorts = new Set(ways.byJob.get(job)!.map(({ supply }) => supply.sort));
  if (!isOfItsOwnSort(job) || sorts.size < 2) return [anySort([job])];
  return [...sorts].map((sort) => ({
    id: sort === null ? questionId([job]) : `${job}: ${sort}`,
    anyOf: [job],
    sort,
    wanted: null,
  }));
}

/** What a question is called: `light`, `medicine: adrenaline`. */
export function questionInWords({ anyOf, sort }: Pick<Question, 'anyOf' | 'sort'>): string {
  return sort === null ? jobsInWords(anyOf) : `${jobsInWords(anyOf)}: ${sort}`;
}

export function questionId(anyOf: readonly JobId[]): string {
  return isSameJobs(anyOf, igniteJobs) ? 'ignite' : anyOf.join('|');
}
