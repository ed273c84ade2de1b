import type { Bench, Entry } from '@/core/loadout';
import type { Connection } from './connection';

let connection: Connection | null = null;
const inMemory = new Map<string, Blob>();

/**
 * Keeps pictures beside the bench from now on, and drops those that no piece, no version, no round and no act that can be
 * undone names any more.
 */
export async function keepPhotosIn(
  opened: Connection | null,
  bench: Bench,
  entries: readonly Entry[],
): Promise<void> {
  connection = opened;
  const named = namedIn(bench, entries);
  await connection?.use(async (database) => {
    for (const key of await database.getAllKeys('photos')) {
      if (!named.has(key)) await database.delete('photos', key);
    }
  });
}

function namedIn(bench: Bench, entries: readonly Entry[]): ReadonlySet<string> {
  const named = new Set<string>();
  const name = (gear: { readonly photo: string | null } | null) => {
    if (gear?.photo) named.add(gear.photo);
  };
  bench.shelf.forEach(name);
  for (const { gear } of bench.versions.values()) gear.forEach(name);
  for (const { lines } of bench.rounds.values()) lines.forEach(name);
  for (const { change } of entries) {
    for (const { before, after } of change.gear) [before, after].forEach(name);
    for (const { before, after } of change.versions) {
      for (const version of [before, after]) version?.gear.forEach(name);
    }
    for (const { before, after } of change.rounds) {
      for (const round of [before, after]) round?.lines.forEach(name);
    }
  }
  return named;
}

/** Keeps a picture under an id. It is on the disk before this resolves, where there is one. */
export async function keepPhoto(id: string, picture: Blob): Promise<void> {
  if (!connection) {
    inMemory.set(id, picture);
    return;
  }
  await connection.use(async (database) => {
    const writing = database.transaction('photos', 'readwrite', { durability: 'strict' });
    await Promise.all([writing.store.put(picture, id), writing.done]);
  });
}

/** The picture of that id; undefined where this browser has none, as when the piece came in a file without it. */
export async function photoOf(id: string): Promise<Blob | undefined> {
  return connection ? connection.use((database) => database.get('photos', id)) : inMemory.get(id);
}
