import type { Currency } from '../quantity';
import type { Bench } from './bench';
import { benchWithParts, entriesOf, parts, type Part, type Parts } from './parts';

/** One entry before and after: null where it was not there. */
export interface Swap<T> {
  readonly id: string;
  readonly before: T | null;
  readonly after: T | null;
}

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

/** What a change does to one part. */
export function swapsOf<P extends Part>(change: Change, part: P): readonly Swap<Parts[P]>[] {
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

function swaps<T>(before: ReadonlyMap<string, T>, after: ReadonlyMap<string, T>): Swap<T>[] {
  if (before === after) return [];
  const found: Swap<T>[] = [];
  for (const [id, entry] of before) {
    const now = after.get(id) ?? null;
    if (now !== entry) found.push({ id, before: entry, after: now });
  }
  for (const [id, entry] of after) {
    if (!before.has(id)) found.push({ id, before: null, after: entry });
  }
  return found;
}

function turned<T>(swap: Swap<T>): Swap<T> {
  return { id: swap.id, before: swap.after, after: swap.before };
}

function swapped<T>(
  entries: ReadonlyMap<string, T>,
  found: readonly Swap<T>[],
): ReadonlyMap<string, T> {
  if (found.length === 0) return entries;
  const next = new Map(entries);
  for (const { id, after } of found) {
    if (after === null) next.delete(id);
    else next.set(id, after);
  }
  return next;
}
