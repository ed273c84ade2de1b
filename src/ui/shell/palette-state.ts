import { create } from 'zustand';

export const usePalette = create<{ readonly isOpen: boolean }>(() => ({ isOpen: false }));

export function openPalette(): void {
  usePalette.setState({ isOpen: true });
}

export function closePalette(): void {
  usePalette.setState({ isOpen: false });
}
