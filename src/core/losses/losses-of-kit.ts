import { deepest, type Formula } from '../ways';
import { type Loss } from '../loadout';
import { minimalSets, type LossSearch } from './minimal-sets';
import type { Question } from './questions';

/** What leaves one thing undone that is asked of a kit. */
export interface QuestionLost {
  readonly question: Question;
  /** The size of the smallest set: 0 where it is not done at all, 4 where it takes more losses than were looked at. */
  readonly depth: number;
  readonly sets: readonly (readonly Loss[])[];
}

/** The formula in which only one sort does the job that is asked. */
function ofSort(formula: Formula, { anyOf, sort }: Question): Formula {
  if (sort === null) return formula;
  const byJob = new Map(formula.byJob);
  for (const job of anyOf) {
    const sources = byJob.get(job) ?? [];
    byJob.set(
      job,
      sources.filter((at) => formula.sources[at]!.supply.sort === sort),
    );
  }
  return { ...formula, byJob };
}

/** What leaves each of these things undone, one after the other, so that whoever asks can stop in between. */
export function* lossesOfKit(
  formula: Formula,
  questions: readonly Question[],
  search: LossSearch,
): Generator<QuestionLost, void> {
  for (const question of questions) {
    const { isDone, sets } = minimalSets(ofSort(formula, question), question.anyOf, search);
    yield { question, depth: isDone ? (sets[0]?.length ?? deepest) : 0, sets };
  }
}
