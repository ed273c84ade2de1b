import type { Care, CareAct, Gear, Lot } from '../gear';
import type { Bench, Loadout, Round } from '../loadout';
import { daysBetween, monthIn, monthsAfter } from '../quantity';
import { byLot } from './by-lot';
import { goodUntilOf, type GoodUntil } from './good-until';
import { heldOn, type Held } from './held';
import { warmthOf, type Warmth } from './store';

/** What is to be done: an act of care, or that something goes back to where it belongs. */
export type DueAct = CareAct | 'get back' | 'give back' | 'put back';

/** What makes it due: its rhythm, the date printed on it, its life since it was filled or opened, or what was agreed. */
export type DueBecause = 'rhythm' | GoodUntil['by'] | 'agreed';

/** One thing that falls due: an act on so many of one lot, where it lies. */
export interface Due extends Held {
  readonly act: DueAct;
  /** YYYY-MM-DD. */
  readonly on: string;
  readonly because: DueBecause;
  /** Where it lies makes it due earlier: the store is warm. */
  readonly isEarlier: boolean;
  /** It may be due before that: how long it has lain in the warmth is not known. */
  readonly isUnsure: boolean;
}

/** An act of care of which nobody knows when it was last done. */
export interface NeverDone extends Held {
  readonly act: CareAct;
}

/**
 * A kit that is to be looked through. Where it never was, that is counted from the last day on which anything in it came or was looked
 * after; `on` is null where no such day is known.
 */
export interface KitDue {
  readonly kit: Loadout;
  readonly on: string | null;
  readonly last: Round | null;
  readonly everyMonths: number;
}

/** All that is to be done on a bench, from what is long overdue on. */
export interface DueList {
  /** The earliest first. */
  readonly dues: readonly Due[];
  readonly never: readonly NeverDone[];
  readonly kits: readonly KitDue[];
}

/** A whole kit is looked through as often, in months. */
export const lookEveryMonths = 6;

/** Every how many months a care is due where something lies: twice as often in a hot store, down to every month. */
export function everyMonths(months: number, { isHot }: Warmth): number {
  return isHot ? Math.max(1, Math.floor(months / 2)) : months;
}

/**
 * The day on which an act was last done to a lot: it was made, bought or filled, or looked at, where that is the act; null
 * where nobody knows.
 */
export function lastDone({ cameOn, filledOn, checkedOn }: Lot, act: CareAct): string | null {
  const isLooking = act !== 'replace' && act !== 'recharge' && act !== 'rotate';
  return [cameOn, filledOn, isLooking ? checkedOn : null].reduce(
    (latest, day) => (day !== null && (latest === null || day > latest) ? day : latest),
    null,
  );
}

/** The next day on which a care of a lot is due; null where nobody knows when it was last done. */
export function nextDue(
  lot: Lot,
  { act, everyMonths: months }: Care,
  warmth: Warmth,
): string | null {
  const last = lastDone(lot, act);
  return last === null ? null : laterBy(last, everyMonths(months, warmth));
}

/** What was worked out last: the same few hundred days are asked for thousands of lots. */
const later = new Map<string, string>();
const mostLater = 4000;

function laterBy(day: string, months: number): string {
  const key = `${day} ${months}`;
  const before = later.get(key);
  if (before !== undefined) return before;
  if (later.size >= mostLater) later.clear();
  const found = monthsAfter(day, months);
  later.set(key, found);
  return found;
}

/** The field of a lot that says that an act was done. */
export function doneField(act: CareAct): 'cameOn' | 'filledOn' | 'checkedOn' {
  if (act === 'replace') return 'cameOn';
  return act === 'recharge' || act === 'rotate' ? 'filledOn' : 'checkedOn';
}

/** Gear that is kept: what is only wished for or retired is not. */
function isKept({ ownership }: Gear): boolean {
  return ownership !== 'wished' && ownership !== 'retired';
}

/** What is due of one lot where it lies. */
export function duesOf(held: Held): {
  readonly dues: readonly Due[];
  readonly never: readonly NeverDone[];
} {
  const dues: Due[] = [];
  const never: NeverDone[] = [];
  gather(held, dues, never);
  return { dues, never };
}

/** Adds what is due of one lot to what was found of others: thousands of them make no lists of their own. */
function gather(held: Held, dues: Due[], never: NeverDone[]): void {
  for (const { act, on, because, isEarlier, isUnsure } of fallsDue(
    held.gear,
    held.lot,
    held.warmth,
  )) {
    if (on === null) never.push({ ...held, act: act as CareAct });
    else dues.push(dueOf(held, act, on, because, isEarlier, isUnsure));
  }
}

/** When an act falls due, wherever so many of the lot lie; null where nobody knows when it was last done. */
interface FallsDue {
  readonly act: DueAct;
  readonly on: string | null;
  readonly because: DueBecause;
  readonly isEarlier: boolean;
  readonly isUnsure: boolean;
}

const fallsDue = byLot(fallsDueAnew);

function fallsDueAnew(gear: Gear, lot: Lot, warmth: Warmth): readonly FallsDue[] {
  const found: FallsDue[] = [];
  const until = goodUntilOf(gear, lot, warmth);
  for (const care of gear.care) {
    const { act } = care;
    const on = nextDue(lot, care, warmth);
    // What has a date of its own is replaced by that, where it comes first.
    if (act === 'replace' && until !== null && (on === null || on >= until.day)) continue;
    const isEarlier = warmth.isHot && everyMonths(care.everyMonths, warmth) < care.everyMonths;
    found.push({ act, on, because: 'rhythm', isEarlier, isUnsure: false });
  }
  if (until !== null && !found.some(({ act }) => act === 'replace')) {
    const { day, by, isShortened, isUnsure } = until;
    found.push({ act: 'replace', on: day, because: by, isEarlier: isShortened, isUnsure });
  }
  return found;
}

/** Field by field, as that is many times as fast as copying. */
function dueOf(
  { kit, placement, gear, lot, count, warmth }: Held,
  act: DueAct,
  on: string,
  because: DueBecause,
  isEarlier: boolean,
  isUnsure: boolean,
): Due {
  return { kit, placement, gear, lot, count, warmth, act, on, because, isEarlier, isUnsure };
}

/** What is to go back to where it belongs. */
function goingBack(held: Held): readonly Due[] {
  const { lentTo, borrowedFrom, takenFrom, backBy } = held.gear;
  if (backBy === null) return [];
  const act = lentTo !== null ? 'get back' : borrowedFrom !== null ? 'give back' : 'put back';
  if (act === 'put back' && takenFrom === null) return [];
  return [dueOf(held, act, backBy, 'agreed', false, false)];
}

/** All that is to be done on a bench: on each lot where it lies, and on each kit as a whole. */
export function dueListOf(bench: Bench, today: string): DueList {
  const dues: Due[] = [];
  const never: NeverDone[] = [];
  const back = new Set<string>();
  for (const held of heldOn(bench, today)) {
    if (!isKept(held.gear)) continue;
    gather(held, dues, never);
    if (held.gear.backBy === null || back.has(held.gear.id)) continue;
    dues.push(...goingBack(held));
    back.add(held.gear.id);
  }
  return {
    dues: inOrderOfDays(dues),
    never,
    kits: [...bench.loadouts.values()]
      .filter(({ placements }) => placements.length > 0)
      .map((kit) => kitDue(kit, bench)),
  };
}

/** The earliest first, those of one day as they were: by the days that there are, of which there are fewer. */
function inOrderOfDays(dues: readonly Due[]): readonly Due[] {
  const byDay = new Map<string, Due[]>();
  for (const due of dues) {
    const same = byDay.get(due.on);
    if (same) same.push(due);
    else byDay.set(due.on, [due]);
  }
  const inOrder: Due[] = [];
  for (const day of [...byDay.keys()].sort()) for (const due of byDay.get(day)!) inOrder.push(due);
  return inOrder;
}

/** When a kit is to be looked through next: so many months after its last round, or after the last of it came. */
export function kitDue(kit: Loadout, bench: Bench): KitDue {
  const warmth = warmthOf(kit.brief?.storedIn ?? 'house', kit.brief);
  const months = everyMonths(lookEveryMonths, warmth);
  const last = lastRoundOf(kit.id, bench);
  const since = last === null ? lastKnownOf(kit, bench) : last.endedOn!;
  const on = since === null ? null : monthsAfter(since, months);
  return { kit, on, last, everyMonths: months };
}

/** The last day on which anything in a kit came, was filled or was looked at; null where no such day is known. */
function lastKnownOf({ placements }: Loadout, { shelf }: Bench): string | null {
  let latest: string | null = null;
  for (const { gear } of placements) {
    for (const { cameOn, filledOn, checkedOn } of shelf.get(gear)?.lots ?? []) {
      for (const day of [cameOn, filledOn, checkedOn]) {
        if (day !== null && (latest === null || day > latest)) latest = day;
      }
    }
  }
  return latest;
}

/** The last round of a kit that was ended; null where there was none. */
export function lastRoundOf(kit: string, { rounds }: Bench): Round | null {
  let last: Round | null = null;
  for (const round of rounds.values()) {
    if (round.kit !== kit || round.endedOn === null) continue;
    if (last === null || round.endedOn >= last.endedOn!) last = round;
  }
  return last;
}

/** By how many days something is overdue; 0 where it is not. */
export function overdueDays({ on }: Pick<Due, 'on'>, today: string): number {
  return Math.max(0, daysBetween(on, today));
}

/** How much falls due in each month, as `2027-04`, in their order. */
export function byMonthOf(dues: readonly Pick<Due, 'on'>[]): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { on } of dues) counts.set(monthIn(on), (counts.get(monthIn(on)) ?? 0) + 1);
  return new Map([...counts].sort(([one], [other]) => (one < other ? -1 : 1)));
}
