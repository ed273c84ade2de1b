import { fetchActs } from '@/store/acts';
import { demoBench } from '@/core/demo';
import { doing, House, quiet, rename, savedIn } from '../support/house';

beforeAll(async () => {
  await fetchActs();
});

type Window = Awaited<ReturnType<House['window']>>;

/** Takes all that is saved away, as a browser does that runs out of room. */
async function clear({ database }: Window): Promise<void> {
  const stores = [...database.objectStoreNames];
  const writing = database.transaction(stores, 'readwrite');
  await Promise.all([...stores.map((store) => writing.objectStore(store).clear()), writing.done]);
}

const gone = { state: 'gone', gone: 'cleared' };

describe('storage that is cleared under an open window', () => {
  it('drops nothing of what is in memory, says so, and saves all of it when told to', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    one.keeper.act(rename('Before'));
    await one.keeper.settled();
    await clear(one);
    one.keeper.act(rename('After'));
    await one.keeper.settled();
    expect(one.kept().saving).toEqual(gone);
    expect(one.kit().name).toBe('After');
    expect((await savedIn(one.database)).bench.shelf.size).toBe(0);
    one.keeper.act(doing({ do: 'remove gear', id: 'mirror' }));
    expect(one.kept().saving).toEqual(gone);
    await one.keeper.saveToCleared();
    expect(one.kept().saving.state).toBe('saved');
    expect((await savedIn(one.database)).bench).toEqual(one.bench());
    one.undo();
    one.undo();
    await one.keeper.settled();
    const later = await house.window();
    expect(later.kit().name).toBe('Before');
  });

  it('is told without an act, as soon as the window looks', async () => {
    const one = await new House().window({ first: demoBench });
    await one.keeper.look();
    expect(one.kept().saving.state).toBe('saved');
    await clear(one);
    await one.keeper.look();
    expect(one.kept().saving).toEqual(gone);
    expect(one.bench()).toEqual(demoBench);
  });

  it('is saved again by one window for both, with what the other had not saved', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    const two = await house.window();
    await clear(one);
    one.keeper.act(rename('One'));
    two.keeper.act(doing({ do: 'remove gear', id: 'mirror' }));
    await Promise.all([one.keeper.settled(), two.keeper.settled()]);
    expect([one, two].map((each) => each.kept().saving)).toEqual([gone, gone]);
    await one.keeper.saveToCleared();
    await quiet();
    await two.keeper.settled();
    await quiet();
    await one.keeper.settled();
    for (const each of [one, two]) {
      expect(each.kit().name).toBe('One');
      expect(each.bench().shelf.has('mirror')).toBe(false);
      expect(each.kept().saving.state).toBe('saved');
    }
    expect((await savedIn(one.database)).bench).toEqual(two.bench());
  });

  it('never saves over a bench that another window has begun since, nor takes that one for its own', async () => {
    const house = new House();
    const one = await house.window({ first: demoBench });
    await clear(one);
    const fresh = await house.window({ first: demoBench, deaf: true });
    for (const name of ['A', 'B', 'C']) fresh.keeper.act(rename(name));
    await fresh.keeper.settled();
    one.keeper.act(rename('Mine'));
    await one.keeper.settled();
    expect(one.kept().saving).toEqual({ state: 'gone', gone: 'another bench' });
    await one.keeper.saveToCleared();
    await one.keeper.look();
    expect(one.kept().saving).toEqual({ state: 'gone', gone: 'another bench' });
    expect(one.kit().name).toBe('Mine');
    expect((await savedIn(one.database)).bench).toEqual(fresh.bench());
  });
});
