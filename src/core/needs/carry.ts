import { waterToCarryL } from '../models';
import { answered, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, total, work, type NeedsKit } from './needs-kit';
import { asksOfHeat, waterPerDay } from './water';

/** Room for what the dry stretch asks, in clean vessels that are free. */
export function carry(kit: NeedsKit): Answer {
  const perDay = waterPerDay(kit);
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
  const supply = total(free) / 1000;
  const each = perDay / kit.people.length;
  const demand = waterToCarryL(each, kit.people.length, dryHours.value);
  const filled = vessels.filter(({ isToBeEmptied }) => isToBeEmptied);
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'L',
    days: null,
    says: `${print.litres(demand)} to carry over ${print.number(dryHours.value)} dry hours; free vessels hold ${print.litres(supply)}${filled.length > 0 ? `, and ${print.litres(total(filled) / 1000)} more once they are emptied` : ''}.`,
    placements: idsOf(free),
    worked: [
      work('water-to-carry', {
        litresPerDay: each,
        people: kit.people.length,
        dryHours: dryHours.value,
      }),
    ],
    steps: [
      ...(dryHours.by === 'country'
        ? ['The dry stretch is what the kind of country has; type your own.']
        : dryHours.by === 'route'
          ? ['The dry stretch is the longest between two waters of the route.']
          : []),
    ],
  });
}
