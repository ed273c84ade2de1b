const hair = 1e-6;

/** While a box is cut out: the spaces that only touch it. */
let touches = new Int32Array(64);
let touchCount = 0;

function noteTouch(space: number): void {
  if (touchCount === touches.length) {
    const larger = new Int32Array(touches.length * 2);
    larger.set(touches);
    touches = larger;
  }
  touches[touchCount] = space;
  touchCount += 1;
}

/**
 * The maximal empty boxes within a box: each as large as it can be, so that they overlap. Six numbers a space, the
 * low and the high corner, in one flat array. Spaces that nothing to come would go into are not kept.
 */
export class Spaces {
  corners = new Float64Array(64 * 6);
  count = 0;
  /** While a box is cut out: on which side of it a space is. */
  private sides = new Uint8Array(64);

  /** The shortest side, the longest side and the volume that a space must have to be kept, in mm and mm³. */
  constructor(
    private readonly leastSide: number,
    private readonly leastLongest: number,
    private readonly leastVolume: number,
  ) {}

  /** None yet, and the same ones are kept. */
  alike(): Spaces {
    return new Spaces(this.leastSide, this.leastLongest, this.leastVolume);
  }

  copyFrom(other: Spaces): void {
    if (this.corners.length < other.count * 6) {
      this.corners = new Float64Array(Math.max(other.corners.length, other.count * 6));
    }
    this.corners.set(other.corners.subarray(0, other.count * 6));
    this.count = other.count;
  }

  add(x0: number, y0: number, z0: number, x1: number, y1: number, z1: number): void {
    const from = this.count * 6;
    if (from + 6 > this.corners.length) {
      const larger = new Float64Array(this.corners.length * 2);
      larger.set(this.corners);
      this.corners = larger;
    }
    const { corners } = this;
    corners[from] = x0;
    corners[from + 1] = y0;
    corners[from + 2] = z0;
    corners[from + 3] = x1;
    corners[from + 4] = y1;
    corners[from + 5] = z1;
    this.count += 1;
  }

  /** Takes a space out; the last one takes its index. */
  remove(at: number): void {
    this.count -= 1;
    if (at < this.count) this.corners.copyWithin(at * 6, this.count * 6, this.count * 6 + 6);
  }

  /** Takes a box out of all spaces. */
  cutOut(x0: number, y0: number, z0: number, x1: number, y1: number, z1: number): void {
    const before = this.count;
    let kept = 0;
    touchCount = 0;
    // What is left of the spaces that are cut goes behind all others first.
    for (let at = 0; at < before; at += 1) {
      const from = at * 6;
      const { corners } = this;
      const a0 = corners[from]!;
      const b0 = corners[from + 1]!;
      const c0 = corners[from + 2]!;
      const a1 = corners[from + 3]!;
      const b1 = corners[from + 4]!;
      const c1 = corners[from + 5]!;
      const isApart =
        x0 >= a1 - hair ||
        x1 <= a0 + hair ||
        y0 >= b1 - hair ||
        y1 <= b0 + hair ||
        z0 >= c1 - hair ||
        z1 <= c0 + hair;
      if (isApart) {
        const isFar =
          x0 > a1 + hair ||
          x1 < a0 - hair ||
          y0 > b1 + hair ||
          y1 < b0 - hair ||
          z0 > c1 + hair ||
          z1 < c0 - hair;
        if (!isFar) noteTouch(kept);
        if (kept < at) corners.copyWithin(kept * 6, from, from + 6);
        kept += 1;
        continue;
      }
      this.addLarge(0, a0, b0, c0, x0, b1, c1);
      this.addLarge(1, x1, b0, c0, a1, b1, c1);
      this.addLarge(2, a0, b0, c0, a1, y0, c1);
      this.addLarge(3, a0, y1, c0, a1, b1, c1);
      this.addLarge(4, a0, b0, c0, a1, b1, z0);
      this.addLarge(5, a0, b0, z1, a1, b1, c1);
    }
    this.keepMaximal(before, kept);
  }

  /** What is left of a space on one of the six sides of a box. */
  private addLarge(
    side: number,
    x0: number,
    y0: number,
    z0: number,
    x1: number,
    y1: number,
    z1: number,
  ): void {
    const x = x1 - x0;
    const y = y1 - y0;
    const z = z1 - z0;
    const { leastSide, leastLongest } = this;
    if (x < leastSide || y < leastSide || z < leastSide) return;
    if (x < leastLongest && y < leastLongest && z < leastLongest) return;
    if (x * y * z < this.leastVolume) return;
    this.add(x0, y0, z0, x1, y1, z1);
    if (this.sides.length < this.count) {
      const larger = new Uint8Array(this.corners.length / 6);
      larger.set(this.sides);
      this.sides = larger;
    }
    this.sides[this.count - 1] = side;
  }

  /** Of the spaces from `from` on, those in no other one follow the first `kept`. */
  private keepMaximal(from: number, kept: number): void {
    const end = this.count;
    for (let at = from; at < end; at += 1) {
      // An empty space is in no other one and holds none.
      if (this.isInAnother(at, from, end)) this.mark(at);
    }
    const { corners } = this;
    let count = kept;
    for (let at = from; at < end; at += 1) {
      const start = at * 6;
      if (corners[start]! === Infinity) continue;
      if (count < at) corners.copyWithin(count * 6, start, start + 6);
      count += 1;
    }
    this.count = count;
  }

  /**
   * What is left of a space ends at the box that was cut out, so that only spaces which end there too can hold it:
   * those that touched the box, and what is left on the same side of it.
   */
  private isInAnother(at: number, from: number, end: number): boolean {
    for (let each = 0; each < touchCount; each += 1) {
      if (this.holds(touches[each]!, at)) return true;
    }
    const { sides } = this;
    const side = sides[at]!;
    for (let other = from; other < end; other += 1) {
      if (sides[other] !== side || other === at || !this.holds(other, at)) continue;
      // Of two that are the same, the first stays.
      if (other < at || !this.holds(at, other)) return true;
    }
    return false;
  }

  private mark(at: number): void {
    this.corners[at * 6] = Infinity;
  }

  private holds(outer: number, inner: number): boolean {
    const { corners } = this;
    const o = outer * 6;
    const i = inner * 6;
    return (
      corners[o]! <= corners[i]! + hair &&
      corners[o + 1]! <= corners[i + 1]! + hair &&
      corners[o + 2]! <= corners[i + 2]! + hair &&
      corners[o + 3]! >= corners[i + 3]! - hair &&
      corners[o + 4]! >= corners[i + 4]! - hair &&
      corners[o + 5]! >= corners[i + 5]! - hair
    );
  }
}
