/**
 * A table whose rows are asked for by a text from outside: the id of a kind, a typed word, a field of a file. It is a
 * map, since a plain object also answers to what every object inherits, such as `constructor`.
 */
export type ByName<T> = ReadonlyMap<string, T>;

/** The rows of a table by their names. */
export function byName<T>(rows: Readonly<Record<string, T>>): ByName<T> {
  return new Map(Object.entries(rows));
}
