import type { Loadout } from './bench';
import type { LoadoutTotals } from './totals';

/** What goes on somebody’s own feet, in g: on the body, or not stowed yet; not what stands in a vehicle or a house. */
export function carriedMassG(loadout: Loadout, totals: LoadoutTotals): number {
  return loadout.placements.reduce(
    (sum, { id, place }) =>
      'on' in place && (place.on === 'body' || place.on === 'mat')
        ? sum + totals.branches.get(id)!.massG
        : sum,
    0,
  );
}
