import { refused, says, type Outcome } from '../quantity';

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

export function noSuchKit(id: string): Outcome<never> {
  return refused(says.noKit(id));
}

export function noSuchGear(id: string): Outcome<never> {
  return refused(says.noGear(id));
}
