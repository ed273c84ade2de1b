import { done, refused, type Outcome } from '../quantity';
import { apply } from './apply';
import type { Bench } from './bench';
import { changeBetween, inverse, isNoChange, withChange, type Change } from './change';
import { describe, type Command } from './commands';

/** One act that was done, and what it changed. `at` counts up, one act at a time. */
export interface Entry {
  readonly at: number;
  readonly label: string;
  readonly change: Change;
}

/** A bench with the acts that led to it. Entries up to `cursor` are done; those above were undone. */
export interface History {
  readonly bench: Bench;
  readonly entries: readonly Entry[];
  readonly cursor: number;
}

export type Act =
  | { readonly act: 'do'; readonly command: Command }
  | { readonly act: 'undo' }
  | { readonly act: 'redo' };

/** As many acts are kept for undo. */
export const mostEntries = 200;

export function historyOf(bench: Bench): History {
  return { bench, entries: [], cursor: 0 };
}

/** The history after one more act. A new act drops what was undone before it. */
export function advance(history: History, act: Act): Outcome<History> {
  switch (act.act) {
    case 'do':
      return doing(history, act.command);
    case 'undo': {
      const entry = lastDone(history);
      if (!entry) return refused('There is nothing to undo.');
      const bench = withChange(history.bench, inverse(entry.change));
      return done({ ...history, bench, cursor: entry.at - 1 });
    }
    case 'redo': {
      const entry = nextUndone(history);
      if (!entry) return refused('There is nothing to redo.');
      return done({ ...history, bench: withChange(history.bench, entry.change), cursor: entry.at });
    }
  }
}

/** The act that undo would take back. */
export function lastDone({ entries, cursor }: History): Entry | undefined {
  return entries.find(({ at }) => at === cursor);
}

/** The act that redo would do again. */
export function nextUndone({ entries, cursor }: History): Entry | undefined {
  return entries.find(({ at }) => at === cursor + 1);
}

function doing(history: History, command: Command): Outcome<History> {
  const next = apply(history.bench, command);
  if (!next.ok) return next;
  const change = changeBetween(history.bench, next.value);
  if (isNoChange(change)) return done(history);
  const entry: Entry = { at: history.cursor + 1, label: describe(command, history.bench), change };
  const kept = history.entries.filter(
    ({ at }) => at <= history.cursor && at > history.cursor + 1 - mostEntries,
  );
  return done({ bench: next.value, entries: [...kept, entry], cursor: entry.at });
}
