import { expose } from 'comlink';
import {
  answerOf,
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
import { cancel, inSlices } from './slices';

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

/** How often the page is told, at most. */
const tellMs = 150;

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
    return answerOf(loads, search);
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

  cancel,
};

export type StowWorker = typeof stowWorker;

expose(stowWorker);
