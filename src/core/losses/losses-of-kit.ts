import type { Wish } from '../loadout';
import { deepest, type Loss, type Ways } from '../ways';
import { minimalSets, type LossSearch } from './minimal-sets';
import { questionsOf, type Question } from './questions';

/** What leaves one thing undone that is asked of a kit. */
export interface QuestionLost {
  readonly question: Question;
  /** The size of the smallest set: 0 where it is not done at all, 4 where it takes more losses than were looked at. */
  readonly depth: number;
  readonly sets: readonly (readonly Loss[])[];
}

/**
 * What leaves undone each thing that a kit must do or does, one after the other, so that whoever asks can stop in between.
 *
 * @throws never; a kit that does nothing has only what it must do, undone.
 */
export function* lossesOfKit(
  ways: Ways,
  wishes: readonly Wish[],
  search: LossSearch,
): Generator<QuestionLost, void> {
  for (const question of questionsOf(ways, wishes)) {
    const { isDone, sets } = minimalSets(ways.formula, question.anyOf, search);
    yield { question, depth: isDone ? (sets[0]?.length ?? deepest) : 0, sets };
  }
}
