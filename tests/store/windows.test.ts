import 'fake-indexeddb/auto';
import { fetchActs } from '@/store/acts';
import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { Connection } from '@/store/connection';
import { type Database } from '@/store/database';
import { doing, House, quiet, rename, savedIn } from '../support/house';
import { pick, randomFrom } from '../support/random';
import { tried } from '../support/share';

/** One whose next use comes late, as on a disk that is busy. */
class LateConnection extends Connection {
  lateTurns = 0;

  override async use<T>(work: (database: Database) => Promise<T>): Promise<T> {
    const turns = this.lateTurns;
    this.lateTurns = 0;
    for (let turn = 0; turn < turns; turn += 1)
      await new Promise((resolve) => setTimeout(resolve, 0));
    return super.use(work);
  }
}

beforeAll(async () => {
  await fetchActs();
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

  it('follow each other’s steps: what did not change is the very same, and nothing is worked out anew for it', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    const two = await house.window();
    const mirror = two.bench().shelf.get('mirror');
    const kit = two.bench().loadouts.get('portage-pack-kit');
    one.keeper.act(rename('From one'));
    await one.keeper.settled();
    await quiet();
    expect(two.kit().name).toBe('From one');
    expect(two.bench().shelf.get('mirror')).toBe(mirror);
    expect(two.bench().loadouts.get('portage-pack-kit')).toBe(kit);
    // And what it followed is what is on the disk: its own act goes on top without being redone.
    two.keeper.act(doing({ do: 'change gear', id: 'mirror', change: { massG: 31 } }));
    await two.keeper.settled();
    expect((await savedIn(two.database)).bench).toEqual(two.bench());
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

  it('lose neither change when one hears of the other’s while its own is on the way', async () => {
    const house = new House();
    const late: { connection?: LateConnection } = {};
    const one = await house.window({
      first: demoBench,
      connect: (database) =>
        (late.connection = new LateConnection(() => Promise.resolve(database))),
    });
    const two = await house.window();
    late.connection!.lateTurns = 60;
    one.keeper.act(rename('Red pouch'));
    two.keeper.act(doing({ do: 'change gear', id: 'bandana', change: { name: 'Neckerchief' } }));
    await two.keeper.settled();
    // It has heard by now, and its own is still to be written.
    await quiet();
    await one.keeper.settled();
    await quiet();
    const { bench } = await savedIn(one.database);
    expect(bench.shelf.get('bandana')!.name).toBe('Neckerchief');
    expect(bench.loadouts.get('float-pouch-kit')!.name).toBe('Red pouch');
    expect(one.bench()).toEqual(bench);
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

  it('leaves hundreds of edits, made at once, the same in both and on the disk', async () => {
    const house = new House();
    const windows = [await house.window({ first: demoBench }), await house.window()] as const;
    const random = randomFrom(20);
    const edits = tried(300, 0.4);
    let taken = 0;
    for (let at = 0; at < edits; at += 1) {
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
    expect(taken).toBeGreaterThan(edits / 2);
    expect(windows.map((window) => window.kept().saving.state)).toEqual(['saved', 'saved']);
    expect(writeFile(windows[0].bench())).toBe(writeFile(saved.bench));
    expect(writeFile(windows[1].bench())).toBe(writeFile(saved.bench));
    expect(windows[0].kept().history.cursor).toBe(saved.cursor);
  });
});
