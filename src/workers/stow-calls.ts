import { proxy } from 'comlink';
import type { Assignment, Fix, Load, Stowage } from '@/core/fit/laid-out';
import type { Bench } from '@/core/loadout';
import { Beside, type Call } from './beside';
import type { CavityAsked, StowProgress, StowWorker } from './stow.worker';

const stowing = new Beside<StowWorker>(
  () => new Worker(new URL('./stow.worker.ts', import.meta.url), { type: 'module' }),
);

export function callStow(
  loads: readonly Load[],
  seed: number,
  budgetMs: number,
  tell: (progress: StowProgress) => void,
): Call<Stowage> {
  return stowing.call((worker, id) => worker.stow(id, loads, seed, budgetMs, proxy(tell)));
}

export function callFixes(
  question: CavityAsked,
  stowage: Stowage,
  tell: (fix: Fix) => void,
): Call<void> {
  return stowing.call((worker, id) => worker.fixes(id, question, stowage, proxy(tell)));
}

export function callAssign(
  bench: Bench,
  loadout: string,
  leftOut: readonly string[],
  pinned: ReadonlySet<string>,
): Call<Assignment> {
  return stowing.call((worker, id) => worker.assign(id, bench, loadout, leftOut, pinned));
}
