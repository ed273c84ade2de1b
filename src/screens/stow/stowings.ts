'use client';

import { create } from 'zustand';
import type { CavityQuestion, Stowage } from '@/core/fit/laid-out';
import type { Loadout } from '@/core/loadout';
import type { Call } from '@/workers/beside';
import { callStow } from '@/workers/stow-calls';

/** How a cavity's pieces go in, as far as it has been worked out. */
export interface Stowing {
  readonly stowage: Stowage | null;
  /** `failed`: the browser did not start what works beside the page. */
  readonly state: 'searching' | 'done' | 'failed';
  /** Arrangements tried. */
  readonly steps: number;
  readonly elapsedMs: number;
  readonly budgetMs: number;
}

/** How long each cavity is searched unasked, and when asked for more. */
const firstMs = 1500;
const longMs = 30_000;

/** Results that are kept, the latest. */
const mostKept = 300;

interface Stowings {
  readonly byKey: ReadonlyMap<string, Stowing>;
  /** The questions asked last, by placement and cavity, and the kit that they were asked of. */
  readonly asked: {
    readonly of: Loadout | null;
    readonly keys: ReadonlyMap<string, string>;
  };
}

const useStowings = create<Stowings>(() => ({
  byKey: new Map(),
  asked: { of: null, keys: new Map() },
}));

interface Wanted {
  readonly key: string;
  readonly question: CavityQuestion;
  readonly budgetMs: number;
}

let waiting: readonly Wanted[] = [];
interface Running {
  readonly key: string;
  readonly call: Call<Stowage>;
  readonly wanted: Wanted;
  /** It was ended before its time: what it has found is half an answer, and no answer at all to whoever asks later. */
  isDropped: boolean;
}

let running: Running | null = null;

function drop(run: Running): void {
  run.isDropped = true;
  run.call.cancel();
}

const keys = new WeakMap<CavityQuestion, string>();

/** What tells one question from another: the room and the pieces, but not their names. */
export function keyOf(question: CavityQuestion): string {
  const known = keys.get(question);
  if (known !== undefined) return known;
  const { placement, cavity, loads } = question;
  const key = `${placement} ${cavity} ${JSON.stringify(loads.map(({ container }) => container))} ${JSON.stringify(loads[0]!.items)}`;
  keys.set(question, key);
  return key;
}

/** What is known of a question so far; null where it was not asked yet. */
export function knownOf(question: CavityQuestion): Stowing | null {
  return useStowings.getState().byKey.get(keyOf(question)) ?? null;
}

export function useStowing(question: CavityQuestion | null): Stowing | null {
  return useStowings(({ byKey }) => (question && byKey.get(keyOf(question))) ?? null);
}

/** What is known of a cavity as the kit is now. */
export function useStowingOf(loadout: Loadout, placement: string, cavity: string): Stowing | null {
  return useStowings(({ byKey, asked }) => {
    const key = asked.of === loadout ? asked.keys.get(`${placement} ${cavity}`) : undefined;
    return (key !== undefined && byKey.get(key)) || null;
  });
}

/** Pieces that found no room in any cavity of the kit as it is now. */
export function useLeftOut(loadout: Loadout): readonly string[] {
  const { byKey, asked } = useStowings();
  if (asked.of !== loadout) return [];
  return [...asked.keys.values()].flatMap((key) => {
    const stowing = byKey.get(key);
    return stowing?.state === 'done' ? (stowing.stowage?.left ?? []).map(({ id }) => id) : [];
  });
}

/**
 * Has these questions answered, one after the other, those not answered yet. What is being worked out for a
 * question that is no longer asked is dropped.
 */
export function want(questions: readonly CavityQuestion[], of: Loadout): void {
  const { byKey } = useStowings.getState();
  const asked = questions.map((question) => ({
    key: keyOf(question),
    question,
    budgetMs: firstMs,
  }));
  const wanted = new Set(asked.map(({ key }) => key));
  useStowings.setState({
    asked: {
      of,
      keys: new Map(
        asked.map(({ key, question }) => [`${question.placement} ${question.cavity}`, key]),
      ),
    },
  });
  waiting = asked.filter(({ key }) => {
    const state = byKey.get(key)?.state;
    const isOnItsWay = running?.key === key && !running.isDropped;
    return state !== 'done' && state !== 'failed' && !isOnItsWay;
  });
  if (running && !wanted.has(running.key)) drop(running);
  goOn();
}

/** Searches one question for half a minute more. */
export function searchLonger(question: CavityQuestion): void {
  const key = keyOf(question);
  // What it takes the place of is asked again after it, unless it is the same.
  if (running && running.key !== key) {
    waiting = [running.wanted, ...waiting];
    drop(running);
  } else running?.call.cancel();
  waiting = [{ key, question, budgetMs: longMs }, ...waiting.filter((each) => each.key !== key)];
  const before = useStowings.getState().byKey.get(key);
  const stowage = before?.stowage ?? null;
  put(key, { stowage, state: 'searching', steps: 0, elapsedMs: 0, budgetMs: longMs });
  goOn();
}

/** Ends a search; what it has found stays. */
export function stopSearching(question: CavityQuestion): void {
  if (running?.key === keyOf(question)) running.call.cancel();
}

function goOn(): void {
  const [next, ...rest] = waiting;
  if (running || !next) return;
  waiting = rest;
  const { key, question, budgetMs } = next;
  const before = useStowings.getState().byKey.get(key)?.stowage ?? null;
  put(key, { stowage: before, state: 'searching', steps: 0, elapsedMs: 0, budgetMs });
  const call = callStow(question.loads, 1, budgetMs, ({ stowage, steps, elapsedMs }) => {
    if (running?.key !== key) return;
    const known = useStowings.getState().byKey.get(key)?.stowage ?? null;
    const found = stowage ? better(stowage, before) : known;
    put(key, { stowage: found, state: 'searching', steps, elapsedMs, budgetMs });
  });
  const run: Running = { key, call, wanted: next, isDropped: false };
  running = run;
  void call.result
    .then((stowage) => {
      if (run.isDropped) {
        forget(key, before);
        return;
      }
      const { elapsedMs } = useStowings.getState().byKey.get(key)!;
      const { steps } = stowage;
      put(key, { stowage: better(stowage, before), state: 'done', steps, elapsedMs, budgetMs });
    })
    .catch(() => {
      const { steps = 0, elapsedMs = 0 } = useStowings.getState().byKey.get(key) ?? {};
      put(key, { stowage: before, state: 'failed', steps, elapsedMs, budgetMs });
    })
    .finally(() => {
      running = null;
      goOn();
    });
}

/** A longer search that has not yet come as far does not take away what was found before. */
function better(stowage: Stowage, before: Stowage | null): Stowage {
  return before && before.placed.length > stowage.placed.length ? before : stowage;
}

/** Takes a question for one that was never asked, or that has the answer of before. */
function forget(key: string, before: Stowage | null): void {
  const byKey = new Map(useStowings.getState().byKey);
  const known = byKey.get(key);
  if (before && known) byKey.set(key, { ...known, stowage: before, state: 'done' });
  else byKey.delete(key);
  useStowings.setState({ byKey });
}

function put(key: string, stowing: Stowing): void {
  const byKey = new Map(useStowings.getState().byKey);
  byKey.delete(key);
  byKey.set(key, stowing);
  for (const oldest of byKey.keys()) {
    if (byKey.size <= mostKept) break;
    byKey.delete(oldest);
  }
  useStowings.setState({ byKey });
}
