import type { CavityQuestion, Load, Stowage } from '@/core/fit/laid-out';
import { knownOf, searchLonger, stopSearching, want } from '@/ui/kit/stowings';
import type { StowProgress } from '@/workers/stow.worker';
import { box, tin } from '../support/loads';

interface Asked {
  readonly loads: readonly Load[];
  readonly budgetMs: number;
  readonly tell: (progress: StowProgress) => void;
  readonly answer: (stowage: Stowage) => Promise<void>;
  readonly fail: () => Promise<void>;
  isCancelled: boolean;
}

const asked: Asked[] = [];

/** All that follows on what was settled. */
const settled = () => new Promise<void>((resolve) => setImmediate(resolve));

jest.mock('@/workers/stow-calls', () => ({
  callStow: (loads: Asked['loads'], _seed: number, budgetMs: number, tell: Asked['tell']) => {
    let settle: { resolve: (stowage: Stowage) => void; reject: (error: Error) => void };
    const result = new Promise<Stowage>((resolve, reject) => (settle = { resolve, reject }));
    const call: Asked = {
      loads,
      budgetMs,
      tell,
      isCancelled: false,
      answer: (stowage) => (settle.resolve(stowage), settled()),
      fail: () => (settle.reject(new Error('no worker')), settled()),
    };
    asked.push(call);
    return { result, cancel: () => (call.isCancelled = true) };
  },
}));

let questions = 0;

function question(): CavityQuestion {
  questions += 1;
  const load = { container: tin(100 + questions, 100, 100), items: [box('a', [10, 10, 10])] };
  return { placement: `h${questions}`, cavity: 'main', loads: [load], items: [], unmeasured: [] };
}

function found(pieces: number): Stowage {
  const placed = Array.from({ length: pieces }, (_, at) => ({
    id: `p${at}`,
    atMm: [0, 0, 0] as const,
    sizeMm: [1, 1, 1] as const,
    axis: null,
  }));
  return { placed, left: [], fits: false, steps: pieces } as unknown as Stowage;
}

function placedIn(of: CavityQuestion): number | undefined {
  return knownOf(of)?.stowage?.placed.length;
}

beforeEach(async () => {
  want([]);
  for (const call of asked.splice(0)) await call.answer(found(0));
  asked.length = 0;
});

describe('what is laid out while one looks on', () => {
  it('is worked out one cavity after the other, each once', async () => {
    const [one, other] = [question(), question()];
    want([one, other]);
    expect(asked.map(({ loads }) => loads)).toEqual([one.loads]);
    expect(knownOf(one)!.state).toBe('searching');
    expect(knownOf(other)).toBeNull();
    await asked[0]!.answer(found(3));
    expect(knownOf(one)).toMatchObject({ state: 'done' });
    expect(asked[1]!.loads).toEqual(other.loads);
    await asked[1]!.answer(found(2));
    want([one, other]);
    expect(asked).toHaveLength(2);
  });

  it('leaves what nobody asks for any more, and goes on with what is asked', async () => {
    const [one, other] = [question(), question()];
    want([one]);
    want([other]);
    expect(asked[0]!.isCancelled).toBe(true);
    await asked[0]!.answer(found(1));
    expect(asked[1]!.loads).toEqual(other.loads);
  });

  it('takes what was cut off for no answer, and asks again when it is wanted again', async () => {
    const [one, other] = [question(), question()];
    want([one]);
    asked[0]!.tell({ stowage: found(1), steps: 2, elapsedMs: 10 });
    // The piece is moved, and moved back, before the search has heard of it.
    want([other]);
    want([one]);
    await asked[0]!.answer(found(1));
    expect(asked.map(({ loads }) => loads)).toEqual([one.loads, one.loads]);
    expect(knownOf(one)!.state).toBe('searching');
    await asked[1]!.answer(found(5));
    expect(knownOf(one)).toMatchObject({ state: 'done' });
    expect(placedIn(one)).toBe(5);
    // And moved for good while a longer search goes on: what was found before it stays.
    searchLonger(one);
    want([other]);
    await asked[2]!.answer(found(2));
    expect(knownOf(one)).toMatchObject({ state: 'done' });
    expect(placedIn(one)).toBe(5);
  });

  it('does not ask again while the same is being worked out', () => {
    const one = question();
    want([one]);
    want([one]);
    expect(asked).toHaveLength(1);
    expect(asked[0]!.isCancelled).toBe(false);
  });

  it('shows the best so far, and that a longer search has not yet come as far takes nothing away', async () => {
    const one = question();
    want([one]);
    asked[0]!.tell({ stowage: found(2), steps: 4, elapsedMs: 10 });
    expect(placedIn(one)).toBe(2);
    asked[0]!.tell({ stowage: null, steps: 9, elapsedMs: 20 });
    expect(placedIn(one)).toBe(2);
    expect(knownOf(one)!.steps).toBe(9);
    await asked[0]!.answer(found(5));
    searchLonger(one);
    expect(asked[1]!.budgetMs).toBe(30_000);
    asked[1]!.tell({ stowage: found(3), steps: 1, elapsedMs: 5 });
    expect(placedIn(one)).toBe(5);
    await asked[1]!.answer(found(4));
    expect(knownOf(one)).toMatchObject({ state: 'done' });
    expect(placedIn(one)).toBe(5);
    searchLonger(one);
    await asked[2]!.answer(found(6));
    expect(placedIn(one)).toBe(6);
  });

  it('lets a longer search go before what waits, and stops what runs for it', async () => {
    const [one, two, three] = [question(), question(), question()];
    want([one, two, three]);
    searchLonger(three);
    expect(asked[0]!.isCancelled).toBe(true);
    await asked[0]!.answer(found(1));
    expect(asked[1]!.loads).toEqual(three.loads);
    stopSearching(two);
    expect(asked[1]!.isCancelled).toBe(false);
    stopSearching(three);
    expect(asked[1]!.isCancelled).toBe(true);
    await asked[1]!.answer(found(1));
    // What the person stopped is an answer; what had to make way is asked again, and the rest after it.
    expect(knownOf(three)!.state).toBe('done');
    expect(asked[2]!.loads).toEqual(one.loads);
    await asked[2]!.answer(found(1));
    expect(asked[3]!.loads).toEqual(two.loads);
  });

  it('says what could not be worked out, keeps what was known, and goes on with the rest', async () => {
    const [one, other] = [question(), question()];
    want([one, other]);
    asked[0]!.tell({ stowage: found(2), steps: 4, elapsedMs: 10 });
    await asked[0]!.fail();
    expect(knownOf(one)!.state).toBe('failed');
    expect(asked[1]!.loads).toEqual(other.loads);
    await asked[1]!.answer(found(1));
    // It is not tried again by itself, which would never end; only when it is asked for.
    want([one, other]);
    expect(asked).toHaveLength(2);
    searchLonger(one);
    await asked[2]!.answer(found(4));
    expect(knownOf(one)!.state).toBe('done');
  });
});
