import type { Sides, Solid } from './cargo';
import type { Put } from './placer';
import { sliceOf, type SoftPiece } from './slices';
import { touch } from './solid';
import { Spaces } from './spaces';

const hair = 1e-6;

/** Into so many gaps one piece is stuffed at most. */
const mostParts = 6;

/**
 * A soft piece in several blocks that touch: the largest empty space whole, then the largest that touches what there
 * is, until it has room. Null where that does not come to its volume; one with a part that does not bend is not split.
 */
export function pourInParts(spaces: Spaces, { item, form }: SoftPiece, volume: number): Put | null {
  if (form.longestRigidMm > 0 || form.coreMm) return null;
  const empty = spaces.alike();
  empty.copyFrom(spaces);
  const parts: Solid[] = [];
  for (let rest = volume; rest > hair;) {
    if (parts.length === mostParts) return null;
    const part = largestPart(empty, parts, rest, form.thinnestMm, (sides, wanted) =>
      sliceOf(sides, wanted, form),
    );
    if (!part) return null;
    parts.push(part);
    const [x, y, z] = part.atMm;
    const [dx, dy, dz] = part.sizeMm;
    rest -= dx * dy * dz;
    empty.cutOut(x, y, z, x + dx, y + dy, z + dz);
  }
  const taken = parts.reduce((sum, { sizeMm: [dx, dy, dz] }) => sum + dx * dy * dz, 0);
  const [solid, ...more] = parts;
  return taken <= form.looseMl * 1000 + hair ? { item, solid: solid!, more } : null;
}

function largestPart(
  empty: Spaces,
  parts: readonly Solid[],
  rest: number,
  thinnestMm: number,
  slice: (sides: Sides, volume: number) => Sides | null,
): Solid | null {
  let best: Solid | null = null;
  let bestVolume = 0;
  for (let at = 0; at < empty.count; at += 1) {
    const corner = (k: number) => empty.corners[at * 6 + k]!;
    const low: Sides = [corner(0), corner(1), corner(2)];
    const sides: Sides = [corner(3) - low[0], corner(4) - low[1], corner(5) - low[2]];
    const room = sides[0] * sides[1] * sides[2];
    const volume = Math.min(room, rest);
    if (volume <= bestVolume + hair || Math.min(...sides) < thinnestMm - hair) continue;
    const sizeMm = room <= rest ? sides : slice(sides, Math.max(rest, thinnestMm ** 3));
    if (!sizeMm) continue;
    const part = anchorsOf(low, sides, sizeMm).find(
      (each) => parts.length === 0 || parts.some((other) => touch(each, other, thinnestMm)),
    );
    if (!part) continue;
    best = part;
    bestVolume = volume;
  }
  return best;
}

/** A block in each corner of a space. */
function anchorsOf(low: Sides, sides: Sides, sizeMm: Sides): readonly Solid[] {
  return [0, 1, 2, 3, 4, 5, 6, 7].map((corner) => ({
    atMm: low.map((mm, k) =>
      corner & (1 << k) ? mm + sides[k]! - sizeMm[k]! : mm,
    ) as unknown as Sides,
    sizeMm,
    axis: null,
  }));
}
