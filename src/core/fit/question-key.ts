import type { CavityQuestion } from './cavity-load';

const keys = new WeakMap<CavityQuestion, string>();

/**
 * What tells one question from another: the room and the pieces, but not their names, nor whose they are. The same content
 * has the same key, whatever else has changed, so that its answer is there at once the next time.
 */
export function keyOf(question: CavityQuestion): string {
  const known = keys.get(question);
  if (known !== undefined) return known;
  const { loads } = question;
  const key = `${JSON.stringify(loads.map(({ container }) => container))} ${loads[0]!.isWorn ? 'worn ' : ''}${JSON.stringify(loads[0]!.items)}`;
  keys.set(question, key);
  return key;
}
