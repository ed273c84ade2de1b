import { done, refused, type Outcome, type Problem } from '../quantity';
import { actsSays } from '../refusals/acts';
import {
  isOnGround,
  mostGear,
  mostLoadouts,
  type Bench,
  type Loadout,
  type Place,
  type Shelf,
  type Version,
} from './bench';
import { withEntry, without } from './entries';
import { unboundedKit } from './extent';
import { whyNotLaidFor } from './placing';
import { whyNotIn } from './whereabouts';

/** What a bench keeps beside its gear and its kits. */
export type Shelved = 'schemes' | 'lists' | 'versions' | 'rounds' | 'wants' | 'trips';

/** The bench with an entry that has that problem, or none; the same id stands for the same entry. */
export function keep<Which extends Shelved>(
  bench: Bench,
  which: Which,
  entry: { readonly id: string },
  problem: Problem | null,
  most: number,
): Outcome<Bench> {
  if (problem) return { ok: false, problem };
  const entries: ReadonlyMap<string, { readonly id: string }> = withEntry(
    bench[which] as ReadonlyMap<string, { readonly id: string }>,
    entry,
  );
  return entries.size <= most
    ? done({ ...bench, [which]: entries })
    : refused(actsSays.benchFull(most, which));
}

export function remove(bench: Bench, which: Shelved, id: string): Outcome<Bench> {
  return bench[which].has(id)
    ? done({ ...bench, [which]: without(bench[which] as ReadonlyMap<string, unknown>, id) })
    : refused(actsSays.noEntry(id, which));
}

/**
 * The kit as it was in a version, as far as the bench of now lets it be. Gear that is gone comes back while the shelf
 * has room; what is still there keeps its figures of now, so that a piece whose holder or cavity is gone lies on the
 * mat, and one that lost the job it was laid for lies where it is best. Refused only where there is no room for it.
 */
export function putBack(bench: Bench, id: string): Outcome<Bench> {
  const version = bench.versions.get(id);
  if (!version) return refused(actsSays.noVersion(id));
  if (!bench.loadouts.has(version.kit) && bench.loadouts.size >= mostLoadouts) {
    return refused(actsSays.benchFull(mostLoadouts, 'kits'));
  }
  const shelf = shelfWith(bench.shelf, version);
  const back = standingNow(version.loadout, shelf, bench);
  const next = { ...bench, shelf, loadouts: withEntry(bench.loadouts, back) };
  if (!unboundedKit(next)) return done(next);
  // With the kits along as they are now it would be too large, or in itself: it comes back without them.
  const alone = { ...next, loadouts: withEntry(bench.loadouts, { ...back, modules: [] }) };
  const problem = unboundedKit(alone);
  return problem ? refused(problem.message, problem.field) : done(alone);
}

/** The shelf with the gear of a version that is gone from it, as far as there is room. */
function shelfWith(shelf: Shelf, { loadout, gear }: Version): Shelf {
  const wanted = new Set(loadout.placements.map((placement) => placement.gear));
  const more = gear.filter(({ id }) => wanted.has(id) && !shelf.has(id));
  return more.length === 0
    ? shelf
    : new Map([
        ...shelf,
        ...more.slice(0, mostGear - shelf.size).map((each) => [each.id, each] as const),
      ]);
}

/** A loadout of before on a shelf and a bench of now. */
function standingNow(loadout: Loadout, shelf: Shelf, bench: Bench): Loadout {
  const placements = loadout.placements.filter(({ gear }) => shelf.has(gear));
  const byId = new Map(placements.map((placement) => [placement.id, placement]));
  const placeNow = (place: Place): Place =>
    isOnGround(place) || whyNotIn(place, byId, shelf) === null ? place : { on: 'mat' };
  return {
    ...loadout,
    placements: placements.map((placement) => {
      const { gear, laidFor, place } = placement;
      const lane = whyNotLaidFor(shelf.get(gear)!, laidFor) === null ? laidFor : null;
      return { ...placement, laidFor: lane, place: placeNow(place) };
    }),
    modules: loadout.modules
      .filter(({ kit }) => bench.loadouts.has(kit))
      .map((module) => ({ ...module, place: placeNow(module.place) })),
  };
}
