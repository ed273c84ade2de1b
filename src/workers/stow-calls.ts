import { proxy } from 'comlink';
import type { Fix, Load, Stowage } from '@/core/fit/laid-out';
import type { Bench } from '@/core/loadout';
import type { ChangeFound, PackRequest } from '@/core/pack';
import { Beside, type Call } from './beside';
import type { CavityAsked, PackTold, StowProgress, StowWorker } from './stow.worker';

const stowing = new Beside<StowWorker>(
  () => new Worker(new URL('./stow.worker.ts', import.meta.url), { type: 'module' }),
);

/** One of its own: what the screen asks meanwhile does not wait for it. */
const packing = new Beside<StowWorker>(
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

export function callPack(
  bench: Bench,
  loadout: string,
  request: PackRequest,
  tell: (progress: PackTold) => void,
): Call<ChangeFound | null> {
  return packing.call((worker, id) => worker.pack(id, bench, loadout, request, proxy(tell)));
}
