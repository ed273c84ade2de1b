/**
 * The order of two names as people list them: letters are alike in either case and without their marks, and numbers go by
 * what they count. It is light enough for the first screen; the platform’s own collation takes a while to be made.
 *
 * @example ['Box 10', 'box 9', 'Åland', 'Bag'].sort(nameOrder) // ['Åland', 'Bag', 'box 9', 'Box 10']
 */
export function nameOrder(one: string, other: string): number {
  const [some, others] = [partsOf(one), partsOf(other)];
  for (let at = 0; at < Math.min(some.length, others.length); at += 1) {
    const [a, b] = [some[at]!, others[at]!];
    // Every second part is a number.
    const order = at % 2 === 1 ? Number(a) - Number(b) : a < b ? -1 : a > b ? 1 : 0;
    if (order !== 0) return order;
  }
  return some.length - others.length || (one < other ? -1 : one > other ? 1 : 0);
}

function partsOf(name: string): readonly string[] {
  return name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().split(/(\d+)/);
}
