import { blocksOf, type Solid, type Stowed } from './cargo';
import { hair } from './solid';

/** A level cut through a load, as seen from above. */
export interface Layer {
  /** How high above the floor it is cut, in mm. */
  readonly cutMm: number;
  /** Indices of the pieces that the cut goes through, and whether they were in the layer below too. */
  readonly pieces: readonly { readonly at: number; readonly isFromBelow: boolean }[];
}

/** The fewest level cuts that show every piece at least once, from the floor up. */
export function layersOf(placed: readonly Stowed[]): readonly Layer[] {
  const top = ({ atMm, sizeMm }: Stowed) => atMm[2] + sizeMm[2];
  const byTop = placed.map((_, at) => at).sort((a, b) => top(placed[a]!) - top(placed[b]!));
  const shown = new Set<number>();
  const layers: Layer[] = [];
  for (const next of byTop) {
    if (shown.has(next)) continue;
    const cutMm = top(placed[next]!) - Math.min(1, placed[next]!.sizeMm[2] / 2);
    const pieces = placed.flatMap((stowed, at) =>
      blocksOf(stowed).some((block) => isCut(block, cutMm))
        ? [{ at, isFromBelow: shown.has(at) }]
        : [],
    );
    for (const { at } of pieces) shown.add(at);
    layers.push({ cutMm, pieces });
  }
  return layers;
}

/** Whether a level cut goes through a solid. */
export function isCut({ atMm, sizeMm }: Solid, cutMm: number): boolean {
  return atMm[2] < cutMm - hair && atMm[2] + sizeMm[2] > cutMm + hair;
}
