import type { Gear } from '../gear';
import type { Bench, Loadout, Version } from './bench';
import type { OwnScheme } from './own-scheme';
import type { ReferenceList } from './reference-list';
import type { Round, Want } from './round';
import type { Trip } from './trip';

/**
 * The parts that a bench is kept in, in the order in which one may need those before it: one entry for each, of which
 * changes, the database and files make theirs. Each has a store of its own, and a list in a file, of its name.
 */
export interface Parts {
  readonly gear: Gear;
  readonly loadouts: Loadout;
  readonly schemes: OwnScheme;
  readonly lists: ReferenceList;
  readonly versions: Version;
  readonly rounds: Round;
  readonly wants: Want;
  readonly trips: Trip;
}

export type Part = keyof Parts;

/** What each part is called in a bench. */
export const inBench = {
  gear: 'shelf',
  loadouts: 'loadouts',
  schemes: 'schemes',
  lists: 'lists',
  versions: 'versions',
  rounds: 'rounds',
  wants: 'wants',
  trips: 'trips',
} as const satisfies Record<Part, keyof Bench>;

export const parts = Object.keys(inBench) as readonly Part[];

/** The entries of one part of a bench, by their ids. */
export function entriesOf<P extends Part>(bench: Bench, part: P): ReadonlyMap<string, Parts[P]> {
  return bench[inBench[part]] as ReadonlyMap<string, Parts[Part]> as ReadonlyMap<string, Parts[P]>;
}

/** A bench of these entries, part by part. */
export function benchWithParts(
  currency: Bench['currency'],
  entries: <P extends Part>(part: P) => ReadonlyMap<string, Parts[P]>,
): Bench {
  const maps = Object.fromEntries(parts.map((part) => [inBench[part], entries(part)]));
  return { currency, ...maps } as unknown as Bench;
}

/** Entries by their ids, in their order. */
export function byId<T extends { readonly id: string }>(
  entries: readonly T[],
): ReadonlyMap<string, T> {
  return new Map(entries.map((entry) => [entry.id, entry]));
}
