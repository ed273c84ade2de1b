import { create } from 'zustand';
import { done, type Outcome } from '@/core/quantity';
import {
  emptyBench,
  historyOf,
  lastDone,
  nextUndone,
  redoing,
  undoing,
  type Act,
  type Bench,
  type Command,
  type History,
} from '@/core/loadout';
import type { BadRecord } from './bad-record';
import { Connection } from './connection';
import { openDatabase, type Database } from './database';
import { askForDemo, demoOpensOn, loadDemo } from './demo';
import { Keeper, type Kept } from './keeper';
import { newId } from './new-id';
import { dropPhotos, keepPhotosIn, unnamedPhotos } from './photos';
import { keepPreferences, prefer } from './preferences';
import { askToPersist } from './persist';
import { named, whyFailed } from './why-failed';

/** What a bench that was never used begins with. */
export type FirstStart = 'demo' | 'nothing';

/** How far the bench is open. While it cannot be opened, nothing is shown in its place. */
export type Opening =
  | { readonly state: 'opening' }
  /** A window with an older program has it as it was. */
  | { readonly state: 'blocked' }
  | { readonly state: 'open' }
  /** A newer program made it what it is, and this page is older. */
  | { readonly state: 'newer' }
  | { readonly state: 'bad record'; readonly bad: BadRecord }
  | { readonly state: 'failed'; readonly why: string }
  /** It was open here until a newer program took it over. */
  | { readonly state: 'left behind' };

interface BenchState extends Kept {
  readonly opening: Opening;
}

/** The bench as it is shown; it changes only through {@link run}, {@link undo} and {@link redo}. */
export const useBenchState = create<BenchState>(() => ({
  opening: { state: 'opening' },
  history: historyOf(emptyBench),
  saving: { state: 'saved' },
  notice: null,
}));

let keeper: Keeper | null = null;
let isBegun = false;
/** The connection that the bench was opened with; null where it lives in memory. */
let connectionKept: Connection | null = null;

/** Opens the browser's database once; where the browser has none, the bench lives in memory and says so. */
export async function openBench(firstStart: FirstStart): Promise<void> {
  if (isBegun) return;
  isBegun = true;
  await openAgain(firstStart);
}

/** Tries once more, from the beginning. */
export async function openAgain(firstStart: FirstStart): Promise<void> {
  stand({ state: 'opening' });
  try {
    if (hasDatabase()) await openKept(firstStart);
    else await openWith(null, firstStart);
  } catch (error) {
    if (named(error).name === 'VersionError') stand({ state: 'newer' });
    else stand({ state: 'failed', why: whyFailed(error) });
  }
}

/** Sets the record that keeps the bench from opening aside, and tries once more. */
export async function setBadAside(firstStart: FirstStart, bad: BadRecord): Promise<void> {
  const { setAside } = await import('./set-aside');
  try {
    const database = await openDatabase();
    await setAside(database, bad);
    database.close();
  } catch (error) {
    stand({ state: 'failed', why: whyFailed(error) });
    return;
  }
  await openAgain(firstStart);
}

/** Goes on without the database: nothing is kept, and what is in it stays as it is. */
export async function openInMemory(firstStart: FirstStart): Promise<void> {
  await openWith(null, firstStart);
}

function hasDatabase(): boolean {
  try {
    return typeof indexedDB === 'object' && indexedDB !== null;
  } catch {
    return false;
  }
}

async function openKept(firstStart: FirstStart): Promise<void> {
  if (firstStart === 'demo') void askIfNeverUsed();
  const connection: Connection = new Connection(() => opened(connection));
  const bad = await openWith(connection, firstStart);
  if (bad) stand({ state: 'bad record', bad });
}

/** A browser that has no database yet will want the demo: it comes while that is being made. */
async function askIfNeverUsed(): Promise<void> {
  const databases = await indexedDB.databases?.().catch(() => null);
  if (databases?.length === 0) askForDemo();
}

/** How long a browser takes to clear its storage, once it has closed what was open, in ms. */
const clearedMs = 1000;

function opened(connection: Connection): Promise<Database> {
  return openDatabase(undefined, {
    onBlocked: () => stand({ state: 'blocked' }),
    onBlocking: () => void leave(connection),
    onLost: () => {
      // At once the browser is still clearing, and what is asked of it then is never answered.
      connection.lose(clearedMs);
      lookAgain();
    },
  });
}

/** Lets a newer program have the database, once what was done here is on the disk. */
async function leave(connection: Connection): Promise<void> {
  await keeper?.settled();
  connection.leave();
  stand({ state: 'left behind' });
}

async function openWith(
  connection: Connection | null,
  firstStart: FirstStart,
): Promise<BadRecord | null> {
  const windows = connection ? new BroadcastChannel('vivid-acorn') : null;
  const next = new Keeper(connection, windows, (kept) => useBenchState.setState(kept));
  const preferring = connection ? keepPreferences(connection) : Promise.resolve();
  const [bad] = await Promise.all([
    next.open(firstStart === 'demo' ? () => preferring.then(openDemo) : null),
    preferring,
  ]);
  if (bad) {
    windows?.close();
    return bad;
  }
  keeper = next;
  keepPhotosIn(connection);
  void tidyPhotos().catch(() => undefined);
  connectionKept = connection;
  if (connection) whenSeenAgain(lookAgain);
  stand({ state: 'open' });
  return null;
}

/** A picture that nothing names is dropped once nothing has named it for so long: the act that does may be under way. */
const youngPhotoMs = 5 * 60_000;

async function tidyPhotos(): Promise<void> {
  const unnamed = await unnamedPhotos(useBenchState.getState().history);
  if (unnamed.length === 0) return;
  await new Promise((resolve) => setTimeout(resolve, youngPhotoMs));
  await dropPhotos(unnamed, useBenchState.getState().history);
}

function stand(opening: Opening): void {
  useBenchState.setState({ opening });
}

async function openDemo(): Promise<Bench> {
  const demo = await loadDemo();
  prefer({ kit: demoOpensOn });
  return demo;
}

export function run(command: Command): Outcome<History> {
  askToPersist();
  return act({ act: 'do', command, id: newId() });
}

/** Takes back the act that the screen names; where another window did something after it, it is refused. */
export function undo(): Outcome<History> {
  const { history } = useBenchState.getState();
  const next = undoing(history);
  return next ? act(next) : done(history);
}

export function redo(): Outcome<History> {
  const { history } = useBenchState.getState();
  const next = redoing(history);
  return next ? act(next) : done(history);
}

export function saveAgain(): void {
  void keeper?.saveWaiting();
}

/** Saves the bench of this window to the storage that the browser has cleared, and how its person looks at it. */
export async function saveToCleared(): Promise<void> {
  await keeper?.saveToCleared();
  prefer({});
}

/** Looks whether the bench is still on the disk. Where the disk does not answer, the next act will tell. */
function lookAgain(): void {
  void keeper?.look().catch(() => undefined);
}

function whenSeenAgain(look: () => void): void {
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') look();
  });
}

/** The bench as it is now: for what goes on after something was waited for or done. */
export function benchNow(): Bench {
  return useBenchState.getState().history.bench;
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

/** The connection to what is on the disk, for what is kept beside the bench; null where there is none. */
export function besideTheBench(): Connection | null {
  return connectionKept;
}
