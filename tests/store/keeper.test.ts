import 'fake-indexeddb/auto';
import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { redoing, undoing, type Act, type Command, type History } from '@/core/loadout';
import { Connection, LeftBehind } from '@/store/connection';
import { load, openDatabase, type Database } from '@/store/database';
import { Keeper, type Kept, type OtherWindows } from '@/store/keeper';
import { pick, randomFrom } from '../support/random';

let nextName = 0;

function connectionTo(database: Database): Connection {
  return new Connection(() => Promise.resolve(database));
}

/** What is saved, which must be sound. */
async function savedIn(database: Database): Promise<History> {
  const found = await load(database);
  if (!found.ok) throw new Error(found.bad.why);
  return found.saved.history;
}

function nothingTo(act: 'undo' | 'redo'): Act {
  return { act, entry: 'nothing', label: 'nothing' };
}

let acts = 0;

/** Windows on one database that hear of each other's savings. */
class House {
  readonly name = `bench-${(nextName += 1)}`;
  private readonly doors: OtherWindows[] = [];

  async window(options: { readonly deaf?: boolean; readonly first?: typeof demoBench } = {}) {
    const shown: { kept?: Kept } = {};
    const database = await openDatabase(this.name);
    const door: OtherWindows = {
      onmessage: null,
      postMessage: (data) => {
        for (const other of this.doors) {
          if (other !== door) other.onmessage?.({ data } as MessageEvent);
        }
      },
    };
    if (!options.deaf) this.doors.push(door);
    const keeper = new Keeper(connectionTo(database), door, (kept) => (shown.kept = kept));
    const { first } = options;
    await keeper.open(first ? () => Promise.resolve(first) : null);
    return {
      keeper,
      database,
      undo: () => keeper.act(undoing(shown.kept!.history) ?? nothingTo('undo')),
      redo: () => keeper.act(redoing(shown.kept!.history) ?? nothingTo('redo')),
      kit: () => shown.kept!.history.bench.loadouts.get('float-pouch-kit')!,
      bench: () => shown.kept!.history.bench,
      kept: () => shown.kept!,
    };
  }
}

function rename(name: string): Act {
  return doing({ do: 'change kit', id: 'float-pouch-kit', change: { name } });
}

function doing(command: Command): Act {
  return { act: 'do', command, id: `act-${(acts += 1)}` };
}

/** Lets the other window's reading finish. */
async function quiet() {
  for (let turn = 0; turn < 20; turn += 1) await new Promise((resolve) => setTimeout(resolve, 0));
}

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

describe('two windows', () => {
  it('see each other’s changes', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    const two = await house.window();
    one.keeper.act(rename('From one'));
    await one.keeper.settled();
    await quiet();
    expect(two.kit().name).toBe('From one');
    two.undo();
    await two.keeper.settled();
    await quiet();
    expect(one.bench()).toEqual(demoBench);
  });

  it('lose neither change when both act at once', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench, deaf: true });
    const two = await house.window({ deaf: true });
    one.keeper.act(rename('From one'));
    await one.keeper.settled();
    two.keeper.act(doing({ do: 'change gear', id: 'mirror', change: { massG: 30 } }));
    await two.keeper.settled();
    const { bench } = await savedIn(one.database);
    expect(bench.loadouts.get('float-pouch-kit')!.name).toBe('From one');
    expect(bench.shelf.get('mirror')!.massG).toBe(30);
    expect(two.bench()).toEqual(bench);
  });

  it('say what could not be done after the other’s change', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench, deaf: true });
    const two = await house.window({ deaf: true });
    one.keeper.act(doing({ do: 'remove kit', id: 'float-pouch-kit' }));
    await one.keeper.settled();
    two.keeper.act(rename('Too late'));
    await two.keeper.settled();
    expect(two.kept().notice).toMatch(/Another window changed this: .*no kit float-pouch-kit/);
    expect(two.bench().loadouts.has('float-pouch-kit')).toBe(false);
    expect(two.kept().saving.state).toBe('saved');
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

describe('undo in two windows', () => {
  it('never takes the other’s act for the one that was named', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench, deaf: true });
    const two = await house.window({ deaf: true });
    one.keeper.act(rename('Mine'));
    await one.keeper.settled();
    two.keeper.act(doing({ do: 'change gear', id: 'mirror', change: { massG: 30 } }));
    await two.keeper.settled();
    // This window does not know of it yet, and undoes what it shows as the last.
    one.undo();
    await one.keeper.settled();
    expect(one.kept().notice).toMatch(/“change kit Float pouch” is not the last act any more/);
    const saved = await savedIn(one.database);
    expect(saved.bench.shelf.get('mirror')!.massG).toBe(30);
    expect(saved.bench.loadouts.get('float-pouch-kit')!.name).toBe('Mine');
    expect(one.bench()).toEqual(saved.bench);
  });

  it('leaves 300 edits, made at once, the same in both and on the disk', async () => {
    const house = new House();
    const windows = [await house.window({ first: demoBench }), await house.window()] as const;
    const random = randomFrom(20);
    let taken = 0;
    for (let at = 0; at < 300; at += 1) {
      const window = pick(random, windows);
      const act = random();
      const { bench } = window.kept().history;
      if (act < 0.15) window.undo();
      else if (act < 0.25) window.redo();
      else if (act < 0.5) {
        const cord = { ...demoBench.shelf.get('float-cord')!, id: `c${at}` };
        taken += Number(window.keeper.act(doing({ do: 'add gear', gear: [cord] })).ok);
      } else {
        const id = pick(random, [...bench.shelf.keys()]);
        taken += Number(
          window.keeper.act(doing({ do: 'change gear', id, change: { count: at } })).ok,
        );
      }
      if (random() < 0.5) await new Promise((resolve) => setTimeout(resolve, 0));
    }
    for (const { keeper } of windows) await keeper.settled();
    await quiet();
    for (const { keeper } of windows) await keeper.settled();
    await quiet();
    const saved = await savedIn(windows[0].database);
    expect(taken).toBeGreaterThan(150);
    expect(windows.map((window) => window.kept().saving.state)).toEqual(['saved', 'saved']);
    expect(writeFile(windows[0].bench())).toBe(writeFile(saved.bench));
    expect(writeFile(windows[1].bench())).toBe(writeFile(saved.bench));
    expect(windows[0].kept().history.cursor).toBe(saved.cursor);
  });
});
