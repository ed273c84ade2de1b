import { expose } from 'comlink';
import {
  answerOf,
  fixesFor,
  StowSearch,
  stowageOf,
  type Fix,
  type Load,
  type Stowage,
} from '@/core/fit/laid-out';
import type { Bench } from '@/core/loadout';
import {
  packKit,
  smallestChange,
  type ChangeFound,
  type Packing,
  type PackProgress,
  type PackRequest,
} from '@/core/pack';
import { newId } from '@/store/new-id';
import { cancel, inSlices } from './slices';

/** How far a search has come. */
export interface StowProgress {
  /** Null where nothing better was found since it was told last. */
  readonly stowage: Stowage | null;
  readonly steps: number;
  readonly elapsedMs: number;
}

/** How far packing has come. */
export interface PackTold {
  /** Null where nothing better was found since it was told last. */
  readonly packing: Packing | null;
  readonly steps: number;
  /** It is packed to the end; what would help is being looked for, where something stays out. */
  readonly isWhole: boolean;
}

/** A cavity of a placed holder, by ids. */
export interface CavityAsked {
  readonly bench: Bench;
  readonly loadout: string;
  readonly placement: string;
  readonly cavity: string;
}

/** How long what would help is looked for at most, in ms. */
const longestLookMs = 15_000;

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

  /** Packs a kit, telling each better packing as it is found. Ends with what would help where something stays out. */
  async pack(
    id: string,
    bench: Bench,
    loadout: string,
    request: PackRequest,
    tell: (progress: PackTold) => void,
  ): Promise<ChangeFound | null> {
    let told: Packing | null = null;
    let toldAt = 0;
    let lastSteps = 0;
    const isWhole = await inSlices(id, toTheEnd(), Infinity, ({ packing, steps }) => {
      const isNew = packing !== told;
      if (!isNew && performance.now() - toldAt < tellMs) return;
      told = packing;
      toldAt = performance.now();
      tell({ packing: isNew ? packing : null, steps, isWhole: false });
      lastSteps = steps;
    });
    if (told === null || !isWhole) return null;
    tell({ packing: null, steps: lastSteps, isWhole: true });
    const looking = smallestChange(bench, loadout, request, told, newId);
    return (await inSlices(id, looking, longestLookMs, () => undefined)) ?? null;

    function* toTheEnd(): Generator<PackProgress, true> {
      yield* packKit(bench, loadout, request);
      return true;
    }
  },

  cancel,
};

export type StowWorker = typeof stowWorker;

expose(stowWorker);
