'use client';

import { create } from 'zustand';
import {
  keyOf,
  laidOutBy,
  questionsOf,
  type CavityQuestion,
  type Stowage,
} from '@/core/fit/laid-out';
import type { Loadout, Shelf } from '@/core/loadout';
import type { Call } from '@/workers/beside';
import { callStow } from '@/workers/stow-calls';
import { tellLaidOut } from './answers';

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
}

const useStowings = create<Stowings>(() => ({ byKey: new Map() }));

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

/** Answers by the keys of their questions, the latest; how long they are gathered before the screens hear of them, in ms. */
const answers = new Map<string, Stowage>();
const mostAnswers = 400;
const gatherMs = 200;
let telling: ReturnType<typeof setTimeout> | null = null;

function keepAnswer(key: string, stowage: Stowage): void {
  answers.delete(key);
  answers.set(key, stowage);
  for (const oldest of answers.keys()) {
    if (answers.size <= mostAnswers) break;
    answers.delete(oldest);
  }
  telling ??= setTimeout(tellSoon, gatherMs);
}

/** Tells the screens what is known by now, but not while something is carried: nothing moves under a hand that holds. */
function tellSoon(): void {
  if (isPressed) {
    telling = setTimeout(tellSoon, gatherMs);
    return;
  }
  telling = null;
  tellLaidOut(laidOutBy((question) => answers.get(keyOf(question)) ?? null));
}

let isPressed = false;

if (typeof window !== 'undefined') {
  const press = (is: boolean) => () => (isPressed = is);
  addEventListener('pointerdown', press(true), true);
  for (const end of ['pointerup', 'pointercancel', 'dragend', 'blur']) {
    addEventListener(end, press(false), true);
  }
}

/** Has every room of a kit laid out, those that were not yet. */
export function wantKit(loadout: Loadout, shelf: Shelf): void {
  want(questionsOf(loadout, shelf));
}

/** Takes over how rooms were laid out elsewhere, each by the key of its content: they are not laid out once more. */
export function takeOver(rooms: readonly { readonly key: string; readonly stowage: Stowage }[]) {
  for (const { key, stowage } of rooms) {
    if (useStowings.getState().byKey.get(key)?.stowage?.fits) continue;
    put(key, { stowage, state: 'done', steps: stowage.steps, elapsedMs: 0, budgetMs: firstMs });
    keepAnswer(key, stowage);
  }
}

/** What is known of a question so far; null where it was not asked yet. */
export function knownOf(question: CavityQuestion): Stowing | null {
  return useStowings.getState().byKey.get(keyOf(question)) ?? null;
}

export function useStowing(question: CavityQuestion | null): Stowing | null {
  return useStowings(({ byKey }) => (question && byKey.get(keyOf(question))) ?? null);
}

/**
 * Has these questions answered, one after the other, those not answered yet. What is being worked out for a
 * question that is no longer asked is dropped.
 */
export function want(questions: readonly CavityQuestion[]): void {
  const { byKey } = useStowings.getState();
  const asked = questions.map((question) => ({
    key: keyOf(question),
    question,
    budgetMs: firstMs,
  }));
  const wanted = new Set(asked.map(({ key }) => key));
  const longer = waiting.filter(({ key, budgetMs }) => budgetMs === longMs && wanted.has(key));
  const unanswered = asked.filter(({ key }) => {
    const state = byKey.get(key)?.state;
    const isOnItsWay = running?.key === key && !running.isDropped;
    const isLonger = longer.some((each) => each.key === key);
    return state !== 'done' && state !== 'failed' && !isOnItsWay && !isLonger;
  });
  waiting = [...longer, ...unanswered];
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
      const found = better(stowage, before);
      put(key, { stowage: found, state: 'done', steps, elapsedMs, budgetMs });
      keepAnswer(key, found);
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
