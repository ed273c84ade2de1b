import type { Gear } from './gear';
import { lotDays, type Lot } from './lot';

type Counted = Pick<Gear, 'lots' | 'count' | 'goodUntil'>;

/**
 * The lots of a gear, which make up its count. One of which none is written down has one: all of it, with its own date
 * and nothing else known.
 */
export function lotsOf(gear: Counted): readonly Lot[] {
  const { lots, count, goodUntil } = gear;
  if (lots.length > 0) return lots;
  const known = alone.get(gear);
  if (known) return known;
  const all = count === 0 ? [] : [{ ...unknownLot, id: 'all', count, goodUntil }];
  alone.set(gear, all);
  return all;
}

/** The one lot of each gear of which none is written down: asked for at every edit, many times over. */
const alone = new WeakMap<Counted, readonly Lot[]>();

const unknownLot = {
  cameOn: null,
  openedOn: null,
  filledOn: null,
  checkedOn: null,
  store: '',
  storedOn: null,
  kit: null,
  amiss: null,
} as const;

/** So many of a lot. */
export interface LotShare {
  readonly lot: Lot;
  readonly count: number;
}

/** Who wants how many of a gear: a place in a kit. */
export interface Wanting {
  readonly kit: string;
  readonly count: number;
}

/**
 * Which lots lie where, one list for each that wants some, and what is left over: those that are known to lie in a kit first;
 * then of what is nowhere known the oldest that is still good; then what is known to lie in a kit that wants none of it.
 * Nothing is given out twice.
 *
 * @param isGood whether a lot is relied on.
 */
export function sharedOut(
  lots: readonly Lot[],
  wanted: readonly Wanting[],
  isGood: (lot: Lot) => boolean,
): { readonly shares: readonly (readonly LotShare[])[]; readonly rest: readonly LotShare[] } {
  if (lots.length === 1 && wanted.length === 1) {
    const [lot] = lots as readonly [Lot];
    const count = Math.min(lot.count, wanted[0]!.count);
    const rest = lot.count - count;
    return { shares: [[{ lot, count }]], rest: rest > 0 ? [{ lot, count: rest }] : [] };
  }
  const good: Lot[] = [];
  const bad: Lot[] = [];
  const left = new Map<Lot, number>();
  for (const lot of inOrderOfUse(lots)) {
    (isGood(lot) ? good : bad).push(lot);
    left.set(lot, lot.count);
  }
  const goodFirst = [...good, ...bad];
  const shares: LotShare[][] = wanted.map(() => []);
  const short = wanted.map(({ count }) => count);
  const take = (lot: Lot, at: number): void => {
    const count = Math.min(left.get(lot)!, short[at]!);
    if (count === 0) return;
    left.set(lot, left.get(lot)! - count);
    short[at]! -= count;
    const own = shares[at]!;
    const same = own.findIndex((share) => share.lot === lot);
    if (same < 0) own.push({ lot, count });
    else own[same] = { lot, count: own[same]!.count + count };
  };
  for (const [at, { kit }] of wanted.entries()) {
    for (const lot of goodFirst) if (lot.kit === kit) take(lot, at);
  }
  for (const lot of goodFirst) if (lot.kit === null) short.forEach((_, at) => take(lot, at));
  for (const lot of goodFirst) short.forEach((_, at) => take(lot, at));
  const rest = lots.flatMap((lot) => {
    const count = left.get(lot)!;
    return count > 0 ? [{ lot, count }] : [];
  });
  return { shares, rest };
}

/**
 * The gear once so many of some of its lots have changed: a lot that changes in part becomes two, and lots of one history
 * become one again. A count of 0 in the change takes them away.
 *
 * @param shares of the gear’s lots, as {@link lotsOf} gives them.
 * @param change what becomes of each that is in a share; null: it is gone.
 */
export function withShares<Share extends LotShare>(
  gear: Gear,
  shares: readonly Share[],
  change: (lot: Lot, share: Share) => Partial<Omit<Lot, 'id' | 'count'>> | null,
): Gear {
  const kept: Lot[] = [];
  const changed: Lot[] = [];
  for (const lot of lotsOf(gear)) {
    let left = lot.count;
    for (const share of shares) {
      if (share.lot.id !== lot.id) continue;
      const taken = Math.min(left, share.count);
      const to = taken > 0 ? change(lot, share) : null;
      left -= taken;
      if (to !== null) changed.push({ ...lot, ...to, count: taken });
    }
    if (left > 0) kept.push({ ...lot, count: left });
  }
  const joined = joinedLots([...kept, ...changed]);
  const count = joined.reduce((sum, lot) => sum + lot.count, 0);
  // One lot of which nothing is known says no more than none.
  const isPlain = joined.length === 1 && isUnknown(joined[0]!);
  return {
    ...gear,
    count,
    lots: isPlain ? [] : joined,
    ...(isPlain && { goodUntil: joined[0]!.goodUntil }),
  };
}

/** The gear with one lot more. */
export function withLot(gear: Gear, lot: Omit<Lot, 'id'>): Gear {
  const joined = joinedLots([...lotsOf(gear), { ...lot, id: 'all' }]);
  return { ...gear, count: gear.count + lot.count, lots: joined };
}

/** A lot of which only the count is known. */
export function lotOf(
  count: number,
  known: Partial<Omit<Lot, 'id' | 'count'>> = {},
): Omit<Lot, 'id'> {
  return { ...unknownLot, goodUntil: null, count, ...known };
}

/** Lots with those of one history together, each with an id of its own. */
function joinedLots(lots: readonly Lot[]): readonly Lot[] {
  const byHistory = new Map<string, Lot>();
  const ids = new Set<string>();
  for (const lot of lots) {
    const history = JSON.stringify({ ...lot, id: '', count: 0 }, Object.keys(lot).sort());
    const same = byHistory.get(history);
    if (same) byHistory.set(history, { ...same, count: same.count + lot.count });
    else byHistory.set(history, inFields({ ...lot, id: freshId(ids, lot.id) }));
  }
  return [...byHistory.values()];
}

/** A lot with its fields in the order in which files have them, so that the same lot is always the same text. */
export function inFields(lot: Lot): Lot {
  const { id, count, cameOn, goodUntil, openedOn, filledOn, checkedOn } = lot;
  const { store, storedOn, kit, amiss } = lot;
  return {
    id,
    count,
    cameOn,
    goodUntil,
    openedOn,
    filledOn,
    checkedOn,
    store,
    storedOn,
    kit,
    amiss,
  };
}

function freshId(ids: Set<string>, wanted: string): string {
  let id = wanted;
  for (let at = ids.size + 1; ids.has(id); at += 1) id = `lot-${at}`;
  ids.add(id);
  return id;
}

function isUnknown(lot: Lot): boolean {
  return (
    lot.store === '' &&
    lot.kit === null &&
    lot.amiss === null &&
    lotDays.every((day) => day === 'goodUntil' || lot[day] === null)
  );
}

/** The order in which lots are used: those whose date comes first; without a date last, the longest there first. */
export function inOrderOfUse(lots: readonly Lot[]): readonly Lot[] {
  return [...lots].sort(
    (one, other) =>
      earlierFirst(one.goodUntil, other.goodUntil) || earlierFirst(one.cameOn, other.cameOn),
  );
}

/** Days as they are written, in their order; none is later than any. */
function earlierFirst(one: string | null, other: string | null): number {
  if (one === other) return 0;
  if (one === null || other === null) return one === null ? 1 : -1;
  return one < other ? -1 : 1;
}

/**
 * The lots of a gear once it has another count: fewer are taken from those used first, more join the newest that says
 * nothing of its own, or are a lot of their own.
 *
 * @example lotsCounting([{ id: 'a', count: 3, goodUntil: '2027-01-01', … }, { id: 'b', count: 2, … }], 4) // a: 2, b: 2
 */
export function lotsCounting(lots: readonly Lot[], count: number): readonly Lot[] {
  if (lots.length === 0) return lots;
  const sum = lots.reduce((total, lot) => total + lot.count, 0);
  if (count >= sum) return count === sum ? lots : withMore(lots, count - sum);
  let over = sum - count;
  const taken = new Map<string, number>();
  for (const lot of inOrderOfUse(lots)) {
    const from = Math.min(over, lot.count);
    taken.set(lot.id, from);
    over -= from;
  }
  return lots.flatMap((lot) => {
    const left = lot.count - taken.get(lot.id)!;
    return left === 0 ? [] : [left === lot.count ? lot : { ...lot, count: left }];
  });
}

/** A gear of which there are so many, with lots that make that up. */
export function withCount(gear: Gear, count: number): Gear {
  return { ...gear, count, lots: lotsCounting(gear.lots, count) };
}

/**
 * So many of a gear that are used next, with the lots that they are of: those that are used first.
 *
 * @param gone as many are used up before them.
 * @param change what becomes of the lots of those; nothing where left out.
 */
export function usedNext(
  gear: Gear,
  many: number,
  gone = 0,
  change: (lot: Lot) => Partial<Lot> = () => ({}),
): Gear {
  const left = lotsCounting(lotsOf(gear), gear.count - gone);
  let over = many;
  const taken = inOrderOfUse(left).flatMap((lot) => {
    const count = Math.min(over, lot.count);
    over -= count;
    return count === 0 ? [] : [{ lot, count }];
  });
  const next = { ...gear, count: many, lots: taken.map(({ lot, count }) => ({ ...lot, count })) };
  return withShares(
    next,
    next.lots.map((lot) => ({ lot, count: lot.count })),
    change,
  );
}

function withMore(lots: readonly Lot[], more: number): readonly Lot[] {
  const plain = lots.findIndex((lot) => isUnknown(lot) && lot.goodUntil === null);
  if (plain >= 0) {
    return lots.map((lot, at) => (at === plain ? { ...lot, count: lot.count + more } : lot));
  }
  const ids = new Set(lots.map(({ id }) => id));
  let at = lots.length + 1;
  while (ids.has(`lot-${at}`)) at += 1;
  return [...lots, { ...unknownLot, goodUntil: null, id: `lot-${at}`, count: more }];
}
