import { done, refused, says, type Outcome } from '../quantity';
import { cavityOf, isHolder, isId, jobs, mostCount, type Gear, type JobId } from '../gear';
import {
  gearOf,
  grounds,
  isOnGround,
  placementOf,
  samePlace,
  type Loadout,
  type Place,
  type Placement,
  type Shelf,
} from './bench';
import { mostPlacements } from './extent';
import { branchOf, treeOf } from './tree';

/** Adds a placement. More of what is already in the same place, and holds nothing, joins it. */
export function place(loadout: Loadout, shelf: Shelf, placement: Placement): Outcome<Loadout> {
  if (!isId(placement.id)) return refused(says.noId(placement.id), 'id');
  if (placementOf(loadout, placement.id)) {
    return refused(says.placementThere(placement.id), 'id');
  }
  if (!shelf.has(placement.gear)) return refused(says.noGear(placement.gear), 'gear');
  const count = whyNotCount(placement.count);
  if (count) return refused(count, 'count');
  const lane = whyNotLaidFor(shelf.get(placement.gear)!, placement.laidFor);
  if (lane) return refused(lane, 'laidFor');
  if (loadout.placements.length >= mostPlacements) {
    return refused(says.kitFull(mostPlacements));
  }
  const problem = whyNotPlace(loadout, shelf, placement.place, placement);
  if (problem) return problem;
  return done(joinedOr(loadout, shelf, placement, [...loadout.placements, placement]));
}

/** Moves a placement, with all that is in it, to another place of the same kit. */
export function move(loadout: Loadout, shelf: Shelf, id: string, to: Place): Outcome<Loadout> {
  const placement = placementOf(loadout, id);
  if (!placement) return noSuchPlacement(id);
  if (samePlace(placement.place, to)) return done(loadout);
  const problem = whyNotPlace(loadout, shelf, to, placement);
  if (problem) return problem;
  const moved = { ...placement, place: to };
  const stayed = loadout.placements.map((other) => (other === placement ? moved : other));
  return done(joinedOr(loadout, shelf, moved, stayed));
}

export function setCount(loadout: Loadout, id: string, count: number): Outcome<Loadout> {
  const placement = placementOf(loadout, id);
  if (!placement) return noSuchPlacement(id);
  const problem = whyNotCount(count);
  if (problem) return refused(problem, 'count');
  const isFilled = treeOf(loadout).within(id).length > 0 || loadout.modules.some(isIn([id]));
  if (count > 1 && isFilled) {
    return refused(says.filledIsOne(), 'count');
  }
  return done({
    ...loadout,
    placements: loadout.placements.map((other) => (other.id === id ? { ...other, count } : other)),
  });
}

/** Takes a placement out of the kit; what is in it leaves too or is laid on the mat. */
export function takeOut(
  loadout: Loadout,
  id: string,
  contents: 'leave too' | 'to the mat',
): Outcome<Loadout> {
  const tree = treeOf(loadout);
  if (!tree.byId.has(id)) return noSuchPlacement(id);
  if (contents === 'leave too') {
    const gone = new Set(branchOf(tree, id).map((placement) => placement.id));
    const isGone = isIn([...gone]);
    return done({
      ...loadout,
      placements: loadout.placements.filter((other) => !gone.has(other.id)),
      modules: loadout.modules.filter((module) => !isGone(module)),
    });
  }
  const isLaidOut = isIn([id]);
  const laidOut = new Set(tree.within(id).map((placement) => placement.id));
  return done({
    ...loadout,
    placements: loadout.placements
      .filter((other) => other.id !== id)
      .map((other) => (laidOut.has(other.id) ? { ...other, place: { on: 'mat' } } : other)),
    modules: loadout.modules.map((module) =>
      isLaidOut(module) ? { ...module, place: { on: 'mat' } } : module,
    ),
  });
}

/** Puts another piece into the very place of one, with as many as there are, and with what is in it. */
export function standIn(
  loadout: Loadout,
  shelf: Shelf,
  id: string,
  gear: string,
): Outcome<Loadout> {
  const placement = placementOf(loadout, id);
  if (!placement) return noSuchPlacement(id);
  const other = shelf.get(gear);
  if (!other) return refused(says.noGear(gear), 'gear');
  const inside = [...treeOf(loadout).within(id), ...loadout.modules.filter(isIn([id]))];
  const homeless = inside.find(({ place }) => !isOnGround(place) && !cavityOf(other, place.cavity));
  if (homeless) return refused(says.noPlaceForContents(other.name), 'gear');
  const placements = loadout.placements.map((each) =>
    each === placement ? { ...each, gear, laidFor: null } : each,
  );
  return done({ ...loadout, placements });
}

/** Says which job a piece is in this kit for; null for what it is best at. */
export function layFor(
  loadout: Loadout,
  shelf: Shelf,
  id: string,
  job: JobId | null,
): Outcome<Loadout> {
  const placement = placementOf(loadout, id);
  if (!placement) return noSuchPlacement(id);
  const lane = whyNotLaidFor(gearOf(shelf, placement), job);
  if (lane) return refused(lane, 'job');
  const placements = loadout.placements.map((each) =>
    each === placement ? { ...each, laidFor: job } : each,
  );
  return done({ ...loadout, placements });
}

/** What keeps a piece from lying in the lane of a job, in words; null where it does that job. */
export function whyNotLaidFor(gear: Gear, job: JobId | null): string | null {
  return job === null || gear.supplies.some((supply) => supply.job === job)
    ? null
    : says.noLane(gear.name, Object.hasOwn(jobs, job) ? jobs[job].name : job);
}

/** Whether something stands in one of these placements. */
function isIn(ids: readonly string[]): (standing: { readonly place: Place }) => boolean {
  return ({ place }) => !isOnGround(place) && ids.includes(place.in);
}

function whyNotPlace(
  loadout: Loadout,
  shelf: Shelf,
  to: Place,
  placement: Placement,
): Outcome<never> | null {
  if (isOnGround(to)) {
    return grounds.includes(to.on) ? null : refused(says.noWord('A ground', to.on), 'place.on');
  }
  const holder = placementOf(loadout, to.in);
  if (!holder) return refused(says.noHolder(to.in), 'place.in');
  const gear = gearOf(shelf, holder);
  if (!cavityOf(gear, to.cavity)) {
    return refused(says.noCavity(gear.name, to.cavity), 'place.cavity');
  }
  if (holder.count > 1) {
    return refused(says.placedOften(gear.name, holder.count), 'place.in');
  }
  const inItself = branchOf(treeOf(loadout), placement.id).some(({ id }) => id === holder.id);
  return inItself || holder.id === placement.id
    ? refused(says.inItself(gearOf(shelf, placement).name), 'place.in')
    : null;
}

/** What keeps a number from being a placement's count, in words; null where nothing does. */
export function whyNotCount(count: number): string | null {
  return Number.isInteger(count) && count >= 1 && count <= mostCount ? null : says.count(mostCount);
}

/** The loadout with `newcomer` joined to more of the same in the same place, or else with `placements`. */
function joinedOr(
  loadout: Loadout,
  shelf: Shelf,
  newcomer: Placement,
  placements: readonly Placement[],
): Loadout {
  const alike = loadout.placements.find(
    (other) =>
      other.id !== newcomer.id &&
      other.gear === newcomer.gear &&
      other.laidFor === newcomer.laidFor &&
      other.isPinned === newcomer.isPinned &&
      other.isAssumed === newcomer.isAssumed &&
      samePlace(other.place, newcomer.place) &&
      other.count + newcomer.count <= mostCount,
  );
  if (!alike || isHolder(gearOf(shelf, newcomer))) return { ...loadout, placements };
  const joined = { ...alike, count: alike.count + newcomer.count };
  return {
    ...loadout,
    placements: loadout.placements
      .filter((other) => other.id !== newcomer.id)
      .map((other) => (other === alike ? joined : other)),
  };
}

export function noSuchPlacement(id: string): Outcome<never> {
  return refused(says.noPlacement(id));
}
