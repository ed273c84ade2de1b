import type { Solid } from './cargo';
import type { Put } from './placer';
import { hair } from './solid';

/** Each piece down onto what is under the box round it, the lowest first; beside each other they stay as they are. */
export function letDown(puts: readonly Put[]): readonly Put[] {
  const settled: Put[] = [];
  for (const put of [...puts].sort((a, b) => a.solid.atMm[2] - b.solid.atMm[2])) {
    const { atMm, sizeMm } = put.solid;
    let floor = 0;
    for (const { solid } of settled) {
      const isUnder = [0, 1].every(
        (k) =>
          solid.atMm[k]! < atMm[k]! + sizeMm[k]! - hair &&
          atMm[k]! < solid.atMm[k]! + solid.sizeMm[k]! - hair,
      );
      if (isUnder) floor = Math.max(floor, solid.atMm[2] + solid.sizeMm[2]);
    }
    const solid: Solid = { ...put.solid, atMm: [atMm[0], atMm[1], Math.min(floor, atMm[2])] };
    settled.push({ ...put, solid });
  }
  return settled;
}
