import {
  openDB,
  unwrap,
  type DBSchema,
  type IDBPDatabase,
  type IDBPTransaction,
  type StoreNames,
} from 'idb';
import type { Currency } from '@/core/quantity';
import type { Entry, History, Part, Parts } from '@/core/loadout';
import { benchWithParts, byId, differingIn, emptyBench, historyOf, parts } from '@/core/loadout';
import type { BadRecord } from './bad-record';
import { newId } from './new-id';

/** What the database is now. A higher one was made by a newer program. */
export const databaseVersion = 14;
export const databaseName = 'vivid-acorn';

/** Every part of a bench has a store of its own. */
type PartStores = { [P in Part]: { key: string; value: Parts[P] } };

export interface BenchDatabase extends DBSchema, PartStores {
  /** Acts for undo and redo, by their count. */
  entries: { key: number; value: Entry };
  about: { key: 'bench'; value: About };
  /** How this person looks at the bench, and where its back-up is kept: each read with care by its owner. */
  preferences: { key: 'mine' | 'back-up folder'; value: unknown };
  /** Pictures of gear by the id that the gear names. */
  photos: { key: string; value: Blob };
  /** Records that could not be understood, as they were, out of the bench’s way. */
  aside: { key: string; value: Aside };
}

interface About {
  /**
   * Tells this bench from one that was begun after the browser had cleared its storage. It came with version 14: one from
   * before has none until it is saved.
   */
  readonly id?: string;
  /** Counts every saving; another window's saving shows in it. */
  readonly revision: number;
  readonly currency: Currency;
  readonly cursor: number;
}

/** A record that was set aside: where it was, what was wrong with it, and all of it. */
export interface Aside {
  readonly part: string;
  readonly key: string | number;
  readonly why: string;
  readonly record: unknown;
}

export type Database = IDBPDatabase<BenchDatabase>;

/** What is in the database, at one revision. Revision 0 is a database that was never saved to. */
export interface Saved {
  readonly revision: number;
  /** Null for a bench that was not saved since benches have ids. */
  readonly id: string | null;
  readonly history: History;
}

/** A database that was never saved to. */
export const neverSaved: Saved = { revision: 0, id: null, history: historyOf(emptyBench) };

/** What was found in the database: a bench, or the first record of it that is none. */
export type Found =
  { readonly ok: true; readonly saved: Saved } | { readonly ok: false; readonly bad: BadRecord };

const everything = [...parts, 'entries', 'about'] as const;

/** What happens to a connection without being asked for. */
export interface Happenings {
  /** A window with an older program holds the database as it was; it is opened once that one is gone. */
  readonly onBlocked?: () => void;
  /** A newer program wants to bring the database up to its version: this connection stands in its way. */
  readonly onBlocking?: () => void;
  /** The browser has closed it, as when somebody clears what the site keeps. */
  readonly onLost?: () => void;
}

type Migrate = typeof import('@/core/exchange/migrate');
type Upgrading = IDBPTransaction<BenchDatabase, StoreNames<BenchDatabase>[], 'versionchange'>;

/** One step of the ladder of versions: what the version before it does not have yet. */
type Step = (database: Database, upgrading: Upgrading, migrate: Migrate | null) => Promise<void>;

/** The steps, the first of which makes version 1 of nothing. A step is never changed once it was released. */
const ladder: readonly Step[] = [
  async (database) => {
    database.createObjectStore('gear', { keyPath: 'id' });
    database.createObjectStore('loadouts', { keyPath: 'id' });
    database.createObjectStore('entries', { keyPath: 'at' });
    database.createObjectStore('about');
    database.createObjectStore('preferences');
  },
  async (database, upgrading, migrate) => {
    database.createObjectStore('schemes', { keyPath: 'id' });
    database.createObjectStore('lists', { keyPath: 'id' });
    database.createObjectStore('versions', { keyPath: 'id' });
    database.createObjectStore('photos');
    if (!migrate) return;
    await eachOf(upgrading, 'gear', migrate.gearFromVersion1);
    await eachOf(upgrading, 'loadouts', migrate.loadoutFromVersion1);
    await eachOf(upgrading, 'entries', migrate.entryFromVersion1);
  },
  async (database, upgrading, migrate) => {
    database.createObjectStore('aside');
    if (!migrate) return;
    await eachOf(upgrading, 'gear', migrate.gearFromVersion2);
    await eachOf(upgrading, 'versions', migrate.versionFromVersion2);
    await eachOf(upgrading, 'entries', migrate.entryFromVersion2);
  },
  async (_database, upgrading, migrate) => {
    if (!migrate) return;
    await eachOf(upgrading, 'gear', migrate.gearFromEarlyVersion3);
    await eachOf(upgrading, 'loadouts', migrate.loadoutFromEarlyVersion3);
    await eachOf(upgrading, 'versions', migrate.versionFromEarlyVersion3);
    await eachOf(upgrading, 'entries', migrate.entryFromEarlyVersion3);
  },
  // What came since: loads, closures, parts and checks, filled in by the same functions, which leave what is there.
  async (_database, upgrading, migrate) => {
    if (!migrate) return;
    await eachOf(upgrading, 'gear', migrate.gearFromEarlyVersion3);
    await eachOf(upgrading, 'versions', migrate.versionFromEarlyVersion3);
    await eachOf(upgrading, 'entries', migrate.entryFromEarlyVersion3);
  },
  // And what kits are for.
  loadoutsFilledIn,
  // And what is filled at the start, and in which order the lanes lie.
  loadoutsFilledIn,
  // And what is known of the country, and what people wear.
  loadoutsFilledIn,
  // And in which kit a lot lies, what is lent, taken and sealed, what rounds found and what is to be got.
  async (database, upgrading, migrate) => {
    database.createObjectStore('rounds', { keyPath: 'id' });
    database.createObjectStore('wants', { keyPath: 'id' });
    if (!migrate) return;
    await eachOf(upgrading, 'gear', migrate.gearFromEarlyVersion3);
    await loadoutsFilledIn(database, upgrading, migrate);
  },
  // And which kit was made after which, and what was used on trips.
  async (database, upgrading, migrate) => {
    database.createObjectStore('trips', { keyPath: 'id' });
    await loadoutsFilledIn(database, upgrading, migrate);
  },
  // And what is pinned: nothing is to be filled in, but a program that knows no pins must not write over them.
  async () => undefined,
  // And what a kit is judged without, which findings are let be, and whether part of the way is flown.
  loadoutsFilledIn,
  // And what the vehicle weighs; what is there anyhow, and where a piece was tried, an older program must not write over.
  loadoutsFilledIn,
  // And acts that keep the fields they changed, and what the bench is called: an older program knows neither.
  async () => undefined,
];

/** Brings kits up to date, in all that keeps some, by a function which leaves what is there. */
async function loadoutsFilledIn(
  _database: Database,
  upgrading: Upgrading,
  migrate: Migrate | null,
): Promise<void> {
  if (!migrate) return;
  await eachOf(upgrading, 'loadouts', migrate.loadoutFromEarlyVersion3);
  await eachOf(upgrading, 'versions', migrate.versionFromEarlyVersion3);
  await eachOf(upgrading, 'entries', migrate.entryFromEarlyVersion3);
}

/**
 * Opens the database of that name and brings it up to the current version, step by step, in the one transaction that
 * opens it: it is of the old version or of the new one, never of something between. Throws a `VersionError` where it is
 * of a newer version than this program knows.
 */
export async function openDatabase(
  name = databaseName,
  { onBlocked, onBlocking, onLost }: Happenings = {},
): Promise<Database> {
  // An upgrade cannot wait for anything but the database, so what it needs is there before.
  const migrate = (await isOlder(name)) ? await import('@/core/exchange/migrate') : null;
  return openDB<BenchDatabase>(name, databaseVersion, {
    async upgrade(database, from, _to, upgrading) {
      for (const step of ladder.slice(from)) {
        await step(database, upgrading, from > 0 ? migrate : null);
      }
    },
    blocked: () => onBlocked?.(),
    blocking: () => onBlocking?.(),
    terminated: () => onLost?.(),
  });
}

/** Whether there is a database of an older version; where the browser does not tell, there may be. */
async function isOlder(name: string): Promise<boolean> {
  if (!indexedDB.databases) return true;
  const databases = await indexedDB.databases();
  return databases.some((found) => found.name === name && (found.version ?? 0) < databaseVersion);
}

/** Every entry of a store as another version has it. */
async function eachOf(
  upgrading: Upgrading,
  part: Part | 'entries',
  brought: (value: unknown) => unknown,
): Promise<void> {
  const store = upgrading.objectStore(part);
  const entries: readonly unknown[] = await store.getAll();
  await Promise.all(entries.map((entry) => store.put(brought(entry) as never)));
}

/** Reads the bench; gives the first record that is none where there is one. */
export async function load(database: Database): Promise<Found> {
  const reading = database.transaction(everything, 'readonly');
  const [entries, about, ...lists] = await Promise.all([
    reading.objectStore('entries').getAll(),
    reading.objectStore('about').get('bench'),
    ...parts.map((part) => reading.objectStore(part).getAll()),
  ]);
  if (!about) return { ok: true, saved: neverSaved };
  const read = Object.fromEntries(parts.map((part, at) => [part, lists[at]!])) as unknown as {
    readonly [P in Part]: readonly Parts[P][];
  };
  const { badRecordIn } = await import('./bad-record');
  const bad = badRecordIn({ ...read, entries, about });
  if (bad) return { ok: false, bad };
  const bench = benchWithParts(about.currency, (part) => byId<Parts[typeof part]>(read[part]));
  return {
    ok: true,
    saved: {
      revision: about.revision,
      id: about.id ?? null,
      history: { bench, entries, cursor: about.cursor },
    },
  };
}

/** How what a window took for saved stands to the disk: the same, saved by another window since, or gone from there. */
export type Standing = 'same' | 'stale' | Gone;

/** The browser has cleared the storage; or it has, and another bench was begun there since. */
export type Gone = 'cleared' | 'another bench';

/** Looks how what was saved stands to the disk. */
export async function standingOf(database: Database, saved: Saved): Promise<Standing> {
  return standing(await database.get('about', 'bench'), saved);
}

function standing(about: About | undefined, { revision, id }: Saved): Standing {
  if (!about) return revision === 0 ? 'same' : 'cleared';
  const isOther = id !== null && about.id !== undefined && about.id !== id;
  if (isOther || about.revision < revision) return 'another bench';
  return about.revision === revision ? 'same' : 'stale';
}

/**
 * Saves the step from what is saved to `next` in one transaction, on the disk before it resolves. Where the disk is not what
 * was saved any more, it says how it stands and saves nothing.
 */
export function save(database: Database, saved: Saved, next: History): Promise<Saved | Standing> {
  return writtenWhere('same', database, saved, next);
}

/** Saves all of a bench to a disk that was cleared, as the bench that it was; says how it stands where it was not. */
export function saveToCleared(database: Database, saved: Saved): Promise<Saved | Standing> {
  const nothing = { ...saved, history: neverSaved.history };
  return writtenWhere('cleared', database, nothing, saved.history);
}

async function writtenWhere(
  wanted: Standing,
  database: Database,
  saved: Saved,
  next: History,
): Promise<Saved | Standing> {
  const writing = database.transaction(everything, 'readwrite', { durability: 'strict' });
  const stands = standing(await writing.objectStore('about').get('bench'), saved);
  if (stands !== wanted) {
    writing.abort();
    await writing.done.catch(() => undefined);
    return stands;
  }
  const { revision, id, history } = saved;
  // Thousands of records at once: the transaction answers for them, not a promise of each.
  for (const part of parts) {
    const store = unwrap(writing.objectStore(part)) as IDBObjectStore;
    for (const { id: key, after } of differingIn(part, history.bench, next.bench))
      if (after === null) store.delete(key);
      else store.put(after);
  }
  const kept = new Set(next.entries);
  const had = new Set(history.entries);
  const entries = unwrap(writing.objectStore('entries')) as IDBObjectStore;
  for (const entry of history.entries) if (!kept.has(entry)) entries.delete(entry.at);
  for (const entry of next.entries) if (!had.has(entry)) entries.put(entry);
  const about = {
    id: id ?? newId(),
    revision: revision + 1,
    currency: next.bench.currency,
    cursor: next.cursor,
  };
  await Promise.all([writing.objectStore('about').put(about, 'bench'), writing.done]);
  return { revision: about.revision, id: about.id, history: next };
}
