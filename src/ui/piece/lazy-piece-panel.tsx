'use client';

import dynamic from 'next/dynamic';
import { useSelection } from '@/ui/kit/selection';

/** Fetches the panel ahead of its first use. */
export function loadPiecePanel() {
  return import('./piece-panel').then((module) => module.PiecePanel);
}

const PiecePanel = dynamic(loadPiecePanel);

/** The panel of the selected piece. It comes with the first selection, and is no part of the first load. */
export function LazyPiecePanel() {
  const isAnySelected = useSelection(({ placement }) => placement !== null);
  return isAnySelected ? <PiecePanel /> : null;
}
