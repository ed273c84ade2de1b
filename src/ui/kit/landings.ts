import { gearOf, type Command, type Placement } from '@/core/loadout';
import type { KitView } from './kit-view';
import { placeInWords } from './place-in-words';
import { isTooSmall, openPlaces, placeKey, type OpenPlace } from '@/core/kit/open-places';

/** Somewhere that a piece in hand may be put down, and what that does. */
export interface Landing {
  readonly command: Command;
  /** What is said once it is done. */
  readonly said: string;
  /** Something would not fit there. */
  readonly isTooSmall: boolean;
}

/** Every place that a piece may be moved to, as a landing, by the key of the place. */
export function movingLandings(view: KitView, placement: Placement): ReadonlyMap<string, Landing> {
  return new Map(
    openPlaces(view.kit, [placement]).map((open) => [
      placeKey(open.place),
      landingIn(view, placement, open),
    ]),
  );
}

export function landingIn(view: KitView, placement: Placement, open: OpenPlace): Landing {
  const { name } = gearOf(view.bench.shelf, placement);
  const { place: to } = open;
  return {
    command: { do: 'move', loadout: view.loadout.id, placement: placement.id, to },
    said: `${name} moved: ${placeInWords(view.bench.shelf, view.tree, to)}.`,
    isTooSmall: isTooSmall(open),
  };
}
