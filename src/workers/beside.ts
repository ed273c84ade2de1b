import { wrap, type Remote } from 'comlink';

/** Work that was asked for: its result, and a way to end it early with what it has found. */
export interface Call<T> {
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

/** What a person is told where the browser does not let anything work beside the page. */
export const notBeside =
  'The browser did not start what works beside the page: this was not worked out, and everything else goes on.';

/** The browser did not start what works beside the page, or it broke down. */
export class BesideFailed extends Error {
  constructor() {
    super(notBeside);
  }
}

/** What every worker can be told, whatever it does. */
export interface Cancellable {
  readonly cancel: (id: string) => void;
}

let calls = 0;

/** How long a worker with nothing to do is kept, in ms: each holds the whole core in memory. */
const idleMs = 60_000;

interface Running<W> {
  readonly worker: Worker;
  readonly remote: Remote<W>;
  readonly failure: Promise<never>;
  /** How many calls it has not answered. */
  unanswered: number;
  /** Ends it once it has had nothing to do for long enough. */
  ending: ReturnType<typeof setTimeout> | undefined;
}

/**
 * A worker beside the page, started when it is first needed and ended after a minute with nothing to do. A call to one
 * that cannot start, or breaks down, fails with {@link BesideFailed} instead of waiting for ever, and the next call
 * starts another. Nothing is kept in it from one call to the next.
 */
export class Beside<W extends Cancellable> {
  private running: Running<W> | null = null;

  constructor(private readonly start: () => Worker) {}

  /** What the worker promises, as it comes over: its types are those of the worker’s own functions. */
  call<T>(work: (remote: Remote<W>, id: string) => Promise<unknown>): Call<T> {
    calls += 1;
    const id = `call ${calls}`;
    try {
      const running = this.worker();
      const { remote, failure } = running;
      return {
        result: this.answered(running, Promise.race([work(remote, id) as Promise<T>, failure])),
        cancel: () => void (remote as Remote<Cancellable>).cancel(id),
      };
    } catch {
      return { result: Promise.reject(new BesideFailed()), cancel: () => undefined };
    }
  }

  private async answered<T>(running: Running<W>, answer: Promise<T>): Promise<T> {
    clearTimeout(running.ending);
    running.unanswered += 1;
    try {
      return await answer;
    } finally {
      running.unanswered -= 1;
      if (running.unanswered === 0) {
        running.ending = setTimeout(() => {
          if (this.running === running) this.running = null;
          running.worker.terminate();
        }, idleMs);
      }
    }
  }

  private worker(): Running<W> {
    if (this.running) return this.running;
    const worker = this.start();
    const failure = new Promise<never>((_, reject) => {
      const fail = () => {
        if (this.running?.failure === failure) this.running = null;
        worker.terminate();
        reject(new BesideFailed());
      };
      worker.addEventListener('error', fail);
      worker.addEventListener('messageerror', fail);
    });
    failure.catch(() => undefined);
    this.running = {
      worker,
      remote: wrap<W>(worker),
      failure,
      unanswered: 0,
      ending: undefined,
    };
    return this.running;
  }
}
