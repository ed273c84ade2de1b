import { capital } from '../gear';
import { refused, type Outcome, type Problem } from '../quantity';

/** The entries with one more, or with one in the place of that of the same id. */
export function withEntry<T extends { readonly id: string }>(
  entries: ReadonlyMap<string, T>,
  entry: T,
): ReadonlyMap<string, T> {
  return new Map(entries).set(entry.id, entry);
}

/** The entries without one. */
export function without<T>(entries: ReadonlyMap<string, T>, id: string): ReadonlyMap<string, T> {
  const left = new Map(entries);
  left.delete(id);
  return left;
}

/** A problem that stood in a path, as a sentence of its own. */
export function refusedWith(problem: Problem): Outcome<never> {
  const { field, message } = problem;
  return {
    ok: false,
    problem: { field, message: capital(message) },
  };
}

export function noSuchKit(id: string): Outcome<never> {
  return refused(`There is no kit ${id}.`);
}

export function noSuchGear(id: string): Outcome<never> {
  return refused(`There is no gear ${id} on the shelf.`);
}
