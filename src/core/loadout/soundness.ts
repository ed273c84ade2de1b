import type { Problem } from '../quantity';
import { cavityOf } from '../gear';
import { gearOf, isOnGround, type Loadout, type Placement, type Shelf } from './bench';
import { whyNotCount, whyNotLaidFor } from './placing';
import { looped } from './tree';

/**
 * What is wrong with a whole loadout, with the field as a path such as `placements[3].place.in`;
 * null where it is sound: every id once, every gear and cavity there, counts whole, no holder in itself.
 * Takes time linear in the placements.
 */
export function unsound(loadout: Loadout, shelf: Shelf): Problem | null {
  const byId = new Map<string, Placement>();
  const holding = new Set<string>();
  for (const [at, placement] of loadout.placements.entries()) {
    if (byId.has(placement.id))
      return problemAt(at, 'id', `the id ${placement.id} is there twice.`);
    if (!shelf.has(placement.gear)) {
      return problemAt(at, 'gear', `there is no gear ${placement.gear}.`);
    }
    const count = whyNotCount(placement.count);
    if (count) return problemAt(at, 'count', count);
    byId.set(placement.id, placement);
  }
  for (const [at, { place }] of loadout.placements.entries()) {
    if (isOnGround(place)) continue;
    const holder = byId.get(place.in);
    if (!holder) return problemAt(at, 'place.in', `there is no placement ${place.in}.`);
    const gear = gearOf(shelf, holder);
    if (!cavityOf(gear, place.cavity)) {
      return problemAt(at, 'place.cavity', `${gear.name} has no cavity ${place.cavity}.`);
    }
    holding.add(holder.id);
  }
  for (const [at, { gear, laidFor }] of loadout.placements.entries()) {
    const lane = whyNotLaidFor(shelf.get(gear)!, laidFor);
    if (lane) return problemAt(at, 'laidFor', lane);
  }
  const manyHolding = loadout.placements.findIndex(({ id, count }) => count > 1 && holding.has(id));
  if (manyHolding >= 0) {
    return problemAt(manyHolding, 'count', 'a holder with something in it is exactly one.');
  }
  const inItself = looped(loadout)[0];
  if (inItself === undefined) return null;
  const at = loadout.placements.findIndex(({ id }) => id === inItself);
  return problemAt(at, 'place.in', `${inItself} is inside itself: the holders go round in a loop.`);
}

function problemAt(index: number, field: string, message: string): Problem {
  return { field: `placements[${index}].${field}`, message };
}
