import 'fake-indexeddb/auto';
import { Connection } from '@/store/connection';
import { openDatabase } from '@/store/database';
import { keepPreferences, prefer, usePreferences } from '@/store/preferences';

const usual = usePreferences.getInitialState();

beforeEach(() => usePreferences.setState(usual, true));

describe('preferences', () => {
  it('are kept in the database of the bench, beside it', async () => {
    const database = await openDatabase('mine');
    await keepPreferences(new Connection(() => Promise.resolve(database)));
    expect(usePreferences.getState()).toEqual({
      kit: null,
      scheme: 'five-cs',
      units: 'metric',
      matScale: 0.6,
      letterKeys: true,
      bell: 'off',
      rangOn: null,
      calendar: [],
      backedUpOn: null,
      hasFolder: false,
    });
    prefer({ kit: 'float-pouch-kit', units: 'us' });
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(await database.get('preferences', 'mine')).toMatchObject({
      kit: 'float-pouch-kit',
      units: 'us',
    });
  });

  it.each([
    ['that are not of this version', { kit: 'a', scheme: 7, units: 'us', matScale: 0.9 }],
    ['with a field missing', { kit: 'a', units: 'us', matScale: 0.9 }],
    [
      'of reminders that are none',
      { kit: 'a', units: 'us', matScale: 0.9, bell: 'loud', calendar: [{ uid: 7 }], backedUpOn: 1 },
    ],
  ])('%s fall back field by field', async (name, kept) => {
    const database = await openDatabase(name);
    await database.put('preferences', kept, 'mine');
    await keepPreferences(new Connection(() => Promise.resolve(database)));
    expect(usePreferences.getState()).toEqual({ ...usual, kit: 'a', units: 'us', matScale: 0.9 });
  });

  it('that are no preferences at all leave the usual ones', async () => {
    const database = await openDatabase('spoilt');
    await database.put('preferences', 'spoilt', 'mine');
    await keepPreferences(new Connection(() => Promise.resolve(database)));
    expect(usePreferences.getState()).toEqual(usual);
  });
});
