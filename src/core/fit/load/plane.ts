const hair = 1e-6;

/**
 * A level of a container seen from above, and where the middle of one more footprint may come on it. What a
 * middle must stay out of is, for every footprint that stands there, a rectangle with rounded corners: half its
 * straight sides are `a` and `b`, the radius of its corners is `r`. That is exact for rectangles and circles.
 */
export class Plane {
  private readonly x: number[] = [];
  private readonly y: number[] = [];
  private readonly a: number[] = [];
  private readonly b: number[] = [];
  private readonly r: number[] = [];
  private count = 0;
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];

  /** `lengthX`, `lengthY` of the section; a round one is its circle. Then the footprint's half sides. */
  constructor(
    private readonly lengthX: number,
    private readonly lengthY: number,
    private readonly isRound: boolean,
    private readonly halfX: number,
    private readonly halfY: number,
    private readonly isDisc: boolean,
  ) {}

  clear(): void {
    this.count = 0;
  }

  keepOut(x: number, y: number, halfX: number, halfY: number, isDisc: boolean): void {
    const at = this.count;
    this.count += 1;
    this.x[at] = x;
    this.y[at] = y;
    this.a[at] = (isDisc ? 0 : halfX) + (this.isDisc ? 0 : this.halfX);
    this.b[at] = (isDisc ? 0 : halfY) + (this.isDisc ? 0 : this.halfY);
    this.r[at] = (isDisc ? halfX : 0) + (this.isDisc ? this.halfX : 0);
  }

  /**
   * Calls `each` for places where the footprint touches what is there: for every side and every pair of corners
   * that it could touch, the lowest and the highest free y.
   */
  forEachPlace(each: (x: number, y: number) => void): void {
    const [low, high] = this.rangeX();
    if (high < low - hair) return;
    const tried: number[] = [low, high, (low + high) / 2];
    for (let at = 0; at < this.count; at += 1) {
      const reach = this.a[at]! + this.r[at]!;
      tried.push(this.x[at]! - reach, this.x[at]! + reach);
      if (this.r[at]! > 0 || this.isRound) this.tangents(at, tried);
    }
    // Typed arrays sort by number, and many times faster.
    const inOrder = Float64Array.from(tried).sort();
    let last = -Infinity;
    for (const x of inOrder) {
      if (x < low - hair || x > high + hair || x - last < 1e-4) continue;
      last = x;
      this.freeAt(Math.min(Math.max(x, low), high), each);
    }
  }

  private rangeX(): readonly [number, number] {
    if (!this.isRound) return [this.halfX, this.lengthX - this.halfX];
    const radius = this.lengthX / 2;
    const off = this.isDisc
      ? radius - this.halfX
      : Math.sqrt(Math.max(0, radius * radius - this.halfY * this.halfY)) - this.halfX;
    return [radius - off, radius + off];
  }

  /** The free lengths along y at an x: their ends. */
  private freeAt(x: number, each: (x: number, y: number) => void): void {
    let low = this.halfY;
    let high = this.lengthY - this.halfY;
    if (this.isRound) {
      const radius = this.lengthX / 2;
      const off = Math.abs(x - radius) + (this.isDisc ? 0 : this.halfX);
      const reach = this.isDisc ? radius - this.halfX : radius;
      const chord =
        Math.sqrt(Math.max(0, reach * reach - off * off)) - (this.isDisc ? 0 : this.halfY);
      low = radius - chord;
      high = radius + chord;
    }
    if (high < low - hair) return;
    const { starts, ends } = this;
    let count = 0;
    for (let at = 0; at < this.count; at += 1) {
      const a = this.a[at]!;
      const r = this.r[at]!;
      const off = Math.abs(x - this.x[at]!);
      if (off >= a + r - hair) continue;
      const past = off - a;
      const half = this.b[at]! + (past <= 0 ? r : Math.sqrt(r * r - past * past));
      const start = this.y[at]! - half;
      const end = this.y[at]! + half;
      if (end <= low + hair || start >= high - hair) continue;
      // Kept in order of their starts as they come: there are few.
      let slot = count;
      for (; slot > 0 && starts[slot - 1]! > start; slot -= 1) {
        starts[slot] = starts[slot - 1]!;
        ends[slot] = ends[slot - 1]!;
      }
      starts[slot] = start;
      ends[slot] = end;
      count += 1;
    }
    let free = low;
    for (let at = 0; at < count; at += 1) {
      if (starts[at]! >= free - hair) {
        each(x, Math.min(Math.max(free, low), high));
        if (starts[at]! > free + hair) each(x, starts[at]!);
      }
      if (ends[at]! > free) free = ends[at]!;
    }
    if (free <= high + hair) {
      each(x, Math.min(free, high));
      if (high > free + hair) each(x, high);
    }
  }

  /** The x at which a round corner meets another, a straight side, or the round wall. */
  private tangents(at: number, found: number[]): void {
    const r = this.r[at]!;
    const radius = this.lengthX / 2;
    for (let corner = 0; corner < (this.a[at]! + this.b[at]! > 0 ? 4 : 1); corner += 1) {
      const x = this.x[at]! + (corner & 1 ? this.a[at]! : -this.a[at]!);
      const y = this.y[at]! + (corner & 2 ? this.b[at]! : -this.b[at]!);
      if (this.isRound) {
        if (this.isDisc) {
          circlesMeet(x, y, r, radius, radius, radius - this.halfX, found);
        } else {
          for (const wallX of [-this.halfX, this.halfX]) {
            for (const wallY of [-this.halfY, this.halfY]) {
              circlesMeet(x, y, r, radius - wallX, radius - wallY, radius, found);
            }
          }
        }
      } else {
        lineMeets(x, y, r, this.halfY, found);
        lineMeets(x, y, r, this.lengthY - this.halfY, found);
      }
      for (let other = 0; other < this.count; other += 1) {
        if (other === at) continue;
        const otherR = this.r[other]!;
        const reach = r + otherR;
        if (Math.abs(x - this.x[other]!) > this.a[other]! + reach) continue;
        if (Math.abs(y - this.y[other]!) > this.b[other]! + reach) continue;
        lineMeets(x, y, r, this.y[other]! - this.b[other]! - otherR, found);
        lineMeets(x, y, r, this.y[other]! + this.b[other]! + otherR, found);
        if (otherR === 0 || other < at) continue;
        for (let second = 0; second < (this.a[other]! + this.b[other]! > 0 ? 4 : 1); second += 1) {
          circlesMeet(
            x,
            y,
            r,
            this.x[other]! + (second & 1 ? this.a[other]! : -this.a[other]!),
            this.y[other]! + (second & 2 ? this.b[other]! : -this.b[other]!),
            otherR,
            found,
          );
        }
      }
    }
  }
}

function lineMeets(x: number, y: number, r: number, lineY: number, found: number[]): void {
  const off = lineY - y;
  const squared = r * r - off * off;
  if (squared <= 0) return;
  const half = Math.sqrt(squared);
  found.push(x - half, x + half);
}

function circlesMeet(
  x: number,
  y: number,
  r: number,
  otherX: number,
  otherY: number,
  otherR: number,
  found: number[],
): void {
  const dx = otherX - x;
  const dy = otherY - y;
  const apart = Math.hypot(dx, dy);
  if (apart < hair || apart > r + otherR || apart < Math.abs(r - otherR)) return;
  const along = (apart * apart + r * r - otherR * otherR) / (2 * apart);
  const aside = Math.sqrt(Math.max(0, r * r - along * along));
  const footX = x + (along * dx) / apart;
  found.push(footX + (aside * dy) / apart, footX - (aside * dy) / apart);
}
