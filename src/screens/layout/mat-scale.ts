import { useEffect, useState, type RefObject } from 'react';
import { gearOf } from '@/core/loadout';
import { usePreferences } from '@/store/preferences';
import { drawnSize } from '@/ui/gear-drawing/drawn-size';
import type { KitView } from '@/ui/kit/kit-view';

/** What a lane needs beside its widest piece: its edges, and the piece's own. */
const edgesPx = 64;

/**
 * Pixels per millimetre on the mat: as the person has it, but never so large that the widest piece would be
 * cut off by the edge of the mat.
 */
export function useMatScale(view: KitView, mat: RefObject<HTMLElement | null>): number {
  const { matScale } = usePreferences();
  const widthPx = useWidth(mat);
  const widestMm = Math.max(
    1,
    ...view.loadout.placements.map(
      (placement) => drawnSize(gearOf(view.bench.shelf, placement)).widthMm,
    ),
  );
  return widthPx === null ? matScale : Math.min(matScale, (widthPx - edgesPx) / widestMm);
}

function useWidth(element: RefObject<HTMLElement | null>): number | null {
  const [widthPx, setWidthPx] = useState<number | null>(null);
  useEffect(() => {
    const observed = element.current;
    if (!observed) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidthPx(entry.contentRect.width);
    });
    observer.observe(observed);
    return () => observer.disconnect();
  }, [element]);
  return widthPx;
}
