import { isForCells } from '../gear';
import { isOnBody, treeOf } from '../loadout';
import { ownBatteryColdFactor } from '../models';
import { answered, daysOf, notAsked, notKnown, type Answer } from './need';
import { agree, listed } from '../quantity';
import { idsOf, total, type NeedsKit } from './needs-kit';

/** How often a device with a battery of its own is charged, in days (own). */
const chargedEveryDays = 2;

/** A bank gives so much less than it holds on the way into a device (own). */
const chargingShare = 0.8;

/** Cells by type for the devices that ask them, and how often a bank or a panel charges what has a battery of its own. */
export function power(kit: NeedsKit): Answer {
  const { days, conditions, print } = kit;
  const lacks = withoutCells(kit);
  const devices = charged(kit);
  if (devices.length === 0 && lacks.length === 0)
    return notAsked('Wh', 'Nothing here asks for current that it does not have.');
  if (days === null) return notKnown('Wh', 'when');
  const tempC = conditions.lowC?.value ?? 20;
  const perDay = devices.reduce((sum, { wh }) => sum + wh, 0) / chargedEveryDays;
  const banks = kit.given('recharge').filter(({ amount }) => amount !== null);
  const panels = kit
    .given('recharge')
    .filter(({ supply: { facts } }) => facts?.of === 'power' && facts.whPerSunnyDay !== null);
  const sunShare = Math.min(1, (conditions.sunH ?? 8) / 12) * (conditions.isWet ? 0.4 : 1);
  const panelADay =
    panels.reduce(
      (sum, { supply: { facts }, count }) =>
        sum + (facts?.of === 'power' ? (facts.whPerSunnyDay ?? 0) : 0) * count,
      0,
    ) * sunShare;
  const own = devices.reduce(
    (sum, { wh, isWarm }) => sum + wh * (isWarm ? 1 : ownBatteryColdFactor(tempC)),
    0,
  );
  const banked = total(banks) * ownBatteryColdFactor(tempC) * chargingShare;
  const supply = own + banked + panelADay * days;
  const demand = perDay * days;
  const lasts = daysOf(own + banked, Math.max(0, perDay - panelADay));
  const isMet = supply >= demand - 1e-9 && lacks.length === 0;
  return answered({
    standing: isMet ? 'met' : supply > 0 ? 'short' : 'none',
    demand,
    supply,
    unit: 'Wh',
    days: devices.length === 0 ? null : lasts,
    says: [
      lacks.length > 0 ? `${listed(lacks)}.` : '',
      devices.length > 0
        ? `${listed(devices.map(({ name }) => name))}: ${print.number(demand)} Wh asked, ${print.number(supply)} there at ${print.celsius(tempC)}${panelADay > 0 ? `, ${print.number(panelADay)} of it a day from the sun` : ''}.`
        : '',
    ]
      .filter((part) => part !== '')
      .join(' '),
    placements: idsOf([...banks, ...panels, ...kit.given('cells')]),
    steps: [
      `What has a battery of its own is charged every ${chargedEveryDays} days.`,
      `Banks give ${print.number(chargingShare * 100)} % of what they hold, and ${print.number(ownBatteryColdFactor(tempC) * 100)} % of that in this cold.`,
    ],
  });
}

/** What is charged: phones, lamps and messengers with a battery of their own. */
function charged(
  kit: NeedsKit,
): readonly { readonly name: string; readonly wh: number; readonly isWarm: boolean }[] {
  const tree = treeOf(kit.loadout);
  const seen = new Map<string, { name: string; wh: number; isWarm: boolean }>();
  for (const job of ['light', 'call', 'position'] as const) {
    for (const { placement, gear, count, supply } of kit.given(job)) {
      const { facts } = supply;
      const wh = facts?.of === 'light' ? (facts.ownWh ?? 0) : 0;
      if (wh > 0) {
        const isWarm = isOnBody(tree, kit.shelf, placement);
        seen.set(placement.id, { name: gear.name, wh: wh * count, isWarm });
      }
    }
  }
  return [...seen.values()];
}

/** Devices other than lamps whose cells are not there. */
function withoutCells({ ways, shelf }: NeedsKit): readonly string[] {
  const lacking = new Map<string, string>();
  for (const { placement, absence, unmet } of ways.idle) {
    const cells = unmet.find(isForCells);
    if (absence !== null || cells === undefined) continue;
    const { name } = shelf.get(placement.gear)!;
    const sorts = cells.sorts === null ? 'cells' : cells.sorts.join(' or ');
    const isLamp = shelf.get(placement.gear)!.supplies.some(({ job }) => job === 'light');
    if (!isLamp)
      lacking.set(placement.id, `${name} ${agree([name], 'asks', 'ask')} ${cells.items} ${sorts}`);
  }
  return [...lacking.values()];
}
