import 'fake-indexeddb/auto';
import { fetchActs } from '@/store/acts';
import { demoBench } from '@/core/demo';
import { Connection, LeftBehind } from '@/store/connection';
import { load, openDatabase, type Database } from '@/store/database';
import { Keeper, type Kept } from '@/store/keeper';
import { connectionTo, doing, House, rename, savedIn } from '../support/house';

beforeAll(async () => {
  await fetchActs();
});

describe('keeping', () => {
  it('shows an act at once, and has it on the disk once it says saved', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    expect(one.bench()).toEqual(demoBench);
    one.keeper.act(rename('Red pouch'));
    expect(one.kit().name).toBe('Red pouch');
    expect(one.kept().saving.state).toBe('saving');
    await one.keeper.settled();
    expect(one.kept().saving.state).toBe('saved');
    const later = await house.window({ first: demoBench });
    expect(later.bench()).toEqual(one.bench());
  });

  it('fills with the first bench once only', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    one.keeper.act(doing({ do: 'remove kit', id: 'float-pouch-kit' }));
    await one.keeper.settled();
    const later = await house.window({ first: demoBench });
    expect(later.bench().loadouts.size).toBe(2);
  });

  it('opens empty where the first bench cannot be had, and asks for it again the next time', async () => {
    const house = new House();
    let kept: Kept | undefined;
    const keeper = new Keeper(
      connectionTo(await openDatabase(house.name)),
      null,
      (now) => (kept = now),
    );
    await keeper.open(() => Promise.reject(new Error('no network')));
    expect(kept!.history.bench.shelf.size).toBe(0);
    expect((await house.window({ first: demoBench })).bench()).toEqual(demoBench);
  });

  it('undoes and redoes across a restart, to the letter', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    one.keeper.act(rename('A'));
    one.keeper.act(doing({ do: 'remove gear', id: 'multi-tool' }));
    const after = one.bench();
    await one.keeper.settled();
    const two = await house.window();
    two.undo();
    two.undo();
    expect(two.bench()).toEqual(demoBench);
    expect(two.undo().ok).toBe(false);
    two.redo();
    two.redo();
    await two.keeper.settled();
    expect(two.bench()).toEqual(after);
    expect((await savedIn(two.database)).bench).toEqual(after);
  });

  it('drops what was undone when something else is done', async () => {
    const one = await new House().window({ first: demoBench });
    one.keeper.act(rename('A'));
    one.undo();
    one.keeper.act(rename('B'));
    expect(one.redo().ok).toBe(false);
    await one.keeper.settled();
    expect((await savedIn(one.database)).entries.map(({ at }) => at)).toEqual([1]);
  });

  it('refuses what the core refuses, and saves nothing of it', async () => {
    const one = await new House().window({ first: demoBench });
    const outcome = one.keeper.act(rename('<script>'));
    expect(outcome.ok).toBe(false);
    await one.keeper.settled();
    expect((await savedIn(one.database)).bench).toEqual(demoBench);
  });

  it('keeps only so many acts', async () => {
    const one = await new House().window({ first: demoBench });
    for (let turn = 0; turn < 230; turn += 1) one.keeper.act(rename(`n${turn}`));
    await one.keeper.settled();
    const { entries } = await savedIn(one.database);
    expect([entries.length, entries[0]!.at, entries.at(-1)!.at]).toEqual([200, 31, 230]);
  });
});

describe('without storage', () => {
  it('goes on in memory and says so', async () => {
    let kept: Kept | undefined;
    const keeper = new Keeper(null, null, (now) => (kept = now));
    await keeper.open(() => Promise.resolve(demoBench));
    keeper.act(rename('In memory'));
    expect(kept!.saving.state).toBe('not kept');
    expect(kept!.history.bench.loadouts.get('float-pouch-kit')!.name).toBe('In memory');
  });

  it('says when saving fails, and saves it when asked again', async () => {
    const one = await new House().window({ first: demoBench });
    const transaction = one.database.transaction.bind(one.database);
    one.database.transaction = (() => {
      throw new Error('the disk is full');
    }) as typeof one.database.transaction;
    one.keeper.act(rename('Kept'));
    await one.keeper.settled();
    expect(one.kept().saving).toEqual({
      state: 'failed',
      why: 'The browser says: the disk is full',
    });
    expect(one.kit().name).toBe('Kept');
    one.database.transaction = transaction;
    await one.keeper.saveWaiting();
    expect(one.kept().saving.state).toBe('saved');
    expect((await savedIn(one.database)).bench.loadouts.get('float-pouch-kit')!.name).toBe('Kept');
  });
});

describe('a connection that is lost', () => {
  it('is opened again, and what was done in between is saved', async () => {
    const house = new House();
    const first = await house.window({ first: demoBench });
    let opened = 0;
    const connection = new Connection(() => {
      opened += 1;
      return openDatabase(house.name);
    });
    let kept: Kept | undefined;
    const keeper = new Keeper(connection, null, (now) => (kept = now));
    expect(await keeper.open(null)).toBeNull();
    await connection.use((database) => Promise.resolve(database.close()));
    keeper.act(rename('After it was closed'));
    await keeper.settled();
    expect([opened, kept!.saving.state]).toEqual([2, 'saved']);
    connection.lose();
    keeper.act(rename('After it was lost'));
    await keeper.settled();
    expect([opened, kept!.saving.state]).toEqual([3, 'saved']);
    const saved = await savedIn(first.database);
    expect(saved.bench.loadouts.get('float-pouch-kit')!.name).toBe('After it was lost');
  });

  it('is let go for good when a newer program has the database', async () => {
    const connection = new Connection(() => openDatabase('left'));
    await connection.use(load);
    connection.leave();
    await expect(connection.use(load)).rejects.toBeInstanceOf(LeftBehind);
  });

  it('does no act twice that reached the disk though it was told as failed', async () => {
    const house = new House();
    const first = await house.window({ first: demoBench });
    let isBroken = false;
    /** It writes, and then tells that it was broken off. */
    class Breaking extends Connection {
      override async use<T>(work: (database: Database) => Promise<T>): Promise<T> {
        const done = await super.use(work);
        if (!isBroken) return done;
        isBroken = false;
        throw new DOMException('broken off', 'AbortError');
      }
    }
    let kept: Kept | undefined;
    const connection = new Breaking(() => openDatabase(house.name));
    const keeper = new Keeper(connection, null, (now) => (kept = now));
    await keeper.open(null);
    isBroken = true;
    const cord = { ...demoBench.shelf.get('float-cord')!, id: 'another-cord' };
    keeper.act(doing({ do: 'add gear', gear: [cord] }));
    await keeper.settled();
    expect(kept!.saving.state).toBe('failed');
    await keeper.saveWaiting();
    expect(kept).toMatchObject({ saving: { state: 'saved' }, notice: null });
    expect((await savedIn(first.database)).entries).toHaveLength(1);
  });
});

describe('a start that fails', () => {
  it('shows the first bench where it cannot be saved, says so, and saves it with the next try', async () => {
    const house = new House();
    const database = await openDatabase(house.name);
    const transaction = database.transaction.bind(database);
    let isFull = true;
    database.transaction = ((...of: Parameters<typeof transaction>) => {
      if (isFull && of[1] === 'readwrite') throw new DOMException('full', 'QuotaExceededError');
      return transaction(...of);
    }) as typeof database.transaction;
    let kept: Kept | undefined;
    const keeper = new Keeper(connectionTo(database), null, (now) => (kept = now));
    expect(await keeper.open(() => Promise.resolve(demoBench))).toBeNull();
    expect(kept!.history.bench).toEqual(demoBench);
    await keeper.settled();
    expect(kept!.saving).toMatchObject({ state: 'failed', why: expect.stringMatching(/no room/) });
    keeper.act(rename('While it was full'));
    await keeper.settled();
    expect(kept!.saving.state).toBe('failed');
    isFull = false;
    await keeper.saveWaiting();
    expect(kept!.saving.state).toBe('saved');
    const saved = await savedIn(database);
    expect(saved.bench).toEqual(kept!.history.bench);
    expect(saved.bench.loadouts.get('float-pouch-kit')!.name).toBe('While it was full');
  });

  it('gives the bad record, and shows nothing', async () => {
    const house = new House();
    const { database } = await house.window({ first: demoBench });
    await database.put('gear', { id: 'mirror', name: 'Mirror' } as never);
    let isShown = false;
    const keeper = new Keeper(connectionTo(database), null, () => (isShown = true));
    expect(await keeper.open(null)).toMatchObject({ part: 'gear', key: 'mirror' });
    expect(isShown).toBe(false);
  });
});

describe('before what does acts is here', () => {
  it('holds an act, does it in its order once it has come, and tells what refuses it', async () => {
    jest.resetModules();
    const fresh = await import('@/store/keeper');
    const { fetchActs: fetchFresh, actsAtHand } = await import('@/store/acts');
    let kept: Kept | undefined;
    const keeper = new fresh.Keeper(null, null, (now) => (kept = now));
    await keeper.open(() => Promise.resolve(demoBench));
    expect(actsAtHand()).toBeNull();
    expect(keeper.act(rename('A'))).toMatchObject({ ok: true });
    keeper.act(rename('B'));
    keeper.act(doing({ do: 'remove kit', id: 'nobody' }));
    expect(kept!.history.entries).toHaveLength(0);
    await fetchFresh();
    await keeper.settled();
    expect(kept!.history.entries).toHaveLength(2);
    expect(kept!.history.bench.loadouts.get('float-pouch-kit')!.name).toBe('B');
    expect(kept!.notice).toContain('There is no kit');
  });
});
