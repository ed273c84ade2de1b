import { gearOf, type Place, type Shelf, type Tree } from '../loadout';
import type { FixIdea } from './fixes';

/** What a fix does: `Lay Pot on its side`, `Carry Ground mat outside, loose in the vehicle`. */
export function fitFixInWords(shelf: Shelf, tree: Tree, fix: FixIdea): string {
  const name = (id: string) => shelf.get(id)?.name ?? id;
  switch (fix.fix) {
    case 'turn':
      return `Lay ${name(fix.gear)} on its side`;
    case 'move':
      return `Move ${name(fix.gear)} ${toInWords(shelf, tree, fix.to!)}`;
    case 'outside':
      return `Carry ${name(fix.gear)} outside, ${outsideInWords(fix.to!)}`;
    case 'swap':
    case 'larger holder':
      return `Take ${name(fix.instead!)} instead of ${name(fix.gear)}`;
  }
}

/** `to the body`; `into Barrel 30 L`; `into Portage pack, Lid pocket`. */
export function toInWords(shelf: Shelf, tree: Tree, place: Place): string {
  if ('on' in place) return `to the ${place.on}`;
  const { name, cavities } = gearOf(shelf, tree.byId.get(place.in)!);
  const cavity = cavities.find(({ id }) => id === place.cavity);
  return `into ${name}${cavities.length > 1 && cavity ? `, ${cavity.name}` : ''}`;
}

function outsideInWords(place: Place): string {
  const ground = 'on' in place ? place.on : 'body';
  const words = {
    body: 'strapped on',
    vehicle: 'loose in the vehicle',
    house: 'loose in the house',
    mat: 'not packed yet',
  };
  return words[ground];
}
