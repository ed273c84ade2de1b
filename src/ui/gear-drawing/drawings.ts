import { useEffect } from 'react';
import { create } from 'zustand';
import type { Silhouette } from '@/core/gear';
import {
  commonDrawings,
  rarePoses,
  type CommonSilhouette,
  type Drawing,
  type RareSilhouette,
} from './silhouettes';

const useRare = create<{ readonly drawings: Readonly<Record<RareSilhouette, Drawing>> | null }>(
  () => ({ drawings: null }),
);

/** Fetches the drawings that are not in the first load, once. */
export async function loadRareDrawings(): Promise<void> {
  const { rareDrawings } = await import('./rare-silhouettes');
  if (useRare.getState().drawings === null) useRare.setState({ drawings: rareDrawings });
}

/** How a silhouette is drawn: as a plain piece until its own drawing has come. */
export function useDrawing(silhouette: Silhouette): Drawing {
  const rare = useRare(({ drawings }) => drawings);
  const isAwaited = rare === null && isRare(silhouette);
  useEffect(() => {
    if (isAwaited) void loadRareDrawings();
  }, [isAwaited]);
  if (!isRare(silhouette)) return commonDrawings[silhouette];
  return rare?.[silhouette] ?? { ...commonDrawings.piece, pose: rarePoses[silhouette] };
}

/** How a silhouette lies, which its drawing need not have come for. */
export function poseOf(silhouette: Silhouette): Drawing['pose'] {
  return isRare(silhouette)
    ? rarePoses[silhouette]
    : commonDrawings[silhouette as CommonSilhouette].pose;
}

function isRare(silhouette: Silhouette): silhouette is RareSilhouette {
  return Object.hasOwn(rarePoses, silhouette);
}
