import type { Sides, SoftForm } from './cargo';
import { canBeBlock } from './forms';
import { turns } from './turns';

const hair = 1e-6;

/** A soft piece to pour; `item` is its index in the load. */
export interface SoftPiece {
  readonly item: number;
  readonly form: SoftForm;
}

/** Sides of a block of a volume within others: whole across two of them where it is thick enough, else across one. */
export function sliceOf(sides: Sides, volume: number, form: SoftForm): Sides | null {
  if (Math.min(...sides) < form.thinnestMm - hair) return null;
  if (Math.hypot(...sides) < form.longestRigidMm - hair) return null;
  // The flatter the cut face against the room, the better the rest: across the longest side first.
  const order = [0, 1, 2].sort((one, other) => sides[other]! - sides[one]!);
  for (const k of order) {
    const thick = volume / ((sides[0] * sides[1] * sides[2]) / sides[k]!);
    if (thick < form.thinnestMm - hair || thick > sides[k]! + hair) continue;
    const size = sides.map((side, at) =>
      at === k ? Math.min(thick, side) : side,
    ) as unknown as Sides;
    if (canBeBlock(size, form, hair)) return size;
  }
  const [long, middle, short] = order as [number, number, number];
  for (const [whole, first, second] of [
    [short, long, middle],
    [long, middle, short],
    [middle, long, short],
    [long, short, middle],
  ] as const) {
    const size = [...sides];
    size[first] = Math.max(form.thinnestMm, Math.sqrt(volume / sides[whole]!));
    size[first] = Math.min(size[first]!, sides[first]!);
    size[second] = volume / (size[first]! * sides[whole]!);
    if (size[second]! > sides[second]! + hair) {
      size[second] = sides[second]!;
      size[first] = volume / (size[second]! * sides[whole]!);
    }
    if (isWithin(size, sides, form)) return size as unknown as Sides;
  }
  return cubeOf(sides, volume, form) ?? roundCore(sides, volume, form);
}

/** A block with one side as long as its rigid part asks, or as even as it can be. */
function cubeOf(sides: Sides, volume: number, form: SoftForm): Sides | null {
  const long = [0, 1, 2].sort((one, other) => sides[other]! - sides[one]!)[0]!;
  const size = [...sides];
  size[long] = Math.min(sides[long]!, Math.max(form.longestRigidMm, Math.cbrt(volume)));
  const [u, v] = [0, 1, 2].filter((k) => k !== long) as [number, number];
  const area = volume / size[long]!;
  size[u] = Math.min(sides[u]!, Math.max(Math.sqrt(area), area / sides[v]!));
  size[v] = area / size[u]!;
  return isWithin(size, sides, form) ? (size as unknown as Sides) : null;
}

/** What does not bend, turned as it goes into the space, with the rest laid round it until it has its volume. */
function roundCore(sides: Sides, volume: number, form: SoftForm): Sides | null {
  if (!form.coreMm) return null;
  const core = form.coreMm.map((side) => Math.max(side, form.thinnestMm));
  for (const turn of turns) {
    const size = turn.map((own) => core[own]!);
    if (size.some((side, k) => side > sides[k]! + hair)) continue;
    for (let k = 0; k < 3; k += 1) {
      const area = (size[0]! * size[1]! * size[2]!) / size[k]!;
      size[k] = Math.min(sides[k]!, Math.max(size[k]!, volume / area));
    }
    const taken = size[0]! * size[1]! * size[2]!;
    if (taken >= volume - hair && taken <= form.looseMl * 1000 + hair) {
      return size as unknown as Sides;
    }
  }
  return null;
}

/** Whether a block goes into a space and is one that the piece can make. */
export function isWithin(size: readonly number[], sides: Sides, form: SoftForm): boolean {
  return size.every((side, at) => side <= sides[at]! + hair) && canBeBlock(size, form, hair);
}
