import type { Load } from './cargo';
import type { Stowage } from './stowage';
import { StowSearch } from './stow-search';
import { answerOf } from './answer';

/** When a search ends, at the latest: after a time in ms, or a number of steps, or when it is told to. */
export interface Bounds {
  readonly seed: number;
  readonly budgetMs?: number;
  /** What the time is told by, in ms; the wall’s clock unless a machine counts its own work. */
  readonly clock?: () => number;
  readonly steps?: number;
  /** Asked after each step. */
  readonly isCancelled?: () => boolean;
}

/**
 * Lays out a load, or one of the shapes that its container can take, in one go: the best answer within the bounds, and at
 * least the one after the first step, verified. With a bound of steps alone, the same load and seed give the same answer.
 */
export function stowWithin(
  load: Load | readonly Load[],
  {
    seed,
    budgetMs = Infinity,
    clock = wallClock,
    steps = Infinity,
    isCancelled = () => false,
  }: Bounds,
): Stowage {
  const until = clock() + budgetMs;
  const loads = 'container' in load ? [load] : load;
  const search = new StowSearch(loads, seed);
  const run = search.run();
  while (search.steps < steps && !run.next().done) {
    if (clock() >= until || isCancelled()) break;
  }
  return answerOf(loads, search);
}

function wallClock(): number {
  return performance.now();
}
