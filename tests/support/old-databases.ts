import { readFileSync } from 'node:fs';
import { deleteDB, openDB, type IDBPDatabase } from 'idb';

/** A piece and a kit as version 1 kept them: from the fixture of its file. */
const file1 = () =>
  JSON.parse(readFileSync('tests/support/version-1.json', 'utf8')) as {
    gear: { id: string; massG: number }[];
    loadouts: object[];
  };

const file2 = () =>
  JSON.parse(readFileSync('tests/support/version-2.json', 'utf8')) as {
    gear: Record<string, unknown>[];
    loadouts: object[];
    schemes: object[];
    lists: object[];
    versions: object[];
  };

/** A database as version 1 of the program left it, with one act that can be undone. */
export async function databaseOfVersion1(name: string): Promise<void> {
  await deleteDB(name);
  const { gear, loadouts } = file1();
  const old = await openDB(name, 1, {
    upgrade(database) {
      for (const part of ['gear', 'loadouts']) database.createObjectStore(part, { keyPath: 'id' });
      database.createObjectStore('entries', { keyPath: 'at' });
      database.createObjectStore('about');
      database.createObjectStore('preferences');
    },
  });
  for (const each of gear) await old.put('gear', each);
  for (const each of loadouts) await old.put('loadouts', each);
  const candle = gear.find(({ id }) => id === 'candle')!;
  await old.put('entries', {
    at: 1,
    label: 'change Candles',
    change: {
      gear: [{ id: 'candle', before: { ...candle, massG: 99 }, after: candle }],
      loadouts: [],
      currency: { before: 'EUR', after: 'EUR' },
    },
  });
  await finished(old);
}

/** A database as version 3 of the program left it, before there were sorts, facts, lots and wishes. */
export async function databaseOfVersion3(name: string): Promise<void> {
  await deleteDB(name);
  const file = JSON.parse(readFileSync('tests/support/version-3-early.json', 'utf8')) as Record<
    'gear' | 'loadouts' | 'schemes' | 'lists' | 'kept' | 'versions',
    Record<string, unknown>[]
  >;
  const old = await openDB(name, 3, {
    upgrade(database) {
      for (const part of ['gear', 'loadouts', 'schemes', 'lists', 'versions']) {
        database.createObjectStore(part, { keyPath: 'id' });
      }
      database.createObjectStore('entries', { keyPath: 'at' });
      for (const part of ['about', 'preferences', 'photos', 'aside']) {
        database.createObjectStore(part);
      }
    },
  });
  for (const part of ['gear', 'loadouts', 'schemes', 'lists'] as const) {
    for (const each of file[part]) await old.put(part, each);
  }
  for (const version of file.versions) {
    const gear = (version.gear as (number | object)[]).map((each) =>
      typeof each === 'number' ? file.kept[each] : each,
    );
    await old.put('versions', { ...version, gear });
  }
  const after = file.gear[0]!;
  const before = {
    ...after,
    tier: 'hand-me-down',
    supplies: [
      {
        job: 'light',
        fitness: 'made-for',
        amount: 90,
        demands: [{ on: 'cells', cell: 'CR2032', count: 2 }],
        cell: null,
      },
    ],
  };
  await old.put('entries', {
    at: 1,
    id: 'act-1',
    label: `change ${String(after.name)}`,
    change: {
      gear: [{ id: after.id, before, after }],
      loadouts: [],
      schemes: [],
      lists: [],
      versions: [],
      currency: { before: 'EUR', after: 'EUR' },
    },
  });
  await finished(old);
}

/** A database as version 2 of the program left it, with what it took and is not believed any more. */
export async function databaseOfVersion2(
  name: string,
  spoil: (gear: Record<string, unknown>[]) => void = () => undefined,
): Promise<void> {
  await deleteDB(name);
  const file = file2();
  spoil(file.gear);
  const old = await openDB(name, 2, {
    upgrade(database) {
      for (const part of ['gear', 'loadouts', 'schemes', 'lists', 'versions']) {
        database.createObjectStore(part, { keyPath: 'id' });
      }
      database.createObjectStore('entries', { keyPath: 'at' });
      database.createObjectStore('about');
      database.createObjectStore('preferences');
      database.createObjectStore('photos');
    },
  });
  for (const part of ['gear', 'loadouts', 'schemes', 'lists', 'versions'] as const) {
    for (const each of file[part]) await old.put(part, each);
  }
  const [bag] = file.gear;
  await old.put('entries', {
    at: 1,
    label: 'change Waist bag',
    change: {
      gear: [{ id: 'bag', before: { ...bag, name: 'Old bag' }, after: bag }],
      loadouts: [],
      schemes: [],
      lists: [],
      versions: [],
      currency: { before: 'EUR', after: 'EUR' },
    },
  });
  await finished(old);
}

async function finished(old: IDBPDatabase): Promise<void> {
  await old.put('about', { revision: 1, currency: 'EUR', cursor: 1 }, 'bench');
  await old.put('preferences', { units: 'us' }, 'mine');
  old.close();
}
