import { groundR } from '../models';
import { answered, notAsked, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, work, type NeedsKit } from './needs-kit';
import { groundEach } from './sleepers';

/** The R-value beneath the worst-off sleeper. Who hangs, lies on no ground. */
export function ground(kit: NeedsKit): Answer {
  const { conditions, nights, print, people } = kit;
  if (nights === 0) return notAsked('R', 'No night out.');
  if (conditions.lowC === null) return notKnown('R', 'the place and when, or the low');
  const demand = groundR(conditions.lowC.value);
  const each = groundEach(kit);
  const supply = Math.min(...each);
  const worst = people[each.indexOf(supply)]!;
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'R',
    days: null,
    says: `At ${print.celsius(conditions.lowC.value)} the ground asks R ${print.number(demand, 1)}; ${worst.name} has R ${print.number(supply, 1)}.`,
    placements: idsOf(kit.given('ground').filter(isRelied)),
    worked: [work('ground-r', { tempC: conditions.lowC.value })],
    steps: people.map(({ name }, at) => `${name}: R ${print.number(each[at]!, 1)}.`),
  });
}
