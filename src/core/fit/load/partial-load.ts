import type { Spaces } from './spaces';

/** A partial load: the blocks placed so far, the spaces left, and how many boxes of each kind. */
export class PartialLoad {
  readonly spaces: Spaces;
  left: Int32Array;
  /** Blocks that there are still boxes enough for, the most promising first. */
  feasible: Int32Array;
  feasibleCount = 0;
  /** Low and high corner of each placed block. */
  placed = new Float64Array(64 * 6);
  views = new Int32Array(64);
  placedCount = 0;
  volume = 0;

  constructor(spaces: Spaces, kinds: number, blocks: number) {
    this.spaces = spaces;
    this.left = new Int32Array(kinds);
    this.feasible = new Int32Array(blocks);
  }

  copyFrom(other: PartialLoad): void {
    this.spaces.copyFrom(other.spaces);
    this.left.set(other.left);
    if (this.feasible.length < other.feasibleCount) {
      this.feasible = new Int32Array(other.feasible.length);
    }
    this.feasible.set(other.feasible.subarray(0, other.feasibleCount));
    this.feasibleCount = other.feasibleCount;
    if (this.views.length < other.placedCount) this.growTo(other.views.length);
    this.placed.set(other.placed.subarray(0, other.placedCount * 6));
    this.views.set(other.views.subarray(0, other.placedCount));
    this.placedCount = other.placedCount;
    this.volume = other.volume;
  }

  growTo(count: number): void {
    const placed = new Float64Array(count * 6);
    placed.set(this.placed);
    this.placed = placed;
    const views = new Int32Array(count);
    views.set(this.views);
    this.views = views;
  }
}
