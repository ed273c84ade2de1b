import { isClothes, massNowG } from '../gear';
import { gearOf, isOnGround, type Ground, type Loadout, type Placement, type Shelf } from './bench';
import { waterG } from './set-out';
import type { LoadoutTotals } from './totals';

function isOnFeet(on: Ground): boolean {
  return on === 'body' || on === 'mat';
}

/**
 * What goes on somebody’s own feet when they set out, in g: on the body, or not stowed yet; not what stands in a vehicle or a
 * house, and not the clothes and shoes that they have on, but what is in their pockets.
 */
export function carriedMassG(loadout: Loadout, totals: LoadoutTotals, shelf: Shelf): number {
  const pieces = loadout.placements.reduce((sum, placement) => {
    const { id, place } = placement;
    if (!('on' in place && isOnFeet(place.on))) return sum;
    return sum + totals.branches.get(id)!.massG - wornG(placement, shelf);
  }, 0);
  return pieces + waterG(loadout, isOnFeet);
}

/** What clothes weigh that are on somebody, in g; nothing for anything else. */
function wornG(placement: Placement, shelf: Shelf): number {
  const gear = gearOf(shelf, placement);
  const isOn = isOnGround(placement.place) && placement.place.on === 'body' && isClothes(gear);
  // An assumed piece adds no mass to the kit.
  return isOn && !placement.isAssumed ? (massNowG(gear) ?? 0) * placement.count : 0;
}
