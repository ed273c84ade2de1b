import { axes, type Axis, type Container, type Solid } from './cargo';

/** Below this a length is not told from none, in mm. */
export const hair = 1e-6;

/** Whether two solids share more than their surfaces. Exact for boxes and for cylinders along x, y and z. */
export function overlap(one: Solid, other: Solid): boolean {
  for (let k = 0; k < 3; k += 1) {
    if (one.atMm[k]! + one.sizeMm[k]! <= other.atMm[k]! + hair) return false;
    if (other.atMm[k]! + other.sizeMm[k]! <= one.atMm[k]! + hair) return false;
  }
  if (one.axis === null) return other.axis === null || discMeetsBox(other, other.axis, one);
  if (other.axis === null) return discMeetsBox(one, one.axis, other);
  return one.axis === other.axis
    ? discsMeet(one, other, one.axis)
    : crossedMeet(one, one.axis, other, other.axis);
}

/** Whether a solid is wholly within a container. */
export function isInside(solid: Solid, container: Container): boolean {
  const { atMm, sizeMm, axis } = solid;
  const [x, y, z] = atMm;
  const [dx, dy, dz] = sizeMm;
  if (container.shape === 'box') {
    const [l, w, h] = container.sizeMm;
    return (
      [x, y, z].every((mm) => mm >= -hair) &&
      x + dx <= l + hair &&
      y + dy <= w + hair &&
      z + dz <= h + hair
    );
  }
  if (z < -hair || z + dz > container.heightMm + hair) return false;
  const radius = container.diameterMm / 2;
  const offX = Math.abs(x + dx / 2 - radius);
  const offY = Math.abs(y + dy / 2 - radius);
  return axis === 'z'
    ? Math.hypot(offX, offY) + dx / 2 <= radius + hair
    : Math.hypot(offX + dx / 2, offY + dy / 2) <= radius + hair;
}

/** Whether two boxes share part of a face that is at least so wide in both directions. */
export function touch(one: Solid, other: Solid, leastMm: number): boolean {
  return [0, 1, 2].some((k) => {
    const isFaceToFace =
      Math.abs(one.atMm[k]! + one.sizeMm[k]! - other.atMm[k]!) < hair ||
      Math.abs(other.atMm[k]! + other.sizeMm[k]! - one.atMm[k]!) < hair;
    if (!isFaceToFace) return false;
    return [0, 1, 2].every((side) => {
      if (side === k) return true;
      const low = Math.max(one.atMm[side]!, other.atMm[side]!);
      const high = Math.min(
        one.atMm[side]! + one.sizeMm[side]!,
        other.atMm[side]! + other.sizeMm[side]!,
      );
      return high - low >= leastMm - hair;
    });
  });
}

/** What must be free so that a solid can go straight down to its place below `topMm`: all of it above its girth. */
export function shaftAbove(solid: Solid, topMm: number): Solid {
  const { atMm, sizeMm, axis } = solid;
  const isLying = axis === 'x' || axis === 'y';
  const from = isLying ? atMm[2] + sizeMm[2] / 2 : atMm[2];
  return {
    atMm: [atMm[0], atMm[1], from],
    sizeMm: [sizeMm[0], sizeMm[1], Math.max(topMm - from, sizeMm[2] / 2)],
    axis: isLying ? null : axis,
  };
}

export function volumeOf({ sizeMm: [dx, dy, dz], axis }: Solid): number {
  return dx * dy * dz * (axis === null ? 1 : Math.PI / 4);
}

export function middleOf({ atMm, sizeMm }: Solid, k: number): number {
  return atMm[k]! + sizeMm[k]! / 2;
}

function across(axis: Axis): readonly [number, number] {
  return axis === 'x' ? [1, 2] : axis === 'y' ? [0, 2] : [0, 1];
}

function discsMeet(one: Solid, other: Solid, axis: Axis): boolean {
  const [u, v] = across(axis);
  const apart = Math.hypot(
    middleOf(one, u) - middleOf(other, u),
    middleOf(one, v) - middleOf(other, v),
  );
  return apart < (one.sizeMm[u]! + other.sizeMm[u]!) / 2 - hair;
}

function discMeetsBox(disc: Solid, axis: Axis, box: Solid): boolean {
  const [u, v] = across(axis);
  const apart = Math.hypot(gapTo(middleOf(disc, u), box, u), gapTo(middleOf(disc, v), box, v));
  return apart < disc.sizeMm[u]! / 2 - hair;
}

/**
 * Two cylinders at right angles: across the third axis, each leaves a chord that reaches the other's length;
 * they meet where the chords do.
 */
function crossedMeet(one: Solid, oneAxis: Axis, other: Solid, otherAxis: Axis): boolean {
  const a = axes.indexOf(oneAxis);
  const b = axes.indexOf(otherAxis);
  const third = 3 - a - b;
  const oneChord = halfChord(one.sizeMm[third]! / 2, gapTo(middleOf(one, b), other, b));
  const otherChord = halfChord(other.sizeMm[third]! / 2, gapTo(middleOf(other, a), one, a));
  return Math.abs(middleOf(one, third) - middleOf(other, third)) < oneChord + otherChord - hair;
}

function halfChord(radius: number, off: number): number {
  return off >= radius ? -Infinity : Math.sqrt(radius * radius - off * off);
}

/** How far a point is outside a solid's length along an axis; 0 within it. */
function gapTo(mm: number, { atMm, sizeMm }: Solid, k: number): number {
  return Math.max(atMm[k]! - mm, mm - atMm[k]! - sizeMm[k]!, 0);
}
