import { contactTimeMin, type Method } from '../models';
import { removes, treatments, waterTempC } from './water';
import { threatsThere } from './threats';
import type { Given, NeedsKit } from './needs-kit';

/** By what minutes a treatment has, how it works; what says nothing of it takes the minutes that it says. */
const methodOf = new Map<number | null, Method>([
  [1, 'boil'],
  [30, 'chlorine tablet'],
  [240, 'chlorine dioxide'],
  [null, 'UV'],
]);

/** How a treatment works; null where it only says its minutes, as a filter does. */
export function methodBy({ supply: { facts } }: Given): Method | null {
  return facts?.of === 'treatment' ? (methodOf.get(facts.minutes) ?? null) : null;
}

/** Against what a dioxide tablet takes its long time. */
const longMin = 240;

/** How long a treatment is waited for in this cold, against the threats of this place, in min. */
export function waitMin(kit: NeedsKit, way: Given): number {
  const { facts } = way.supply;
  if (facts?.of !== 'treatment') return 0;
  const method = methodBy(way);
  if (method === null) return facts.minutes ?? 0;
  const waterC = waterTempC(kit) ?? 10;
  const altitudeM = kit.brief.altitudeM ?? 0;
  const { value } = contactTimeMin({ method, waterC, cloudy: 'no', altitudeM });
  const isLong = method === 'chlorine dioxide' && (threatsThere(kit) ?? []).includes('protozoa');
  return (value ?? 0) * (isLong ? longMin / 30 : 1);
}

/**
 * The shortest wait for water that is safe there, in min: of what closes every threat of the place that lives, or of what is
 * waited for longest where only several do so together. Null where nothing treats.
 */
export function shortestWaitMin(kit: NeedsKit): number | null {
  const ways = treatments(kit);
  if (ways.length === 0) return null;
  const living = (threatsThere(kit) ?? []).filter(
    (threat) => threat !== 'sediment' && threat !== 'chemicals',
  );
  const waits = ways.map((way) => ({ min: waitMin(kit, way), closes: removes(way) }));
  const whole = waits.filter(({ closes }) => living.every((threat) => closes.includes(threat)));
  const useful = waits.filter(({ closes }) => living.some((threat) => closes.includes(threat)));
  if (whole.length > 0) return Math.min(...whole.map(({ min }) => min));
  return Math.max(0, ...useful.map(({ min }) => min));
}
