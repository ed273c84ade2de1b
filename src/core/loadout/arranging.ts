import { done, refused, says, type Outcome } from '../quantity';
import {
  gearOf,
  isOnGround,
  placementOf,
  type Loadout,
  type Place,
  type Placement,
  type Shelf,
} from './bench';
import { noSuchPlacement } from './placing';
import { looped } from './tree';
import { whyNotGround, whyNotIn } from './whereabouts';

/** Where one placement goes. */
export interface PlaceOf {
  readonly placement: string;
  readonly to: Place;
}

/**
 * Brings many placements to their places at once: what counts is how they stand afterwards, not in which order they would
 * get there, so that two holders may change their roles. What then lies beside more of the same stays a placement of its
 * own, as it was laid out.
 */
export function arrange(
  loadout: Loadout,
  shelf: Shelf,
  places: readonly PlaceOf[],
): Outcome<Loadout> {
  const to = new Map(places.map((each) => [each.placement, each.to]));
  for (const id of to.keys()) if (!placementOf(loadout, id)) return noSuchPlacement(id);
  const placements = loadout.placements.map((placement) => {
    const place = to.get(placement.id);
    return place ? { ...placement, place } : placement;
  });
  const arranged = { ...loadout, placements };
  const problem = whyNotArranged(arranged, shelf, to);
  if (problem) return problem;
  return done(arranged);
}

/** What is said of a placement beside where it lies. */
export type Mark = 'isPinned' | 'isAssumed';

/**
 * Says of a piece that it stays where it is when the rest is packed anew, or that it is there anyhow; or takes that back.
 */
export function mark(loadout: Loadout, id: string, as: Mark, isSo: boolean): Outcome<Loadout> {
  if (!placementOf(loadout, id)) return noSuchPlacement(id);
  return done({
    ...loadout,
    placements: loadout.placements.map((each) => (each.id === id ? marked(each, as, isSo) : each)),
  });
}

function marked(placement: Placement, as: Mark, isSo: boolean): Placement {
  if (isSo) return { ...placement, [as]: true };
  const others = Object.entries(placement).filter(([field]) => field !== as);
  return Object.fromEntries(others) as unknown as Placement;
}

function whyNotArranged(
  loadout: Loadout,
  shelf: Shelf,
  to: ReadonlyMap<string, Place>,
): Outcome<never> | null {
  const byId = new Map(loadout.placements.map((placement) => [placement.id, placement]));
  for (const place of to.values()) {
    if (isOnGround(place)) {
      const why = whyNotGround(place);
      if (why) return refused(why, 'place.on');
      continue;
    }
    const problem = whyNotIn(place, byId, shelf);
    if (problem) return refused(problem.message, problem.field);
    const holder = byId.get(place.in)!;
    if (holder.count > 1) {
      return refused(says.placedOften(gearOf(shelf, holder).name, holder.count), 'place.in');
    }
  }
  const [inItself] = looped(loadout);
  return inItself === undefined
    ? null
    : refused(says.inItself(gearOf(shelf, byId.get(inItself)!).name), 'place.in');
}
