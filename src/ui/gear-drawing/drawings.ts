import { useEffect } from 'react';
import type { Silhouette } from '@/core/gear';
import { fetchAhead, late } from '../late/late';
import {
  commonDrawings,
  rarePoses,
  type CommonSilhouette,
  type Drawing,
  type RareSilhouette,
} from './silhouettes';

/** The drawings that are not in the first load. */
export const rareDrawings = late<Readonly<Record<RareSilhouette, Drawing>>>(() =>
  import('./rare-silhouettes').then((module) => module.rareDrawings),
);

/** How a silhouette is drawn: as a plain piece until its own drawing has come. */
export function useDrawing(silhouette: Silhouette): Drawing {
  const rare = rareDrawings.use();
  const isAwaited = rare === null && isRare(silhouette);
  useEffect(() => {
    if (isAwaited) fetchAhead(rareDrawings.fetch);
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
