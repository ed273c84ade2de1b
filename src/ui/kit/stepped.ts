/** How long work goes on at a time, in ms, before what somebody does in between gets its turn. */
const atATimeMs = 6;

interface Stepping<T, R> {
  /** How long nothing is done yet, in ms. */
  readonly waitMs?: number;
  readonly onStep?: (value: T) => void;
  readonly onDone: (result: R) => void;
}

/** Steps through work a little at a time, on the page itself. Gives a way to leave it. */
export function stepped<T, R>(
  work: Iterator<T, R>,
  { waitMs = 0, onStep, onDone }: Stepping<T, R>,
): () => void {
  let timer = setTimeout(go, waitMs);
  return () => clearTimeout(timer);

  function go(): void {
    const until = performance.now() + atATimeMs;
    do {
      const next = work.next();
      if (next.done) return onDone(next.value);
      onStep?.(next.value);
    } while (performance.now() < until);
    timer = setTimeout(go, 0);
  }
}
