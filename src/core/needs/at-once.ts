/** One item that may do one of several things, each so well, and gives so much of it. */
export interface Able {
  readonly item: string;
  readonly massG: number;
  /** By the number of the ask; what it does not do is not there. */
  readonly does: ReadonlyMap<number, { readonly fitness: number; readonly gives: number }>;
}

/** What is asked at once, in the order in which it hurts to lack it. */
export interface Dealing {
  readonly asks: readonly number[];
  readonly items: readonly Able[];
}

/** Who does what, and what nobody does. */
export interface Dealt {
  /** By the number of the ask, the items that do it. */
  readonly by: readonly (readonly string[])[];
  /** By the number of the ask, how much is lacking. */
  readonly lacks: readonly number[];
  /** What the dealing is judged by, the smaller the better: see {@link dealAtOnce}. */
  readonly cost: readonly number[];
  /** Every dealing was looked at; otherwise a better one may be there. */
  readonly isExact: boolean;
}

/** Up to so many items that could do several of the things, every dealing is looked at. */
export const mostContested = 12;

/**
 * Each item does one thing at a time: the dealing with the least lacking over all, then with the least lacking of what hurts
 * most, then with the best fitted, then with the lightest items at work. Items of which there is no choice fill what is left, the
 * best fitted and lightest first. Exact up to twelve contested items; of more, those with the fewest choices are dealt exactly,
 * and the rest fill what is left.
 */
export function dealAtOnce({ asks, items }: Dealing): Dealt {
  const able = thatMatter({ asks, items });
  const isContested = ({ does }: Able) =>
    does.size > 1 || [...does.values()].some(({ gives }) => gives !== 1);
  const contested = able
    .filter(isContested)
    .sort(
      (one, other) => one.does.size - other.does.size || (kindOf(one) < kindOf(other) ? -1 : 1),
    );
  const dealt = contested.slice(0, mostContested);
  const others = [...able.filter((item) => !isContested(item)), ...contested.slice(mostContested)];
  const kinds = dealt.map(kindOf);
  const options = dealt.map(({ does }) => [null, ...does.keys()]);
  const choice: (number | null)[] = dealt.map(() => null);
  let best: Dealt | null = null;
  choose(0, 0);
  return { ...best!, isExact: contested.length <= mostContested };

  function choose(at: number, from: number): void {
    if (at === dealt.length) {
      const found = filledUp(asks, dealt, choice, others);
      if (best === null || isLess(found.cost, best.cost)) best = found;
      return;
    }
    // Of items that are alike, which one does what is all the same.
    for (let option = from; option < options[at]!.length; option += 1) {
      choice[at] = options[at]![option]!;
      if (best !== null && !canBeat(at + 1)) continue;
      choose(at + 1, kinds[at + 1] === kinds[at] ? option : 0);
    }
    choice[at] = null;
  }

  /** Whether what is still open could cost as little as the best so far. */
  function canBeat(until: number): boolean {
    const least = asks.map((asked, ask) => {
      let given = 0;
      for (const [at, item] of dealt.entries()) {
        if (at >= until || choice[at] === ask) given += item.does.get(ask)?.gives ?? 0;
      }
      for (const item of others) given += item.does.get(ask)?.gives ?? 0;
      return Math.max(0, asked - given);
    });
    let fitness = 0;
    let massG = 0;
    for (const [at, item] of dealt.slice(0, until).entries()) {
      const ask = choice[at];
      if (ask === null || ask === undefined) continue;
      fitness += item.does.get(ask)!.fitness;
      massG += item.massG;
    }
    const all = least.reduce((sum, lack) => sum + lack, 0);
    return isLess([all, ...least, fitness, massG], best!.cost);
  }
}

/**
 * The items that can be at work in a best dealing. No more are at work than are asked over all, so that of those that give an
 * ask as much, only so many of the best fitted and lightest matter.
 */
function thatMatter({ asks, items }: Dealing): readonly Able[] {
  const most = asks.reduce((sum, asked) => sum + asked, 0);
  const kept = new Set<Able>();
  for (const ask of asks.keys()) {
    const byGives = new Map<number, Able[]>();
    for (const item of items) {
      const does = item.does.get(ask);
      if (does) byGives.set(does.gives, [...(byGives.get(does.gives) ?? []), item]);
    }
    for (const alike of byGives.values()) {
      const cost = (item: Able) => [item.does.get(ask)!.fitness, item.massG];
      alike
        .sort((one, other) => (isLess(cost(one), cost(other)) ? -1 : 1))
        .slice(0, most)
        .forEach((item) => kept.add(item));
    }
  }
  return items.filter((item) => kept.has(item));
}

/** What makes two items the same to a dealing. */
function kindOf({ massG, does }: Able): string {
  return JSON.stringify([massG, [...does]]);
}

function filledUp(
  asks: readonly number[],
  dealt: readonly Able[],
  choice: readonly (number | null)[],
  others: readonly Able[],
): Dealt {
  const by: string[][] = asks.map(() => []);
  const lacks = [...asks];
  let fitness = 0;
  let massG = 0;
  const take = (item: Able, ask: number) => {
    const does = item.does.get(ask)!;
    by[ask]!.push(item.item);
    lacks[ask]! -= does.gives;
    fitness += does.fitness;
    massG += item.massG;
  };
  for (const [at, ask] of choice.entries()) if (ask !== null) take(dealt[at]!, ask);
  const taken = new Set<Able>();
  for (const ask of asks.keys()) {
    const open = others
      .filter((item) => item.does.has(ask) && !taken.has(item))
      .sort((one, other) => {
        const [a, b] = [one.does.get(ask)!, other.does.get(ask)!];
        return b.gives - a.gives || a.fitness - b.fitness || one.massG - other.massG;
      });
    for (const item of open) {
      if (lacks[ask]! <= 0) break;
      take(item, ask);
      taken.add(item);
    }
  }
  const short = lacks.map((lack) => Math.max(0, lack));
  const all = short.reduce((sum, lack) => sum + lack, 0);
  return { by, lacks: short, cost: [all, ...short, fitness, massG], isExact: true };
}

function isLess(one: readonly number[], other: readonly number[]): boolean {
  for (let at = 0; at < one.length; at += 1) {
    if (Math.abs(one[at]! - other[at]!) > 1e-9) return one[at]! < other[at]!;
  }
  return false;
}
