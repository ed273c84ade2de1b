import { makeDoThere, schoolOf } from '../brief';
import type { JobId } from '../gear';
import { placeAndWhen } from './asks';
import { answered, notAsked, notKnown, type Answer } from './need';
import { listed } from '../quantity';
import type { NeedsKit } from './needs-kit';
import { pitchesOf } from './pitch';
import { pitched } from './rig';
import { shortestWaitMin } from './wait';
import { hoursADay } from './walk';

/** When a day begins and how long its halts are, in h; minutes that each piece of camp takes (own). */
const startsAtH = 8;
const haltsH = 2;
const minutes = { pitch: 20, wood: 40, boil: 15, bed: 10 } as const;
const pegsEach = 6;

/** From arrival to dusk, less what camp takes: what is not carried is made, by the minute. */
export function evening(kit: NeedsKit): Answer {
  const { conditions, brief, nights, people, print } = kit;
  if (nights === 0) return notAsked('min', 'Home by night.');
  const { dark } = conditions;
  if (dark === null || brief.country === null)
    return notKnown(
      'min',
      ...(brief.country === null ? ['the kind of country'] : []),
      ...placeAndWhen(brief),
    );
  const duskH = 12 + (24 - dark.longestH) / 2;
  const arrivesH = startsAtH + hoursADay(kit) + haltsH;
  const supply = Math.max(0, (duskH - arrivesH) * 60);
  const isCooked = kit.given('boil').length > 0;
  const roofs = pitched(kit);
  const pegsMissing = Math.max(
    0,
    roofs * pegsEach -
      kit.given('stake').reduce((sum, { count, amount }) => sum + count * (amount ?? 1), 0),
  );
  const cutsThem = schoolOf(brief.schools, 'pegs') === 'cut there' || pegsMissing > 0;
  const hasRoof = pitchesOf(kit).some(({ sleepers }) => sleepers > 0);
  const hasGround = kit.given('ground').some(({ amount }) => (amount ?? 0) >= 0.8);
  const makes = (job: JobId, times = 1) => (makeDoThere(brief, job)?.minutes ?? 0) * times;
  const tasks = [
    hasRoof
      ? { what: 'pitching', min: minutes.pitch }
      : { what: 'building a roof', min: makes('roof') },
    ...(cutsThem && roofs > 0 ? [{ what: 'cutting pegs', min: makes('stake', pegsMissing) }] : []),
    ...(brief.isFireAllowed && isCooked ? [{ what: 'wood', min: minutes.wood }] : []),
    { what: 'water', min: shortestWaitMin(kit) ?? 0 },
    ...(isCooked ? [{ what: 'boiling', min: minutes.boil }] : []),
    hasGround
      ? { what: 'bed', min: minutes.bed }
      : { what: 'a bed of boughs', min: makes('ground', people.length) },
  ].filter(({ min }) => min > 0);
  const demand = tasks.reduce((sum, { min }) => sum + min, 0);
  return answered({
    standing: supply >= demand ? 'met' : supply > 0 ? 'short' : 'none',
    demand,
    supply,
    unit: 'min',
    days: null,
    says: `In camp at ${clock(arrivesH)}, dusk about ${clock(duskH)} by the sun: ${print.number(supply)} min, and camp takes ${print.number(demand)}${supply < demand ? `: ${print.number(demand - supply)} min too late` : ''}.`,
    steps: [listed(tasks.map(({ what, min }) => `${what} ${print.number(min)} min`))],
  });
}

function clock(hours: number): string {
  const minutesOfDay = Math.round(hours * 60);
  return `${Math.floor(minutesOfDay / 60) % 24}:${String(minutesOfDay % 60).padStart(2, '0')}`;
}
