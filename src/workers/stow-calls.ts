import { proxy, wrap, type Remote } from 'comlink';
import type { Assignment, Fix, Load, Stowage } from '@/core/fit/laid-out';
import type { Bench } from '@/core/loadout';
import type { CavityAsked, StowProgress, StowWorker } from './stow.worker';

/** Work that was asked for: its result, and a way to end it early with what it has found. */
export interface Call<T> {
  readonly result: Promise<T>;
  readonly cancel: () => void;
}

let worker: Remote<StowWorker> | null = null;
let calls = 0;

/** The one worker, started when it is first needed. */
function theWorker(): Remote<StowWorker> {
  worker ??= wrap<StowWorker>(
    new Worker(new URL('./stow.worker.ts', import.meta.url), { type: 'module' }),
  );
  return worker;
}

function called<T>(start: (id: string) => Promise<T>): Call<T> {
  calls += 1;
  const id = `call ${calls}`;
  return { result: start(id), cancel: () => void theWorker().cancel(id) };
}

export function callStow(
  loads: readonly Load[],
  seed: number,
  budgetMs: number,
  tell: (progress: StowProgress) => void,
): Call<Stowage> {
  return called((id) => theWorker().stow(id, loads, seed, budgetMs, proxy(tell)));
}

export function callFixes(
  question: CavityAsked,
  stowage: Stowage,
  tell: (fix: Fix) => void,
): Call<void> {
  return called((id) => theWorker().fixes(id, question, stowage, proxy(tell)));
}

export function callAssign(
  bench: Bench,
  loadout: string,
  leftOut: readonly string[],
  pinned: ReadonlySet<string>,
): Call<Assignment> {
  return called((id) => theWorker().assign(id, bench, loadout, leftOut, pinned));
}
