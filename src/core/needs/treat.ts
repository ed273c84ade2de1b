import type { Threat } from '../gear';
import type { Method } from '../models';
import { answered, daysOf, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import { idsOf, total, work, type Given, type NeedsKit } from './needs-kit';
import { asksOfHeat, litresTreated, removes, treatments, waterPerDay, waterTempC } from './water';

/** What of this place’s dangers no treatment here takes out, and the placements that treat. Nothing where it is not known. */
export function openThreats(kit: NeedsKit): {
  readonly open: readonly Threat[];
  readonly by: readonly string[];
} {
  const { waterThreats, waterIsCloudy } = kit.conditions;
  const ways = treatments(kit);
  if (waterThreats === null) return { open: [], by: [] };
  const cloudy = waterIsCloudy?.value === true;
  const strains =
    kit.given('strain').length > 0 || ways.some((way) => removes(way).includes('sediment'));
  const closed = new Set(ways.flatMap(removes));
  const asked: readonly Threat[] = cloudy
    ? [...waterThreats.value, 'sediment']
    : waterThreats.value;
  const open = [...new Set(asked)].filter(
    (threat) => !closed.has(threat) && !(threat === 'sediment' && (strains || !cloudy)),
  );
  return { open, by: idsOf(ways) };
}

/** Litres made safe, and what of this place’s dangers is left open. */
export function treat(kit: NeedsKit): Answer {
  const perDay = waterPerDay(kit);
  const { waterThreats, waterIsCloudy } = kit.conditions;
  const { print } = kit;
  if (perDay === null || kit.days === null) return notKnown('L', ...asksOfHeat(kit));
  if (waterThreats === null) return notKnown('L', 'what is in the water, or the kind of country');
  const ways = treatments(kit);
  const supply = litresTreated(ways);
  const demand = Math.max(0, perDay * kit.days - total(kit.given('water')) / 1000);
  const cloudy = waterIsCloudy?.value === true;
  const strains =
    kit.given('strain').length > 0 || ways.some((way) => removes(way).includes('sediment'));
  const { open } = openThreats(kit);
  const dosed = ways.filter(
    ({ gear, amount, supply: each }) =>
      amount !== null && gear.contents !== null && each.demands.length > 0,
  );
  const hasVessel = kit.given('carry-water').some(({ amount }) => amount !== null);
  const unmeasured = dosed.length > 0 && ways.length === dosed.length && !hasVessel;
  const isMet = supply >= demand && open.length === 0 && !unmeasured;
  const tempC = waterTempC(kit);
  const worked = ways.flatMap((way) => waitOf(way, tempC, cloudy && !strains, kit) ?? []);
  return answered({
    standing: ways.length === 0 ? (demand > 0 ? 'none' : 'met') : isMet ? 'met' : 'short',
    demand,
    supply,
    unit: 'L',
    days: daysOf(supply, perDay),
    says: [
      ways.length === 0
        ? `${print.litres(demand)} are to be made safe, and nothing here does that.`
        : `${listed([...new Set(ways.map(({ gear }) => gear.name))].slice(0, 3))}: ${supply === Infinity ? 'as much as there is fire for' : print.litres(supply)}, of ${print.litres(demand)} asked.`,
      open.length > 0
        ? `Left open: ${listed(open)}.`
        : 'Clear is not safe: nothing here takes out fuel, salt or poisons.',
      unmeasured ? 'A dose needs a vessel of known volume.' : '',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf(ways),
    worked,
    steps: [
      ...ways
        .filter(({ amount }) => amount !== null)
        .map(
          ({ gear, amount, count }) =>
            `${gear.name}: ${print.litres(amount! * count)}, ${print.number(daysOf(amount! * count, perDay))} days.`,
        ),
      ...(tempC === null ? [] : [`The water is taken at ${print.celsius(tempC)}.`]),
    ],
  });
}

/** How long one waits, by its minutes: the methods that take any. */
function waitOf(
  { supply: { facts } }: Given,
  tempC: number | null,
  isCloudy: boolean,
  { brief }: NeedsKit,
) {
  if (facts?.of !== 'treatment' || tempC === null) return null;
  const method: Method | null =
    facts.minutes === 1
      ? 'boil'
      : facts.minutes === 30
        ? 'chlorine tablet'
        : facts.minutes === 240
          ? 'chlorine dioxide'
          : facts.minutes === null
            ? 'UV'
            : null;
  if (method === null) return null;
  return work('contact-time', {
    method,
    waterC: tempC,
    cloudy: isCloudy ? 'yes' : 'no',
    altitudeM: brief.altitudeM ?? 0,
  });
}
