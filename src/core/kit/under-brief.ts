import { conditionsOf } from '../brief/conditions';
import type { Brief } from '../brief/brief';
import { totalsOf, type Loadout, type Shelf } from '../loadout';
import { lastingOf, needsKitOf, needsOf, type Lasting, type Need, type NeedsKit } from '../needs';
import type { UnitSystem } from '../quantity';
import { waysOf } from '../ways';
import type { WorkedOutKit } from './worked-out';

/** When and where needs are worked out. */
type OnDay = Pick<WorkedOutKit, 'bench' | 'day' | 'holding' | 'elsewhere'> & {
  /** Another shelf than the bench’s, as where a piece is tried that is not on it. */
  readonly shelf?: Shelf;
};

/** A kit under a brief: what that comes to, every need, and how long it lasts. */
export interface UnderBrief {
  readonly kit: NeedsKit;
  readonly needs: readonly Need[];
  readonly lasts: Lasting;
}

/**
 * A kit judged by a brief on the trip’s last day: nothing that is expired, spent, lent, failed or missing then counts.
 *
 * @param brief its own, or any other that it is held against.
 */
export function underBrief(kit: WorkedOutKit, brief: Brief, units: UnitSystem): UnderBrief {
  return needsUnder(needsKitUnder(kit.whole, kit, brief, units, kit));
}

/** Every need of what a kit comes to under a brief. */
export function needsUnder(kit: NeedsKit): UnderBrief {
  const needs = needsOf(kit);
  return { kit, needs, lasts: lastingOf(needs, kit) };
}

/**
 * What pieces come to under a brief, on the trip’s last day.
 *
 * @param on the kit whose pieces they are, for its shelf, its day and what holds there.
 * @param known what the pieces do on a day, where that is worked out already.
 */
export function needsKitUnder(
  pieces: Loadout,
  { bench, day: today, holding, elsewhere, shelf = bench.shelf }: OnDay,
  brief: Brief,
  units: UnitSystem,
  known?: Pick<WorkedOutKit, 'ways' | 'day'>,
): NeedsKit {
  const conditions = conditionsOf(brief, today);
  const day = conditions.period?.lastDay ?? today;
  const loadout = pieces.brief === brief ? pieces : { ...pieces, brief };
  // What boils on an open fire hangs on the brief: ways of another one are not these.
  const isKnown = known?.day === day && loadout === pieces;
  const ways = isKnown ? known.ways : waysOf(loadout, shelf, day, holding, elsewhere);
  const totals = totalsOf(loadout, shelf);
  return needsKitOf(loadout, shelf, brief, conditions, {
    ways,
    totals,
    day,
    units,
    holding,
    elsewhere,
  });
}
