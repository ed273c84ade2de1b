import { pack3D } from 'binpackingjs/3d';
import { hullOf, volumeMm3, type LoadItem, type Sides } from '../../src/core/fit/laid-out';
import { leastVolumeMm3 } from '../../src/core/fit/load/forms';
import type { Instance } from './families';

/**
 * Share of the room that `binpackingjs` fills: everything as a box, a cylinder as the one round it, something soft
 * as a cube of its tightest volume. Null for a round room, which it has no notion of.
 */
export function shareByBinPacking({ container, items }: Instance): number | null {
  if (container.shape === 'cylinder') return null;
  const [width, height, depth] = hullOf(container);
  const byName = new Map(items.map((item) => [item.id, item]));
  const { packedBins } = pack3D({
    bins: [{ name: 'room', width, height, depth, maxWeight: Infinity }],
    items: items.map((item) => {
      const [a, b, c] = boxOf(item);
      return { name: item.id, width: a, height: b, depth: c, weight: 0 };
    }),
  });
  const packed = packedBins[0]?.items ?? [];
  const taken = packed.reduce((sum, { name }) => sum + leastVolumeMm3(byName.get(name)!.form), 0);
  return taken / volumeMm3(container);
}

function boxOf({ form }: LoadItem): Sides {
  switch (form.shape) {
    case 'box':
      return [form.lengthMm, form.widthMm, form.heightMm];
    case 'cylinder':
      return [form.diameterMm, form.diameterMm, form.heightMm];
    case 'soft': {
      const side = Math.cbrt(form.tightMl * 1000);
      return [side, side, side];
    }
  }
}
