import type { Cavity } from '../gear';
import type { Container } from './load';

/**
 * The boxes that a soft cavity may be laid out as (own): as high as it is said to be long, or as a share of it, and
 * so wide against their depth. The likeliest first.
 */
const heights = [1, 0.82, 0.66];
const proportions = [1.4, 1, 2.2, 3.5];

/** The room of a cavity: as it is, or for soft walls the boxes that they could make. */
export function containersOf({ inside, mouth }: Cavity): readonly Container[] {
  switch (inside.shape) {
    case 'box':
      return [{ shape: 'box', sizeMm: [inside.lengthMm, inside.widthMm, inside.heightMm], mouth }];
    case 'cylinder':
      return [
        { shape: 'cylinder', diameterMm: inside.diameterMm, heightMm: inside.heightMm, mouth },
      ];
    case 'soft': {
      const volume = inside.volumeMl * (1 + inside.bulgeShare) * 1000;
      const longest = longestSide(inside.longestMm, volume);
      return heights.flatMap((share) =>
        proportions.map((proportion): Container => {
          const height = longest * share;
          const depth = Math.sqrt(volume / height / proportion);
          return { shape: 'box', sizeMm: [depth * proportion, depth, height], mouth: openWalls };
        }),
      );
    }
  }
}

/** Soft walls open as wide as they are. */
const openWalls = { shape: 'section' } as const;

/** No longer than would leave it thinner than a fifth of its length, nor shorter than a cube. */
function longestSide(longestMm: number, volume: number): number {
  const cube = Math.cbrt(volume);
  return Math.max(cube, Math.min(longestMm, cube * 3));
}
