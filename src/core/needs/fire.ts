import { makeDoThere } from '../brief';
import { isCooked } from './fuel';
import { hearthOf } from './hearth';
import { answered, daysOf, notAsked, notKnown, standingOf, type Answer } from './need';
import { idsOf, isRelied, total, type NeedsKit } from './needs-kit';

/** Fires a day, tries a fire dry and wet, minutes of tinder a fire, and how much more of it wet country takes (own). */
export const firesADay = 2;
const tries = { dry: 3, wet: 6 } as const;
const tinderMin = 5;
const wetTinder = 3;

/**
 * How much of the tinder has to be carried: none where a stove with its fuel does what fires are for, or no fire may burn; half where it is soon found
 * in wet country, none where it is soon found and dry.
 */
function tinderShare(kit: NeedsKit, isWet: boolean): number {
  const { brief } = kit;
  if (!brief.isFireAllowed || kit.shelter !== null) return 0;
  if (hearthOf(kit).burning.length > 0) return 0;
  const isSoonFound = brief.country !== null && (makeDoThere(brief, 'tinder')?.hardness ?? 3) <= 1;
  return isSoonFound ? (isWet ? 0.5 : 0) : 1;
}

/** Lights and strikes against the fires of the trip, and tinder to go with them. */
export function fire(kit: NeedsKit): Answer {
  const { days, conditions, brief, print } = kit;
  if (!brief.isFireAllowed && kit.given('stove').length === 0) {
    return notAsked('lights', 'No open fire is allowed, and there is no stove to light.');
  }
  if (kit.shelter !== null && kit.given('stove').length === 0 && !isCooked(kit)) {
    return notAsked('lights', 'There is nothing to light.');
  }
  if (brief.country === 'town' && kit.nights === 0) return notAsked('lights', 'Home by night.');
  if (days === null) return notKnown('lights', 'when');
  const isWet = conditions.isWet ?? true;
  const triesADay = firesADay * (isWet ? tries.wet : tries.dry);
  const lights = [...kit.given('flame'), ...kit.given('spark')].filter(isRelied);
  const supply = total(lights);
  const demand = triesADay * days;
  const tinder = kit.given('tinder').filter(isRelied);
  const asksTinder = tinderShare(kit, isWet);
  const minutesADay = firesADay * tinderMin * (isWet ? wetTinder : 1) * asksTinder;
  const minutes = asksTinder > 0 ? total(tinder) : Infinity;
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
        : `${print.number(supply)} lights and strikes, ${print.number(demand)} asked; ${minutes === Infinity ? 'no tinder is asked' : `${print.number(minutes)} min of tinder, ${print.number(minutesADay * days)} asked`}${isWet ? ', the country being wet' : ''}.`,
    placements: idsOf([...lights, ...(asksTinder > 0 ? tinder : [])]),
    steps: [
      `${firesADay} fires a day, ${isWet ? tries.wet : tries.dry} tries each, ${days} days.`,
      `${tinderMin} min of tinder a fire${isWet ? `, times ${wetTinder} in wet country` : ''}.`,
      ...(standingOf(supply, demand) === 'met' && !isMet ? ['The tinder runs out first.'] : []),
    ],
  });
}
