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
} as const;

/** How many of a gear are within their date on a day, YYYY-MM-DD; all of them where no day is asked about. */
export function goodOn(gear: Counted, day: string | null): number {
  return lotsOf(gear)
    .filter(({ goodUntil }) => day === null || goodUntil === null || goodUntil >= day)
    .reduce((sum, { count }) => sum + count, 0);
}

/** How many of a gear are past their date on a day, and the first of those dates; null where none is. */
export function pastOn(
  gear: Counted,
  day: string,
): { readonly goodUntil: string | null; readonly past: number } {
  const past = lotsOf(gear).filter(({ goodUntil }) => goodUntil !== null && goodUntil < day);
  const [goodUntil = null] = past.map((lot) => lot.goodUntil!).sort();
  return { goodUntil, past: past.reduce((sum, { count }) => sum + count, 0) };
}

/** The order in which lots are used: those whose date comes first; without a date last, the longest there first. */
export function inOrderOfUse(lots: readonly Lot[]): readonly Lot[] {
  const far = '9999-12-31';
  const key = ({ goodUntil, cameOn }: Lot) => `${goodUntil ?? far} ${cameOn ?? far}`;
  return [...lots].sort((one, other) => (key(one) < key(other) ? -1 : 1));
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

function withMore(lots: readonly Lot[], more: number): readonly Lot[] {
  const plain = lots.findIndex(
    (lot) => lot.store === '' && lotDays.every((day) => lot[day] === null),
  );
  if (plain >= 0) {
    return lots.map((lot, at) => (at === plain ? { ...lot, count: lot.count + more } : lot));
  }
  const ids = new Set(lots.map(({ id }) => id));
  let at = lots.length + 1;
  while (ids.has(`lot-${at}`)) at += 1;
  return [...lots, { ...unknownLot, goodUntil: null, id: `lot-${at}`, count: more }];
}
