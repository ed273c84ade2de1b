import type { Bench, Entry } from '@/core/loadout';
import type { Database } from './database';

let database: Database | null = null;
const inMemory = new Map<string, Blob>();

/**
 * Keeps pictures beside the bench from now on, and drops those that no piece and no act that can be undone
 * names any more.
 */
export async function keepPhotosIn(
  opened: Database | null,
  bench: Bench,
  entries: readonly Entry[],
): Promise<void> {
  database = opened;
  if (!database) return;
  const named = new Set<string>();
  for (const { photo } of bench.shelf.values()) if (photo) named.add(photo);
  for (const { change } of entries) {
    for (const { before, after } of change.gear) {
      if (before?.photo) named.add(before.photo);
      if (after?.photo) named.add(after.photo);
    }
  }
  for (const key of await database.getAllKeys('photos')) {
    if (!named.has(key)) await database.delete('photos', key);
  }
}

/** Keeps a picture under an id. It is on the disk before this resolves, where there is one. */
export async function keepPhoto(id: string, picture: Blob): Promise<void> {
  if (database) await database.put('photos', picture, id);
  else inMemory.set(id, picture);
}

/** The picture of that id; undefined where this browser has none, as when the piece came in a file. */
export async function photoOf(id: string): Promise<Blob | undefined> {
  return database ? database.get('photos', id) : inMemory.get(id);
}
