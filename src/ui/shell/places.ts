import { Backpack, Boxes, FileText, LayoutGrid, PackageOpen, type LucideIcon } from 'lucide-react';

export interface Place {
  readonly path: string;
  readonly name: string;
  readonly icon: LucideIcon;
  /** The keys that lead there: g, then this letter. */
  readonly letter: string;
}

/** The order of work. A place is shown once it works. */
export const steps: readonly Place[] = [
  { path: '/layout', name: 'Lay out', icon: LayoutGrid, letter: 'l' },
  { path: '/stow', name: 'Stow', icon: PackageOpen, letter: 's' },
  { path: '/papers', name: 'Papers', icon: FileText, letter: 'p' },
];

/** What stands around the kits. */
export const around: readonly Place[] = [
  { path: '/shelf', name: 'Shelf', icon: Boxes, letter: 'h' },
  { path: '/kits', name: 'Kits', icon: Backpack, letter: 'k' },
];

export const places: readonly Place[] = [...steps, ...around];
