import {
  Backpack,
  Boxes,
  CalendarCheck,
  Compass,
  FileText,
  LayoutGrid,
  PackageOpen,
  ShieldQuestion,
  type LucideIcon,
} from 'lucide-react';

export interface Place {
  readonly path: string;
  readonly name: string;
  readonly icon: LucideIcon;
  /** The keys that lead there: g, then this letter. */
  readonly letter: string;
}

/** The order of work. A place is shown once it works. */
export const steps: readonly Place[] = [
  { path: '/brief', name: 'Brief', icon: Compass, letter: 'b' },
  { path: '/layout', name: 'Lay out', icon: LayoutGrid, letter: 'l' },
  { path: '/stow', name: 'Stow', icon: PackageOpen, letter: 's' },
  { path: '/prove', name: 'Prove', icon: ShieldQuestion, letter: 'v' },
  { path: '/keep', name: 'Keep', icon: CalendarCheck, letter: 'e' },
  { path: '/papers', name: 'Papers', icon: FileText, letter: 'p' },
];

/** What stands around the kits. */
export const around: readonly Place[] = [
  { path: '/shelf', name: 'Shelf', icon: Boxes, letter: 'h' },
  { path: '/kits', name: 'Kits', icon: Backpack, letter: 'k' },
];

export const places: readonly Place[] = [...steps, ...around];

export interface SubPlace {
  readonly path: string;
  readonly name: string;
}

/** What a place has behind it, itself first. */
export const subPlaces: Readonly<Record<string, readonly SubPlace[]>> = {
  '/brief': [
    { path: '/brief', name: 'The brief' },
    { path: '/brief/enough', name: 'Is it enough?' },
    { path: '/brief/seasons', name: 'Another season' },
  ],
  '/layout': [
    { path: '/layout', name: 'The mat' },
    { path: '/layout/lists', name: 'Against lists' },
    { path: '/layout/thrift', name: 'Thin it out' },
  ],
  '/stow': [
    { path: '/stow', name: 'The holders' },
    { path: '/stow/inside', name: 'Look inside' },
  ],
  '/prove': [
    { path: '/prove', name: 'What if' },
    { path: '/prove/findings', name: 'Findings' },
  ],
  '/keep': [
    { path: '/keep', name: 'What is due' },
    { path: '/keep/round', name: 'A round' },
    { path: '/keep/restock', name: 'Restock' },
    { path: '/keep/trip', name: 'After a trip' },
    { path: '/keep/history', name: 'Past rounds' },
  ],
  '/shelf': [
    { path: '/shelf', name: 'All gear' },
    { path: '/shelf/bring-in', name: 'Bring in lines' },
    { path: '/shelf/weigh', name: 'Weigh in' },
  ],
  '/kits': [
    { path: '/kits', name: 'All kits' },
    { path: '/kits/compare', name: 'Versions and differences' },
    { path: '/kits/challenge', name: 'Challenge' },
  ],
};

/** The path of every page. */
export const paths: readonly string[] = places.flatMap(({ path }) =>
  (subPlaces[path] ?? [{ path }]).map((place) => place.path),
);

/** The place that a path belongs to. */
export function placeOf(path: string): Place | undefined {
  return places.find((place) => path === place.path || path.startsWith(`${place.path}/`));
}
