import { cavityOf } from '@/core/gear';
import { gearOf, isOnGround, type Ground, type Place, type Shelf, type Tree } from '@/core/loadout';

const grounds: Readonly<Record<Ground, string>> = {
  body: 'on the body',
  vehicle: 'in the vehicle',
  house: 'in the house',
  mat: 'on the mat, not stowed',
};

export function groundInWords(ground: Ground): string {
  return grounds[ground];
}

/** A place in words: `Portage pack, Front pocket`, `on the body`. */
export function placeInWords(shelf: Shelf, tree: Tree, place: Place): string {
  if (isOnGround(place)) return grounds[place.on];
  const holder = gearOf(shelf, tree.byId.get(place.in)!);
  return holder.cavities.length > 1
    ? `${holder.name}, ${cavityOf(holder, place.cavity)!.name}`
    : `in ${holder.name}`;
}
