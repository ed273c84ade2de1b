import { useState, type KeyboardEvent } from 'react';
import type { Kind } from '@/core/catalogue';
import { loadCatalogue, useCatalogue } from './catalogue';

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
  const [isOpen, setIsOpen] = useState(false);
  const [at, setAt] = useState(-1);
  const catalogue = useCatalogue();
  const suggestions = isOpen && kind === null ? (catalogue?.kindsLike(typed, mostKinds) ?? []) : [];

  function type(text: string): void {
    setTyped(text);
    if (kind !== null && !text.startsWith(kind.name)) setKind(null);
    setAt(-1);
    setIsOpen(true);
  }

  function pick(picked: Kind): void {
    setKind(picked);
    setTyped(`${picked.name} `);
    close();
  }

  function close(): void {
    setIsOpen(false);
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
    getReady() {
      void loadCatalogue();
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
