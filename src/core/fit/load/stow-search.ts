import type { Container, Load, Stowed } from './cargo';
import type { LeftOut, Stowage } from './stowage';
import { blocksOf, volumeMm3 } from './cargo';
import { leastVolumeMm3 } from './forms';
import { nestingsOf, toldApart, type Nest } from './nest';
import { LoadSearch } from './search';
import { volumeOf } from './solid';
import { isCertain, type Why } from './why';

/** Arrangements tried in each shape and each nesting before the best of them are gone on with. */
const firstSteps = 3;

/** With how many of them the search goes on. */
const keptOn = 3;

/** One way to go about a question: in one shape of the container, with some pieces in others. */
interface Attempt {
  readonly load: Load;
  readonly nests: readonly Nest[];
  readonly search: LoadSearch;
  readonly run: Iterator<void, void>;
  isOver: boolean;
}

/**
 * A search over the shapes that a container can take, with pieces put into or wound round others where all does not
 * go in otherwise. Seeded, counted in steps, and to be read at any time, as `LoadSearch` is.
 */
export class StowSearch {
  steps = 0;
  private best: Attempt;
  private readonly attempts: Attempt[];
  /** Pieces that go into none of the shapes, each by itself. */
  private readonly never: ReadonlySet<string>;

  /** `loads`: the same items, in one container, or in each shape that it can take. */
  constructor(
    private readonly loads: readonly Load[],
    private readonly seed: number,
  ) {
    this.attempts = loads.map((load) => this.attemptAt(load, []));
    this.best = this.attempts[0]!;
    const nevers = this.attempts.map(({ search }) => new Set(search.neverIn));
    this.never = new Set([...nevers[0]!].filter((id) => nevers.every((ids) => ids.has(id))));
  }

  /** All is in that goes in at all, by itself. */
  get isAll(): boolean {
    return this.best.search.isAll && this.leftOut.every(({ id }) => this.never.has(id));
  }

  get container(): Container {
    return this.best.load.container;
  }

  get placed(): readonly Stowed[] {
    return toldApart(this.best.search.placed, this.best.nests);
  }

  get leftOut(): readonly LeftOut[] {
    const { search, nests } = this.best;
    return search.leftOut.flatMap((left) => {
      const nest = nests.find(({ host }) => host === left.id);
      // What goes into another shape of the container has found no place in this one, whatever it lacks here.
      const isNever = this.never.has(left.id) || !isCertain(left.why);
      const why: Why = isNever ? left.why : { why: 'no place found' };
      return [left.id, ...(nest?.pieces ?? []).map(({ id }) => id)].map((id) => ({ id, why }));
    });
  }

  get fill(): number {
    return fillOf(this.container, this.placed);
  }

  *run(): Generator<void, void> {
    for (const attempt of [...this.attempts]) {
      yield* this.goOn(attempt, firstSteps);
      if (this.isAll) break;
    }
    if (!this.isAll) yield* this.nested();
    while (!this.isAll) {
      const kept = this.attempts.filter(({ isOver }) => !isOver).sort((a, b) => this.compare(a, b));
      if (kept.length === 0) return;
      for (const attempt of kept.slice(0, keptOn)) {
        yield* this.goOn(attempt, firstSteps);
        if (this.isAll) break;
      }
    }
    yield* this.goOn(this.best, Infinity);
  }

  private *nested(): Generator<void, void> {
    if (!this.loads[0]!.items.some(({ hollow, isCord }) => hollow ?? isCord)) return;
    for (const { load, nests } of nestingsOf(this.best.load)) {
      const attempt = this.attemptAt(load, nests);
      this.attempts.push(attempt);
      yield* this.goOn(attempt, firstSteps);
      if (this.isAll) return;
    }
  }

  private *goOn(attempt: Attempt, steps: number): Generator<void, void> {
    for (let step = 0; step < steps && !attempt.isOver; step += 1) {
      attempt.isOver = attempt.run.next().done ?? false;
      if (this.compare(attempt, this.best) < 0) this.best = attempt;
      if (attempt.isOver) return;
      this.steps += 1;
      yield;
      if (steps !== Infinity && this.isAll) return;
    }
  }

  /** Below 0 where the first holds more: by volume, pressed tight, and then by pieces. */
  private compare(one: Attempt, other: Attempt): number {
    const apart = heldIn(other, this.loads[0]!) - heldIn(one, this.loads[0]!);
    return Math.abs(apart) > 1e-3 ? apart : piecesIn(other) - piecesIn(one);
  }

  private attemptAt(load: Load, nests: readonly Nest[]): Attempt {
    const search = new LoadSearch(load, this.seed);
    return { load, nests, search, run: search.run(), isOver: false };
  }
}

/** Share of a container that is taken; what is wound round another counts with that. */
export function fillOf(container: Container, placed: readonly Stowed[]): number {
  const apart = placed.filter(({ within }) => within?.how !== 'around');
  const taken = apart.flatMap(blocksOf).reduce((sum, solid) => sum + volumeOf(solid), 0);
  return taken / volumeMm3(container);
}

/** What a search has come to. */
export function stowageOf(search: StowSearch): Stowage {
  const left = search.leftOut;
  return {
    fits: left.length === 0,
    container: search.container,
    placed: search.placed,
    left,
    fill: search.fill,
    steps: search.steps,
  };
}

function heldIn({ search, nests }: Attempt, { items }: Load): number {
  const ids = new Set(toldApart(search.placed, nests).map(({ id }) => id));
  return items.reduce((sum, { id, form }) => sum + (ids.has(id) ? leastVolumeMm3(form) : 0), 0);
}

function piecesIn({ search, nests }: Attempt): number {
  return toldApart(search.placed, nests).length;
}
