import { waterToCarryL } from '../models';
import { answered, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, total, work, type NeedsKit } from './needs-kit';
import { filledHere } from './filled';
import { asksOfHeat, drunkPerDayL } from './water';

/** Ice takes a tenth more room than the water it was: a rigid vessel that is full bursts. */
function frostStep(kit: NeedsKit): readonly string[] {
  const { lowC } = kit.conditions;
  if (lowC === null || lowC.value >= 0) return [];
  const full = filledHere(kit).filter(({ placement, ml }) => {
    const vessel = kit.given('carry-water').find((given) => given.placement.id === placement);
    const room = (vessel?.amount ?? 0) * (vessel?.count ?? 0);
    return vessel?.gear.form?.shape !== 'soft' && ml > room * 0.9;
  });
  return full.length === 0
    ? []
    : [
        `At ${kit.print.celsius(lowC.value)} ${full.length === 1 ? 'a full rigid vessel bursts' : `${full.length} full rigid vessels burst`}: leave a tenth empty.`,
      ];
}

/** What the dry stretch asks: room in clean vessels that are free, and water that is aboard in what is no vessel to fill. */
export function carry(kit: NeedsKit): Answer {
  const perDay = drunkPerDayL(kit);
  const { dryHours } = kit.conditions;
  const { print } = kit;
  if (perDay === null || dryHours === null) {
    return notKnown(
      'L',
      ...asksOfHeat({ ...kit, days: 1 }),
      ...(dryHours === null ? ['the hours between waters, or the kind of country'] : []),
    );
  }
  const vessels = kit.given('carry-water').filter(isRelied);
  const free = vessels.filter(({ isToBeEmptied }) => !isToBeEmptied);
  const rooms = new Set(idsOf(vessels));
  const sealed = kit.given('water').filter(({ placement }) => !rooms.has(placement.id));
  const sealedL = total(sealed) / 1000;
  const supply = total(free) / 1000 + sealedL;
  const each = perDay / kit.people.length;
  const demand = waterToCarryL(each, kit.people.length, dryHours.value);
  const filled = vessels.filter(({ isToBeEmptied }) => isToBeEmptied);
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'L',
    days: null,
    says: `${print.litres(demand)} to carry over ${print.number(dryHours.value)} dry hours; free vessels hold ${print.litres(supply - sealedL)}${sealedL > 0 ? `, and ${print.litres(sealedL)} are aboard in bottles` : ''}${filled.length > 0 ? `, and ${print.litres(total(filled) / 1000)} more once they are emptied` : ''}.`,
    placements: idsOf([...free, ...sealed]),
    worked: [
      work('water-to-carry', {
        litresPerDay: each,
        people: kit.people.length,
        dryHours: dryHours.value,
      }),
    ],
    steps: [
      ...frostStep(kit),
      ...(dryHours.by === 'country'
        ? ['The dry stretch is what the kind of country has; type your own.']
        : dryHours.by === 'route'
          ? ['The dry stretch is the longest between two waters of the route.']
          : []),
    ],
  });
}
