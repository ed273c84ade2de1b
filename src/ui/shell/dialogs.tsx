'use client';

import { useSelection } from '@/ui/kit/selection';
import { PiecePanel } from '@/ui/piece/lazy-piece-panel';
import { rareDrawings } from '@/ui/gear-drawing/drawings';
import { lateCatalogue } from '@/ui/quick-add/catalogue';
import { FigurePopover } from './figure';
import { FindingList, Working } from './figures-bar';
import { usePalette } from './palette-state';
import { useEver } from './use-ever';
import { fetchAhead } from '@/ui/late/late';
import { later } from '@/ui/late/later';

const MoveDialog = later(() =>
  import('@/ui/piece/move-dialog').then((module) => module.MoveDialog),
);
const GearEditor = later(() =>
  import('@/ui/gear-editor/gear-editor').then((module) => module.GearEditor),
);
const CommandPalette = later(() =>
  import('./command-palette').then((module) => module.CommandPalette),
);
const HandDownDialog = later(() =>
  import('@/ui/piece/hand-down-dialog').then((module) => module.HandDownDialog),
);

/** What is fetched before anybody asks for it, so that it opens at once and without a network. */
const ahead = [
  PiecePanel,
  MoveDialog,
  FigurePopover,
  FindingList,
  Working,
  lateCatalogue,
  rareDrawings,
  GearEditor,
  CommandPalette,
  HandDownDialog,
];

/** How long after one of them the next is fetched, in ms: each is made ready by the page, which answers in between. */
const apartMs = 120;

/** Fetches the dialogs, and what is not on the first screen but wanted soon. */
export function fetchDialogs(): void {
  for (const [at, { fetch }] of ahead.entries()) setTimeout(() => fetchAhead(fetch), at * apartMs);
}

/** The dialogs that any screen may open. They are no part of the first load. */
export function Dialogs() {
  const { moving, editing, handingDown } = useSelection();
  const { isOpen } = usePalette();
  const wasMoving = useEver(moving.length > 0);
  const wasEditing = useEver(editing !== null);
  const wasOpen = useEver(isOpen);
  const wasHandingDown = useEver(handingDown !== null);
  return (
    <>
      {wasMoving && <MoveDialog />}
      {wasEditing && <GearEditor />}
      {wasOpen && <CommandPalette />}
      {wasHandingDown && <HandDownDialog />}
    </>
  );
}
