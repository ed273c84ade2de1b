import { builtInto } from '../catalogue/built-in';
import type { Gear } from '../gear';
import { isOnGround, type Ground, type Loadout, type Place } from '../loadout';

/** A pouch, a wallet or a vest all of whose pockets are on the body is worn, not packed. */
export function isWornByNature({ cavities, look }: Gear): boolean {
  return (
    ['pouch', 'wallet', 'garment'].includes(look.silhouette) &&
    cavities.every(({ reach }) => reach === 'on body')
  );
}

/** Drawn so, a holder stands in a vehicle or a house. */
const stands: readonly string[] = ['box', 'barrel', 'bucket'];

/** The ground for a holder that goes into no other: where its like of the kit stands, or where its kind does, as what is built in. */
export function groundFor(gear: Gear, home: Place, { placements, brief }: Loadout): Ground {
  if (isOnGround(home) && home.on !== 'mat') return home.on;
  const into = builtInto.get(gear.kind ?? '');
  if (into) return into;
  const used = new Set(
    placements.flatMap(({ place }) => (isOnGround(place) && place.on !== 'mat' ? [place.on] : [])),
  );
  if (!stands.includes(gear.look.silhouette)) return 'body';
  if (used.size === 1) return [...used][0]!;
  if (brief?.storedIn === 'vehicle' || brief?.country === 'road') return 'vehicle';
  return used.has('vehicle') ? 'vehicle' : 'house';
}
