import { isSameJobs, type Gear, type JobId } from '../gear';
import type { Wish } from '../loadout';
import { isUntried } from '../upkeep';
import { amountOf, onlyMakesDo, type Idle, type Way, type Ways } from '../ways';
import { categoryOf, type Category, type Scheme } from './schemes';
import { waysWanted } from './ways-wanted';

/** How a need stands: nothing does it, fewer independent ways than wanted, or enough. */
export type Standing = 'missing' | 'thin' | 'covered';

/** What stands for one thing a category must be able to do. */
export interface MustCover {
  readonly anyOf: readonly JobId[];
  readonly ways: number;
  /** Of them, those by pieces that were never tried, though one knows how. */
  readonly untried: number;
  /** The depth: the fewest losses that leave it undone; 4 stands for more than three. */
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

/**
 * How what a kit can do covers the categories of a scheme.
 *
 * @param wishes what the kit itself wishes otherwise than any: this is asked beside what the scheme says.
 * @param asked how many ways are wanted, by those wishes and by what the kit is for.
 */
export function coverOf(
  ways: Ways,
  scheme: Scheme,
  wishes: readonly Wish[],
  asked: readonly Wish[] = wishes,
): Cover {
  const categories = scheme.categories.map((category) =>
    categoryCover(category, ways, wishes, asked),
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
  ways: Ways,
  wishes: readonly Wish[],
  asked: readonly Wish[],
): CategoryCover {
  const own = ways.all.filter((way) => category.jobs.includes(way.job));
  const musts = mustsOf(category, wishes)
    .filter((anyOf) => waysWanted(anyOf, asked) > 0)
    .map((anyOf) => mustCover(anyOf, own, ways, asked));
  return {
    category,
    placements: [...new Set(own.map((way) => way.placement.id))],
    musts,
    jobs: category.jobs.map((job) => jobCover(job, own, ways)).filter((job) => job.ways.length > 0),
    standing: worst(musts),
  };
}

/** What a category must do: what its scheme says, and what the kit adds. */
function mustsOf({ must, jobs }: Category, wishes: readonly Wish[]): readonly (readonly JobId[])[] {
  const added = wishes
    .map(({ anyOf }) => anyOf)
    .filter(
      (anyOf) =>
        anyOf.every((job) => jobs.includes(job)) && !must.some((each) => isSameJobs(each, anyOf)),
    );
  return [...must, ...added];
}

function mustCover(
  anyOf: readonly JobId[],
  own: readonly Way[],
  ways: Ways,
  asked: readonly Wish[],
): MustCover {
  const does = own.filter((way) => anyOf.includes(way.job));
  const independent = ways.depth(anyOf);
  const wanted = waysWanted(anyOf, asked);
  const would = ways.idle.filter(({ supply }) => anyOf.includes(supply.job));
  return {
    anyOf,
    ways: new Set(does.map((way) => way.placement.id)).size,
    untried: new Set(does.filter(({ gear }) => isUntried(gear)).map((way) => way.placement.id))
      .size,
    independent,
    wanted,
    standing: standingOf(onlyMakesDo(ways, anyOf), independent, wanted),
    idle: would,
  };
}

function standingOf(isMakeshift: boolean, independent: number, wanted: number): Standing {
  if (independent === 0) return 'missing';
  return independent < wanted || isMakeshift ? 'thin' : 'covered';
}

function jobCover(job: JobId, own: readonly Way[], ways: Ways): JobCover {
  return {
    job,
    ways: own.filter((way) => way.job === job),
    amount: amountOf(ways, job),
  };
}

function worst(musts: readonly MustCover[]): Standing | null {
  if (musts.length === 0) return null;
  if (musts.some(({ standing }) => standing === 'missing')) return 'missing';
  return musts.some(({ standing }) => standing === 'thin') ? 'thin' : 'covered';
}
