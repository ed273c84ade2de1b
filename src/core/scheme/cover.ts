import { amountNow, jobs, waysWanted, type Gear, type JobId } from '../gear';
import { gearOf, type Loadout, type Shelf } from '../loadout';
import { categoryOf, type Category, type Scheme } from './schemes';
import { idleSupplies, independentWays, waysOf, type Idle, type Way } from './ways';

/** How a need stands: nothing does it, fewer independent ways than wanted, or enough. */
export type Standing = 'missing' | 'thin' | 'covered';

/** What stands for one thing a category must be able to do. */
export interface MustCover {
  readonly anyOf: readonly JobId[];
  readonly ways: number;
  readonly independent: number;
  readonly wanted: number;
  readonly standing: Standing;
  /** Supplies that would be ways, and what each lacks. */
  readonly idle: readonly Idle[];
}

/** What a loadout can do of one job. */
export interface JobCover {
  readonly job: JobId;
  readonly ways: readonly Way[];
  readonly independent: number;
  /** The job's tally over its ways in the job's unit; null where no amount is known. */
  readonly amount: number | null;
}

export interface CategoryCover {
  readonly category: Category;
  /** Placements that do any of its jobs. */
  readonly placements: readonly string[];
  readonly musts: readonly MustCover[];
  readonly jobs: readonly JobCover[];
  /** `missing` where one must is; `thin` where one is thin. Null for a category that must do nothing. */
  readonly standing: Standing | null;
}

export interface Cover {
  readonly scheme: Scheme;
  readonly categories: readonly CategoryCover[];
  /** Categories with all they must do, thin ones too, out of those that must do something. */
  readonly covered: number;
  readonly outOf: number;
}

/** How a loadout covers the categories of a scheme. */
export function coverOf(loadout: Loadout, shelf: Shelf, scheme: Scheme): Cover {
  const ways = waysOf(loadout, shelf);
  const idle = idleSupplies(loadout, shelf, ways);
  const categories = scheme.categories.map((category) =>
    categoryCover(category, ways, idle, shelf),
  );
  const counting = categories.filter(({ standing }) => standing !== null);
  return {
    scheme,
    categories,
    covered: counting.filter(({ standing }) => standing !== 'missing').length,
    outOf: counting.length,
  };
}

/**
 * The category a gear is laid in: that of the job it is in the kit for, or else of the supply it is best at, the
 * first listed among equals.
 */
export function homeCategory(scheme: Scheme, gear: Gear, laidFor: JobId | null = null): Category {
  if (laidFor !== null) return categoryOf(scheme, laidFor);
  const best =
    gear.supplies.find(({ fitness }) => fitness === 'made-for') ??
    gear.supplies.find(({ fitness }) => fitness === 'serves') ??
    gear.supplies[0];
  return best ? categoryOf(scheme, best.job) : scheme.categories.at(-1)!;
}

function categoryCover(
  category: Category,
  ways: readonly Way[],
  idle: readonly Idle[],
  shelf: Shelf,
): CategoryCover {
  const own = ways.filter((way) => category.jobs.includes(way.job));
  const musts = category.must.map((anyOf) => mustCover(anyOf, own, idle));
  return {
    category,
    placements: [...new Set(own.map((way) => way.placement.id))],
    musts,
    jobs: category.jobs
      .map((job) => jobCover(job, own, shelf))
      .filter((job) => job.ways.length > 0),
    standing: worst(musts),
  };
}

function mustCover(
  anyOf: readonly JobId[],
  ways: readonly Way[],
  idle: readonly Idle[],
): MustCover {
  const own = ways.filter((way) => anyOf.includes(way.job));
  const independent = independentWays(own);
  const wanted = waysWanted(anyOf);
  const count = new Set(own.map((way) => way.placement.id)).size;
  const standing = count === 0 ? 'missing' : independent < wanted ? 'thin' : 'covered';
  const would = idle.filter(({ supply }) => anyOf.includes(supply.job));
  return { anyOf, ways: count, independent, wanted, standing, idle: would };
}

function jobCover(job: JobId, ways: readonly Way[], shelf: Shelf): JobCover {
  const own = ways.filter((way) => way.job === job);
  return { job, ways: own, independent: independentWays(own), amount: amountOf(job, own, shelf) };
}

function amountOf(job: JobId, ways: readonly Way[], shelf: Shelf): number | null {
  const amounts = ways.flatMap(({ supply, placement }) => {
    const each = amountNow(gearOf(shelf, placement), supply);
    return each === null ? [] : [{ each, count: placement.count }];
  });
  if (amounts.length === 0) return null;
  switch (jobs[job].tally) {
    case 'sum':
      return amounts.reduce((sum, { each, count }) => sum + each * count, 0);
    case 'largest':
      return Math.max(...amounts.map(({ each }) => each));
    case 'smallest':
      return Math.min(...amounts.map(({ each }) => each));
    case 'none':
      return null;
  }
}

function worst(musts: readonly MustCover[]): Standing | null {
  if (musts.length === 0) return null;
  if (musts.some(({ standing }) => standing === 'missing')) return 'missing';
  return musts.some(({ standing }) => standing === 'thin') ? 'thin' : 'covered';
}
