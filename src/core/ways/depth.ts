import type { JobId } from '../gear';
import type { Formula } from './formula';
import { itemsAlive, reliedOn, roundsOf, type Rounds } from './evaluate';
import { nothingLost, withLoss, type Loss, type Lost } from './lost';

/** A depth of more than three losses is not told any nearer. */
export const deepest = 4;

/**
 * The depth of a job, or of several any of which will do: the fewest losses that leave it undone. 0 where nothing does
 * it, `enough` where it takes that many or more. Exact.
 *
 * Each way that is left must be hit by one of the losses; so some way is taken, and each loss that would hit it is tried
 * in turn. Ways that share no loss at all say from below how many it must take.
 */
export function depthOf(
  formula: Formula,
  anyOf: readonly JobId[],
  lost: Lost = nothingLost,
  enough: number = deepest,
): number {
  const asked = askedOf(formula, anyOf);
  for (let most = apartFrom(asked, lost, enough); most < enough; most += 1) {
    if (isUndone(asked, lost, most, new Set())) return most;
  }
  return enough;
}

/** Every single loss that leaves these jobs undone, pieces first, in the order of the kit. Empty where none does. */
export function singleLosses(
  formula: Formula,
  anyOf: readonly JobId[],
  lost: Lost = nothingLost,
): readonly Loss[] {
  const asked = askedOf(formula, anyOf);
  const way = wayIn(asked, lost);
  return way === null
    ? []
    : lossesOn(formula, way).filter((loss) => wayIn(asked, withLoss(lost, loss)) === null);
}

interface Asked {
  readonly formula: Formula;
  /** The sources any of which will do. */
  readonly wanted: readonly number[];
  /** Them and all that they may rely on. */
  readonly among: readonly number[];
}

function askedOf(formula: Formula, anyOf: readonly JobId[]): Asked {
  const wanted = anyOf.flatMap((job) => formula.byJob.get(job) ?? []);
  return { formula, wanted, among: reliedOn(formula, anyOf) };
}

/** Whether so many losses more, or fewer, can leave it undone. */
function isUndone(asked: Asked, lost: Lost, most: number, tried: Set<string>): boolean {
  const way = wayIn(asked, lost);
  if (way === null) return true;
  if (most === 0 || apartFrom(asked, lost, most + 1) > most) return false;
  for (const loss of lossesOn(asked.formula, way)) {
    const next = withLoss(lost, loss);
    const name = nameOf(next);
    if (tried.has(name)) continue;
    tried.add(name);
    if (isUndone(asked, next, most - 1, tried)) return true;
  }
  return false;
}

/** How many ways are found, `enough` at most, that no single loss takes two of: each needs a loss of its own. */
function apartFrom(asked: Asked, lost: Lost, enough: number): number {
  const pieces = new Map(lost.pieces);
  const holders = new Set(lost.holders);
  const { goesWith } = asked.formula;
  for (let found = 0; found < enough; found += 1) {
    const way = wayIn(asked, { pieces, holders });
    if (way === null) return found;
    // What is taken with it by a loss: the items themselves, and all that is in a holder round one.
    const taken = new Set([...way].flatMap(([id]) => goesWith.get(id)!));
    for (const [id, items] of way) pieces.set(id, (pieces.get(id) ?? 0) + items);
    if (taken.size === 0) continue;
    for (const at of asked.among) {
      const { id } = asked.formula.sources[at]!.placement;
      if (goesWith.get(id)!.some((holder) => taken.has(holder))) pieces.set(id, Infinity);
    }
  }
  return enough;
}

/** The items of one way: how many of each placement, by its id. */
type Items = ReadonlyMap<string, number>;

/** Some way that is left, with as few rounds as there can be; null where there is none. */
function wayIn({ formula, wanted, among }: Asked, lost: Lost): Items | null {
  const rounds = roundsOf(formula, lost, among, wanted);
  const first = earliest(rounds, wanted);
  if (first === null) return null;
  const items = new Map<string, number>();
  const waiting = [first];
  const seen = new Set(waiting);
  const take = (at: number, many: number) => {
    const { id } = formula.sources[at]!.placement;
    items.set(id, Math.max(items.get(id) ?? 0, many));
    if (!seen.has(at)) waiting.push(at);
    seen.add(at);
  };
  take(first, 1);
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
    for (const { gates } of formula.sources[at]!.needs) {
      if (gates === null) continue;
      for (const [member, many] of opened(formula, lost, rounds, gates, rounds[at]!))
        take(member, many);
    }
  }
  return items;
}

/** Items that open one of these gates before a round: of the sources that counted first. */
function opened(
  formula: Formula,
  lost: Lost,
  rounds: Rounds,
  gates: readonly number[],
  before: number,
): readonly (readonly [source: number, items: number])[] {
  for (const gate of gates) {
    const { sources, items } = formula.gates[gate]!;
    const taken: [number, number][] = [];
    let wanted = items;
    for (let round = 1; round < before; round += 1) {
      for (const at of sources) {
        if (rounds[at] !== round) continue;
        const many = Math.min(wanted, itemsAlive(formula, lost, at));
        taken.push([at, many]);
        wanted -= many;
        if (wanted === 0) return taken;
      }
    }
  }
  throw new Error('a source counts though nothing it needs was there before');
}

function earliest(rounds: Rounds, among: readonly number[]): number | null {
  let best: number | null = null;
  for (const at of among) {
    if (rounds[at] !== 0 && (best === null || rounds[at]! < rounds[best]!)) best = at;
  }
  return best;
}

/** Every loss that hits a way: an item of it, or a holder that goes with one. Alike items are one. */
function lossesOn({ goesWith }: Formula, way: Items): readonly Loss[] {
  const holders = new Set([...way.keys()].flatMap((id) => goesWith.get(id)!));
  return [
    ...[...way.keys()].map((placement): Loss => ({ kind: 'piece', placement })),
    ...[...holders].map((placement): Loss => ({ kind: 'holder', placement })),
  ];
}

function nameOf({ pieces, holders }: Lost): string {
  const parts = [...pieces].map(([id, many]) => `${id} ${many}`);
  return [...parts.sort(), ...[...holders].sort()].join('\n');
}
