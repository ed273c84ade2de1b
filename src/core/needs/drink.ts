import { answered, daysOf, notKnown, standingOf, type Answer } from './need';
import { idsOf, total, work, type NeedsKit } from './needs-kit';
import {
  asksOfHeat,
  filledHere,
  filledMl,
  litresTreated,
  mealWaterPerDayL,
  treatments,
  waterPerDay,
} from './water';

/** Enough to drink: what is aboard as water, and what can be made safe where there is any. */
export function drink(kit: NeedsKit): Answer {
  const perDay = waterPerDay(kit);
  const { conditions, print } = kit;
  if (perDay === null || kit.days === null) return notKnown('L', ...asksOfHeat(kit));
  const aboard = kit.given('water');
  const filled = filledHere(kit);
  const litres = (total(aboard) + filledMl(filled)) / 1000;
  const ways = treatments(kit);
  const treated = litresTreated(ways);
  const isDry = (conditions.dryHours?.value ?? 0) >= 24 * kit.days;
  const supply = isDry ? litres : litres + treated;
  const demand = perDay * kit.days;
  const worked = kit.people.map(({ sex }) =>
    work('water-per-day', {
      wbgtC: conditions.wbgtC!.value,
      workHours: kit.brief.workHours,
      work: kit.brief.work,
      sex,
    }),
  );
  return answered({
    standing: standingOf(supply, demand),
    demand,
    supply,
    unit: 'L',
    days: daysOf(supply, perDay),
    says:
      supply === 0
        ? `${print.litres(perDay)} a day are asked, and no water is aboard and none can be made safe.`
        : `${print.litres(perDay)} a day, ${print.litres(demand)} for the trip; ${litres > 0 ? `${print.litres(litres)} aboard, ` : ''}${isDry ? 'and no water on the way' : `the rest from the land, made safe${treated === Infinity ? '' : ` up to ${print.litres(treated)}`}`}.`,
    placements: [
      ...new Set([...idsOf([...aboard, ...ways]), ...filled.map(({ placement }) => placement)]),
    ],
    worked,
    steps: [
      `Heat of a hot day in the shade: WBGT ${print.celsius(conditions.wbgtC!.value)}.`,
      `Meals ask ${print.litres(mealWaterPerDayL(kit))} of hot water a day.`,
      ...(kit.people.length > 1
        ? kit.people.map(
            ({ name }, at) => `${name}: ${print.litres(worked[at]!.value as number)} a day.`,
          )
        : []),
      `${kit.people.length} people, ${kit.days} days.`,
    ],
  });
}
