import { BlockStock, type BlockBox, type BoxKind } from './blocks';
import type { Sides } from './cargo';
import { Contact } from './contact';
import { PartialLoad } from './partial-load';
import { Rows } from './rows';
import { Spaces } from './spaces';

const hair = 1e-6;

/** A block of many boxes uses up what would fill gaps later: its worth is its volume times its boxes to this. */
const boxesPower = -0.2;

/** The widest beam: wider ones took longer than anyone waits. */
const widestBeam = 4096;

/** Blocks that are joined before the first answer, and at most. */
const firstBlocks = 1500;
const mostBlocks = 10_000;

/** Blocks placed between two yields, so that a search of thousands can be stopped. */
const placedBetweenYields = 600;

/** How full the hull of blocks joined later must be. */
const nearlyFull = 0.98;

/** Blocks in their places: a view each, and its low and high corner. */
export interface Loaded {
  readonly volume: number;
  readonly views: Int32Array;
  readonly placed: Float64Array;
}

/** A search for the fullest box of boxes, by block building (see `BlockStock`); `best` can be read at any time. */
export class BoxSearch {
  best: Loaded = { volume: 0, views: new Int32Array(0), placed: new Float64Array(0) };
  readonly stock: BlockStock;

  private readonly kinds: readonly BoxKind[];
  private readonly room: Sides;
  private readonly cargoVolume: number;
  private readonly rows: Rows;
  private worth = new Float64Array(0);
  private viewSides = new Float64Array(0);
  private viewsFrom = new Int32Array(0);
  private blockVolume = new Float64Array(0);
  private needsFrom = new Int32Array(0);
  private needs = new Int32Array(0);
  private shortest = new Float64Array(0);
  private readonly leastSide: number;
  private readonly leastLongest: number;
  private readonly leastVolume: number;
  private scratch: PartialLoad;
  private readonly contact: Contact;
  private topViews = new Int32Array(1);
  private topWorth = new Float64Array(1);
  private topCount = 0;

  constructor(kinds: readonly BoxKind[], room: Sides) {
    this.kinds = kinds;
    this.room = room;
    this.stock = new BlockStock(kinds, room);
    this.contact = new Contact(room);
    this.cargoVolume = kinds.reduce(
      (sum, { sides: [a, b, c], count }) => sum + a * b * c * count,
      0,
    );
    this.leastSide = Math.min(...kinds.flatMap(({ sides }) => sides)) - hair;
    this.leastLongest = Math.min(...kinds.map(({ sides }) => Math.max(...sides))) - hair;
    this.leastVolume = Math.min(...kinds.map(({ sides: [a, b, c] }) => a * b * c)) - hair;
    this.scratch = new PartialLoad(this.noSpaces(), kinds.length, 0);
    this.rows = new Rows(
      kinds.flatMap(({ sides }) => sides),
      Math.max(...room),
    );
  }

  get isAll(): boolean {
    return this.best.volume >= this.cargoVolume - 1e-3;
  }

  boxesOfBest(): readonly BlockBox[] {
    return [...this.best.views].flatMap((view, at) => {
      const from = at * 6;
      const { placed } = this.best;
      return this.stock.boxesOf(view, [placed[from]!, placed[from + 1]!, placed[from + 2]!]);
    });
  }

  /**
   * Beam search, its width doubled each round; ends where a round had nothing left to choose from. One yield a
   * greedy completion.
   */
  *search(): Generator<void, void> {
    this.stock.joinPerfectly(firstBlocks);
    this.prepare();
    yield* this.round(1);
    for (let width = 1; !this.isAll && width <= widestBeam; width *= 2) {
      const most = Math.min(mostBlocks, 1000 * 2 ** width);
      const before = this.stock.size;
      this.stock.joinPerfectly(most / 2);
      yield* this.stock.joinNearly(nearlyFull, most);
      this.prepare();
      const wasFree = yield* this.round(width);
      if (wasFree && this.stock.size === before) return;
    }
  }

  /** One beam from empty to full. Returns whether it was wide enough for everything. */
  private *round(width: number): Generator<void, boolean> {
    let wasFree = true;
    let beam: PartialLoad[] = [this.initial()];
    while (beam.length > 0 && !this.isAll) {
      const next: { parent: PartialLoad; view: number; space: number; value: number }[] = [];
      for (const parent of beam) {
        const space = this.nextSpace(parent, width);
        if (space < 0) continue;
        const views = this.topViews.slice(0, this.topCount);
        wasFree &&= this.topCount < width;
        for (const view of views) {
          this.scratch.copyFrom(parent);
          this.place(this.scratch, space, view);
          yield* this.complete(this.scratch);
          next.push({ parent, view, space, value: this.scratch.volume });
          yield;
          if (this.isAll) return true;
        }
      }
      next.sort((one, other) => other.value - one.value);
      const states: PartialLoad[] = [];
      let last = -1;
      for (const { parent, view, space, value } of next) {
        if (states.length >= width) {
          wasFree = false;
          break;
        }
        if (Math.abs(value - last) < 1e-3) continue;
        last = value;
        const state = new PartialLoad(this.noSpaces(), this.kinds.length, 0);
        state.copyFrom(parent);
        this.place(state, space, view);
        states.push(state);
      }
      beam = states;
    }
    return wasFree;
  }

  private noSpaces(): Spaces {
    return new Spaces(this.leastSide, this.leastLongest, this.leastVolume);
  }

  private initial(): PartialLoad {
    const state = new PartialLoad(this.noSpaces(), this.kinds.length, this.stock.size);
    state.spaces.add(0, 0, 0, ...this.room);
    this.kinds.forEach(({ count }, at) => (state.left[at] = count));
    const order = Array.from({ length: this.stock.size }, (_, at) => at).sort(
      (one, other) => this.worth[other]! - this.worth[one]!,
    );
    state.feasible = Int32Array.from(order);
    state.feasibleCount = order.length;
    return state;
  }

  /** Fills what is left with the most promising block, space by space; of very many boxes, some at a time. */
  private *complete(state: PartialLoad): Generator<void, void> {
    for (let placed = 1; ; placed += 1) {
      const space = this.nextSpace(state, 1);
      if (space < 0) break;
      this.place(state, space, this.topViews[0]!);
      if (placed % placedBetweenYields === 0) {
        this.keepIfBetter(state);
        yield;
      }
    }
    this.keepIfBetter(state);
  }

  private keepIfBetter(state: PartialLoad): void {
    if (state.volume <= this.best.volume + hair) return;
    this.best = {
      volume: state.volume,
      views: state.views.slice(0, state.placedCount),
      placed: state.placed.slice(0, state.placedCount * 6),
    };
  }

  /** The space nearest to a corner of the room that some block goes into, its best blocks in `topViews`; -1 for none. */
  private nextSpace(state: PartialLoad, most: number): number {
    const { spaces } = state;
    const [length, width, height] = this.room;
    while (spaces.count > 0) {
      let best = -1;
      let bestFar = Infinity;
      let bestVolume = 0;
      const { corners } = spaces;
      for (let at = 0; at < spaces.count; at += 1) {
        const f = at * 6;
        const x0 = corners[f]!;
        const y0 = corners[f + 1]!;
        const z0 = corners[f + 2]!;
        const x1 = corners[f + 3]!;
        const y1 = corners[f + 4]!;
        const z1 = corners[f + 5]!;
        const far =
          Math.min(x0, length - x1) + Math.min(y0, width - y1) + Math.min(z0, height - z1);
        const volume = (x1 - x0) * (y1 - y0) * (z1 - z0);
        if (far < bestFar - hair || (far < bestFar + hair && volume > bestVolume)) {
          best = at;
          bestFar = far;
          bestVolume = volume;
        }
      }
      this.rank(state, best, most);
      if (this.topCount > 0) return best;
      spaces.remove(best);
    }
    return -1;
  }

  private place(state: PartialLoad, space: number, view: number): void {
    const { corners } = state.spaces;
    const f = space * 6;
    const from = state.placedCount * 6;
    if (state.placedCount === state.views.length) state.growTo(state.views.length * 2);
    const { placed } = state;
    for (let k = 0; k < 3; k += 1) {
      const low = corners[f + k]!;
      const high = corners[f + 3 + k]!;
      const side = this.viewSides[view * 3 + k]!;
      const isLow = low <= this.room[k]! - high + hair;
      placed[from + k] = isLow ? low : high - side;
      placed[from + 3 + k] = isLow ? low + side : high;
    }
    state.views[state.placedCount] = view;
    state.placedCount += 1;
    const block = this.stock.viewBlock[view]!;
    state.volume += this.blockVolume[block]!;
    for (let need = this.needsFrom[block]!; need < this.needsFrom[block + 1]!; need += 2) {
      state.left[this.needs[need]!]! -= this.needs[need + 1]!;
    }
    state.spaces.cutOut(
      placed[from]!,
      placed[from + 1]!,
      placed[from + 2]!,
      placed[from + 3]!,
      placed[from + 4]!,
      placed[from + 5]!,
    );
    // Blocks that there are no longer boxes enough for.
    const { feasible, left } = state;
    let kept = 0;
    for (let at = 0; at < state.feasibleCount; at += 1) {
      const each = feasible[at]!;
      let isThere = true;
      const end = this.needsFrom[each + 1]!;
      for (let need = this.needsFrom[each]!; need < end; need += 2) {
        if (left[this.needs[need]!]! < this.needs[need + 1]!) {
          isThere = false;
          break;
        }
      }
      if (isThere) feasible[kept++] = each;
    }
    state.feasibleCount = kept;
  }

  /** The `most` best views for a space, into `topViews`. */
  private rank(state: PartialLoad, space: number, most: number): void {
    if (this.topViews.length < most) {
      this.topViews = new Int32Array(most);
      this.topWorth = new Float64Array(most);
    }
    this.topCount = 0;
    const { corners } = state.spaces;
    const f = space * 6;
    const x0 = corners[f]!;
    const y0 = corners[f + 1]!;
    const z0 = corners[f + 2]!;
    const lx = corners[f + 3]! - x0;
    const ly = corners[f + 4]! - y0;
    const lz = corners[f + 5]! - z0;
    const spaceVolume = lx * ly * lz;
    const longest = Math.max(lx, ly, lz) + hair;
    this.contact.gather(state, space);
    const { feasible, feasibleCount } = state;
    const { topViews, topWorth } = this;
    for (let at = 0; at < feasibleCount; at += 1) {
      const block = feasible[at]!;
      const worth = this.worth[block]!;
      if (this.topCount === most && worth <= topWorth[most - 1]!) break;
      if (this.blockVolume[block]! > spaceVolume + hair || this.shortest[block]! > longest)
        continue;
      const end = this.viewsFrom[block + 1]!;
      for (let view = this.viewsFrom[block]!; view < end; view += 1) {
        const bx = this.viewSides[view * 3]!;
        const by = this.viewSides[view * 3 + 1]!;
        const bz = this.viewSides[view * 3 + 2]!;
        if (bx > lx + hair || by > ly + hair || bz > lz + hair) continue;
        const used =
          ((bx + this.rows.longestWithin(lx - bx)) *
            (by + this.rows.longestWithin(ly - by)) *
            (bz + this.rows.longestWithin(lz - bz))) /
          spaceVolume;
        let value = worth * used;
        if (this.topCount === most && value <= topWorth[most - 1]!) continue;
        const touch =
          this.contact.touching(corners, f, bx, by, bz) / (2 * (bx * by + by * bz + bx * bz));
        value *= touch * touch * touch * touch;
        if (this.topCount === most && value <= topWorth[most - 1]!) continue;
        let slot = this.topCount < most ? this.topCount++ : most - 1;
        for (; slot > 0 && topWorth[slot - 1]! < value; slot -= 1) {
          topWorth[slot] = topWorth[slot - 1]!;
          topViews[slot] = topViews[slot - 1]!;
        }
        topWorth[slot] = value;
        topViews[slot] = view;
      }
    }
  }

  /** The stock as flat arrays, with what each block promises. */
  private prepare(): void {
    const { stock } = this;
    this.viewSides = Float64Array.from(stock.viewSides);
    this.viewsFrom = Int32Array.from(stock.viewsFrom);
    this.blockVolume = Float64Array.from(stock.volume);
    this.needsFrom = Int32Array.from(stock.needsFrom);
    this.needs = Int32Array.from(stock.needs);
    this.worth = Float64Array.from(
      stock.volume,
      (volume, at) => volume * stock.boxes[at]! ** boxesPower,
    );
    this.shortest = Float64Array.from(stock.volume, (_, at) =>
      Math.max(stock.sides[at * 3]!, stock.sides[at * 3 + 1]!, stock.sides[at * 3 + 2]!),
    );
    this.scratch = new PartialLoad(this.noSpaces(), this.kinds.length, stock.size);
  }
}
