import { bulkOf, cavityOf, isHolder, reaches, type Gear, type JobId, type Reach } from '../gear';
import { isUrgent } from '../fit/urgent';
import { isOnGround, type Ground, type Place } from '../loadout';
/** A cavity of a placement. */
type InCavity = Extract<Place, { readonly in: string }>;

/** What is lost with the bag unless it is on the body (own): the way to make fire, to cut, to be heard, to find the way. */
const onBody: readonly JobId[] = [
  'flame',
  'spark',
  'sun-fire',
  'cut',
  'bearing',
  'signal-sound',
  'medicine',
];

/** What is thrown, set out or sprayed the moment that it is wanted (own). */
const atHand: readonly JobId[] = ['throw', 'warn', 'put-out', 'bleed-control', 'animal-guard'];

/** What is wanted on the way, before anything is unpacked (own). */
const onTheWay: readonly JobId[] = [
  'map',
  'position',
  'treat-water',
  'hands',
  'sun-guard',
  'insect-guard',
  'blister',
];

/** What waits for the camp (own). */
const inCamp: readonly JobId[] = ['sleep', 'ground', 'insulate'];

/** What is worn on the body for hours without a thought: mL and g (own). */
const pocketful = { ml: 500, g: 300 };

/** Where a hand should come to a piece, by the most urgent of what it is made for. */
export function wishedReach(gear: Gear): Reach {
  const isMadeFor = (wanted: readonly JobId[]) =>
    gear.supplies.some(({ job, fitness }) => fitness === 'made-for' && wanted.includes(job));
  if (isMadeFor(onBody)) return isPocketful(gear) ? 'on body' : 'outside pocket';
  if (isMadeFor(atHand)) return 'at hand';
  if (isUrgent(gear) || isMadeFor(['carry-water'])) return 'outside pocket';
  if (isMadeFor(onTheWay)) return 'top';
  return isMadeFor(inCamp) ? 'bottom' : 'main';
}

function isPocketful({ form, massG }: Gear): boolean {
  return form !== null && bulkOf(form).tightMl <= pocketful.ml && (massG ?? 0) <= pocketful.g;
}

/** Whether a piece on a ground is where it should be: worn, or set where the hand finds it at once. */
export function standsWell(gear: Gear, ground: Ground): boolean {
  if (ground === 'mat') return false;
  if (isHolder(gear)) return true;
  const wish = wishedReach(gear);
  return wish === 'on body' || wish === 'at hand' || (ground === 'body' && isWorn(gear));
}

const wornJobs: readonly JobId[] = [
  'shell',
  'insulate',
  'hands',
  'eyes',
  'sun-guard',
  'insect-guard',
  'breathe',
];

function isWorn({ supplies, look }: Gear): boolean {
  return (
    supplies.some(({ job, fitness }) => fitness !== 'improvised' && wornJobs.includes(job)) ||
    ['garment', 'hat', 'gloves', 'goggles', 'net'].includes(look.silhouette)
  );
}

/**
 * How soon a hand is in a cavity, past all that it lies in, as a number in the order of reaches: a pocket for the body in a pack is
 * reached no sooner than the pack is opened; what stands beside one is no nearer than at hand.
 */
export function reachOf(
  place: InCavity,
  gearOf: (holder: string) => Gear,
  placeOf: (holder: string) => Place,
): number {
  let furthest = 0;
  let at: Place = place;
  while (!isOnGround(at)) {
    const { in: holder, cavity }: InCavity = at;
    furthest = Math.max(furthest, reaches.indexOf(cavityOf(gearOf(holder), cavity)!.reach));
    at = placeOf(holder);
  }
  return at.on === 'body' ? furthest : Math.max(furthest, reaches.indexOf('at hand'));
}
