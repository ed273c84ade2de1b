import { expose } from 'comlink';
import { Beside, BesideFailed } from '@/workers/beside';

interface Adder {
  readonly add: (one: number, other: number) => Promise<number>;
  readonly wait: () => Promise<never>;
  readonly cancel: (id: string) => void;
}

/** A worker that runs here, on the far end of a channel. */
class NearWorker extends EventTarget {
  readonly cancelled: string[] = [];
  isEnded = false;
  private readonly channel = new MessageChannel();

  constructor() {
    super();
    const adder: Adder = {
      add: (one, other) => Promise.resolve(one + other),
      wait: () => new Promise(() => undefined),
      cancel: (id) => void this.cancelled.push(id),
    };
    expose(adder, this.channel.port2);
    this.channel.port1.addEventListener('message', ({ data }: MessageEvent) =>
      this.dispatchEvent(new MessageEvent('message', { data })),
    );
    this.channel.port1.start();
  }

  postMessage(message: unknown, transfer: Transferable[] = []): void {
    this.channel.port1.postMessage(message, transfer);
  }

  terminate(): void {
    this.isEnded = true;
    this.channel.port1.close();
  }

  breakDown(how: 'error' | 'messageerror' = 'error'): void {
    this.dispatchEvent(new Event(how));
  }
}

function house() {
  const workers: NearWorker[] = [];
  const beside = new Beside<Adder>(() => {
    workers.push(new NearWorker());
    return workers.at(-1) as unknown as Worker;
  });
  return { workers, beside };
}

// Only by these does the minute pass after which a worker that has nothing to do is ended.
beforeEach(() => jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] }));

const opened: NearWorker[][] = [];
afterEach(() =>
  opened
    .splice(0)
    .flat()
    .forEach((worker) => worker.terminate()),
);

describe('what works beside the page', () => {
  it('is started with the first call, and only once', async () => {
    const { beside, workers } = house();
    opened.push(workers);
    expect(workers).toHaveLength(0);
    expect(await beside.call((remote) => remote.add(2, 3)).result).toBe(5);
    expect(await beside.call((remote) => remote.add(4, 5)).result).toBe(9);
    expect(workers).toHaveLength(1);
  });

  it('gives each call an id of its own, by which it is cancelled', async () => {
    const { beside, workers } = house();
    opened.push(workers);
    const ids: string[] = [];
    const calls = [1, 2].map(() =>
      beside.call((remote, id) => {
        ids.push(id);
        return remote.wait();
      }),
    );
    calls[1]!.cancel();
    await beside.call((remote) => remote.add(0, 0)).result;
    expect(new Set(ids).size).toBe(2);
    expect(workers[0]!.cancelled).toEqual([ids[1]]);
  });

  it.each(['error', 'messageerror'] as const)(
    'fails all that waits for it when it breaks down (%s), and starts anew with the next call',
    async (how) => {
      const { beside, workers } = house();
      opened.push(workers);
      const [one, other] = [beside.call((far) => far.wait()), beside.call((far) => far.wait())];
      workers[0]!.breakDown(how);
      await expect(one.result).rejects.toBeInstanceOf(BesideFailed);
      await expect(other.result).rejects.toBeInstanceOf(BesideFailed);
      expect(workers[0]!.isEnded).toBe(true);
      expect(await beside.call((remote) => remote.add(1, 1)).result).toBe(2);
      expect(workers).toHaveLength(2);
    },
  );

  it('does not let an old worker’s end take the new one down', async () => {
    const { beside, workers } = house();
    opened.push(workers);
    const first = beside.call((remote) => remote.wait());
    workers[0]!.breakDown();
    await expect(first.result).rejects.toBeInstanceOf(BesideFailed);
    await beside.call((remote) => remote.add(1, 1)).result;
    workers[0]!.breakDown();
    expect(await beside.call((remote) => remote.add(2, 2)).result).toBe(4);
    expect(workers).toHaveLength(2);
  });

  it('is ended after a minute with nothing to do, and started again by the next call', async () => {
    const { beside, workers } = house();
    opened.push(workers);
    const waits = beside.call((remote) => remote.wait());
    waits.result.catch(() => undefined);
    await beside.call((remote) => remote.add(1, 1)).result;
    jest.advanceTimersByTime(600_000);
    expect(workers[0]!.isEnded).toBe(false);
    workers[0]!.breakDown();
    await expect(waits.result).rejects.toBeInstanceOf(BesideFailed);

    await beside.call((remote) => remote.add(1, 1)).result;
    jest.advanceTimersByTime(59_000);
    await beside.call((remote) => remote.add(1, 1)).result;
    jest.advanceTimersByTime(59_000);
    expect(workers[1]!.isEnded).toBe(false);
    jest.advanceTimersByTime(1_000);
    expect(workers[1]!.isEnded).toBe(true);
    expect(await beside.call((remote) => remote.add(2, 3)).result).toBe(5);
    expect(workers).toHaveLength(3);
  });

  it('fails at once where it cannot be started, with what it means for the person', async () => {
    const beside = new Beside<Adder>(() => {
      throw new Error('blocked by a policy');
    });
    const call = beside.call((remote) => remote.add(1, 1));
    call.cancel();
    await expect(call.result).rejects.toThrow(/everything else goes on/);
  });
});
