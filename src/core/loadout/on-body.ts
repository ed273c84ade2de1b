import type { Gear } from '../gear';
import { gearOf, isOnGround, type Placement, type Shelf } from './bench';
import { holdersAround, type Tree } from './tree';

/** Worn, or a holder that stays on: its rooms are all on the body or at hand. A pack is put down. */
export function staysOn({ cavities }: Pick<Gear, 'cavities'>): boolean {
  return cavities.every(({ reach }) => reach === 'on body' || reach === 'at hand');
}

/** On the body for as long as somebody has clothes on: worn, in a pocket or a pouch of what is worn, and in no pack. */
export function isOnBody(tree: Tree, shelf: Shelf, placement: Placement): boolean {
  const around = holdersAround(tree, placement);
  const { place } = around.at(-1) ?? placement;
  return (
    isOnGround(place) &&
    place.on === 'body' &&
    around.every((holder) => staysOn(gearOf(shelf, holder)))
  );
}
