import { says, type Problem } from '../quantity';
import { cavityOf } from '../gear';
import { gearOf, grounds, isOnGround, type Place, type Placement, type Shelf } from './bench';

/** What is wrong with a place in a holder, whatever stands there; null where it is a place. */
export function whyNotIn(
  place: Exclude<Place, { readonly on: unknown }>,
  byId: ReadonlyMap<string, Placement>,
  shelf: Shelf,
): Problem | null {
  const holder = byId.get(place.in);
  if (!holder) return { field: 'place.in', message: says.noPlacement(place.in) };
  const gear = gearOf(shelf, holder);
  return cavityOf(gear, place.cavity)
    ? null
    : { field: 'place.cavity', message: says.noCavity(gear.name, place.cavity) };
}

/** What keeps a place on a ground from being one, in words. */
export function whyNotGround(place: Place): string | null {
  return isOnGround(place) && !grounds.includes(place.on)
    ? says.noWord('A ground', place.on)
    : null;
}
