import { useRef, useState, type KeyboardEvent } from 'react';
import type { Kind } from '@/core/catalogue';

type Suggest = (line: string, most: number) => readonly Kind[];

/** As many kinds are offered while a line is typed. */
const mostKinds = 6;

export interface Line {
  readonly typed: string;
  /** The kind that was picked: its name starts the line. */
  readonly kind: Kind | null;
  readonly suggestions: readonly Kind[];
  /** Which suggestion the arrow keys are on; −1 for none, where Enter adds the line. */
  readonly at: number;
  readonly type: (text: string) => void;
  readonly pick: (kind: Kind) => void;
  readonly clear: () => void;
  readonly getReady: () => void;
  readonly onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => void;
}

/** A line in the making: what is typed, the kinds it may mean, and the one that was picked. */
export function useLine(): Line {
  const [typed, setTyped] = useState('');
  const [kind, setKind] = useState<Kind | null>(null);
  const [suggestions, setSuggestions] = useState<readonly Kind[]>([]);
  const [at, setAt] = useState(-1);
  const suggest = useRef<Suggest | null>(null);

  function type(text: string): void {
    const isStillKind = kind !== null && text.startsWith(kind.name);
    setTyped(text);
    if (!isStillKind) setKind(null);
    setAt(-1);
    setSuggestions(isStillKind ? [] : (suggest.current?.(text, mostKinds) ?? []));
  }

  function pick(picked: Kind): void {
    setKind(picked);
    setTyped(`${picked.name} `);
    setSuggestions([]);
    setAt(-1);
  }

  function close(): void {
    setSuggestions([]);
    setAt(-1);
  }

  return {
    typed,
    kind,
    suggestions,
    at,
    type,
    pick,
    clear() {
      setTyped('');
      setKind(null);
      close();
    },
    // The index over the catalogue is no part of the first load: it comes when somebody begins to type.
    getReady() {
      if (suggest.current) return;
      void import('@/core/catalogue/suggest').then(({ kindsLike }) => {
        suggest.current = kindsLike;
      });
    },
    onKeyDown(event) {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      const picked = suggestions[at];
      if (step !== undefined && suggestions.length > 0) {
        setAt(((at + 1 + step + suggestions.length + 1) % (suggestions.length + 1)) - 1);
      } else if (event.key === 'Enter' && picked) pick(picked);
      else if (event.key === 'Escape' && suggestions.length > 0) close();
      else {
        if (event.key === 'Escape') event.currentTarget.blur();
        return;
      }
      event.preventDefault();
    },
  };
}
