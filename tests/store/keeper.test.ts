import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { openDB } from 'idb';
import { demoBench } from '@/core/demo';
import { readFile } from '@/core/exchange';
import { redoing, undoing, type Act, type Command, type History } from '@/core/loadout';
import { Connection } from '@/store/connection';
import { load, openDatabase, type Database } from '@/store/database';
import { Keeper, type Kept, type OtherWindows } from '@/store/keeper';

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

describe('a database of version 1', () => {
  interface Old {
    readonly gear: readonly { readonly id: string; readonly massG: number }[];
    readonly loadouts: readonly object[];
  }

  it('is brought up to date as its file would be, with what can be undone', async () => {
    const text = readFileSync('tests/support/version-1.json', 'utf8');
    const { gear, loadouts } = JSON.parse(text) as Old;
    const name = `old-${(nextName += 1)}`;
    const old = await openDB(name, 1, {
      upgrade(database) {
        for (const part of ['gear', 'loadouts'])
          database.createObjectStore(part, { keyPath: 'id' });
        database.createObjectStore('entries', { keyPath: 'at' });
        database.createObjectStore('about');
        database.createObjectStore('preferences');
      },
    });
    for (const each of gear) await old.put('gear', each);
    for (const each of loadouts) await old.put('loadouts', each);
    const candle = gear.find(({ id }) => id === 'candle')!;
    const swap = { id: 'candle', before: { ...candle, massG: 99 }, after: candle };
    const currency = { before: 'EUR', after: 'EUR' };
    await old.put('entries', {
      at: 1,
      label: 'change Candles',
      change: { gear: [swap], loadouts: [], currency },
    });
    await old.put('about', { revision: 1, currency: 'EUR', cursor: 1 }, 'bench');
    await old.put('preferences', { units: 'us' }, 'mine');
    old.close();

    const database = await openDatabase(name);
    const fromFile = readFile(text);
    const history = await savedIn(database);
    expect(fromFile).toEqual({ ok: true, value: history.bench });
    expect(await database.get('preferences', 'mine')).toEqual({ units: 'us' });

    const shown: { kept?: Kept } = {};
    const keeper = new Keeper(connectionTo(database), null, (kept) => (shown.kept = kept));
    await keeper.open(null);
    expect(keeper.act(undoing(shown.kept!.history)!).ok).toBe(true);
    await keeper.settled();
    const undone = (await savedIn(database)).bench.shelf.get('candle')!;
    expect(undone).toMatchObject({ massG: 99, contents: { unit: 'h' }, tier: 'front line' });
  });
});
