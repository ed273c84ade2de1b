import { cavityQuestion, StowSearch, stowageOf, type Fix } from '@/core/fit/laid-out';
import { demoBench } from '@/core/demo';
import { benchForPacking } from '@/core/pack';
import { stowWorker, type PackTold, type StowProgress } from '@/workers/stow.worker';
import { box, tin } from '../support/loads';

// It answers to whoever started it; here nobody did.
jest.mock('comlink', () => ({ expose: jest.fn() }));

const small = {
  container: tin(100, 100, 100),
  items: [box('a', [60, 60, 60]), box('b', [40, 40, 40])],
};
const hard = {
  // More than goes in: the search goes on as long as it may.
  container: tin(150, 150, 100),
  items: Array.from({ length: 40 }, (_, at) =>
    box(`p${at}`, [30 + ((at * 17) % 50), 25 + ((at * 11) % 40), 20 + ((at * 7) % 35)]),
  ),
};

/** A clock that goes on by 1 ms whenever it is looked at. Gives how far it has come. */
function countedClock(): () => number {
  let nowMs = 0;
  jest.spyOn(performance, 'now').mockImplementation(() => (nowMs += 1));
  return () => nowMs;
}

afterEach(() => jest.restoreAllMocks());

describe('the worker that stows', () => {
  it('gives what the search gives', async () => {
    const search = new StowSearch([small], 1);
    for (const run = search.run(); !run.next().done;);
    const found = await stowWorker.stow('a', [small], 1, 5000, () => undefined);
    expect(found).toEqual(stowageOf(search));
    expect(found.fits).toBe(true);
  });

  it('tells how far it is, seldom, and ends within its time', async () => {
    const clock = countedClock();
    const told: StowProgress[] = [];
    await stowWorker.stow('b', [hard], 1, 700, (progress) => void told.push(progress));
    expect(clock()).toBeLessThan(720);
    expect(told.length).toBeGreaterThan(0);
    expect(told.length).toBeLessThanOrEqual(5);
    for (const [at, { elapsedMs, steps }] of told.entries()) {
      if (at === 0) continue;
      expect(elapsedMs - told[at - 1]!.elapsedMs).toBeGreaterThanOrEqual(150);
      expect(steps).toBeGreaterThanOrEqual(told[at - 1]!.steps);
    }
  });

  it('ends when it is cancelled, with what it has found, and the next call runs its full time', async () => {
    const clock = countedClock();
    const found = await stowWorker.stow('c', [hard], 1, 60_000, () => stowWorker.cancel('c'));
    expect(found.placed.length).toBeGreaterThan(0);
    const cancelledAt = clock();
    expect(cancelledAt).toBeLessThan(1000);
    // It is told no more than once: the next call of that name is not ended.
    await stowWorker.stow('c', [hard], 1, 600, () => undefined);
    expect(clock() - cancelledAt).toBeGreaterThan(500);
  });

  it('tells each fix as it is found', async () => {
    const asked = {
      bench: demoBench,
      loadout: 'boathouse-box-kit',
      placement: 'cook-box',
      cavity: 'inside',
    };
    const kit = demoBench.loadouts.get(asked.loadout)!;
    const { loads } = cavityQuestion(kit, demoBench.shelf, asked.placement, asked.cavity)!;
    const stowage = await stowWorker.stow('d', loads, 1, 300, () => undefined);
    const fixes: Fix[] = [];
    await stowWorker.fixes('e', asked, stowage, (fix) => void fixes.push(fix));
    expect(fixes[0]).toMatchObject({ fix: 'turn', gear: 'old-pot', left: 0 });
  });

  it('packs a kit, telling each better packing, to the end', async () => {
    const told: PackTold[] = [];
    const request = { from: 'now', seed: 1, today: '2026-10-01' } as const;
    const kit = 'boathouse-box-kit';
    const bench = benchForPacking(demoBench, kit);
    const change = await stowWorker.pack('f', bench, kit, request, (each) => void told.push(each));
    const { packing } = told.findLast((each) => each.packing !== null)!;
    expect(packing!.moves.map(({ placement }) => placement)).toEqual(['old-pot']);
    expect(told.at(-1)!.isWhole).toBe(true);
    expect(change).toBeNull();
  });

  it('stops packing when it is told to, and looks for nothing more', async () => {
    const request = { from: 'nothing', seed: 1, today: '2026-10-01' } as const;
    const told: PackTold[] = [];
    const packing = stowWorker.pack('g', demoBench, 'portage-pack-kit', request, (each) => {
      told.push(each);
      stowWorker.cancel('g');
    });
    expect(await packing).toBeNull();
    expect(told.every(({ isWhole }) => !isWhole)).toBe(true);
  });
});
