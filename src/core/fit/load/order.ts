import { blocksOf, type Load, type Stowed } from './cargo';
import type { Put } from './placer';
import { canReach, fromBelow, isFullyOpen } from './way-in';

/** Pieces in an order in which they can be put in; those that cannot be brought to their place are not among them. */
export function orderedIn(
  load: Load,
  rigid: readonly Put[],
  soft: readonly Put[],
): readonly Stowed[] {
  const named = ({ item, solid, more }: Put): Stowed => {
    const { id } = load.items[item]!;
    return more ? { id, ...solid, more } : { id, ...solid };
  };
  const stowed = [...rigid, ...soft].map(named);
  // What is in several blocks is fed in round the others, last.
  const all = [
    ...fromBelow(stowed.filter(({ more }) => !more)),
    ...fromBelow(stowed.filter(({ more }) => more)),
  ];
  if (isFullyOpen(load.container)) return all;
  const below = reachable(load, all);
  if (below.length === all.length) return below;
  const asPut = reachable(load, [...rigid.map(named), ...fromBelow(soft.map(named))]);
  return asPut.length > below.length ? asPut : below;
}

function reachable(load: Load, order: readonly Stowed[]): readonly Stowed[] {
  const forms = new Map(load.items.map(({ id, form }) => [id, form]));
  const earlier: Stowed[] = [];
  for (const stowed of order) {
    const inTheWay = earlier.flatMap(blocksOf);
    if (canReach(load.container, inTheWay, stowed, forms.get(stowed.id)!)) earlier.push(stowed);
  }
  return earlier;
}
