import { carry } from './carry';
import { filledHere } from './filled';
import { fromTheLandL, onTheSpotL } from './land';
import { answered, daysOf, notKnown, standingOf, type Answer } from './need';
import { idsOf, type NeedsKit } from './needs-kit';
import { safeWaterOf } from './safe-water';
import { asksOfHeat, mealWaterPerDayL, treatments, waterPerDay, workedDrink } from './water';

/** Enough to drink: what is aboard, and what is found, made safe and carried from one water to the next. */
export function drink(kit: NeedsKit): Answer {
  const perDay = waterPerDay(kit);
  const { conditions, print } = kit;
  if (perDay === null || kit.days === null) return notKnown('L', ...asksOfHeat(kit));
  const safe = safeWaterOf(kit);
  if (safe === null) return notKnown('L', 'what is in the water, or the kind of country');
  const aboard = kit.given('water');
  const filled = filledHere(kit);
  const ways = treatments(kit);
  const { aboardL, safeL, askedL: demand } = safe;
  const landL = fromTheLandL(kit);
  const supply = aboardL + Math.min(landL, safeL);
  const carried = carry(kit).standing;
  const enough = standingOf(supply, demand);
  // Who cannot carry it to the next water does not have it there.
  const isCarried = landL === 0 || carried === 'met' || aboardL >= demand;
  const worked = kit.people.map((somebody) => workedDrink(kit, somebody));
  const asks = `${print.litres(perDay)} a day, ${print.litres(demand)} for the trip`;
  const found =
    landL === 0
      ? 'no water to count on there'
      : safeL === 0
        ? 'what is found there is made safe by nothing here'
        : `the rest is found there and made safe${landL < safeL ? `, up to ${print.litres(landL)} with these vessels` : safeL === Infinity ? '' : ` up to ${print.litres(safeL)}`}`;
  return answered({
    standing: enough === 'met' && !isCarried ? 'short' : enough,
    demand,
    supply,
    unit: 'L',
    days: daysOf(landL + aboardL >= demand ? aboardL + safeL : supply, perDay),
    says:
      supply === 0
        ? `${asks}; none is aboard, and ${found}.`
        : `${asks}; ${aboardL > 0 ? `${print.litres(aboardL)} aboard last ${print.days(daysOf(aboardL, perDay))}, and ` : ''}${found}.${enough === 'met' && !isCarried ? ' The vessels are too small to get from one water to the next.' : ''}`,
    placements: [
      ...new Set([...idsOf([...aboard, ...ways]), ...filled.map(({ placement }) => placement)]),
    ],
    worked,
    steps: [
      `Heat of a hot day in the shade: WBGT ${print.celsius(conditions.wbgtC!.value)}.`,
      `Meals ask ${print.litres(mealWaterPerDayL(kit))} of hot water a day.`,
      ...(landL === 0 || landL === Infinity
        ? []
        : [
            `At each water the vessels are filled and everybody drinks ${print.litres(onTheSpotL)}: ${print.litres(landL)} on the way.`,
          ]),
      ...(kit.people.length > 1
        ? kit.people.map(
            ({ name }, at) => `${name}: ${print.litres(worked[at]!.value as number)} a day.`,
          )
        : []),
      `${kit.people.length} people, ${kit.days} days.`,
    ],
  });
}
