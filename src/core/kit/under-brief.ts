import { conditionsOf } from '../brief/conditions';
import type { Brief } from '../brief/brief';
import { lastingOf, needsKitOf, needsOf, type Lasting, type Need, type NeedsKit } from '../needs';
import type { UnitSystem } from '../quantity';
import { waysOf } from '../ways';
import type { WorkedOutKit } from './worked-out';

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
  const conditions = conditionsOf(brief, kit.day);
  const { whole, totals, bench } = kit;
  const day = conditions.period?.lastDay ?? kit.day;
  const ways = day === kit.day ? kit.ways : waysOf(whole, bench.shelf, day);
  const needsKit = needsKitOf(whole, bench.shelf, brief, conditions, { ways, totals, day, units });
  const needs = needsOf(needsKit);
  return { kit: needsKit, needs, lasts: lastingOf(needs) };
}
