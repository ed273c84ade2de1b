import { Session, type Profiler } from 'node:inspector';

/** A piece of work that was done, and how much there was to do. */
export interface Counted<T> {
  readonly value: T;
  readonly steps: number;
}

/**
 * Counts how much pieces of work do: how often blocks of the program’s code are run, loops and all, as the engine tells. It
 * is the same on every machine and however busy that is. What the engine does by itself, such as parsing JSON, is not
 * counted.
 */
export function countingWork(done: (count: <T>(work: () => T) => Counted<T>) => void): void {
  const session = new Session();
  session.connect();
  session.post('Profiler.enable');
  session.post('Profiler.startPreciseCoverage', { callCount: true, detailed: true });
  try {
    done((work) => {
      stepsSince(session);
      const value = work();
      return { value, steps: stepsSince(session) };
    });
  } finally {
    session.post('Profiler.stopPreciseCoverage');
    session.disconnect();
  }
}

/** The steps since it was last asked. */
function stepsSince(session: Session): number {
  let scripts: readonly Profiler.ScriptCoverage[] = [];
  // A session in the same thread answers at once.
  session.post('Profiler.takePreciseCoverage', (error, found) => {
    if (error) throw error;
    scripts = found.result;
  });
  let steps = 0;
  for (const { url, functions } of scripts) {
    if (!url.includes('/src/')) continue;
    for (const { ranges } of functions) for (const { count } of ranges) steps += count;
  }
  return steps;
}
