import { keyOf } from './question-key';
import { stowWithin, type Bounds, type Stowage } from './load';
import type { LaidOut } from './loads';

/** Lays out what is asked, each content once, every room within the same bounds. */
export function layingOut(bounds: Bounds): LaidOut {
  const answers = new Map<string, Stowage>();
  return (question) => {
    const key = keyOf(question);
    const stowage = answers.get(key) ?? stowWithin(question.loads, bounds);
    answers.set(key, stowage);
    return stowage;
  };
}
