import { groundR } from '../models';
import { climateOr } from './asks';
import { answered, notAsked, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, work, type NeedsKit } from './needs-kit';
import { tooShortFor } from './bed-length';
import { groundEach, hangingFree } from './sleepers';

/** The R-value beneath the worst-off sleeper. Who hangs, lies on no ground. */
export function ground(kit: NeedsKit): Answer {
  const { conditions, nights, print, people } = kit;
  if (nights === 0) return notAsked('R', 'No night out.');
  if (kit.shelter !== null) {
    return notAsked(
      'R',
      kit.shelter === 'house' ? 'They lie in their own beds.' : 'They sit in the vehicle.',
    );
  }
  if (conditions.lowC === null) return notKnown('R', ...climateOr(kit.brief, 'the low'));
  const demand = groundR(conditions.lowC.value);
  if (hangingFree(kit, conditions.lowC.value) === people.length)
    return notAsked('R', 'Who hangs in that warmth lies on no ground.');
  const mats = kit.given('ground').filter(isRelied);
  const each = groundEach(kit);
  const supply = Math.min(...each);
  const worst = people[each.indexOf(supply)]!;
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'R',
    days: null,
    says: [
      `At ${print.celsius(conditions.lowC.value)} the ground asks R ${print.number(demand, 1)}; ${worst.name} has R ${print.number(supply, 1)}.`,
      ...tooShortFor(kit, mats, false).map(
        ({ name, statureM, bedM }) =>
          `${name} is ${print.metres(statureM)} tall, and the mat ${print.metres(bedM)}: something else goes under the feet.`,
      ),
    ].join(' '),
    placements: idsOf(mats),
    worked: [work('ground-r', { tempC: conditions.lowC.value })],
    steps: people.map(({ name }, at) => `${name}: R ${print.number(each[at]!, 1)}.`),
  });
}
