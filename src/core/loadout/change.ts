import type { Currency } from '../quantity';
import type { Gear } from '../gear';
import type { Bench, Loadout, Version } from './bench';
import type { OwnScheme } from './own-scheme';
import type { ReferenceList } from './reference-list';

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
  readonly schemes: readonly Swap<OwnScheme>[];
  readonly lists: readonly Swap<ReferenceList>[];
  readonly versions: readonly Swap<Version>[];
  readonly currency: { readonly before: Currency; readonly after: Currency };
}

/** The change from `before` to `after`. Entries shared by both are skipped by identity. */
export function changeBetween(before: Bench, after: Bench): Change {
  return {
    gear: swaps(before.shelf, after.shelf),
    loadouts: swaps(before.loadouts, after.loadouts),
    schemes: swaps(before.schemes, after.schemes),
    lists: swaps(before.lists, after.lists),
    versions: swaps(before.versions, after.versions),
    currency: { before: before.currency, after: after.currency },
  };
}

/** The change that takes back `change`. */
export function inverse(change: Change): Change {
  return {
    gear: change.gear.map(turned),
    loadouts: change.loadouts.map(turned),
    schemes: change.schemes.map(turned),
    lists: change.lists.map(turned),
    versions: change.versions.map(turned),
    currency: { before: change.currency.after, after: change.currency.before },
  };
}

/** The bench with the `after` side of every swap. */
export function withChange(bench: Bench, change: Change): Bench {
  return {
    currency: change.currency.after,
    shelf: swapped(bench.shelf, change.gear),
    loadouts: swapped(bench.loadouts, change.loadouts),
    schemes: swapped(bench.schemes, change.schemes),
    lists: swapped(bench.lists, change.lists),
    versions: swapped(bench.versions, change.versions),
  };
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
