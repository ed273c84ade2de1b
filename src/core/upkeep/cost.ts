import type { Gear } from '../gear';
import type { Bench, Loadout } from '../loadout';
import { daysBetween } from '../quantity';
import { everyMonths } from './due';
import { goodUntilOf } from './good-until';
import { heldOn, type Held } from './held';

/** What it costs in a year that so many of a gear are replaced again and again. */
export interface CostLine {
  readonly gear: Gear;
  /** Null on the shelf. */
  readonly kit: Loadout | null;
  readonly count: number;
  /** How long one lasts where it lies, in months. */
  readonly lastsMonths: number;
  /** In minor units a year, for all of them; null where the price of one is not known. */
  readonly minorAYear: number | null;
}

/** What keeping all kits, or one, costs in a year. */
export interface CostOfKeeping {
  /** In minor units, of what has a price. */
  readonly minorAYear: number;
  /** The dearest first; those without a price last. */
  readonly lines: readonly CostLine[];
  /** How many lines have no price, so that it is more than that. */
  readonly unpriced: number;
}

const daysAMonth = 365.25 / 12;

/**
 * What a year of keeping costs: of everything that is replaced by its rhythm, or that came on a known day and has a date, its price
 * over the years that it lasts where it lies. What is filled again, as water is, costs nothing here. An estimate: prices rise, and
 * what is used before its time is not in it.
 *
 * @param kit one kit alone; null for all and the shelf.
 */
export function costOfKeeping(
  bench: Bench,
  today: string,
  kit: string | null = null,
): CostOfKeeping {
  const byLine = new Map<string, CostLine>();
  for (const held of heldOn(bench, today)) {
    if (kit !== null && held.kit?.id !== kit) continue;
    const { ownership, borrowedFrom } = held.gear;
    if (ownership === 'wished' || ownership === 'retired' || borrowedFrom !== null) continue;
    const lastsMonths = lastsMonthsOf(held);
    if (lastsMonths === null) continue;
    const { gear, count } = held;
    const { priceMinor } = gear;
    const key = `${gear.id} ${held.kit?.id ?? ''} ${lastsMonths}`;
    const before = byLine.get(key);
    const many = count + (before?.count ?? 0);
    const minorAYear = priceMinor === null ? null : (priceMinor * many * 12) / lastsMonths;
    byLine.set(key, { gear, kit: held.kit, count: many, lastsMonths, minorAYear });
  }
  const lines = [...byLine.values()].sort(
    (one, other) => (other.minorAYear ?? -1) - (one.minorAYear ?? -1),
  );
  return {
    minorAYear: lines.reduce((sum, line) => sum + (line.minorAYear ?? 0), 0),
    lines,
    unpriced: lines.filter((line) => line.minorAYear === null).length,
  };
}

/** How long a lot lasts from new where it lies, in months; null where nothing says. */
function lastsMonthsOf({ gear, lot, warmth }: Held): number | null {
  const replaced = gear.care.find(({ act }) => act === 'replace');
  const byRhythm = replaced ? everyMonths(replaced.everyMonths, warmth) : null;
  const from = lot.cameOn ?? lot.storedOn;
  const until = from === null || lot.goodUntil === null ? null : goodUntilOf(gear, lot, warmth);
  const days = from !== null && until?.by === 'printed' ? daysBetween(from, until.day) : 0;
  // What was bought in its last month says little of how long the next one lasts.
  const byDate = days >= daysAMonth ? days / daysAMonth : null;
  if (byRhythm === null || byDate === null) return byRhythm ?? byDate;
  return Math.min(byRhythm, byDate);
}
