import { expose } from 'comlink';
import {
  assign,
  fixesFor,
  StowSearch,
  stowageOf,
  type Assignment,
  type Fix,
  type Load,
  type Stowage,
} from '@/core/fit/laid-out';
import type { Bench } from '@/core/loadout';

/** How far a search has come. */
export interface StowProgress {
  /** Null where nothing better was found since it was told last. */
  readonly stowage: Stowage | null;
  readonly steps: number;
  readonly elapsedMs: number;
}

/** A cavity of a placed holder, by ids. */
export interface CavityAsked {
  readonly bench: Bench;
  readonly loadout: string;
  readonly placement: string;
  readonly cavity: string;
}

/** How long work goes on before messages are read: a stop is heard within this. */
const sliceMs = 40;

/** How often the page is told, at most. */
const tellMs = 150;

const cancelled = new Set<string>();

/** What the page can ask for. Each call has an id, by which it can be cancelled; then it returns what it has found. */
export const stowWorker = {
  async stow(
    id: string,
    loads: readonly Load[],
    seed: number,
    budgetMs: number,
    tell: (progress: StowProgress) => void,
  ): Promise<Stowage> {
    const search = new StowSearch(loads, seed);
    const started = performance.now();
    let told = 0;
    let toldFill = -1;
    await inSlices(id, search.run(), budgetMs, () => {
      const elapsedMs = performance.now() - started;
      if (elapsedMs - told < tellMs) return;
      told = elapsedMs;
      const { fill, steps } = search;
      tell({ stowage: fill === toldFill ? null : stowageOf(search), steps, elapsedMs });
      toldFill = fill;
    });
    return stowageOf(search);
  },

  async fixes(
    id: string,
    question: CavityAsked,
    stowage: Stowage,
    tell: (fix: Fix) => void,
  ): Promise<void> {
    const { bench, loadout, placement, cavity } = question;
    const looking = fixesFor(bench, loadout, placement, cavity, stowage);
    await inSlices(id, looking, Infinity, (fix) => {
      if (fix) tell(fix);
    });
  },

  async assign(
    id: string,
    bench: Bench,
    loadout: string,
    leftOut: readonly string[],
    pinned: ReadonlySet<string>,
  ): Promise<Assignment> {
    let found: Assignment = { moves: [], homeless: [] };
    await inSlices(id, assign(bench, loadout, leftOut, pinned), Infinity, (next) => {
      found = next;
    });
    return found;
  },

  cancel(id: string): void {
    cancelled.add(id);
  },
};

export type StowWorker = typeof stowWorker;

/** Steps through work until it ends, its time is up, or it is cancelled, reading messages in between. */
async function inSlices<T>(
  id: string,
  work: Iterator<T, void>,
  budgetMs: number,
  afterStep: (value: T) => void,
): Promise<void> {
  const until = performance.now() + budgetMs;
  for (let sliceEnd = performance.now() + sliceMs; ;) {
    const next = work.next();
    if (next.done) break;
    afterStep(next.value);
    if (performance.now() >= until) break;
    if (performance.now() < sliceEnd) continue;
    await new Promise((resume) => setTimeout(resume, 0));
    if (cancelled.has(id)) break;
    sliceEnd = performance.now() + sliceMs;
  }
  cancelled.delete(id);
}

expose(stowWorker);
