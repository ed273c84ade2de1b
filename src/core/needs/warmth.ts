import { clothedClo, isClothes } from '../gear';
import { dayClo } from '../models';
import { climateOr } from './asks';
import { answered, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, work, type NeedsKit } from './needs-kit';
import { dealtOut, eachDealt } from './sleepers';

/** What a windproof shell adds, in clo (own, after ISO 9920’s light jackets). */
const shellClo = 0.3;

/** The layers of a kit for the cold hours in camp, beside ordinary clothes, which are taken to be on. */
export function warmth(kit: NeedsKit): Answer {
  const { conditions, people, print } = kit;
  const { lowC, highC, windKmh } = conditions;
  if (lowC === null || highC === null) {
    return notKnown('clo', ...climateOr(kit.brief, 'the low and the high'));
  }
  const wind = windKmh?.value ?? 0;
  const tempC = (lowC.value + highC.value) / 2;
  const demand = dayClo(tempC, wind, 'camp');
  const shells = kit.given('shell').filter((given) => isRelied(given) && isClothes(given.gear));
  const layers = kit.given('insulate').filter((given) => isRelied(given) && isClothes(given.gear));
  const each = dealtOut(
    [
      ...layers.flatMap((given) => eachDealt(given, given.amount ?? 0)),
      ...shells.flatMap((given) => eachDealt(given, shellClo, 'shell', true)),
    ],
    people.map(() => clothedClo),
  );
  const supply = Math.min(...each);
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'clo',
    days: null,
    says: `In camp at ${print.celsius(tempC)}${windKmh ? ` with ${print.number(wind)} km/h of wind` : ''} everybody wears ${print.number(demand, 1)} clo; the worst off has ${print.number(supply, 1)}, ordinary clothes counted as 1.`,
    placements: idsOf([...layers, ...shells]),
    worked: [
      work('wind-chill', { tempC, windKmh: wind }),
      work('day-clo', { tempC, windKmh: wind, activity: 'camp' }),
    ],
    steps: [
      'The cold hours awake lie halfway between the low and the high; a windproof shell counts 0.3 clo.',
      ...people.map(({ name }, at) => `${name}: ${print.number(each[at]!, 1)} clo.`),
    ],
  });
}
