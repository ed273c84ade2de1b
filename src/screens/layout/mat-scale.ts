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

/** From this width of the window on, in px, places and labels of lanes stand beside the mat. */
const besideFromPx = 768;

/** What stands beside the pieces of a lane: edges of page and lane, and in a wide window the places and the lane’s label. */
const besideOnPhonePx = 42;
const besidePx = 338;

/** The width that the mat will have as far as the window tells, so that it is drawn once, at its scale. */
function expectedWidth(): number | null {
  if (typeof document === 'undefined') return null;
  // Without the room of the bar to scroll by, also before there is one.
  const { width } = document.documentElement.getBoundingClientRect();
  return width - (innerWidth < besideFromPx ? besideOnPhonePx : besidePx);
}

function useWidth(element: RefObject<HTMLElement | null>): number | null {
  const [widthPx, setWidthPx] = useState(expectedWidth);
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
