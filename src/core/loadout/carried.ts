import { isClothes, massNowG } from '../gear';
import { gearOf, isOnGround, type Ground, type Loadout, type Placement, type Shelf } from './bench';
import type { LoadoutTotals } from './totals';
import { treeOf } from './tree';

/** A vessel of the kit that is full of drinking water when they set out, and on what it stands. */
export interface FilledAtStart {
  readonly placement: string;
  readonly ml: number;
  readonly on: Ground;
}

/** What the brief fills at the start, as far as the vessel is in the kit and nothing lies in it. */
export function filledAtStart(loadout: Loadout): readonly FilledAtStart[] {
  if (!loadout.brief || loadout.brief.filled.length === 0) return [];
  const tree = treeOf(loadout);
  return loadout.brief.filled.flatMap(({ placement, ml }) => {
    let at = tree.byId.get(placement);
    if (!at || tree.within(placement).length > 0) return [];
    while (at && 'in' in at.place) at = tree.byId.get(at.place.in);
    return at && 'on' in at.place ? [{ placement, ml, on: at.place.on }] : [];
  });
}

/** Water that goes along from the start, in g: a mL is a g. */
function waterG(loadout: Loadout, isCounted: (on: Ground) => boolean): number {
  return filledAtStart(loadout).reduce((sum, { ml, on }) => (isCounted(on) ? sum + ml : sum), 0);
}

function isOnFeet(on: Ground): boolean {
  return on === 'body' || on === 'mat';
}

/** What the kit weighs when they set out, in g: the most that it ever does, with what is filled at the start. */
export function setsOutG(loadout: Loadout, totals: LoadoutTotals): number {
  return totals.whole.massG + waterG(loadout, () => true);
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
  // What is there anyhow weighs the kit nothing.
  return isOn && !placement.isAssumed ? (massNowG(gear) ?? 0) * placement.count : 0;
}
