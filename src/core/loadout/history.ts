import type { Bench } from './bench';
import { inverse, withChange, type Change } from './change';
import type { Command } from './commands';

/** One act that was done, and what it changed. `at` counts up, one act at a time. */
export interface Entry {
  readonly at: number;
  /** Names the act itself, wherever it comes to stand when another window’s acts are before it. */
  readonly id: string;
  readonly label: string;
  readonly change: Change;
  /** How many letters the change has as JSON; undefined where an older program kept it. */
  readonly letters?: number;
}

/** A bench with the acts that led to it. Entries up to `cursor` are done; those above were undone. */
export interface History {
  readonly bench: Bench;
  readonly entries: readonly Entry[];
  readonly cursor: number;
}

export type Act =
  | { readonly act: 'do'; readonly command: Command; readonly id: string }
  /** Takes back the act of that id, or does it again: refused where another one is in its place by now. */
  | { readonly act: 'undo'; readonly entry: string; readonly label: string }
  | { readonly act: 'redo'; readonly entry: string; readonly label: string };

/** One step of a history as another window tells of it: the act that was done and what it changed, or how far it was undone. */
export interface Step {
  /** Null where something was undone, or done again. */
  readonly entry: Entry | null;
  readonly cursor: number;
}

/** As many acts are kept for undo, and as many letters of them: some 200 of the largest that one does by hand. */
export const mostEntries = 200;
export const mostEntryLetters = 8_000_000;

export function historyOf(bench: Bench): History {
  return { bench, entries: [], cursor: 0 };
}

/**
 * The history after a step that was made elsewhere on the very same history. Null where it is not one that could be: then
 * all has to be read.
 */
export function following(history: History, { entry, cursor }: Step): History | null {
  if (entry !== null) {
    if (entry.at !== cursor || cursor !== history.cursor + 1) return null;
    return withDone(history, entry, withChange(history.bench, entry.change));
  }
  const undone = cursor === history.cursor - 1 ? lastDone(history) : undefined;
  if (undone)
    return { ...history, bench: withChange(history.bench, inverse(undone.change)), cursor };
  const redone = cursor === history.cursor + 1 ? nextUndone(history) : undefined;
  return redone ? { ...history, bench: withChange(history.bench, redone.change), cursor } : null;
}

/** The act that takes back what was done last, by name; null where nothing was. */
export function undoing(history: History): Act | null {
  const entry = lastDone(history);
  return entry ? { act: 'undo', entry: entry.id, label: entry.label } : null;
}

/** The act that does again what was undone last, by name; null where nothing was. */
export function redoing(history: History): Act | null {
  const entry = nextUndone(history);
  return entry ? { act: 'redo', entry: entry.id, label: entry.label } : null;
}

/** The act that undo would take back. */
export function lastDone({ entries, cursor }: History): Entry | undefined {
  return entries.find(({ at }) => at === cursor);
}

/** The act that redo would do again. */
export function nextUndone({ entries, cursor }: History): Entry | undefined {
  return entries.find(({ at }) => at === cursor + 1);
}

/** How many letters a change has as JSON. */
export function lettersOf(change: Change): number {
  return JSON.stringify(change).length;
}

/**
 * One more act on top: what was undone before it is dropped, and so is what is too long ago, or too much. The latest act
 * is always kept, however large it is.
 */
export function withDone({ entries, cursor }: History, entry: Entry, bench: Bench): History {
  const kept = entries.filter(({ at }) => at <= cursor && at > cursor + 1 - mostEntries);
  let letters = entry.letters ?? lettersOf(entry.change);
  let from = kept.length;
  for (; from > 0; from -= 1) {
    const before = kept[from - 1]!;
    letters += before.letters ?? lettersOf(before.change);
    if (letters > mostEntryLetters) break;
  }
  return { bench, entries: [...kept.slice(from), entry], cursor: entry.at };
}
