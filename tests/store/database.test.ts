import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { deleteDB, openDB } from 'idb';
import { demoBench } from '@/core/demo';
import { readFile, writtenFile } from '@/core/exchange';
import { advance, historyOf, undoing, versionOf, type Bench } from '@/core/loadout';
import {
  databaseVersion,
  load,
  neverSaved,
  openDatabase,
  save,
  type Database,
} from '@/store/database';
import { rawData } from '@/store/raw-data';
import { setAside } from '@/store/set-aside';
import { applied } from '../support/benches';
import {
  databaseOfVersion1,
  databaseOfVersion2,
  databaseOfVersion3,
} from '../support/old-databases';

let names = 0;
const newName = () => `store-${(names += 1)}`;

async function benchIn(database: Database): Promise<Bench> {
  const found = await load(database);
  if (!found.ok) throw new Error(`${found.bad.part} ${found.bad.key}: ${found.bad.why}`);
  return found.saved.history.bench;
}

/** A database with the demo in it. */
async function demoDatabase(name = newName()): Promise<Database> {
  const database = await openDatabase(name);
  await save(database, neverSaved, historyOf(demoBench));
  return database;
}

describe('the ladder of versions', () => {
  it('makes all of it of nothing', async () => {
    const database = await openDatabase(newName());
    expect(database.version).toBe(databaseVersion);
    expect([...database.objectStoreNames]).toEqual([
      'about',
      'aside',
      'entries',
      'gear',
      'lists',
      'loadouts',
      'photos',
      'preferences',
      'rounds',
      'schemes',
      'trips',
      'versions',
      'wants',
    ]);
  });

  it.each([
    [1, databaseOfVersion1],
    [2, databaseOfVersion2],
    ['3-early', databaseOfVersion3],
  ] as const)(
    'brings version %s up as its file would be, with what can be undone',
    async (from, made) => {
      const name = newName();
      await made(name);
      const database = await openDatabase(name);
      const file = readFile(readFileSync(`tests/support/version-${from}.json`, 'utf8'));
      expect(file).toEqual({ ok: true, value: await benchIn(database) });
      expect(await database.get('preferences', 'mine')).toEqual({ units: 'us' });
      const found = await load(database);
      if (!found.ok) throw new Error(found.bad.why);
      const { history } = found.saved;
      const undone = advance(history, undoing(history)!);
      const written = undone.ok && writtenFile(undone.value.bench);
      expect(written && !written.ok && written.problem.message).toBe(false);
    },
  );

  it('knows what a piece was before, in the words of now, when the act is undone', async () => {
    const name = newName();
    await databaseOfVersion3(name);
    const found = await load(await openDatabase(name));
    if (!found.ok) throw new Error(found.bad.why);
    const { history } = found.saved;
    const undone = advance(history, undoing(history)!);
    if (!undone.ok) throw new Error(undone.problem.message);
    const [first] = history.bench.shelf.keys();
    expect(undone.value.bench.shelf.get(first!)).toMatchObject({
      tier: 'backup',
      lots: [],
      supplies: [
        {
          job: 'light',
          sort: null,
          demands: [{ on: 'jobs', anyOf: ['cells'], sorts: ['CR2032'], items: 2 }],
        },
      ],
    });
  });

  it('puts right what version 2 took, and says in the note what would be lost', async () => {
    const name = newName();
    await databaseOfVersion2(name, (gear) => {
      Object.assign(gear[0]!, {
        name: 'Waist\tbag\nblue',
        goodUntil: '12026-10-10',
        supplies: [
          { job: 'carry-water', fitness: 'serves', amount: -40, demands: [], cell: null },
          { job: 'carry-water', fitness: 'made-for', amount: 500, demands: [], cell: null },
        ],
      });
    });
    const bench = await benchIn(await openDatabase(name));
    expect(bench.shelf.get('bag')).toMatchObject({
      name: 'Waist bag blue',
      goodUntil: null,
      note: 'Goes from kit to kit.\nGood until “12026-10-10”.',
      supplies: [{ job: 'carry-water', amount: null }],
    });
    expect(writtenFile(bench).ok).toBe(true);
  });

  it('waits for a window with an older program, says so, and goes on when that lets go', async () => {
    const name = newName();
    await databaseOfVersion2(name);
    const old = await openDB(name, 2);
    let isBlocked = false;
    const opening = openDatabase(name, { onBlocked: () => (isBlocked = true) });
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(isBlocked).toBe(true);
    old.close();
    expect((await benchIn(await opening)).shelf.size).toBe(4);
  });

  it('hears of a newer program that wants it', async () => {
    const name = newName();
    let isWanted = false;
    const database = await openDatabase(name, { onBlocking: () => (isWanted = true) });
    const newer = openDB(name, databaseVersion + 1);
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(isWanted).toBe(true);
    database.close();
    (await newer).close();
  });

  it('is never opened where it is of a newer program', async () => {
    const name = newName();
    (await openDB(name, databaseVersion + 1)).close();
    await expect(openDatabase(name)).rejects.toMatchObject({ name: 'VersionError' });
  });
});

describe('a record that is none', () => {
  const knife = demoBench.shelf.get('float-knife')!;

  it.each<[string, (database: Database) => Promise<unknown>, object]>([
    [
      'a piece with a figure that is none',
      (database) => database.put('gear', { ...knife, massG: 'heavy' as never }),
      {
        part: 'gear',
        key: 'float-knife',
        name: 'Rescue folding knife',
        why: 'The mass is not a number.',
      },
    ],
    [
      'a piece without fields',
      (database) => database.put('gear', { id: 'float-knife', name: 'Knife' } as never),
      { part: 'gear', name: 'Knife', why: /missing/ },
    ],
    [
      'a kit with a placement of nothing',
      (database) => database.delete('gear', 'float-knife'),
      { part: 'loadouts', key: 'float-pouch-kit', why: /no gear float-knife/ },
    ],
    [
      'a kit in itself',
      (database) =>
        database.put('loadouts', {
          ...demoBench.loadouts.get('float-pouch-kit')!,
          modules: [{ id: 'm', kit: 'float-pouch-kit', place: { on: 'body' } }],
        }),
      { part: 'loadouts', why: /inside itself/ },
    ],
    [
      'a scheme that ships',
      (database) => database.put('schemes', { id: 'five-cs', name: 'Mine', categories: [] }),
      { part: 'schemes', key: 'five-cs', why: /that ships/ },
    ],
    [
      'a list without lines',
      (database) => database.put('lists', { id: 'l', name: 'List' } as never),
      { part: 'lists', key: 'l', name: 'List' },
    ],
    [
      'a version without a kit',
      (database) => database.put('versions', { id: 'v', note: 'July' } as never),
      { part: 'versions', key: 'v', name: 'July' },
    ],
    [
      'an act without a change',
      (database) => database.put('entries', { at: 1, id: 'x', label: 'move' } as never),
      { part: 'entries', key: 1, name: 'move' },
    ],
    [
      'a currency that is none',
      (database) =>
        database.put('about', { revision: 3, currency: 'SHELLS' as never, cursor: 0 }, 'bench'),
      { part: 'about', key: 'bench' },
    ],
  ])('%s is named, and set aside it lets the rest open', async (_, spoil, expected) => {
    const database = await demoDatabase();
    await spoil(database);
    const found = await load(database);
    if (found.ok) throw new Error('was taken');
    for (const [field, value] of Object.entries(expected)) {
      const told = String(found.bad[field as keyof typeof found.bad]);
      expect(told).toMatch(value instanceof RegExp ? value : String(value));
    }
    let bad = found.bad;
    for (let times = 0; times < 4; times += 1) {
      await setAside(database, bad);
      const next = await load(database);
      if (next.ok) break;
      bad = next.bad;
    }
    const bench = await benchIn(database);
    expect(bench.shelf.size).toBeGreaterThanOrEqual(demoBench.shelf.size - 1);
    expect(bench.loadouts.size).toBeGreaterThanOrEqual(2);
    expect(writtenFile(bench).ok).toBe(true);
    expect((await database.getAll('aside')).length).toBeGreaterThan(0);
  });

  it('is kept as it was, and what was in a piece set aside lies on the mat', async () => {
    const database = await demoDatabase();
    const pouch = { ...demoBench.shelf.get('float-pouch')!, massG: NaN };
    await database.put('gear', pouch);
    const found = await load(database);
    if (found.ok) throw new Error('was taken');
    await setAside(database, found.bad);
    expect(await database.get('aside', 'gear float-pouch')).toMatchObject({
      part: 'gear',
      key: 'float-pouch',
      record: pouch,
    });
    const { placements } = (await benchIn(database)).loadouts.get('float-pouch-kit')!;
    expect(placements.find(({ gear }) => gear === 'float-knife')!.place).toEqual({ on: 'mat' });
    expect(placements.some(({ gear }) => gear === 'float-pouch')).toBe(false);
  });

  it('among what can be undone takes all of that with it, and nothing of the bench', async () => {
    const database = await demoDatabase();
    const before = await benchIn(database);
    await database.put('entries', { at: 1, id: 'a', label: 'x', change: {} } as never);
    await database.put('about', { revision: 2, currency: 'EUR', cursor: 1 }, 'bench');
    const found = await load(database);
    if (found.ok) throw new Error('was taken');
    await setAside(database, found.bad);
    const now = await load(database);
    expect(now.ok && now.saved.history).toEqual({ bench: before, entries: [], cursor: 0 });
  });
});

describe('all that is in the database', () => {
  it('is written as it stands, also where nothing here can read it', async () => {
    const name = newName();
    const database = await demoDatabase(name);
    await database.put('gear', { id: 'odd', massG: Infinity, photo: new Blob(['x']) } as never);
    database.close();
    const text = await rawData(name);
    const raw = JSON.parse(text) as { version: number; stores: Record<string, unknown[]> };
    expect(raw.version).toBe(databaseVersion);
    expect(raw.stores.gear).toHaveLength(demoBench.shelf.size + 1);
    expect(raw.stores.gear!.find((entry) => (entry as [string])[0] === 'odd')).toMatchObject([
      'odd',
      { massG: 'Infinity' },
    ]);
  });

  it('is written of a newer version too, and none is made where there is none', async () => {
    const name = newName();
    const newer = await openDB(name, databaseVersion + 4, {
      upgrade: (database) => void database.createObjectStore('things'),
    });
    await newer.put('things', { a: 1 }, 'k');
    newer.close();
    expect(JSON.parse(await rawData(name))).toMatchObject({
      stores: { things: [['k', { a: 1 }]] },
    });
    const nowhere = newName();
    await expect(rawData(nowhere)).rejects.toBeDefined();
    expect((await indexedDB.databases()).some((found) => found.name === nowhere)).toBe(false);
    await deleteDB(name);
  });
});

describe('saving', () => {
  it('writes strictly, and nothing where another window was first', async () => {
    const database = await demoDatabase();
    const begun = jest.spyOn(IDBDatabase.prototype, 'transaction');
    const history = historyOf(demoBench);
    const next = historyOf(applied(demoBench, { do: 'remove gear', id: 'mirror' }));
    expect(await save(database, { revision: 0, id: null, history }, next)).toBe('stale');
    expect((await benchIn(database)).shelf.has('mirror')).toBe(true);
    expect(await save(database, { revision: 1, id: null, history }, next)).toMatchObject({
      revision: 2,
    });
    expect((await benchIn(database)).shelf.has('mirror')).toBe(false);
    const modes = begun.mock.calls.filter(([, mode]) => mode === 'readwrite');
    expect(modes.map(([, , options]) => options)).toEqual([
      { durability: 'strict' },
      { durability: 'strict' },
    ]);
    begun.mockRestore();
  });

  it('keeps versions with their gear', async () => {
    const database = await demoDatabase();
    const about = { id: 'v', day: '2026-10-01', note: '' };
    const next = applied(demoBench, {
      do: 'keep version',
      version: versionOf(demoBench, 'float-pouch-kit', about),
    });
    await save(database, { revision: 1, id: null, history: historyOf(demoBench) }, historyOf(next));
    expect(await benchIn(database)).toEqual(next);
  });
});
