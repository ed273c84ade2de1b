import type { JobId } from '../gear';
import type { ConditionId, Loss } from '../loadout';
import { itemsLeft, reliedOn, roundsOf, type Rounds } from './evaluate';
import type { Formula } from './formula';
import type { Lost } from './lost';
import { partOf } from './part';

/** What is asked of a kit: whether any of some jobs is done, and what may be lost. */
export interface Asked {
  /** What does any of them, and all that it may rely on. */
  readonly formula: Formula;
  /** The sources any of which will do. */
  readonly wanted: readonly number[];
  /** The conditions that are counted as losses. */
  readonly conditions: readonly ConditionId[];
}

/** @param given what holds already, which decides what is relied on. */
export function askedOf(
  formula: Formula,
  anyOf: readonly JobId[],
  conditions: readonly ConditionId[] = [],
  given: ReadonlySet<ConditionId> = new Set(),
): Asked {
  const inTheDark = conditions.includes('dark') || given.has('dark');
  const part = partOf(formula, reliedOn(formula, anyOf, inTheDark));
  const wanted = anyOf.flatMap((job) => part.byJob.get(job) ?? []);
  return { formula: part, wanted, conditions };
}

/** One way to do what is asked. */
export interface OneWay {
  /** How many items of each placement it takes, by the placement's id. */
  readonly items: ReadonlyMap<string, number>;
  readonly sources: ReadonlySet<number>;
}

/** Some way that is left, with as few rounds as there can be; null where there is none. */
export function wayIn({ formula, wanted }: Asked, lost: Lost): OneWay | null {
  const rounds = roundsOf(formula, lost, wanted);
  const first = earliest(rounds, wanted);
  if (first === null) return null;
  const { sources, index } = formula;
  const isDark = lost.conditions.has('dark');
  const there = itemsLeft(formula, lost);
  const items = new Map<string, number>();
  const taken = new Set([first]);
  const take = (at: number, many: number) => {
    const { id } = sources[at]!.placement;
    items.set(id, Math.max(items.get(id) ?? 0, many));
    taken.add(at);
  };
  take(first, 1);
  // A set grows while it is walked, and what was added is walked too.
  for (const at of taken) {
    const needs = sources[at]!.needs.flatMap(({ gates }) => (gates === null ? [] : [gates]));
    if (isDark && index.needsLight[at]!) needs.push([index.light]);
    for (const gates of needs) {
      for (const [member, many] of opened(formula, there, rounds, gates, rounds[at]!))
        take(member, many);
    }
  }
  return { items, sources: taken };
}

/** Items that open one of these gates before a round: of the sources that counted first. */
function opened(
  { gates: all }: Formula,
  there: Int32Array,
  rounds: Rounds,
  gates: readonly number[],
  before: number,
): readonly (readonly [source: number, items: number])[] {
  for (const gate of gates) {
    const { sources, items } = all[gate]!;
    const taken: [number, number][] = [];
    let wanted = items;
    for (let round = 1; round < before; round += 1) {
      for (const at of sources) {
        if (rounds[at] !== round) continue;
        const many = Math.min(wanted, there[at]!);
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

/** Every loss that hits a way: an item of it, a holder that goes with one, or a condition. Alike items are one. */
export function lossesOn({ formula, conditions }: Asked, way: OneWay, lost: Lost): readonly Loss[] {
  const { goesWith, sources, index } = formula;
  const holders = new Set([...way.items.keys()].flatMap((id) => goesWith.get(id)!));
  const hit = (condition: ConditionId) =>
    !lost.conditions.has(condition) &&
    [...way.sources].some(
      (at) =>
        sources[at]!.takenBy.includes(condition) || (condition === 'dark' && index.needsLight[at]!),
    );
  return [
    ...[...way.items.keys()].map((placement): Loss => ({ kind: 'piece', placement })),
    ...[...holders].map((placement): Loss => ({ kind: 'holder', placement })),
    ...conditions.filter(hit).map((condition): Loss => ({ kind: 'condition', condition })),
  ];
}

/** How many ways are found, `enough` at most, that no single loss takes two of: each needs a loss of its own. */
export function apartFrom(asked: Asked, lost: Lost, enough: number): number {
  const pieces = new Map(lost.pieces);
  const holders = new Set(lost.holders);
  const conditions = new Set(lost.conditions);
  const { goesWith, sources } = asked.formula;
  for (let found = 0; found < enough; found += 1) {
    const all = { pieces, holders, conditions };
    const way = wayIn(asked, all);
    if (way === null) return found;
    // What is taken with it by a loss: the items themselves, all that is in a holder round one, and what a condition takes.
    for (const loss of lossesOn(asked, way, all)) {
      if (loss.kind === 'condition') conditions.add(loss.condition);
    }
    const carried = new Set([...way.items.keys()].flatMap((id) => goesWith.get(id)!));
    for (const [id, items] of way.items) pieces.set(id, (pieces.get(id) ?? 0) + items);
    if (carried.size === 0) continue;
    for (const { placement } of sources) {
      const { id } = placement;
      if (goesWith.get(id)!.some((holder) => carried.has(holder))) pieces.set(id, Infinity);
    }
  }
  return enough;
}
