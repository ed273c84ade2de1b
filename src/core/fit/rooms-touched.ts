import { gearOf, placementOf, type Loadout, type Place, type Shelf } from '../loadout';

export type InCavity = Exclude<Place, { readonly on: unknown }>;

/**
 * A cavity and, while what it is in is soft and so grows with it, the cavity that that lies in: all that something put
 * into it makes fuller. From the innermost outwards.
 */
export function roomsTouched(loadout: Loadout, shelf: Shelf, place: InCavity): readonly InCavity[] {
  const rooms: InCavity[] = [];
  for (let at: Place = place; 'in' in at;) {
    rooms.push(at);
    const holder = placementOf(loadout, at.in);
    if (!holder || gearOf(shelf, holder).form?.shape !== 'soft') break;
    at = holder.place;
  }
  return rooms;
}
