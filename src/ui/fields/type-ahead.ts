import { create } from 'zustand';

interface TypedAhead {
  readonly typed: string;
  /** Enter was pressed before the list had the focus. */
  readonly isEntered: boolean;
}

const nothing: TypedAhead = { typed: '', isEntered: false };

const useTyped = create<TypedAhead>(() => nothing);

/** What is typed into the list of a dialog, also before the dialog has the focus. */
export function useTypeAhead(): TypedAhead & { readonly onType: (typed: string) => void } {
  return { ...useTyped(), onType };
}

function onType(typed: string): void {
  useTyped.setState({ typed });
}

/** A dialog with a list is opened: nothing is typed in it yet. */
export function beginTyping(): void {
  useTyped.setState(nothing);
}

/**
 * Takes a key that was meant for a dialog with a list while the focus is not in it yet: it opens a moment after its shortcut, and
 * what had the focus before would be pressed by Enter.
 *
 * @returns whether it is the list’s.
 */
export function typeAhead({ key }: Pick<KeyboardEvent, 'key'>): boolean {
  const { typed } = useTyped.getState();
  if (key === 'Enter') useTyped.setState({ isEntered: true });
  else if (key === 'Backspace') onType(typed.slice(0, -1));
  else if (key.length === 1) onType(typed + key);
  else return false;
  return true;
}
