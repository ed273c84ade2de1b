/** How long work goes on before messages are read: a stop is heard within this. */
const sliceMs = 40;

/** Work that was ended early from outside, by the id of its call. */
const cancelled = new Set<string>();

export function cancel(id: string): void {
  cancelled.add(id);
}

/**
 * Steps through work until it ends, its time is up, or it is cancelled, reading messages in between. Gives what the work
 * gave at its end, and undefined where it was left before.
 */
export async function inSlices<T, R>(
  id: string,
  work: Iterator<T, R>,
  budgetMs: number,
  afterStep: (value: T) => void,
): Promise<R | undefined> {
  const until = performance.now() + budgetMs;
  let sliceEnd = performance.now() + sliceMs;
  try {
    for (;;) {
      const next = work.next();
      if (next.done) return next.value;
      afterStep(next.value);
      if (performance.now() >= until) return undefined;
      if (performance.now() < sliceEnd) continue;
      await new Promise((resume) => setTimeout(resume, 0));
      if (cancelled.has(id)) return undefined;
      sliceEnd = performance.now() + sliceMs;
    }
  } finally {
    cancelled.delete(id);
  }
}
