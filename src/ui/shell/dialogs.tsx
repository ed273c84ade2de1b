'use client';

import dynamic from 'next/dynamic';
import { useEffect } from 'react';
import { useSelection } from '@/ui/kit/selection';
import { loadPiecePanel } from '@/ui/piece/lazy-piece-panel';
import { loadRareDrawings } from '@/ui/gear-drawing/drawings';
import { loadCatalogue } from '@/ui/quick-add/catalogue';
import { loadFigurePopover } from './figure';
import { loadFindingList, loadWorking } from './figures-bar';
import { usePalette } from './palette-state';
import { useEver } from './use-ever';

const loaders = {
  move: () => import('@/ui/piece/move-dialog').then((module) => module.MoveDialog),
  editor: () => import('@/ui/gear-editor/gear-editor').then((module) => module.GearEditor),
  palette: () => import('./command-palette').then((module) => module.CommandPalette),
  handDown: () => import('@/ui/piece/hand-down-dialog').then((module) => module.HandDownDialog),
};

const MoveDialog = dynamic(loaders.move);
const GearEditor = dynamic(loaders.editor);
const CommandPalette = dynamic(loaders.palette);
const HandDownDialog = dynamic(loaders.handDown);

/** How long after the first screen the dialogs and the catalogue are fetched, so that they open at once and without a network. */
const fetchAfterMs = 2500;

/** The dialogs that any screen may open. They are no part of the first load. */
export function Dialogs() {
  const { moving, editing, handingDown } = useSelection();
  const { isOpen } = usePalette();
  const wasMoving = useEver(moving.length > 0);
  const wasEditing = useEver(editing !== null);
  const wasOpen = useEver(isOpen);
  const wasHandingDown = useEver(handingDown !== null);
  useEffect(() => {
    const timer = setTimeout(() => {
      for (const load of Object.values(loaders)) void load();
      void loadFigurePopover();
      void loadFindingList();
      void loadWorking();
      void loadCatalogue();
      void loadRareDrawings();
      void loadPiecePanel();
    }, fetchAfterMs);
    return () => clearTimeout(timer);
  }, []);
  return (
    <>
      {wasMoving && <MoveDialog />}
      {wasEditing && <GearEditor />}
      {wasOpen && <CommandPalette />}
      {wasHandingDown && <HandDownDialog />}
    </>
  );
}
