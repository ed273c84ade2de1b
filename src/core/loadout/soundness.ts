import { mostMassG, mostPriceMinor, says, whyNotDay, type Problem } from '../quantity';
import { unsoundBrief } from '../brief/outline';
import {
  isId,
  jobs,
  longestNote,
  above0,
  upTo,
  whole,
  whyNotInRange,
  whyNotName,
  whyNotPlain,
} from '../gear';
import { whyNotOfOutline } from '../gear/outline';
import {
  isOnGround,
  mostModules,
  mostOtherBriefs,
  mostSeals,
  mostWays,
  mostWishes,
  type Loadout,
  type Shelf,
  type Wish,
} from './bench';
import { copyOfOutline } from './copy-of';
import { mostPlacements } from './extent';
import { whyNotCount, whyNotLaidFor } from './placing';
import { looped } from './tree';
import { setAsideOutline } from './set-aside';
import { whatIfsOutline } from './what-if';
import { whyNotGround, whyNotIn } from './whereabouts';

/**
 * What is wrong with a whole loadout, with the field as a path such as `placements[3].place.in`;
 * null where it is sound: plain texts, every id once, every gear and cavity there, counts whole, no holder in itself.
 * Takes time linear in the placements. The kits that go along in it are looked at by {@link unsoundModules}.
 */
export function unsound(loadout: Loadout, shelf: Shelf): Problem | null {
  return (
    unsoundAbout(loadout) ?? unsoundPlacements(loadout, shelf) ?? unsoundPlaces(loadout, shelf)
  );
}

/** What is wrong with a loadout’s id, its texts, its limits or how much is in it. */
export function unsoundAbout(loadout: Loadout): Problem | null {
  const { id, name, purpose, placements, modules } = loadout;
  if (!isId(id)) return { field: 'id', message: says.noId(id) };
  const whyName = whyNotName(name);
  if (whyName) return { field: 'name', message: says.name(whyName) };
  const whyPurpose = whyNotPlain(purpose, longestNote);
  if (whyPurpose) return { field: 'purpose', message: says.purpose(whyPurpose) };
  if (!isLimit(loadout.mostMassG, above0(mostMassG))) {
    return { field: 'mostMassG', message: says.massLimit() };
  }
  if (!isLimit(loadout.mostPriceMinor, whole(0, mostPriceMinor))) {
    return { field: 'mostPriceMinor', message: says.priceLimit() };
  }
  const wish = unsoundWish(loadout.wishes);
  if (wish) return wish;
  const brief = unsoundBriefs(loadout);
  if (brief) return brief;
  const seal = unsoundSeals(loadout);
  if (seal) return seal;
  if (loadout.copyOf !== null) {
    const copy = whyNotOfOutline(loadout.copyOf, copyOfOutline, 'copyOf');
    if (copy) return copy;
  }
  const { whatIfs = [], setAside = [] } = loadout;
  const kept =
    whyNotOfOutline(whatIfs, whatIfsOutline, 'whatIfs') ??
    whyNotOfOutline(setAside, setAsideOutline, 'setAside');
  if (kept) return kept;
  if (modules.length > mostModules) {
    return { field: 'modules', message: says.alongFull(mostModules) };
  }
  return placements.length > mostPlacements
    ? { field: 'placements', message: says.kitFull(mostPlacements) }
    : null;
}

function unsoundBriefs({ brief, otherBriefs }: Loadout): Problem | null {
  if (otherBriefs.length > mostOtherBriefs) {
    return { field: 'otherBriefs', message: says.tooManyBriefs(mostOtherBriefs) };
  }
  for (const each of brief ? [brief, ...otherBriefs] : otherBriefs) {
    const problem = unsoundBrief(each);
    if (problem) return problem;
  }
  return null;
}

function unsoundSeals({ seals }: Loadout): Problem | null {
  if (seals.length > mostSeals) return { field: 'seals', message: says.tooManySeals(mostSeals) };
  for (const [at, { placement, massG, expectedG, on }] of seals.entries()) {
    if (!isId(placement)) return { field: `seals[${at}].placement`, message: says.noId(placement) };
    const whyDay = whyNotDay(on);
    if (whyDay) return { field: `seals[${at}].on`, message: says.noDay(on, whyDay) };
    const why =
      whyNotInRange(massG, above0(mostMassG)) ?? whyNotInRange(expectedG, upTo(mostMassG));
    if (why) return { field: `seals[${at}].massG`, message: says.figure('A sealed mass', why) };
  }
  return null;
}

function unsoundWish(wishes: readonly Wish[]): Problem | null {
  if (wishes.length > mostWishes)
    return { field: 'wishes', message: says.tooManyWishes(mostWishes) };
  for (const [at, { anyOf, ways }] of wishes.entries()) {
    const field = `wishes[${at}]`;
    const unknown = anyOf.find((job) => !Object.hasOwn(jobs, job));
    if (unknown !== undefined) {
      return { field: `${field}.anyOf`, message: says.noWord('A job', unknown) };
    }
    if (anyOf.length === 0 || new Set(anyOf).size < anyOf.length) {
      return { field: `${field}.anyOf`, message: says.demandOfNothing() };
    }
    const why = whyNotInRange(ways, whole(0, mostWays));
    if (why)
      return { field: `${field}.ways`, message: says.figure('How many ways it wishes', why) };
  }
  return null;
}

function isLimit(limit: number | null, range: ReturnType<typeof above0>): boolean {
  return limit === null || whyNotInRange(limit, range) === null;
}

function unsoundPlacements({ placements }: Loadout, shelf: Shelf): Problem | null {
  const ids = new Set<string>();
  for (const [at, { id, gear: gearId, count, laidFor, place }] of placements.entries()) {
    if (!isId(id)) return problemAt(at, 'id', says.noId(id));
    if (ids.has(id)) return problemAt(at, 'id', says.idTwice(id));
    ids.add(id);
    const gear = shelf.get(gearId);
    if (!gear) return problemAt(at, 'gear', says.noGear(gearId));
    const whyCount = whyNotCount(count);
    if (whyCount) return problemAt(at, 'count', whyCount);
    const whyLane = whyNotLaidFor(gear, laidFor);
    if (whyLane) return problemAt(at, 'laidFor', whyLane);
    const whyGround = whyNotGround(place);
    if (whyGround) return problemAt(at, 'place', whyGround);
  }
  return null;
}

function unsoundPlaces(loadout: Loadout, shelf: Shelf): Problem | null {
  const byId = new Map(loadout.placements.map((placement) => [placement.id, placement]));
  const holding = new Set<string>();
  for (const [at, { place }] of loadout.placements.entries()) {
    if (isOnGround(place)) continue;
    const problem = whyNotIn(place, byId, shelf);
    if (problem) return problemAt(at, problem.field!, problem.message);
    holding.add(place.in);
  }
  const manyHolding = loadout.placements.findIndex(({ id, count }) => count > 1 && holding.has(id));
  if (manyHolding >= 0) return problemAt(manyHolding, 'count', says.filledIsOne());
  const [inItself] = looped(loadout);
  if (inItself === undefined) return null;
  const at = loadout.placements.findIndex(({ id }) => id === inItself);
  return problemAt(at, 'place.in', says.loop(inItself));
}

function problemAt(index: number, field: string, message: string): Problem {
  return { field: `placements[${index}].${field}`, message };
}
