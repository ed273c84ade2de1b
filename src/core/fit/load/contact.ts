import type { Sides } from './cargo';
import type { PartialLoad } from './partial-load';

const hair = 1e-6;

/** A gap up to this share of a block's own length still counts as touching: it is lost room all the same. */
const nearness = 0.04;

/** How much of a block in a corner of a space would touch walls and other blocks. */
export class Contact {
  private readonly faces: Float64Array[] = Array.from(
    { length: 6 },
    () => new Float64Array(64 * 5),
  );
  private readonly faceCount = new Int32Array(6);

  constructor(private readonly room: Sides) {}

  /** What stands at each of the six sides of a space: rectangles over the two other axes, and how far away. */
  gather({ placed, placedCount, spaces: { corners } }: PartialLoad, space: number): void {
    const f = space * 6;
    for (let k = 0; k < 3; k += 1) {
      const u = k === 0 ? 1 : 0;
      const v = k === 2 ? 1 : 2;
      const low = corners[f + k]!;
      const high = corners[f + 3 + k]!;
      const u0 = corners[f + u]!;
      const u1 = corners[f + 3 + u]!;
      const v0 = corners[f + v]!;
      const v1 = corners[f + 3 + v]!;
      const far = nearness * (high - low);
      const room = this.room[k]!;
      this.faceCount[k * 2] = 0;
      this.faceCount[k * 2 + 1] = 0;
      if (low <= far) this.addFace(k * 2, u0, u1, v0, v1, low);
      if (room - high <= far) this.addFace(k * 2 + 1, u0, u1, v0, v1, room - high);
      for (let at = 0; at < placedCount; at += 1) {
        const from = at * 6;
        const gapLow = low - placed[from + 3 + k]!;
        const gapHigh = placed[from + k]! - high;
        const isLow = gapLow >= -hair && gapLow <= far;
        const isHigh = gapHigh >= -hair && gapHigh <= far;
        if (!isLow && !isHigh) continue;
        const p0 = Math.max(u0, placed[from + u]!);
        const p1 = Math.min(u1, placed[from + 3 + u]!);
        const q0 = Math.max(v0, placed[from + v]!);
        const q1 = Math.min(v1, placed[from + 3 + v]!);
        if (p1 <= p0 || q1 <= q0) continue;
        this.addFace(isLow ? k * 2 : k * 2 + 1, p0, p1, q0, q1, isLow ? gapLow : gapHigh);
      }
    }
  }

  private addFace(face: number, u0: number, u1: number, v0: number, v1: number, gap: number): void {
    let rects = this.faces[face]!;
    const from = this.faceCount[face]! * 5;
    if (from + 5 > rects.length) {
      const larger = new Float64Array(rects.length * 2);
      larger.set(rects);
      this.faces[face] = larger;
      rects = larger;
    }
    rects[from] = u0;
    rects[from + 1] = u1;
    rects[from + 2] = v0;
    rects[from + 3] = v1;
    rects[from + 4] = gap;
    this.faceCount[face]! += 1;
  }

  /** How much of the surface of a block in the near corner of a space touches something, in mm². */
  touching(corners: Float64Array, f: number, bx: number, by: number, bz: number): number {
    const [length, width, height] = this.room;
    const xLow = corners[f]! <= length - corners[f + 3]! + hair;
    const yLow = corners[f + 1]! <= width - corners[f + 4]! + hair;
    const zLow = corners[f + 2]! <= height - corners[f + 5]! + hair;
    const x0 = xLow ? corners[f]! : corners[f + 3]! - bx;
    const y0 = yLow ? corners[f + 1]! : corners[f + 4]! - by;
    const z0 = zLow ? corners[f + 2]! : corners[f + 5]! - bz;
    const x1 = x0 + bx;
    const y1 = y0 + by;
    const z1 = z0 + bz;
    const xGap = corners[f + 3]! - corners[f]! - bx;
    const yGap = corners[f + 4]! - corners[f + 1]! - by;
    const zGap = corners[f + 5]! - corners[f + 2]! - bz;
    return (
      this.touched(0, y0, y1, z0, z1, nearness * bx - (xLow ? 0 : xGap)) +
      this.touched(1, y0, y1, z0, z1, nearness * bx - (xLow ? xGap : 0)) +
      this.touched(2, x0, x1, z0, z1, nearness * by - (yLow ? 0 : yGap)) +
      this.touched(3, x0, x1, z0, z1, nearness * by - (yLow ? yGap : 0)) +
      this.touched(4, x0, x1, y0, y1, nearness * bz - (zLow ? 0 : zGap)) +
      this.touched(5, x0, x1, y0, y1, nearness * bz - (zLow ? zGap : 0))
    );
  }

  private touched(
    face: number,
    u0: number,
    u1: number,
    v0: number,
    v1: number,
    within: number,
  ): number {
    if (within < 0) return 0;
    const rects = this.faces[face]!;
    const end = this.faceCount[face]! * 5;
    let area = 0;
    for (let from = 0; from < end; from += 5) {
      if (rects[from + 4]! > within + hair) continue;
      const du = Math.min(u1, rects[from + 1]!) - Math.max(u0, rects[from]!);
      if (du <= 0) continue;
      const dv = Math.min(v1, rects[from + 3]!) - Math.max(v0, rects[from + 2]!);
      if (dv > 0) area += du * dv;
    }
    return area;
  }
}
