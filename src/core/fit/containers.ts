import type { Cavity } from '../gear';
import type { Container } from './load';

/** How wide the boxes are against their depth that a soft cavity may be laid out as (own). The likeliest first. */
const proportions = [1.4, 1, 2.2, 3.5];

/** How high they are, as shares of how long the cavity is said to be (own). */
const heights = [1, 0.82, 0.66];

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
      const highs = heightsOf(inside.longestMm, volume);
      return [
        ...highs.flatMap((height) => proportions.map((each) => boxOf(volume, height, each))),
        // Cloth lies round a bottle as a tube does.
        ...highs.map((height) => tubeOf(volume, height)),
      ];
    }
  }
}

function boxOf(volume: number, height: number, proportion: number): Container {
  const depth = Math.sqrt(volume / height / proportion);
  return { shape: 'box', sizeMm: [depth * proportion, depth, height], mouth: openWalls };
}

function tubeOf(volume: number, heightMm: number): Container {
  const diameterMm = 2 * Math.sqrt(volume / heightMm / Math.PI);
  return { shape: 'cylinder', diameterMm, heightMm, mouth: openWalls };
}

/** Soft walls open as wide as they are. */
const openWalls = { shape: 'section' } as const;

/** No lower than a cube. What is long and narrow is as long as it is said to be, or rolled down to three cubes. */
function heightsOf(longestMm: number, volume: number): readonly number[] {
  const cube = Math.cbrt(volume);
  const longest = Math.max(cube, longestMm);
  const rolled = 3 * cube;
  if (longest <= rolled) return heights.map((share) => longest * share);
  return [longest, Math.sqrt(longest * rolled), rolled];
}
