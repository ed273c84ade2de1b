import { gearOfKind, kindsToGet } from '../catalogue';
import type { Brief } from '../brief/brief';
import { isAtHand, isSpent, type Gear, type JobId } from '../gear';
import { newPlacement, placedByGear, type Command, type Loadout } from '../loadout';
import { lackOf, needOf, type Need, type NeedId } from '../needs';
import { offersFor } from '../scheme';
import { needsKitUnder } from './under-brief';
import type { WorkedOutKit } from './worked-out';

/** So many of a piece that would help a need, what that weighs and costs, and what it would come to. */
export interface NeedFix {
  readonly gear: Gear;
  readonly count: number;
  /** It is on the shelf and free; else it is a typical piece of the catalogue. */
  readonly isOnShelf: boolean;
  readonly massG: number | null;
  readonly priceMinor: number | null;
  readonly after: Need;
  /** Days won; null where the need is no matter of days. */
  readonly daysWon: number | null;
}

/** `2 × Oat bar`. */
export function fixName({ gear, count }: Pick<NeedFix, 'gear' | 'count'>): string {
  return count === 1 ? gear.name : `${count} × ${gear.name}`;
}

/** The act that lays a fix on the mat: a piece of the shelf, or a typical one that comes onto the shelf with it. */
export function layingOutFix(
  { gear, count, isOnShelf }: Pick<NeedFix, 'gear' | 'count' | 'isOnShelf'>,
  { bench, own }: Pick<WorkedOutKit, 'bench' | 'own'>,
  newId: () => string,
): Command {
  const id = isOnShelf ? gear.id : newId();
  const place: Command = {
    do: 'place',
    loadout: own.id,
    placement: newPlacement(newId(), id, { on: 'mat' }, count),
  };
  if (isOnShelf) return place;
  const priceMinor = bench.currency === 'EUR' ? gear.priceMinor : null;
  return {
    do: 'together',
    label: `add ${gear.name}`,
    commands: [{ do: 'add gear', gear: [{ ...gear, id, count, priceMinor }] }, place],
  };
}

/** What answers each need, as far as gear does. */
const helpedBy: Readonly<Record<NeedId, readonly JobId[]>> = {
  drink: ['treat-water', 'water'],
  carry: ['carry-water'],
  treat: ['treat-water', 'strain', 'carry-water'],
  food: ['food'],
  load: [],
  warmth: ['insulate', 'shell'],
  sleep: ['sleep', 'ground', 'insulate'],
  ground: ['ground'],
  roof: ['roof', 'cord'],
  rig: ['cord', 'stake'],
  fire: ['tinder', 'flame', 'spark'],
  fuel: ['fuel', 'stove'],
  light: ['light', 'cells', 'candle'],
  power: ['cells', 'recharge'],
  guard: ['insect-guard', 'sun-guard', 'raise'],
  'first aid': ['first-aid', 'medicine', 'blister', 'bleed-control', 'electrolyte'],
  'own musts': ['medicine'],
  hygiene: ['toilet', 'wash'],
  found: ['signal-sound', 'signal-day', 'signal-night', 'call'],
  evening: ['roof', 'ground', 'stake', 'treat-water'],
};

/** How many of a piece are tried, and how many pieces of each job are looked at. */
const counts = [1, 2, 3, 4, 6, 8, 12];
const mostOfJob = 8;

/**
 * What would answer a short need, the fewest of each piece that meet it: what meets it first, from the shelf before the
 * catalogue, then the lightest. Where one kind of piece does not meet it, what helps most.
 *
 * @param most how many are told.
 */
export function needFixes(
  kit: WorkedOutKit,
  brief: Brief,
  need: NeedId,
  most = 4,
): readonly NeedFix[] {
  const before = needAfter(kit, brief, need, null, 0);
  if (before.standing === 'met' || before.standing === 'not known') return [];
  const jobs = helpedBy[need];
  const offered = offersFor(kit.bench, jobs);
  const shelf = jobs.flatMap((job) =>
    offered.filter(({ gear }) => doesJob(gear, job)).slice(0, mostOfJob),
  );
  const onShelf = new Set(shelf.map(({ gear }) => gear));
  const typical = jobs.flatMap((job) =>
    kindsToGet
      .filter((kind) =>
        kind.supplies.some((each) => each.job === job && each.fitness === 'made-for'),
      )
      .sort((one, other) => one.massG - other.massG)
      .slice(0, mostOfJob)
      .map((kind) => gearOfKind(kind, `typical-${kind.id}`)),
  );
  const candidates = [
    ...[...onShelf].map((gear) => ({ gear, free: freeOf(kit, gear), isOnShelf: true })),
    ...typical.map((gear) => ({ gear, free: counts.at(-1)!, isOnShelf: false })),
  ];
  const seen = new Set<string>();
  const fixes = candidates.flatMap(({ gear, free, isOnShelf }): readonly NeedFix[] => {
    if (seen.has(gear.id) || (gear.kind !== null && !isOnShelf && seen.has(gear.kind))) return [];
    seen.add(gear.id);
    if (gear.kind !== null) seen.add(gear.kind);
    return fixBy(kit, brief, before, gear, free, isOnShelf);
  });
  return fixes.sort(byWorth).slice(0, most);
}

/** The fewest of a piece that meet the need, or as many as help most. */
function fixBy(
  kit: WorkedOutKit,
  brief: Brief,
  before: Need,
  gear: Gear,
  free: number,
  isOnShelf: boolean,
): readonly NeedFix[] {
  let best: NeedFix | null = null;
  for (const count of counts.filter((each) => each <= free)) {
    const after = needAfter(kit, brief, before.need, gear, count);
    if (!isBetter(after, best?.after ?? before)) {
      // More of what does nothing yet may do something together, as cells do, and the pegs of a sheet.
      if (best === null && count < 6) continue;
      break;
    }
    best = {
      gear,
      count,
      isOnShelf,
      massG: gear.massG === null ? null : gear.massG * count,
      priceMinor: isOnShelf ? 0 : gear.priceMinor === null ? null : gear.priceMinor * count,
      after,
      daysWon: after.days === null || before.days === null ? null : after.days - before.days,
    };
    if (after.standing === 'met') break;
  }
  return best === null ? [] : [best];
}

function isBetter(after: Need, before: Need): boolean {
  if (after.standing === 'met') return before.standing !== 'met';
  if (after.days !== null && before.days !== null) return after.days > before.days + 1e-9;
  return after.supply !== null && before.supply !== null && lackOf(after) < lackOf(before) - 1e-9;
}

function byWorth(one: NeedFix, other: NeedFix): number {
  return (
    Number(other.after.standing === 'met') - Number(one.after.standing === 'met') ||
    Number(other.isOnShelf) - Number(one.isOnShelf) ||
    (one.after.standing === 'met' ? 0 : lackOf(one.after) - lackOf(other.after)) ||
    (one.massG ?? Infinity) - (other.massG ?? Infinity)
  );
}

/** The need with so many of a piece laid out beside what is there. */
function needAfter(
  kit: WorkedOutKit,
  brief: Brief,
  need: NeedId,
  gear: Gear | null,
  count: number,
): Need {
  const { whole, bench } = kit;
  const id = 'the-piece-that-is-tried';
  const loadout: Loadout =
    gear === null
      ? whole
      : {
          ...whole,
          placements: [...whole.placements, newPlacement(id, gear.id, { on: 'body' }, count)],
        };
  const shelf = new Map(bench.shelf);
  if (gear !== null) {
    const isHere = shelf.has(gear.id);
    shelf.set(gear.id, isHere ? gear : { ...gear, ownership: 'owned', count });
  }
  return needOf(needsKitUnder(loadout, { ...kit, shelf }, brief, 'metric'), need);
}

function doesJob({ supplies }: Gear, job: JobId): boolean {
  return supplies.some((supply) => supply.job === job && supply.fitness !== 'improvised');
}

function freeOf({ bench }: WorkedOutKit, gear: Gear): number {
  if (!isAtHand(gear) || isSpent(gear)) return 0;
  const placed = [...placedByGear(bench).get(gear.id)!.values()];
  return gear.count - placed.reduce((sum, count) => sum + count, 0);
}
