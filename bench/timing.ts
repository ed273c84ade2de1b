/** How long something takes, over many runs. In ms. */
export interface Timing {
  readonly medianMs: number;
  readonly p95Ms: number;
}

/** Times `run` so often after a few runs to warm up. */
export function timed(run: () => void, runs = 60): Timing {
  for (let warm = 0; warm < 8; warm += 1) run();
  return timingOf(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      run();
      return performance.now() - start;
    }),
  );
}

export function timingOf(durationsMs: readonly number[]): Timing {
  const sorted = [...durationsMs].sort((one, other) => one - other);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { medianMs: at(0.5), p95Ms: at(0.95) };
}

export function row(what: string, { medianMs, p95Ms }: Timing): void {
  const [median, p95] = [medianMs, p95Ms].map((ms) => `${ms.toFixed(2).padStart(9)} ms`);
  process.stdout.write(`${what.padEnd(58)}${median}${p95}\n`);
}

export function heading(title: string): void {
  process.stdout.write(`\n${title.padEnd(58)}${'median'.padStart(12)}${'p95'.padStart(12)}\n`);
}
