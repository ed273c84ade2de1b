import type { Formula } from '../ways';
import type { Loss } from '../loadout';
import { lossId } from './loss-id';

/** No set of losses takes more items of one placement than this. */
const mostLost = 3;

/**
 * How many items of a placement are told apart: as many as the most that are needed at once, and three more. Of what is needed
 * one at a time the fifth changes nothing; of cells for a lamp of three the fifth does.
 *
 * @param count how many items are looked at.
 */
export function itemsToldApart(
  { gates, index }: Formula,
  placement: string,
  count: number,
): number {
  const sources = new Set(index.byPlacement.get(placement) ?? []);
  const atOnce = gates
    .filter((gate) => gate.sources.some((source) => sources.has(source)))
    .reduce((most, { items }) => Math.max(most, items), 1);
  return Math.min(atOnce + mostLost, count);
}

/**
 * Sets of losses with every item by its number, as `piece:rod#1`: one for each choice of items that are alike, sorted by size
 * and then by their ids.
 */
export function writtenOut(
  formula: Formula,
  sets: readonly (readonly Loss[])[],
): readonly (readonly string[])[] {
  return sets
    .flatMap((set) => choicesOf(formula, set))
    .map((set) => [...set].sort())
    .sort(
      (one, other) => one.length - other.length || (one.join('\n') < other.join('\n') ? -1 : 1),
    );
}

function choicesOf(formula: Formula, set: readonly Loss[]): readonly (readonly string[])[] {
  const times = new Map<string, { readonly loss: Loss; many: number }>();
  for (const loss of set) {
    const before = times.get(lossId(loss));
    if (before) before.many += 1;
    else times.set(lossId(loss), { loss, many: 1 });
  }
  return [...times.values()].reduce<readonly (readonly string[])[]>(
    (sofar, { loss, many }) =>
      sofar.flatMap((ids) => idsOf(formula, loss, many).map((more) => [...ids, ...more])),
    [[]],
  );
}

function idsOf(formula: Formula, loss: Loss, many: number): readonly (readonly string[])[] {
  if (loss.kind !== 'piece') return [[lossId(loss)]];
  const { byPlacement, items } = formula.index;
  const there = Math.max(...byPlacement.get(loss.placement)!.map((at) => items[at]!));
  const apart = itemsToldApart(formula, loss.placement, there);
  const ids = Array.from({ length: apart }, (_, at) => `${lossId(loss)}#${at + 1}`);
  return someOf(ids, many);
}

/** Every choice of so many of these. */
function someOf(ids: readonly string[], many: number): readonly (readonly string[])[] {
  if (many === 0) return [[]];
  return ids.flatMap((id, at) =>
    someOf(ids.slice(at + 1), many - 1).map((others) => [id, ...others]),
  );
}
