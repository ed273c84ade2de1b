import type { Threat } from '../gear';
import { listed } from '../quantity';
import { answered, daysOf, notKnown, type Answer } from './need';
import { idsOf, work, type Given, type NeedsKit } from './needs-kit';
import { isBoiling, safeWaterOf } from './safe-water';
import { threatsThere } from './threats';
import { methodBy } from './wait';
import {
  asksOfHeat,
  frozenTreatments,
  removes,
  treatments,
  waterPerDay,
  waterTempC,
} from './water';

/** What of this place’s dangers no treatment here takes out, and the placements that treat. Nothing where it is not known. */
export function openThreats(kit: NeedsKit): {
  readonly open: readonly Threat[];
  readonly by: readonly string[];
} {
  const threats = threatsThere(kit);
  if (threats === null) return { open: [], by: [] };
  const ways = treatments(kit);
  const closed = new Set(ways.flatMap(removes));
  const open = safeWaterOf(kit)?.open ?? threats.filter((threat) => !closed.has(threat));
  return { open, by: idsOf(ways) };
}

/** Litres made safe of all that is wrong with the water there, and what is left open. */
export function treat(kit: NeedsKit): Answer {
  const perDay = waterPerDay(kit);
  const { print } = kit;
  if (perDay === null || kit.days === null) return notKnown('L', ...asksOfHeat(kit));
  const safe = safeWaterOf(kit);
  if (safe === null) return notKnown('L', 'what is in the water, or the kind of country');
  const { safeL, open, toTreatL: demand } = safe;
  const ways = treatments(kit);
  const frozen = frozenTreatments(kit);
  const isCloudy = (threatsThere(kit) ?? []).includes('sediment');
  const dosed = ways.filter(
    ({ gear, amount, supply: each }) =>
      amount !== null && gear.contents !== null && each.demands.length > 0,
  );
  const hasVessel = kit.given('carry-water').some(({ amount }) => amount !== null);
  const unmeasured = dosed.length > 0 && ways.length === dosed.length && !hasVessel;
  const isMet = safeL >= demand - 1e-9 && open.length === 0 && !unmeasured;
  const tempC = waterTempC(kit);
  const worked = ways.flatMap((way) => waitOf(way, tempC, isCloudy, kit) ?? []);
  const standing =
    demand === 0 ? 'met' : safeL === 0 || ways.length === 0 ? 'none' : isMet ? 'met' : 'short';
  return answered({
    standing,
    demand,
    supply: safeL,
    unit: 'L',
    days: daysOf(safeL, perDay),
    says: [
      demand === 0
        ? 'No water is taken from the land there.'
        : ways.length === 0
          ? `${print.litres(demand)} are to be made safe, and nothing here does that.`
          : `${listed([...new Set(ways.map(({ gear }) => gear.name))].slice(0, 3))}: ${safeL === Infinity ? 'as much as there is fire for' : `${print.litres(safeL)} safe of all that is in the water`}, of ${print.litres(demand)} asked.`,
      safe.isMelted && demand > 0 ? 'All of it is ice, and is melted first.' : '',
      open.length > 0 && demand > 0
        ? `Left open: ${listed(open)}.`
        : 'Clear is not safe: nothing here takes out fuel, salt or poisons.',
      frozen.length > 0 && demand > 0
        ? `Not counted, as the frost there spoils ${frozen.length === 1 ? 'it' : 'them'} where ${frozen.length === 1 ? 'it lies' : 'they lie'}: ${listed([...new Set(frozen.map(({ gear }) => gear.name))].slice(0, 3))}.`
        : '',
      unmeasured ? 'A dose needs a vessel of known volume.' : '',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf(ways),
    worked,
    steps: [
      ...ways.map((way) =>
        isBoiling(way)
          ? `${way.gear.name}: boils, against ${listed(removes(way))}.`
          : `${way.gear.name}: ${way.amount === null ? 'without end' : print.litres(way.amount * way.count)}, against ${listed(removes(way))}.`,
      ),
      'Safe is what is safe of every threat there: the least of them counts.',
      ...(tempC === null ? [] : [`The water is taken at ${print.celsius(tempC)}.`]),
    ],
  });
}

/** How long one waits, by its minutes: the methods that take any. */
function waitOf(way: Given, tempC: number | null, isCloudy: boolean, { brief }: NeedsKit) {
  const method = methodBy(way);
  if (method === null || tempC === null) return null;
  return work('contact-time', {
    method,
    waterC: tempC,
    cloudy: isCloudy ? 'yes' : 'no',
    altitudeM: brief.altitudeM ?? 0,
  });
}
