import { questionsOf, type CavityQuestion } from './cavity-load';
import { keyOf } from './question-key';
import { stowWithin, type Bounds, type Stowage } from './load';
import type { LaidOut } from './loads';
import { withLaidOut } from './verdict';

/** Answers by what was laid out, as far as `answer` knows of it. */
export function laidOutBy(answer: (question: CavityQuestion) => Stowage | null): LaidOut {
  return (loadout, shelf, loads) => {
    const questions = new Map(
      questionsOf(loadout, shelf).map((each) => [`${each.placement} ${each.cavity}`, each]),
    );
    return loads.map((load) => {
      const question = questions.get(`${load.placement} ${load.cavity}`);
      const stowage = question && answer(question);
      return question && stowage
        ? { ...load, answer: withLaidOut(load.answer, question, stowage) }
        : load;
    });
  };
}

/** Lays out what is asked, each content once, every room within the same bounds. */
export function layingOut(bounds: Bounds): LaidOut {
  const answers = new Map<string, Stowage>();
  return laidOutBy((question) => {
    const key = keyOf(question);
    const stowage = answers.get(key) ?? stowWithin(question.loads, bounds);
    answers.set(key, stowage);
    return stowage;
  });
}
