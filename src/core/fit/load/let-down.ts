import type { Solid } from './cargo';
import type { Put } from './placer';
import { hair } from './solid';

/**
 * Each piece down onto what is under the box round it, the lowest first; beside each other they stay as they are, and
 * so do pieces in several blocks.
 */
export function letDown(puts: readonly Put[]): readonly Put[] {
  const inParts = puts.filter(({ more }) => more);
  const whole = puts.filter(({ more }) => !more);
  const settled: Solid[] = inParts.flatMap(({ solid, more }) => [solid, ...more!]);
  const lowered = [...whole]
    .sort((a, b) => a.solid.atMm[2] - b.solid.atMm[2])
    .map((put): Put => {
      const [x, y, z] = put.solid.atMm;
      const floors = settled.filter((each) => isInLine(each, put.solid)).map(topOf);
      const solid: Solid = { ...put.solid, atMm: [x, y, Math.min(z, Math.max(0, ...floors))] };
      settled.push(solid);
      return { ...put, solid };
    });
  return [...lowered, ...inParts];
}

function topOf({ atMm, sizeMm }: Solid): number {
  return atMm[2] + sizeMm[2];
}

/** Whether the boxes round two solids overlap, seen from above: then the one cannot come down past the other. */
function isInLine(one: Solid, other: Solid): boolean {
  return [0, 1].every(
    (k) =>
      one.atMm[k]! < other.atMm[k]! + other.sizeMm[k]! - hair &&
      other.atMm[k]! < one.atMm[k]! + one.sizeMm[k]! - hair,
  );
}
