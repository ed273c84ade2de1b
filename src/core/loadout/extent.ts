import { says, type Problem } from '../quantity';
import { isOnGround, type Bench, type Loadout, type Place } from './bench';
import { depthsOf } from './tree';

/** How much a kit may hold with all that goes along in it, and how deep it may go. */
export const mostPlacements = 1000;
export const mostPieces = 10_000;
export const mostHoldersDeep = 64;
export const mostKitsDeep = 64;

/** How many placements all kits of a bench may hold together, each counted with what goes along in it. */
export const mostPlacedInAll = 50_000;

/** How many kits may go along in all kits of a bench together: also those that hold nothing are looked through. */
export const mostAlongInAll = 2000;

/** How large a kit is with the kits that go along in it laid into it. */
export interface Extent {
  /** Placements, and kits that go along, of the kit and of every kit along, as often as each is along. */
  readonly entries: number;
  /** The pieces of all those placements. */
  readonly pieces: number;
  /** Holders around the deepest of them. */
  readonly holdersDeep: number;
  /** Kits in one another, itself the first. */
  readonly kitsDeep: number;
}

/** What is wrong with how large or how deep a kit of the bench is, and which; null where nothing is. */
export function unboundedKit(bench: Bench): (Problem & { readonly kit: string }) | null {
  const known = new Map<string, Extent | 'within'>();
  let inAll = 0;
  let along = 0;
  for (const loadout of bench.loadouts.values()) {
    const problem = unbounded(bench, loadout, known);
    if (problem) return { ...problem, kit: loadout.id };
    along += loadout.modules.length;
    if (along > mostAlongInAll) {
      return { kit: loadout.id, field: 'modules', message: says.tooManyAlong(mostAlongInAll) };
    }
    inAll += entriesOf(known, loadout);
    if (inAll > mostPlacedInAll) {
      return { kit: loadout.id, field: 'placements', message: says.benchTooLarge(mostPlacedInAll) };
    }
  }
  return null;
}

function entriesOf(known: ReadonlyMap<string, Extent | 'within'>, { id }: Loadout): number {
  const extent = known.get(id);
  return extent === undefined || extent === 'within' ? 0 : extent.entries;
}

/**
 * What is wrong with how large or how deep a kit is; null where nothing is, and then its extent is among those
 * `known`. A kit that is met inside itself is `within`. Every kit is looked at once, however often it is along.
 */
function unbounded(
  bench: Bench,
  loadout: Loadout,
  known: Map<string, Extent | 'within'>,
): Problem | null {
  if (known.has(loadout.id)) return null;
  known.set(loadout.id, 'within');
  const own = ownOf(loadout);
  let { entries, pieces, holdersDeep } = own;
  let kitsDeep = 1;
  for (const [at, { kit, place }] of loadout.modules.entries()) {
    const field = `modules[${at}].kit`;
    const inner = bench.loadouts.get(kit);
    if (!inner) return { field, message: says.noKit(kit) };
    const problem = unbounded(bench, inner, known);
    if (problem) return problem;
    const extent = known.get(kit)!;
    if (extent === 'within') return { field, message: says.kitInItself(inner.name) };
    entries += extent.entries;
    pieces += extent.pieces;
    kitsDeep = Math.max(kitsDeep, 1 + extent.kitsDeep);
    holdersDeep = Math.max(holdersDeep, own.deepAt(place) + extent.holdersDeep);
    const why = whyTooLarge({ entries, pieces, holdersDeep, kitsDeep });
    if (why) return { field, message: why };
  }
  const why = whyTooLarge({ entries, pieces, holdersDeep, kitsDeep });
  if (why) return { field: 'placements', message: why };
  known.set(loadout.id, { entries, pieces, holdersDeep, kitsDeep });
  return null;
}

function whyTooLarge({ entries, pieces, holdersDeep, kitsDeep }: Extent): string | null {
  if (kitsDeep > mostKitsDeep) return says.kitsTooDeep(mostKitsDeep);
  if (entries > mostPlacements) return says.wholeTooLarge(mostPlacements);
  if (pieces > mostPieces) return says.tooManyPieces(mostPieces);
  return holdersDeep > mostHoldersDeep ? says.tooDeep(mostHoldersDeep) : null;
}

interface Own {
  readonly entries: number;
  readonly pieces: number;
  readonly holdersDeep: number;
  /** How many holders are around what stands at a place. */
  readonly deepAt: (place: Place) => number;
}

/** A kit never changes, so that what it is by itself is worked out once. */
const owns = new WeakMap<Loadout, Own>();

function ownOf(loadout: Loadout): Own {
  const found = owns.get(loadout);
  if (found) return found;
  const { placements, modules } = loadout;
  const depths = depthsOf(loadout);
  const own: Own = {
    entries: placements.length + modules.length,
    pieces: placements.reduce((sum, { count }) => sum + count, 0),
    holdersDeep: placements.reduce((most, { id }) => Math.max(most, depths.get(id) ?? 0), 0),
    deepAt: (place) => (isOnGround(place) ? 0 : 1 + (depths.get(place.in) ?? 0)),
  };
  owns.set(loadout, own);
  return own;
}
