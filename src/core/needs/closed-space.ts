import type { Brief } from '../brief';
import { gearOf, type Loadout, type Shelf } from '../loadout';
import { shelterOf } from './shelter';

/** Where a flame burns the air that people breathe. */
export type ClosedSpace = 'vehicle' | 'shelter' | 'house';

/** Shelters of film or of coated cloth: they melt, and are closed for the night. */
const filmShelters: readonly string[] = ['film-bivvy', 'tent', 'bivvy'];

/**
 * The closed space in which the people of a kit would light a flame: the vehicle that it belongs to, a film shelter in it, or a house.
 * Null where they sit outside. A canoe is a vehicle too, and an open one.
 */
export function closedSpaceOf(
  loadout: Loadout,
  shelf: Shelf,
  brief: Brief | null,
): ClosedSpace | null {
  const shelter = brief === null ? null : shelterOf(loadout, shelf, brief);
  if (brief?.storedIn === 'vehicle' || brief?.preset === 'vehicle-box') return 'vehicle';
  if (shelter === 'vehicle') return 'vehicle';
  const hasFilm = loadout.placements.some((placement) =>
    filmShelters.includes(gearOf(shelf, placement).kind ?? ''),
  );
  return hasFilm ? 'shelter' : shelter;
}
