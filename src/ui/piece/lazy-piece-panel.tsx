'use client';

import { useSelection } from '@/ui/kit/selection';
import { later } from '@/ui/late/later';

export const PiecePanel = later(() => import('./piece-panel').then((module) => module.PiecePanel));

/** The panel of the selected piece. It comes with the first selection, and is no part of the first load. */
export function LazyPiecePanel() {
  const isAnySelected = useSelection(({ placement }) => placement !== null);
  return isAnySelected ? <PiecePanel /> : null;
}
