import { photosNamed, type Bench, type Entry } from '@/core/loadout';
import type { Connection } from './connection';

let connection: Connection | null = null;
const inMemory = new Map<string, Blob>();

/** Keeps pictures beside the bench from now on. */
export function keepPhotosIn(opened: Connection | null): void {
  connection = opened;
}

/** What names pictures: a bench, and the acts that can be undone. */
export interface NamingPhotos {
  readonly bench: Bench;
  readonly entries: readonly Entry[];
}

/**
 * The pictures that no piece, no version, no round, no act that can be undone and no record that was set aside names. They
 * may be young: a picture is kept before the act that names it is done, here or in another window.
 */
export async function unnamedPhotos(naming: NamingPhotos): Promise<readonly string[]> {
  if (!connection) return [];
  const [keys, aside] = await connection.use((database) =>
    Promise.all([database.getAllKeys('photos'), database.getAll('aside')]),
  );
  const named = namedIn(naming);
  for (const { record } of aside) namePhotosIn(record, named);
  return keys.filter((key) => !named.has(key));
}

/** Drops those pictures of `before` that nothing names now either. */
export async function dropPhotos(before: readonly string[], now: NamingPhotos): Promise<void> {
  if (before.length === 0) return;
  const unnamed = new Set(await unnamedPhotos(now));
  await connection?.use(async (database) => {
    for (const key of before) if (unnamed.has(key)) await database.delete('photos', key);
  });
}

function namedIn({ bench, entries }: NamingPhotos): Set<string> {
  const named = photosNamed(bench);
  for (const { change } of entries) {
    for (const list of [change.gear, change.versions, change.rounds]) namePhotosIn(list, named);
  }
  return named;
}

/**
 * Adds the pictures that a value names, whatever it is: a record that was set aside may be of any shape, and an act may keep
 * the field alone.
 */
function namePhotosIn(value: unknown, named: Set<string>): void {
  if (typeof value !== 'object' || value === null) return;
  const isOfField = 'field' in value && value.field === 'photo';
  for (const [field, inner] of Object.entries(value)) {
    if (typeof inner !== 'string') namePhotosIn(inner, named);
    else if (field === 'photo' || isOfField) named.add(inner);
  }
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
