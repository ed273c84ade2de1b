import type { Currency } from '../quantity';
import type { Gear } from '../gear';
import type { Bench, Loadout } from './bench';

/** One entry before and after: null where it was not there. */
export interface Swap<T> {
  readonly id: string;
  readonly before: T | null;
  readonly after: T | null;
}

/** What differs between two benches, entry by entry; it can be undone, redone, saved and sent. */
export interface Change {
  readonly gear: readonly Swap<Gear>[];
  readonly loadouts: readonly Swap<Loadout>[];
  readonly currency: { readonly before: Currency; readonly after: Currency };
}

/** The change from `before` to `after`. Entries shared by both are skipped by identity. */
export function changeBetween(before: Bench, after: Bench): Change {
  return {
    gear: swaps(before.shelf, after.shelf),
    loadouts: swaps(before.loadouts, after.loadouts),
    currency: { before: before.currency, after: after.currency },
  };
}

/** The change that takes back `change`. */
export function inverse(change: Change): Change {
  return {
    gear: change.gear.map(turned),
    loadouts: change.loadouts.map(turned),
    currency: { before: change.currency.after, after: change.currency.before },
  };
}

/** The bench with the `after` side of every swap. */
export function withChange(bench: Bench, change: Change): Bench {
  return {
    currency: change.currency.after,
    shelf: swapped(bench.shelf, change.gear),
    loadouts: swapped(bench.loadouts, change.loadouts),
  };
}

export function isNoChange(change: Change): boolean {
  return (
    change.gear.length === 0 &&
    change.loadouts.length === 0 &&
    change.currency.before === change.currency.after
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
