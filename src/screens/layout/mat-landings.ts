import { fitnesses, type Gear } from '@/core/gear';
import { gearOf, type Placement } from '@/core/loadout';
import { homeCategory, type Category } from '@/core/scheme';
import type { KitView } from '@/ui/kit/kit-view';
import { landingIn, type Landing } from '@/ui/kit/landings';
import { isTooSmall, openPlaces } from '@/core/kit/open-places';

/** The key of a holder on the mat that a piece can be put into. */
export function holderKey(id: string): string {
  return `into ${id}`;
}

/** The key of a lane that a piece can be laid in. */
export function laneKey(category: string): string {
  return `lane ${category}`;
}

/** Where a piece of the mat may be put down: in another lane that it serves, or into a holder that lies there. */
export function matLandings(view: KitView, placement: Placement): ReadonlyMap<string, Landing> {
  const gear = gearOf(view.bench.shelf, placement);
  const { scheme } = view.cover;
  const home = homeCategory(scheme, gear, placement.laidFor).id;
  const landings = new Map<string, Landing>();
  for (const category of scheme.categories) {
    const job = category.id === home ? undefined : bestJobIn(gear, category);
    if (!job) continue;
    landings.set(laneKey(category.id), {
      command: { do: 'lay for', loadout: view.loadout.id, placement: placement.id, job },
      said: `${gear.name} lies in ${category.name}.`,
      isTooSmall: false,
    });
  }
  for (const open of openPlaces(view.kit, [placement])) {
    if ('on' in open.place) continue;
    const key = holderKey(open.place.in);
    // The first place of a holder is its best: those that fit come first.
    if (!landings.has(key) || (landings.get(key)!.isTooSmall && !isTooSmall(open))) {
      landings.set(key, landingIn(view, placement, open));
    }
  }
  return landings;
}

function bestJobIn({ supplies }: Gear, { jobs }: Category) {
  return [...supplies]
    .filter(({ job }) => jobs.includes(job))
    .sort((one, other) => fitnesses.indexOf(one.fitness) - fitnesses.indexOf(other.fitness))[0]
    ?.job;
}
