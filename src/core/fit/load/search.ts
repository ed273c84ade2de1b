import { hullOf, type Load, type Stowed } from './cargo';
import type { LeftOut } from './stowage';
import { leastVolumeMm3 } from './forms';
import { boxPasses } from './box-passes';
import { largestFirst, putInOrder, type Manner, type Put } from './placer';
import { pourSoft } from './pour';
import { letDown } from './let-down';
import { randomFrom } from './random';
import { mannersFor } from './manners';
import { orderedIn } from './order';
import { isFullyOpen } from './way-in';
import { tooMuchMl, whyNeverIn } from './never';
import type { Why } from './why';
import { isBetterPlaced, placingOf, type Placing } from './placing';

/** After all fits, how many more arrangements are tried for better places. */
const finishingPasses = 24;

/** From so many rigid pieces on, block building answers first: a pass over single pieces takes longer. */
const many = 60;

/** An arrangement as far as it goes. */
interface Found {
  readonly placed: readonly Stowed[];
  readonly volume: number;
  readonly placing: Placing;
  /** How it was gone about; null for block building. */
  readonly manner: Manner | null;
}

/** Passes over so few pieces come to an end: as many as they have orders, in each manner. */
function mostPasses(pieces: number): number {
  let orders = 1;
  for (let at = 2; at <= Math.min(pieces, 12); at += 1) orders *= at;
  return orders * 27;
}

/**
 * A search for the fullest load, and, where all goes in, for one with better places. It is seeded and counts its
 * steps, so that the same seed gives the same answer after the same number of steps; `best` can be read at any
 * time between them.
 */
export class LoadSearch {
  steps = 0;
  private found: Found = {
    placed: [],
    volume: 0,
    placing: { urgent: 0, heavy: 0, broken: 0 },
    manner: null,
  };
  private readonly never: readonly LeftOut[];
  /** What could go in, each by itself. */
  private readonly hopeful: Load;
  private readonly softVolume: number;
  private readonly random: () => number;

  constructor(
    private readonly load: Load,
    seed: number,
  ) {
    this.random = randomFrom(seed);
    this.never = load.items.flatMap((item) => {
      const why = whyNeverIn(load.container, item);
      return why ? [{ id: item.id, why }] : [];
    });
    const nevers = new Set(this.never.map(({ id }) => id));
    this.hopeful = { ...load, items: load.items.filter(({ id }) => !nevers.has(id)) };
    this.softVolume = this.hopeful.items.reduce(
      (sum, { form }) => sum + (form.shape === 'soft' ? leastVolumeMm3(form) : 0),
      0,
    );
  }

  /** Ids of pieces that do not go in, each by itself. */
  get neverIn(): readonly string[] {
    return this.never.map(({ id }) => id);
  }

  /** All pieces that could go in are in. */
  get isAll(): boolean {
    return this.found.placed.length === this.hopeful.items.length;
  }

  get leftOut(): readonly LeftOut[] {
    const placed = new Set(this.found.placed.map(({ id }) => id));
    const { container, items } = this.hopeful;
    const byMl = tooMuchMl(container, items);
    const why: Why = byMl > 1e-6 ? { why: 'too much', byMl } : { why: 'no place found' };
    const rest = items.filter(({ id }) => !placed.has(id)).map(({ id }) => ({ id, why }));
    return [...this.never, ...rest];
  }

  get placed(): readonly Stowed[] {
    return this.found.placed;
  }

  /** One yield a step: an arrangement tried. Ends where nothing is left to try. */
  *run(): Generator<void, void> {
    if (this.hopeful.items.length === 0) return;
    const rigid = this.hopeful.items.filter(({ form }) => form.shape !== 'soft').length;
    if (rigid === 0) {
      this.consider([]);
      this.steps += 1;
      yield;
      return;
    }
    const boxes = this.hopeful.container.shape === 'box' ? boxPasses(this.hopeful) : null;
    const manners = mannersFor(this.hopeful, this.random, () => ({
      missing: this.missing(),
      manner: this.found.manner,
    }));
    if (rigid < many) yield* this.pass(manners.next().value as Manner);
    let isBuilding = boxes !== null;
    for (let passes = mostPasses(rigid); !this.isAll && (isBuilding || passes > 0);) {
      if (isBuilding) {
        const next = boxes!.next();
        isBuilding = !next.done;
        if (!next.done) {
          if (next.value) this.consider(next.value);
          this.steps += 1;
          yield;
        }
      }
      if (this.isAll || passes <= 0 || (isBuilding && this.isForBuilding(rigid))) continue;
      passes -= 1;
      yield* this.pass(manners.next().value as Manner);
    }
    yield* this.finish();
  }

  /** Boxes only, in a box, through a full opening, or very many: block building is better at it by far. */
  private isForBuilding(rigid: number): boolean {
    const { container, items } = this.hopeful;
    if (container.mouth.shape !== 'section') return false;
    return rigid >= many || items.every(({ form }) => form.shape === 'box');
  }

  private *pass(manner: Manner): Generator<void, void> {
    this.consider(putInOrder(this.hopeful, manner), manner);
    this.steps += 1;
    yield;
  }

  /** All fits: better places for what is urgent and what is heavy. */
  private *finish(): Generator<void, void> {
    const { items } = this.hopeful;
    const isWanted = items.some(({ massG, isUrgent }) => isUrgent || massG);
    const rigid = items.filter(({ form }) => form.shape !== 'soft').length;
    if (!this.isAll || !isWanted || rigid >= many) return;
    const weigh = (item: number) => items[item]!.massG ?? 0;
    const sized = largestFirst(this.hopeful, 'volume');
    for (let pass = 0; pass < finishingPasses; pass += 1) {
      const spread = pass === 0 ? 0 : 0.8;
      const keys = items.map((_, item) => weigh(item) * (1 + spread * (this.random() - 0.5)));
      const order = [...sized].sort((one, other) => {
        const urgent =
          Number(items[one]!.isUrgent ?? false) - Number(items[other]!.isUrgent ?? false);
        return urgent || keys[other]! - keys[one]!;
      });
      const stance = pass % 2 === 0 ? 'flattest' : 'lowest end';
      yield* this.pass({ up: 'z', order, stance, towards: pass % 3 === 0 ? 'x' : 'y' });
    }
  }

  private missing(): ReadonlySet<number> {
    const placed = new Set(this.found.placed.map(({ id }) => id));
    return new Set(this.hopeful.items.flatMap(({ id }, item) => (placed.has(id) ? [] : [item])));
  }

  /** Pours the soft pieces round an arrangement, and keeps it where it is better. */
  private consider(rigid: readonly Put[], manner: Manner | null = null): void {
    const { items } = this.hopeful;
    if (this.isHopeless(rigid)) return;
    const poured = pourSoft(this.hopeful, rigid);
    const isOpen = isFullyOpen(this.hopeful.container);
    const lowered = isOpen ? letDown([...rigid, ...poured.puts]) : [...rigid, ...poured.puts];
    const isRigid = ({ item }: Put) => items[item]!.form.shape !== 'soft';
    const placed = orderedIn(
      this.hopeful,
      lowered.filter(isRigid),
      lowered.filter((put) => !isRigid(put)),
    );
    const ids = new Map(items.map((item) => [item.id, item]));
    const volume = placed.reduce((sum, { id }) => sum + leastVolumeMm3(ids.get(id)!.form), 0);
    const found: Found = { placed, volume, placing: placingOf(this.hopeful, placed), manner };
    if (this.isBetter(found)) this.found = found;
    else if (manner && !this.isAll && volume > this.found.volume - 1e-3) {
      // As good: the passes go on from there, so that they do not stay with one order.
      this.found = { ...this.found, manner };
    }
  }

  /** Even with all soft pieces poured round it, an arrangement would hold less than the best. */
  private isHopeless(rigid: readonly Put[]): boolean {
    const { items } = this.hopeful;
    const holds = rigid.reduce((sum, { item }) => sum + leastVolumeMm3(items[item]!.form), 0);
    return holds + this.softVolume < this.found.volume - 1e-3;
  }

  private isBetter(found: Found): boolean {
    const more = found.volume - this.found.volume;
    const hair = hullOf(this.load.container)[0] * 1e-6;
    if (more > hair) return true;
    if (more < -hair) return false;
    if (found.placed.length !== this.found.placed.length) {
      return found.placed.length > this.found.placed.length;
    }
    return isBetterPlaced(found.placing, this.found.placing);
  }
}
