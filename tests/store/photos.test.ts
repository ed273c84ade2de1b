import 'fake-indexeddb/auto';
import { emptyBench, type Entry } from '@/core/loadout';
import { Connection } from '@/store/connection';
import { openDatabase, type Database } from '@/store/database';
import { dropPhotos, keepPhoto, keepPhotosIn, photoOf, unnamedPhotos } from '@/store/photos';
import { setAside } from '@/store/set-aside';
import { benchOf, gear, kit } from '../support/benches';

let nextName = 0;

async function opened(): Promise<{ readonly database: Database; readonly connection: Connection }> {
  const database = await openDatabase(`photos-${(nextName += 1)}`);
  return { database, connection: new Connection(() => Promise.resolve(database)) };
}

const picture = (text: string) => new Blob([text], { type: 'image/png' });

const nothingChanged = {
  gear: [],
  loadouts: [],
  schemes: [],
  lists: [],
  versions: [],
  rounds: [],
  wants: [],
  trips: [],
};

function entry(change: Partial<Entry['change']>): Entry {
  const currency = { before: 'EUR', after: 'EUR' } as const;
  return { at: 1, id: 'act', label: 'an act', change: { ...nothingChanged, currency, ...change } };
}

describe('pictures of gear', () => {
  it('are on the disk once they are kept, and are there for the next window', async () => {
    const { database, connection } = await opened();
    keepPhotosIn(connection);
    await keepPhoto('one', picture('first'));
    expect(await database.getAllKeys('photos')).toEqual(['one']);
    keepPhotosIn(new Connection(() => Promise.resolve(database)));
    expect((await photoOf('one'))!.type).toBe('image/png');
    expect(await photoOf('another')).toBeUndefined();
  });

  it('are dropped once neither a piece, nor a version, nor an act names them', async () => {
    const { database, connection } = await opened();
    keepPhotosIn(connection);
    for (const id of ['piece', 'version', 'before', 'after', 'put-away', 'nobody']) {
      await keepPhoto(id, picture(id));
    }
    const version = {
      id: 'v',
      kit: 'k',
      day: '2026-10-01',
      note: '',
      loadout: kit('k'),
      along: [],
      gear: [gear('old', { photo: 'version' })],
    };
    const bench = {
      ...benchOf([gear('pot', { photo: 'piece' })], []),
      versions: new Map([['v', version]]),
    };
    const entries = [
      entry({
        gear: [
          {
            id: 'a',
            before: gear('a', { photo: 'before' }),
            after: gear('a', { photo: 'after' }),
          },
        ],
        versions: [
          {
            id: 'w',
            before: { ...version, gear: [gear('w', { photo: 'put-away' })] },
            after: null,
          },
        ],
      }),
    ];
    const naming = { bench, entries };
    expect(await unnamedPhotos(naming)).toEqual(['nobody']);
    await dropPhotos(['nobody', 'piece'], naming);
    expect(await database.getAllKeys('photos')).toEqual([
      'after',
      'before',
      'piece',
      'put-away',
      'version',
    ]);
  });

  it('are left where they came a moment ago: the act that names them may be under way', async () => {
    const { database, connection } = await opened();
    keepPhotosIn(connection);
    await keepPhoto('being-restored', picture('1'));
    const before = await unnamedPhotos({ bench: emptyBench, entries: [] });
    expect(before).toEqual(['being-restored']);
    await keepPhoto('younger', picture('2'));
    const restored = benchOf([gear('pot', { photo: 'being-restored' })], []);
    await dropPhotos(before, { bench: restored, entries: [] });
    expect(await database.getAllKeys('photos')).toEqual(['being-restored', 'younger']);
  });

  it('stay with a piece that is set aside', async () => {
    const { database, connection } = await opened();
    keepPhotosIn(connection);
    await keepPhoto('of-pot', picture('pot'));
    await database.put('gear', { ...gear('pot', { photo: 'of-pot' }), massG: Number.NaN });
    await setAside(database, { part: 'gear', key: 'pot', name: 'pot', why: 'Its mass is none.' });
    expect(await unnamedPhotos({ bench: emptyBench, entries: [] })).toEqual([]);
  });

  it('live in memory where the browser has no storage', async () => {
    keepPhotosIn(null);
    const kept = picture('in memory');
    await keepPhoto('one', kept);
    expect(await photoOf('one')).toBe(kept);
  });

  it('are told of when they cannot be kept', async () => {
    const { database, connection } = await opened();
    keepPhotosIn(connection);
    database.close();
    await expect(keepPhoto('one', picture('late'))).rejects.toThrow();
  });
});
