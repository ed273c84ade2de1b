import { create } from 'zustand';
import { done, type Outcome } from '@/core/quantity';
import {
  emptyBench,
  historyOf,
  lastDone,
  nextUndone,
  type Act,
  type Bench,
  type Command,
  type History,
} from '@/core/loadout';
import { openDatabase } from './database';
import { demoOpensOn, loadDemo } from './demo';
import { Keeper, type Kept } from './keeper';
import { keepPhotosIn } from './photos';
import { keepPreferences, prefer } from './preferences';

/** What a bench that was never used begins with. */
export type FirstStart = 'demo' | 'nothing';

interface BenchState extends Kept {
  readonly isOpen: boolean;
}

/** The bench as it is shown; it changes only through {@link run}, {@link undo} and {@link redo}. */
export const useBenchState = create<BenchState>(() => ({
  isOpen: false,
  history: historyOf(emptyBench),
  saving: { state: 'saved' },
  notice: null,
}));

let keeper: Keeper | null = null;

/** Opens the browser's database once; without one, the bench lives in memory and says so. */
export async function openBench(firstStart: FirstStart): Promise<void> {
  if (keeper) return;
  const tell = (kept: Kept) => useBenchState.setState(kept);
  const database = await openDatabase().catch(() => null);
  const windows = database ? new BroadcastChannel('vivid-acorn') : null;
  keeper ??= new Keeper(database, windows, tell);
  if (database) await keepPreferences(database);
  await keeper.open(firstStart === 'demo' ? openDemo : null);
  const { bench, entries } = useBenchState.getState().history;
  void keepPhotosIn(database, bench, entries);
  useBenchState.setState({ isOpen: true });
}

async function openDemo(): Promise<Bench> {
  const demo = await loadDemo();
  prefer({ kit: demoOpensOn });
  return demo;
}

export function run(command: Command): Outcome<History> {
  return act({ act: 'do', command });
}

export function undo(): Outcome<History> {
  return act({ act: 'undo' });
}

export function redo(): Outcome<History> {
  return act({ act: 'redo' });
}

export function saveAgain(): void {
  void keeper?.saveWaiting();
}

export function useBench() {
  return useBenchState((state) => state.history.bench);
}

/** What undo and redo would do, in words; null where there is nothing. */
export function useUndoLabels(): { readonly undo: string | null; readonly redo: string | null } {
  const undoLabel = useBenchState((state) => lastDone(state.history)?.label ?? null);
  const redoLabel = useBenchState((state) => nextUndone(state.history)?.label ?? null);
  return { undo: undoLabel, redo: redoLabel };
}

function act(next: Act): Outcome<History> {
  return keeper ? keeper.act(next) : done(useBenchState.getState().history);
}
