import { gearOf, type Placement } from '@/core/loadout';
import type { KitView } from '@/ui/kit/kit-view';
import { placeInWords } from '@/ui/kit/place-in-words';
import { isTooSmall, openPlaces, placeKey, type OpenPlace } from '@/ui/kit/places-for';
import type { Landing } from './carrying-table';

/** Every place that a piece may be moved to, as a landing, by the key of the place. */
export function movingLandings(view: KitView, placement: Placement): ReadonlyMap<string, Landing> {
  return new Map(
    openPlaces(view, [placement]).map((open) => [
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
