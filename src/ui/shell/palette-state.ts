import { create } from 'zustand';
import { beginTyping } from '@/ui/fields/type-ahead';

export const usePalette = create<{ readonly isOpen: boolean }>(() => ({ isOpen: false }));

export function openPalette(): void {
  beginTyping();
  usePalette.setState({ isOpen: true });
}

export function closePalette(): void {
  usePalette.setState({ isOpen: false });
}
