import type { UnitSystem } from '../quantity';
import type { Ways } from '../ways';
import { underBrief, type UnderBrief } from './under-brief';
import type { WorkedOutKit } from './worked-out';

export { massByDays } from '../needs';

/** By what the kit can do, which is worked out once for as long as nothing of it changes. */
const known = new WeakMap<Ways, Map<UnitSystem, UnderBrief>>();

/** A kit under its own brief, worked out once for all that ask; null while it has none. */
export function underOwnBrief(kit: WorkedOutKit, units: UnitSystem): UnderBrief | null {
  const { brief } = kit.own;
  if (brief === null) return null;
  const before = known.get(kit.ways) ?? new Map<UnitSystem, UnderBrief>();
  known.set(kit.ways, before);
  const found = before.get(units) ?? underBrief(kit, brief, units);
  before.set(units, found);
  return found;
}
