import type { Currency } from '../quantity';
import type { Bench } from './bench';
import { benchWithParts, entriesOf, parts, type Part, type Parts } from './parts';

/**
 * What happened to one entry: it came, went or was replaced whole (null where it was not there), or some of its fields
 * changed. Acts that older programs kept for undo are all of the first form.
 */
export type Swap<T> =
  | { readonly id: string; readonly before: T | null; readonly after: T | null }
  | { readonly id: string; readonly fields: readonly FieldChange[] };

/**
 * One field before and after, undefined where it was not there. Of a list only the stretch that differs, which begins at
 * place `at`: one piece of a thousand that is counted up costs one piece.
 */
export type FieldChange =
  | { readonly field: string; readonly before: unknown; readonly after: unknown }
  | {
      readonly field: string;
      readonly at: number;
      readonly before: readonly unknown[];
      readonly after: readonly unknown[];
    };

/** What differs between two benches, entry by entry; it can be undone, redone, saved and sent. */
export type Change = { readonly [P in Part]: readonly Swap<Parts[P]>[] } & {
  readonly currency: { readonly before: Currency; readonly after: Currency };
};

/** The change from `before` to `after`. Entries shared by both are skipped by identity. */
export function changeBetween(before: Bench, after: Bench): Change {
  return changeOf({ before: before.currency, after: after.currency }, (part) =>
    swaps(entriesOf(before, part), entriesOf(after, part)),
  );
}

/** The change that takes back `change`. */
export function inverse(change: Change): Change {
  const { before, after } = change.currency;
  return changeOf({ before: after, after: before }, (part) => swapsOf(change, part).map(turned));
}

/** The bench with the `after` side of every swap. */
export function withChange(bench: Bench, change: Change): Bench {
  return benchWithParts(change.currency.after, (part) =>
    swapped(entriesOf(bench, part), swapsOf(change, part)),
  );
}

/** Every entry of a part that differs between two benches, whole. Entries shared by both are skipped by identity. */
export function differingIn<P extends Part>(
  part: P,
  before: Bench,
  after: Bench,
): readonly {
  readonly id: string;
  readonly before: Parts[P] | null;
  readonly after: Parts[P] | null;
}[] {
  return differing(entriesOf(before, part), entriesOf(after, part));
}

/** What a change does to one part. */
function swapsOf<P extends Part>(change: Change, part: P): readonly Swap<Parts[P]>[] {
  return change[part] as readonly Swap<Parts[Part]>[] as readonly Swap<Parts[P]>[];
}

function changeOf(
  currency: Change['currency'],
  swapsIn: <P extends Part>(part: P) => readonly Swap<Parts[P]>[],
): Change {
  return {
    ...Object.fromEntries(parts.map((part) => [part, swapsIn(part)])),
    currency,
  } as unknown as Change;
}

export function isNoChange({ currency, ...entries }: Change): boolean {
  return (
    currency.before === currency.after &&
    Object.values(entries).every((swapsOfOne) => swapsOfOne.length === 0)
  );
}

function swaps<T extends object>(
  before: ReadonlyMap<string, T>,
  after: ReadonlyMap<string, T>,
): Swap<T>[] {
  return differing(before, after).flatMap((whole): Swap<T>[] => {
    if (whole.before === null || whole.after === null) return [whole];
    const fields = fieldsBetween(whole.before, whole.after);
    return fields.length === 0 ? [] : [{ id: whole.id, fields }];
  });
}

function differing<T>(before: ReadonlyMap<string, T>, after: ReadonlyMap<string, T>) {
  const found: { readonly id: string; readonly before: T | null; readonly after: T | null }[] = [];
  if (before === after) return found;
  for (const [id, entry] of before) {
    const now = after.get(id) ?? null;
    if (now !== entry) found.push({ id, before: entry, after: now });
  }
  for (const [id, entry] of after) {
    if (!before.has(id)) found.push({ id, before: null, after: entry });
  }
  return found;
}

function fieldsBetween(before: object, after: object): readonly FieldChange[] {
  const [was, is] = [new Map(Object.entries(before)), new Map(Object.entries(after))];
  return [...new Set([...was.keys(), ...is.keys()])].flatMap((field): FieldChange[] => {
    const [one, other]: readonly unknown[] = [was.get(field), is.get(field)];
    if (one === other) return [];
    return Array.isArray(one) && Array.isArray(other)
      ? stretchBetween(field, one, other)
      : [{ field, before: one, after: other }];
  });
}

/** The shortest stretch of a list outside of which both are the same; none where all of it is. */
function stretchBetween(
  field: string,
  before: readonly unknown[],
  after: readonly unknown[],
): FieldChange[] {
  const shorter = Math.min(before.length, after.length);
  let at = 0;
  while (at < shorter && before[at] === after[at]) at += 1;
  let same = 0;
  while (same < shorter - at && before.at(-1 - same) === after.at(-1 - same)) same += 1;
  const [was, is] = [before, after].map((list) => list.slice(at, list.length - same));
  return was!.length + is!.length === 0 ? [] : [{ field, at, before: was!, after: is! }];
}

function turned<T>(swap: Swap<T>): Swap<T> {
  const around = <C extends { readonly before: unknown; readonly after: unknown }>(
    change: C,
  ): C => ({
    ...change,
    before: change.after,
    after: change.before,
  });
  return 'fields' in swap ? { id: swap.id, fields: swap.fields.map(around) } : around(swap);
}

function swapped<T extends object>(
  entries: ReadonlyMap<string, T>,
  found: readonly Swap<T>[],
): ReadonlyMap<string, T> {
  if (found.length === 0) return entries;
  const next = new Map(entries);
  for (const swap of found) {
    const after = 'fields' in swap ? withFields(next.get(swap.id)!, swap.fields) : swap.after;
    if (after === null) next.delete(swap.id);
    else next.set(swap.id, after);
  }
  return next;
}

/** An entry with the `after` side of every field. */
function withFields<T extends object>(entry: T, fields: readonly FieldChange[]): T {
  const next = new Map<string, unknown>(Object.entries(entry));
  for (const change of fields) {
    const { field, before, after } = change;
    const value = 'at' in change ? stretched(next.get(field), change.at, before, after) : after;
    if (value === undefined) next.delete(field);
    else next.set(field, value);
  }
  return Object.fromEntries(next) as T;
}

function stretched(list: unknown, at: number, before: unknown, after: unknown): readonly unknown[] {
  const next = [...(list as readonly unknown[])];
  next.splice(at, (before as readonly unknown[]).length, ...(after as readonly unknown[]));
  return next;
}
