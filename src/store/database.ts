import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Currency } from '@/core/quantity';
import type { Gear } from '@/core/gear';
import {
  changeBetween,
  emptyBench,
  historyOf,
  type Entry,
  type History,
  type Loadout,
} from '@/core/loadout';

interface BenchDatabase extends DBSchema {
  gear: { key: string; value: Gear };
  loadouts: { key: string; value: Loadout };
  /** Acts for undo and redo, by their count. */
  entries: { key: number; value: Entry };
  about: { key: 'bench'; value: About };
  /** How this person looks at the bench: one entry, read with care by its owner. */
  preferences: { key: 'mine'; value: unknown };
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

const everything = ['gear', 'loadouts', 'entries', 'about'] as const;

/** Opens the database of that name and brings it up to the current version. */
export function openDatabase(name = 'vivid-acorn', onTakenOver?: () => void): Promise<Database> {
  return openDB<BenchDatabase>(name, 1, {
    upgrade(database) {
      database.createObjectStore('gear', { keyPath: 'id' });
      database.createObjectStore('loadouts', { keyPath: 'id' });
      database.createObjectStore('entries', { keyPath: 'at' });
      database.createObjectStore('about');
      database.createObjectStore('preferences');
    },
    terminated: onTakenOver,
  });
}

export async function load(database: Database): Promise<Saved> {
  const reading = database.transaction(everything, 'readonly');
  const [gear, loadouts, entries, about] = await Promise.all([
    reading.objectStore('gear').getAll(),
    reading.objectStore('loadouts').getAll(),
    reading.objectStore('entries').getAll(),
    reading.objectStore('about').get('bench'),
  ]);
  if (!about) return { revision: 0, history: historyOf(emptyBench) };
  const bench = {
    currency: about.currency,
    shelf: new Map(gear.map((each) => [each.id, each])),
    loadouts: new Map(loadouts.map((each) => [each.id, each])),
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
  const requests: Promise<unknown>[] = [];
  for (const { id, after } of change.gear) {
    const gear = writing.objectStore('gear');
    requests.push(after === null ? gear.delete(id) : gear.put(after));
  }
  for (const { id, after } of change.loadouts) {
    const loadouts = writing.objectStore('loadouts');
    requests.push(after === null ? loadouts.delete(id) : loadouts.put(after));
  }
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
