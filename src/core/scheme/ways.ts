import { cellServes, isSpent, type Demand, type JobId, type Supply } from '../gear';
import {
  gearOf,
  groundUnder,
  holdersAround,
  treeOf,
  type Loadout,
  type Placement,
  type Shelf,
  type Tree,
} from '../loadout';

/** A placement that does a job with all its demands met inside the loadout. */
export interface Way {
  readonly job: JobId;
  readonly placement: Placement;
  readonly supply: Supply;
  /**
   * The outermost holder it is under, or itself; `mat` for all that is not stowed yet. Ways under the
   * same one are not independent: one loss takes both.
   */
  readonly standsWith: string;
}

/**
 * Every way to every job. Demands are met by other ways, so this is the least set that is closed:
 * supplies whose demands are met are added until none is left to add. Two that only rely on each other
 * are never ways.
 */
export function waysOf(loadout: Loadout, shelf: Shelf): readonly Way[] {
  const cells = cellsOf(loadout, shelf);
  const tree = treeOf(loadout);
  let waiting = loadout.placements.flatMap((placement) =>
    suppliesOf(shelf, placement).map((supply) => ({ placement, supply })),
  );
  const found: Way[] = [];
  const doneJobs = new Set<JobId>();
  for (let grew = true; grew;) {
    const unmet: typeof waiting = [];
    for (const candidate of waiting) {
      const { placement, supply } = candidate;
      if (supply.demands.every((demand) => isMet(demand, doneJobs, cells))) {
        found.push({ job: supply.job, placement, supply, standsWith: outermost(tree, placement) });
        doneJobs.add(supply.job);
      } else {
        unmet.push(candidate);
      }
    }
    grew = unmet.length < waiting.length;
    waiting = unmet;
  }
  return found;
}

/** A supply that would do a job, and what it lacks for that. */
export interface Idle {
  readonly placement: Placement;
  readonly supply: Supply;
  readonly unmet: readonly Demand[];
}

/** Every supply that is no way, since something it relies on is not in the loadout. */
export function idleSupplies(
  loadout: Loadout,
  shelf: Shelf,
  ways: readonly Way[],
): readonly Idle[] {
  const cells = cellsOf(loadout, shelf);
  const doneJobs = new Set(ways.map(({ job }) => job));
  return loadout.placements.flatMap((placement) =>
    suppliesOf(shelf, placement).flatMap((supply): readonly Idle[] => {
      const unmet = supply.demands.filter((demand) => !isMet(demand, doneJobs, cells));
      return unmet.length === 0 ? [] : [{ placement, supply, unmet }];
    }),
  );
}

/** What a piece does as it is now: nothing once it is used up. */
function suppliesOf(shelf: Shelf, placement: Placement): readonly Supply[] {
  const gear = gearOf(shelf, placement);
  return isSpent(gear) ? [] : gear.supplies;
}

function outermost(tree: Tree, placement: Placement): string {
  return groundUnder(tree, placement) === 'mat'
    ? 'mat'
    : (holdersAround(tree, placement).at(-1) ?? placement).id;
}

/** How many of these ways no single lost holder can take together with another. */
export function independentWays(ways: readonly Way[]): number {
  return new Set(ways.map((way) => way.standsWith)).size;
}

type CellCounts = readonly { readonly supply: Supply; readonly count: number }[];

function cellsOf(loadout: Loadout, shelf: Shelf): CellCounts {
  return loadout.placements.flatMap((placement) =>
    suppliesOf(shelf, placement)
      .filter((supply) => supply.cell !== null)
      .map((supply) => ({ supply, count: placement.count })),
  );
}

/** The sun is outside the kit and taken to shine here; losing it is a condition, judged elsewhere. */
function isMet(demand: Demand, doneJobs: ReadonlySet<JobId>, cells: CellCounts): boolean {
  switch (demand.on) {
    case 'jobs':
      return demand.anyOf.some((job) => doneJobs.has(job));
    case 'cells':
      return (
        cells
          .filter(({ supply }) => supply.cell !== null && cellServes(supply.cell, demand.cell))
          .reduce((sum, { count }) => sum + count, 0) >= demand.count
      );
    case 'sun':
      return true;
  }
}
