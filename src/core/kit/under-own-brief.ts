import type { UnitSystem } from '../quantity';
import type { Ways } from '../ways';
import { drained } from '../steps';
import { lastingOf, workingNeeds } from '../needs';
import { needsKitUnder, type UnderBrief } from './under-brief';
import type { WorkedOutKit } from './worked-out';

export { massByDays } from '../needs';

/** By what the kit can do, which is worked out once for as long as nothing of it changes. */
const known = new WeakMap<Ways, Map<UnitSystem, UnderBrief>>();

/** A kit under its own brief, worked out once for all that ask; null while it has none. */
export function underOwnBrief(kit: WorkedOutKit, units: UnitSystem): UnderBrief | null {
  return drained(workingUnderOwnBrief(kit, units));
}

/** As {@link underOwnBrief}, a need at a time, so that what is on screen goes on meanwhile. */
export function* workingUnderOwnBrief(
  kit: WorkedOutKit,
  units: UnitSystem,
): Generator<unknown, UnderBrief | null> {
  const { brief } = kit.own;
  if (brief === null) return null;
  const before = known.get(kit.ways)?.get(units);
  if (before) return before;
  const needsKit = needsKitUnder(kit.whole, kit, brief, units, kit);
  yield needsKit;
  const needs = yield* workingNeeds(needsKit);
  const found = { kit: needsKit, needs, lasts: lastingOf(needs, needsKit) };
  const ofWays = known.get(kit.ways) ?? new Map<UnitSystem, UnderBrief>();
  known.set(kit.ways, ofWays.set(units, found));
  return found;
}
