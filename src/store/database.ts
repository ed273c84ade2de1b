import {
  openDB,
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  type StoreNames,
} from 'idb';
import type { Currency } from '@/core/quantity';
import type { Gear } from '@/core/gear';
import {
  changeBetween,
  emptyBench,
  historyOf,
  type Bench,
  type Change,
  type Entry,
  type History,
  type Loadout,
  type OwnScheme,
  type ReferenceList,
  type Version,
} from '@/core/loadout';

interface BenchDatabase extends DBSchema {
  gear: { key: string; value: Gear };
  loadouts: { key: string; value: Loadout };
  schemes: { key: string; value: OwnScheme };
  lists: { key: string; value: ReferenceList };
  versions: { key: string; value: Version };
  /** Acts for undo and redo, by their count. */
  entries: { key: number; value: Entry };
  about: { key: 'bench'; value: About };
  /** How this person looks at the bench: one entry, read with care by its owner. */
  preferences: { key: 'mine'; value: unknown };
  /** Pictures of gear by the id that the gear names. They are in no file. */
  photos: { key: string; value: Blob };
}

interface About {
  /** Counts every saving; another window's saving shows in it. */
  readonly revision: number;
  readonly currency: Currency;
  readonly cursor: number;
}

export type Database = IDBPDatabase<BenchDatabase>;

/** What is in the database, at one revision. Revision 0 is a database that was never saved to. */
export interface Saved {
  readonly revision: number;
  readonly history: History;
}

/** The parts of a bench that have a store of their own, each named as its part of a change. */
const parts = ['gear', 'loadouts', 'schemes', 'lists', 'versions'] as const;
const everything = [...parts, 'entries', 'about'] as const;

type Migrate = typeof import('@/core/exchange/migrate');
type Upgrading = IDBPTransaction<BenchDatabase, StoreNames<BenchDatabase>[], 'versionchange'>;

/** Opens the database of that name and brings it up to the current version. */
export async function openDatabase(
  name = 'vivid-acorn',
  onTakenOver?: () => void,
): Promise<Database> {
  // An upgrade cannot wait for anything but the database, so what it needs is there before.
  const migrate = (await isOfVersion1(name)) ? await import('@/core/exchange/migrate') : null;
  return openDB<BenchDatabase>(name, 2, {
    async upgrade(database, from, _to, upgrading) {
      if (from < 1) {
        database.createObjectStore('gear', { keyPath: 'id' });
        database.createObjectStore('loadouts', { keyPath: 'id' });
        database.createObjectStore('entries', { keyPath: 'at' });
        database.createObjectStore('about');
        database.createObjectStore('preferences');
      }
      database.createObjectStore('schemes', { keyPath: 'id' });
      database.createObjectStore('lists', { keyPath: 'id' });
      database.createObjectStore('versions', { keyPath: 'id' });
      database.createObjectStore('photos');
      if (from === 1 && migrate) await fromVersion1(upgrading, migrate);
    },
    terminated: onTakenOver,
  });
}

/** Whether there is a database of the first version; where the browser does not tell, there may be. */
async function isOfVersion1(name: string): Promise<boolean> {
  if (!indexedDB.databases) return true;
  const databases = await indexedDB.databases();
  return databases.some((found) => found.name === name && found.version === 1);
}

/** Brings what an older version kept up to date, in the transaction that opens the database. */
async function fromVersion1(
  upgrading: Upgrading,
  { gearFromVersion1, loadoutFromVersion1, entryFromVersion1 }: Migrate,
): Promise<void> {
  const [gear, loadouts, entries] = await Promise.all([
    upgrading.objectStore('gear').getAll(),
    upgrading.objectStore('loadouts').getAll(),
    upgrading.objectStore('entries').getAll(),
  ]);
  await Promise.all([
    ...gear.map((each) => upgrading.objectStore('gear').put(gearFromVersion1(each) as Gear)),
    ...loadouts.map((each) =>
      upgrading.objectStore('loadouts').put(loadoutFromVersion1(each) as Loadout),
    ),
    ...entries.map((each) =>
      upgrading.objectStore('entries').put(entryFromVersion1(each) as Entry),
    ),
  ]);
}

export async function load(database: Database): Promise<Saved> {
  const reading = database.transaction(everything, 'readonly');
  const [gear, loadouts, schemes, lists, versions, entries, about] = await Promise.all([
    reading.objectStore('gear').getAll(),
    reading.objectStore('loadouts').getAll(),
    reading.objectStore('schemes').getAll(),
    reading.objectStore('lists').getAll(),
    reading.objectStore('versions').getAll(),
    reading.objectStore('entries').getAll(),
    reading.objectStore('about').get('bench'),
  ]);
  if (!about) return { revision: 0, history: historyOf(emptyBench) };
  const bench: Bench = {
    currency: about.currency,
    shelf: byId(gear),
    loadouts: byId(loadouts),
    schemes: byId(schemes),
    lists: byId(lists),
    versions: byId(versions),
  };
  return { revision: about.revision, history: { bench, entries, cursor: about.cursor } };
}

/**
 * Saves the step from what is saved to `next` in one transaction, on the disk before it resolves.
 * Gives `stale`, and saves nothing, where another window has saved since.
 */
export async function save(
  database: Database,
  { revision, history }: Saved,
  next: History,
): Promise<Saved | 'stale'> {
  const writing = database.transaction(everything, 'readwrite', { durability: 'strict' });
  const about = await writing.objectStore('about').get('bench');
  if ((about?.revision ?? 0) !== revision) {
    writing.abort();
    await writing.done.catch(() => undefined);
    return 'stale';
  }
  const change = changeBetween(history.bench, next.bench);
  const requests: Promise<unknown>[] = parts.flatMap((part) => {
    const store = writing.objectStore(part);
    return swapsOf(change, part).map(({ id, after }) =>
      after === null ? store.delete(id) : store.put(after as never),
    );
  });
  const kept = new Set(next.entries);
  const had = new Set(history.entries);
  const entries = writing.objectStore('entries');
  for (const entry of history.entries)
    if (!kept.has(entry)) requests.push(entries.delete(entry.at));
  for (const entry of next.entries) if (!had.has(entry)) requests.push(entries.put(entry));
  const saved: About = {
    revision: revision + 1,
    currency: next.bench.currency,
    cursor: next.cursor,
  };
  requests.push(writing.objectStore('about').put(saved, 'bench'));
  await Promise.all([...requests, writing.done]);
  return { revision: saved.revision, history: next };
}

function swapsOf(
  change: Change,
  part: (typeof parts)[number],
): readonly { readonly id: string; readonly after: unknown }[] {
  return change[part];
}

function byId<T extends { readonly id: string }>(entries: readonly T[]): ReadonlyMap<string, T> {
  return new Map(entries.map((entry) => [entry.id, entry]));
}
