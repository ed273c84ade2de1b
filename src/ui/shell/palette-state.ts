import { create } from 'zustand';

interface Palette {
  readonly isOpen: boolean;
  /** What is typed in it so far, also before it had the focus. */
  readonly typed: string;
  /** Enter was pressed before it had the focus. */
  readonly isEntered: boolean;
}

const closed: Palette = { isOpen: false, typed: '', isEntered: false };

export const usePalette = create<Palette>(() => closed);

export function openPalette(): void {
  usePalette.setState({ ...closed, isOpen: true });
}

export function closePalette(): void {
  usePalette.setState({ isOpen: false, isEntered: false });
}

export function typeInPalette(typed: string): void {
  usePalette.setState({ typed });
}

/**
 * Takes a key that was meant for the open palette while the focus was not in it yet: it opens a moment after its shortcut, and
 * what had the focus before would be pressed by Enter.
 *
 * @returns whether it is the palette’s.
 */
export function typeAhead({ key }: Pick<KeyboardEvent, 'key'>): boolean {
  const { typed } = usePalette.getState();
  if (key === 'Escape') closePalette();
  else if (key === 'Enter') usePalette.setState({ isEntered: true });
  else if (key === 'Backspace') typeInPalette(typed.slice(0, -1));
  else if (key.length === 1) typeInPalette(typed + key);
  else return false;
  return true;
}
