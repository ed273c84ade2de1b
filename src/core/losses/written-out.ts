import type { Formula } from '../ways';
import type { Loss } from '../loadout';
import { lossId } from './loss-id';

/** More items of one placement than this are not told apart: no set of losses takes more than three. */
export const mostAlike = 4;

/** How many items of a placement are told apart. */
export function itemsToldApart(count: number): number {
  return Math.min(mostAlike, count);
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
  const ids = Array.from({ length: itemsToldApart(there) }, (_, at) => `${lossId(loss)}#${at + 1}`);
  return someOf(ids, many);
}

/** Every choice of so many of these. */
function someOf(ids: readonly string[], many: number): readonly (readonly string[])[] {
  if (many === 0) return [[]];
  return ids.flatMap((id, at) =>
    someOf(ids.slice(at + 1), many - 1).map((others) => [id, ...others]),
  );
}
