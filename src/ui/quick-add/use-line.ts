import { useMemo, useState, type KeyboardEvent } from 'react';
import type { Outcome } from '@/core/quantity';
import type { Kind } from '@/core/catalogue';
import type { Reading } from '@/core/reading';
import { useBench } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { fetchAhead } from '../late/late';
import { lateCatalogue, type Catalogue } from './catalogue';

/** What can be picked for a line: a kind, or that it is like none. */
export type Choice = Kind | null;

export interface Line {
  readonly typed: string;
  /** What the line is read as; null while nothing is typed, or the catalogue has not come. */
  readonly reading: Outcome<Reading> | null;
  /** What else it may be, to be picked; empty while nothing is offered. */
  readonly choices: readonly Choice[];
  /** The choices are in sight: they are where the reading is not sure, and where they are asked for. */
  readonly isOpen: boolean;
  /** Which choice the arrow keys are on; −1 for none, where Enter adds the line. */
  readonly at: number;
  readonly type: (text: string) => void;
  readonly pick: (choice: Choice) => void;
  readonly toggle: () => void;
  readonly clear: () => void;
  readonly getReady: () => void;
  readonly onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => void;
  /** Reads the line, with the catalogue fetched where it has not come yet. */
  readonly read: () => Promise<Outcome<Reading>>;
}

interface Picked {
  readonly choice: Choice;
  /** The words that it was picked for: others are read anew. */
  readonly words: string;
}

/** A line in the making: what is typed, what it is read as, and what was picked for it. */
export function useLine(): Line {
  const { shelf, currency } = useBench();
  const { units } = usePreferences();
  const catalogue = lateCatalogue.use();
  const [typed, setTyped] = useState('');
  const [picked, setPicked] = useState<Picked | null>(null);
  const [isAsked, setIsAsked] = useState(false);
  const [isShut, setIsShut] = useState(false);
  const [at, setAt] = useState(-1);
  const isTyping = typed.trim() !== '';
  const taught = useMemo(
    () => (catalogue && isTyping ? catalogue.taughtBy(shelf.values()) : undefined),
    [catalogue, isTyping, shelf],
  );
  const reading = useMemo(
    () => (catalogue && isTyping ? readWith(catalogue) : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- all that readWith reads
    [catalogue, isTyping, typed, units, currency, picked, taught],
  );
  const isUnsure = reading?.ok === true && reading.value.kind === null && picked === null;
  const isOpen = reading?.ok === true && !isShut && (isAsked || isUnsure);
  const choices: readonly Choice[] =
    isOpen && reading.ok
      ? [...reading.value.others, ...(reading.value.kind === null ? [] : [null])]
      : [];

  function readWith(loaded: Catalogue): Outcome<Reading> {
    return loaded.readLine(typed, { id: 'new', units, currency, taught, picked: picked?.choice });
  }

  function shut(): void {
    setIsAsked(false);
    setIsShut(true);
    setAt(-1);
  }

  function pick(choice: Choice): void {
    const named = choice !== null && isShortFor(typed, choice) ? `${choice.name} ` : typed;
    setTyped(named);
    setPicked({ choice, words: wordsOf(named) });
    shut();
  }

  return {
    typed,
    reading,
    choices,
    isOpen: choices.length > 0,
    at,
    type(text) {
      setTyped(text);
      if (picked !== null && !wordsOf(text).startsWith(picked.words)) setPicked(null);
      setAt(-1);
      setIsShut(false);
    },
    pick,
    toggle() {
      setIsShut(isOpen);
      setIsAsked(!isOpen);
      setAt(-1);
    },
    clear() {
      setTyped('');
      setPicked(null);
      setIsShut(false);
      setIsAsked(false);
      setAt(-1);
    },
    getReady() {
      fetchAhead(lateCatalogue.fetch);
    },
    async read() {
      return readWith(await lateCatalogue.fetch());
    },
    onKeyDown(event) {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      if (step !== undefined && reading?.ok === true) {
        if (choices.length === 0) {
          setIsShut(false);
          setIsAsked(true);
        } else {
          setAt(((at + 1 + step + choices.length + 1) % (choices.length + 1)) - 1);
        }
      } else if (event.key === 'Enter' && at >= 0 && at < choices.length) pick(choices[at]!);
      else if (event.key === 'Escape' && choices.length > 0) shut();
      else {
        if (event.key === 'Escape') event.currentTarget.blur();
        return;
      }
      event.preventDefault();
    },
  };
}

/** Words alone, so that a figure that is typed afterwards leaves a pick as it is. */
function wordsOf(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L} ]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

/** What is typed is the beginning of the words of a kind’s name and no more: the name is meant, not a person’s own word. */
function isShortFor(typed: string, { name, nouns }: Kind): boolean {
  const known = wordsOf([name, ...nouns].join(' ')).split(' ');
  return (
    !/\d/.test(typed) &&
    wordsOf(typed)
      .split(' ')
      .every((word) => known.some((each) => each.startsWith(word)))
  );
}
