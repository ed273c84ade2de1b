import { done, refused, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { apply } from './apply';
import { changeBetween, inverse, isNoChange, withChange } from './change';
import { describe, type Command } from './commands';
import {
  lastDone,
  lettersOf,
  nextUndone,
  withDone,
  type Act,
  type Entry,
  type History,
  type Step,
} from './history';

/** The history after one more act. A new act drops what was undone before it. */
export function advance(history: History, act: Act): Outcome<History> {
  switch (act.act) {
    case 'do':
      return doing(history, act.command, act.id);
    case 'undo': {
      const entry = lastDone(history);
      if (!entry) return refused(actsSays.nothingToUndo());
      if (entry.id !== act.entry) return refused(actsSays.notLastAnyMore(act.label));
      const bench = withChange(history.bench, inverse(entry.change));
      return done({ ...history, bench, cursor: entry.at - 1 });
    }
    case 'redo': {
      const entry = nextUndone(history);
      if (!entry) return refused(actsSays.nothingToRedo());
      if (entry.id !== act.entry) return refused(actsSays.notLastAnyMore(act.label));
      return done({ ...history, bench: withChange(history.bench, entry.change), cursor: entry.at });
    }
  }
}

/** The step from one history to the next that an act has made of it. */
export function stepTo({ entries, cursor }: History, act: Act): Step {
  return { entry: act.act === 'do' ? entries.at(-1)! : null, cursor };
}

function doing(history: History, command: Command, id: string): Outcome<History> {
  const next = apply(history.bench, command);
  if (!next.ok) return next;
  const change = changeBetween(history.bench, next.value);
  if (isNoChange(change)) return done(history);
  const entry: Entry = {
    at: history.cursor + 1,
    id,
    label: describe(command, history.bench),
    change,
    letters: lettersOf(change),
  };
  return done(withDone(history, entry, next.value));
}
