import type { Sides } from './cargo';
import { turnAfter, turns, uprightTurns } from './turns';

/** Boxes of one size, and how many there are. */
export interface BoxKind {
  readonly sides: Sides;
  readonly upright: boolean;
  readonly count: number;
}

/** One box of a kind within a block: where its corner is and how long it is along x, y and z. */
export interface BlockBox {
  readonly kind: number;
  readonly at: Sides;
  readonly size: Sides;
}

const hair = 1e-6;

/** Pairs of blocks looked at between two yields: some ten milliseconds. */
const pairsBetweenYields = 100_000;

/**
 * A stock of blocks: boxes that are put together so that (nearly) no gap is left within their hull, to be placed as
 * one (Fanslau and Bortfeldt, 2010, INFORMS J. Comput. 22, 222–235). Flat arrays, since the search reads
 * them some millions of times a second; a block is its index.
 *
 * A block is kept in one turn; `views` are the ways it can be turned.
 */
export class BlockStock {
  /** Sides of each block's hull, three a block, in mm. */
  readonly sides: number[] = [];
  /** The room that its boxes take, in mm³. */
  readonly volume: number[] = [];
  readonly boxes: number[] = [];
  /** From where in `needs` a block's pairs of kind and count stand; one more at the end. */
  readonly needsFrom: number[] = [0];
  readonly needs: number[] = [];
  /** Views: the block, and its three sides as turned. From where each block's views stand; one more at the end. */
  readonly viewsFrom: number[] = [0];
  readonly viewBlock: number[] = [];
  readonly viewTurn: number[] = [];
  readonly viewSides: number[] = [];

  private readonly keepsUp: boolean[] = [];
  /** What a block is made of: two blocks, their turns, and the axis they are joined along; or one kind. */
  private readonly made: (readonly [number, number, number, number, number] | number)[] = [];
  private readonly known = new Set<string>();
  /** Blocks of equal boxes: by the kind, and how many of it along each side. */
  private readonly grids = new Map<string, number>();
  private readonly byFace = new Map<number, number[]>();
  private readonly byLikeFace = new Map<number, number[]>();
  private readonly kinds: readonly BoxKind[];
  private readonly room: Sides;
  /** How far the joining has come: all pairs before these have been looked at. */
  private perfectNext = 0;
  private nearNext = 1;

  constructor(kinds: readonly BoxKind[], room: Sides) {
    this.kinds = kinds;
    this.room = room;
    kinds.forEach((kind, at) => this.addLeaf(kind, at));
    kinds.forEach((kind, at) => this.addGrids(kind, at));
  }

  get size(): number {
    return this.volume.length;
  }

  /** Joins blocks without any gap, until there are `most` blocks or none is left to look at. */
  joinPerfectly(most: number): void {
    for (; this.perfectNext < this.size && this.size < most; this.perfectNext += 1) {
      const one = this.perfectNext;
      for (let view = this.viewsFrom[one]!; view < this.viewsFrom[one + 1]!; view += 1) {
        const key = faceKey(this.viewSides[view * 3 + 1]!, this.viewSides[view * 3 + 2]!);
        for (const other of [...(this.byFace.get(key) ?? [])]) {
          const otherBlock = this.viewBlock[other]!;
          if (otherBlock <= one) this.join(view, other, 1);
          if (this.size >= most) return;
        }
      }
    }
  }

  /**
   * Joins blocks that leave up to `1 - share` of their hull empty, until there are `most` blocks. Yields now and
   * then, since this takes long.
   */
  *joinNearly(share: number, most: number): Generator<void, void> {
    let tried = 0;
    for (; this.nearNext < this.size && this.size < most; this.nearNext += 1) {
      const one = this.nearNext;
      for (let view = this.viewsFrom[one]!; view < this.viewsFrom[one + 1]!; view += 1) {
        const width = this.viewSides[view * 3 + 1]!;
        const height = this.viewSides[view * 3 + 2]!;
        if (width < height && !this.keepsUp[one]) continue;
        for (const likes of this.likeFaces(width, height)) {
          const { length } = likes;
          for (let at = 0; at < length; at += 1) {
            const other = likes[at]!;
            if (this.viewBlock[other]! > one) break;
            tried += 1;
            this.join(view, other, share);
            if (this.size >= most) return;
          }
        }
      }
      if (tried > pairsBetweenYields) {
        tried = 0;
        yield;
      }
    }
  }

  /** Views, by block, whose face is about as wide and as high. */
  private likeFaces(width: number, height: number): readonly (readonly number[])[] {
    const w = logStep(width);
    const h = logStep(height);
    const found: (readonly number[])[] = [];
    for (let dw = -1; dw <= 1; dw += 1) {
      for (let dh = -1; dh <= 1; dh += 1) {
        const views = this.byLikeFace.get((w + dw) * 4096 + h + dh);
        if (views) found.push(views);
      }
    }
    return found;
  }

  /** The boxes of a view of a block whose corner is at `at`. */
  boxesOf(view: number, at: Sides): readonly BlockBox[] {
    const boxes: BlockBox[] = [];
    this.collect(this.viewBlock[view]!, this.viewTurn[view]!, at, boxes);
    return boxes;
  }

  private collect(block: number, turn: number, at: Sides, boxes: BlockBox[]): void {
    const made = this.made[block]!;
    const size = this.turned(block, turn);
    if (typeof made === 'number') {
      boxes.push({ kind: made, at, size });
      return;
    }
    const [one, oneTurn, other, otherTurn, axis] = made;
    const oneAs = turnAfter[oneTurn]![turn]!;
    const along = turns[turn]!.findIndex((own) => own === axis);
    const shift = this.turned(one, oneAs)[along]!;
    const beside = at.map((mm, k) => (k === along ? mm + shift : mm)) as unknown as Sides;
    this.collect(one, oneAs, at, boxes);
    this.collect(other, turnAfter[otherTurn]![turn]!, beside, boxes);
  }

  private turned(block: number, turn: number): Sides {
    const [a, b, c] = turns[turn]!;
    const from = block * 3;
    return [this.sides[from + a]!, this.sides[from + b]!, this.sides[from + c]!];
  }

  private addLeaf({ sides, upright }: BoxKind, kind: number): void {
    const [a, b, c] = sides;
    const at = this.add(sides, a * b * c, 1, [kind, 1], upright, kind);
    if (at !== null) this.grids.set(gridKey(kind, 1, 1, 1), at);
  }

  /** Rows, walls and cubes of equal boxes. */
  private addGrids({ count, sides: [a, b, c] }: BoxKind, kind: number): void {
    for (let nx = 1; nx <= count; nx += 1) {
      for (let ny = 1; nx * ny <= count; ny += 1) {
        for (let nz = 1; nx * ny * nz <= count; nz += 1) {
          if (nx * ny * nz === 1) continue;
          const n = nx * ny * nz;
          const sides: Sides = [a * nx, b * ny, c * nz];
          const axis = nz > 1 ? 2 : ny > 1 ? 1 : 0;
          const less = [nx, ny, nz].map((of, at) => (at === axis ? of - 1 : of));
          const one = this.grids.get(gridKey(kind, less[0]!, less[1]!, less[2]!));
          const slice = [nx, ny, nz].map((of, at) => (at === axis ? 1 : of));
          const other = this.grids.get(gridKey(kind, slice[0]!, slice[1]!, slice[2]!));
          if (one === undefined || other === undefined) continue;
          const at = this.add(sides, n * a * b * c, n, [kind, n], this.kinds[kind]!.upright, [
            one,
            0,
            other,
            0,
            axis,
          ]);
          if (at !== null) this.grids.set(gridKey(kind, nx, ny, nz), at);
        }
      }
    }
  }

  /** Puts two views side by side along x, where that leaves little enough empty and there are boxes enough. */
  private join(a: number, b: number, share: number): void {
    const one = this.viewBlock[a]!;
    const other = this.viewBlock[b]!;
    const length = this.viewSides[a * 3]! + this.viewSides[b * 3]!;
    const width = Math.max(this.viewSides[a * 3 + 1]!, this.viewSides[b * 3 + 1]!);
    const height = Math.max(this.viewSides[a * 3 + 2]!, this.viewSides[b * 3 + 2]!);
    const volume = this.volume[one]! + this.volume[other]!;
    if (volume < share * length * width * height - hair) return;
    const needs = this.needsTogether(one, other);
    if (needs === null) return;
    const upright = this.keepsUp[one]! || this.keepsUp[other]!;
    this.add(
      [length, width, height],
      volume,
      this.boxes[one]! + this.boxes[other]!,
      needs,
      upright,
      [one, this.viewTurn[a]!, other, this.viewTurn[b]!, 0],
    );
  }

  /** What both need together, or null where there are too few of a kind. */
  private needsTogether(one: number, other: number): number[] | null {
    const together: number[] = [];
    let a = this.needsFrom[one]!;
    let b = this.needsFrom[other]!;
    const aEnd = this.needsFrom[one + 1]!;
    const bEnd = this.needsFrom[other + 1]!;
    while (a < aEnd || b < bEnd) {
      const aKind = a < aEnd ? this.needs[a]! : Infinity;
      const bKind = b < bEnd ? this.needs[b]! : Infinity;
      const kind = Math.min(aKind, bKind);
      let count = 0;
      if (aKind === kind) {
        count += this.needs[a + 1]!;
        a += 2;
      }
      if (bKind === kind) {
        count += this.needs[b + 1]!;
        b += 2;
      }
      if (count > this.kinds[kind]!.count) return null;
      together.push(kind, count);
    }
    return together;
  }

  private add(
    sides: Sides,
    volume: number,
    boxes: number,
    needs: readonly number[],
    keepsUp: boolean,
    made: readonly [number, number, number, number, number] | number,
  ): number | null {
    if (!this.goesIn(sides, keepsUp)) return null;
    const inOrder = keepsUp
      ? [Math.min(sides[0], sides[1]), Math.max(sides[0], sides[1]), sides[2]]
      : [...sides].sort((a, b) => a - b);
    const key = `${inOrder.map((mm) => Math.round(mm * 1000)).join(' ')}|${needs.join(' ')}`;
    if (this.known.has(key) && typeof made !== 'number') return null;
    this.known.add(key);
    const at = this.size;
    this.sides.push(...sides);
    this.volume.push(volume);
    this.boxes.push(boxes);
    this.needs.push(...needs);
    this.needsFrom.push(this.needs.length);
    this.keepsUp.push(keepsUp);
    this.made.push(made);
    this.addViews(at, keepsUp);
    return at;
  }

  private goesIn([a, b, c]: Sides, keepsUp: boolean): boolean {
    const [l, w, h] = this.room;
    if (keepsUp) {
      const [short, long] = a < b ? [a, b] : [b, a];
      return short <= Math.min(l, w) + hair && long <= Math.max(l, w) + hair && c <= h + hair;
    }
    const own = [a, b, c].sort((one, other) => one - other);
    const room = [l, w, h].sort((one, other) => one - other);
    return own.every((side, at) => side <= room[at]! + hair);
  }

  private addViews(block: number, keepsUp: boolean): void {
    const seen = new Set<string>();
    for (let turn = 0; turn < (keepsUp ? uprightTurns : turns.length); turn += 1) {
      const sides = this.turned(block, turn);
      const key = sides.join(' ');
      if (seen.has(key)) continue;
      seen.add(key);
      const view = this.viewBlock.length;
      this.viewBlock.push(block);
      this.viewTurn.push(turn);
      this.viewSides.push(...sides);
      const face = faceKey(sides[1], sides[2]);
      addTo(this.byFace, face, view);
      addTo(this.byLikeFace, logStep(sides[1]) * 4096 + logStep(sides[2]), view);
    }
    this.viewsFrom.push(this.viewBlock.length);
  }
}

function faceKey(width: number, height: number): number {
  return Math.round(width * 1000) * 4194304 + Math.round(height * 1000);
}

function addTo(map: Map<number, number[]>, key: number, value: number): void {
  const values = map.get(key);
  if (values) values.push(value);
  else map.set(key, [value]);
}

/** Lengths in steps of a tenth. */
function logStep(length: number): number {
  return Math.floor(Math.log(length + 1) / Math.log(1.1));
}

function gridKey(kind: number, nx: number, ny: number, nz: number): string {
  return `${kind} ${nx} ${ny} ${nz}`;
}
