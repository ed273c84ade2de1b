import { answered, daysOf, notAsked, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, total, type NeedsKit } from './needs-kit';

/** Fires a day, tries a fire dry and wet, minutes of tinder a fire, and how much more of it wet country takes (own). */
export const firesADay = 2;
const tries = { dry: 3, wet: 6 } as const;
const tinderMin = 5;
const wetTinder = 3;

/** Lights and strikes against the fires of the trip, and tinder to go with them. */
export function fire(kit: NeedsKit): Answer {
  const { days, conditions, brief, print } = kit;
  if (!brief.isFireAllowed && kit.given('stove').length === 0) {
    return notAsked('lights', 'No open fire is allowed, and there is no stove to light.');
  }
  if (days === null) return notKnown('lights', 'when');
  const isWet = conditions.isWet ?? true;
  const triesADay = firesADay * (isWet ? tries.wet : tries.dry);
  const lights = [...kit.given('flame'), ...kit.given('spark')].filter(isRelied);
  const supply = total(lights);
  const demand = triesADay * days;
  const tinder = kit.given('tinder').filter(isRelied);
  const minutesADay = firesADay * tinderMin * (isWet ? wetTinder : 1);
  const minutes = brief.isFireAllowed ? total(tinder) : Infinity;
  const lasts = Math.min(daysOf(supply, triesADay), daysOf(minutes, minutesADay));
  const isMet = lasts >= days - 1e-9;
  return answered({
    standing: isMet ? 'met' : supply > 0 ? 'short' : 'none',
    demand,
    supply,
    unit: 'lights',
    days: lasts,
    says:
      supply === 0
        ? 'Nothing here lights a fire.'
        : `${print.number(supply)} lights and strikes, ${print.number(demand)} asked; ${minutes === Infinity ? 'the stove asks no tinder' : `${print.number(minutes)} min of tinder, ${print.number(minutesADay * days)} asked`}${isWet ? ', the country being wet' : ''}.`,
    placements: idsOf([...lights, ...(brief.isFireAllowed ? tinder : [])]),
    steps: [
      `${firesADay} fires a day, ${isWet ? tries.wet : tries.dry} tries each, ${days} days.`,
      `${tinderMin} min of tinder a fire${isWet ? `, times ${wetTinder} in wet country` : ''}.`,
      ...(standingOf(supply, demand) === 'met' && !isMet ? ['The tinder runs out first.'] : []),
    ],
  });
}
