import { fitnesses, jobsInWords, type Fitness, type JobId } from '../gear';
import { isOnGround, type Loadout } from '../loadout';
import type { Brief } from '../brief';
import type { Need } from '../needs';
import type { UnitSystem } from '../quantity';
import { mustsOfAnyKit } from '../scheme/musts';
import { amountOf, waysOf, type Way, type Ways } from '../ways';
import { needsKitUnder, needsUnder, type UnderBrief } from './under-brief';
import { workedOut, type WorkedOutKit } from './worked-out';

/** What does a job best in a kit, and how much of the job the kit does in all, in the job’s unit. */
export interface DoneBy {
  readonly placement: string;
  readonly job: JobId;
  readonly fitness: Fitness;
  /** Null where no amount is known. */
  readonly amount: number | null;
}

/** A job that matters, by the fewest losses that leave it undone: in the kit beside, in this one, and in both together. */
export interface JobBeside {
  readonly anyOf: readonly JobId[];
  readonly inWords: string;
  readonly beside: number;
  readonly here: number;
  readonly both: number;
  /** It is lost with the kit beside, and this gives it back. */
  readonly isGivenBack: boolean;
  /** By what this kit does it; null where it does not. */
  readonly by: DoneBy | null;
}

/** What one kit is to another that lies beside it. */
export interface Beside {
  readonly jobs: readonly JobBeside[];
  /** Of the jobs that the kit beside does, how many this gives back when that is lost. */
  readonly givesBack: number;
  readonly outOf: number;
}

/** A need as the kit meets it alone, when what is beside it is lost, and with all of that. */
export interface NeedBeside {
  readonly alone: Need;
  readonly together: Need;
}

/** The kits that a brief has beside a kit, worked out for the same day: those that are still on the bench. */
export function kitsBeside({ bench, own, day }: WorkedOutKit): readonly WorkedOutKit[] {
  return (own.brief?.beside ?? []).flatMap((id) => {
    const other = id === own.id ? undefined : bench.loadouts.get(id);
    return other ? [workedOut(bench, other, day)] : [];
  });
}

/** What of another kit’s critical jobs this one gives back when that other is lost with all in it. */
export function standsInFor(kit: WorkedOutKit, other: WorkedOutKit): Beside {
  const { ways } = kit;
  const together = waysWith(kit, [other]);
  const jobs = mustsOfAnyKit.map((anyOf): JobBeside => {
    const [beside, here] = [other.ways.depth(anyOf), ways.depth(anyOf)];
    return {
      anyOf,
      inWords: jobsInWords(anyOf),
      beside,
      here,
      both: together.depth(anyOf),
      isGivenBack: beside > 0 && here > 0,
      by: bestOf(ways, anyOf),
    };
  });
  return { jobs, ...givenBack(kit, other) };
}

/** Of the critical jobs that another kit does, how many this one does too. */
export function givenBack(
  { ways }: WorkedOutKit,
  other: WorkedOutKit,
): Pick<Beside, 'givesBack' | 'outOf'> {
  const theirs = mustsOfAnyKit.filter((anyOf) => other.ways.depth(anyOf) > 0);
  return {
    givesBack: theirs.filter((anyOf) => ways.depth(anyOf) > 0).length,
    outOf: theirs.length,
  };
}

/** What a kit and others beside it can do together. */
export function waysWith(kit: WorkedOutKit, others: readonly WorkedOutKit[]): Ways {
  return waysOf(
    withOthers(kit.whole, others),
    kit.bench.shelf,
    kit.day,
    kit.holding,
    kit.elsewhere,
  );
}

/** How a kit stands under a brief by itself, and with all that lies beside it. */
export function underBriefBeside(
  kit: WorkedOutKit,
  others: readonly WorkedOutKit[],
  brief: Brief,
  units: UnitSystem,
): { readonly alone: UnderBrief; readonly together: UnderBrief } {
  const under = (pieces: Loadout) => needsUnder(needsKitUnder(pieces, kit, brief, units));
  return { alone: under(kit.whole), together: under(withOthers(kit.whole, others)) };
}

/** The needs that what lies beside a kit changes. */
export function needsThatDiffer(alone: UnderBrief, together: UnderBrief): readonly NeedBeside[] {
  return alone.needs
    .map((need, at): NeedBeside => ({ alone: need, together: together.needs[at]! }))
    .filter(
      (each) =>
        inTenths(each.alone) !== inTenths(each.together) ||
        each.alone.standing !== each.together.standing,
    );
}

/** Days as they are told. */
function inTenths({ days }: Need): number | null {
  return days === null ? null : Math.round(days * 10);
}

function bestOf(ways: Ways, anyOf: readonly JobId[]): DoneBy | null {
  let best: Way | null = null;
  for (const way of anyOf.flatMap((job) => ways.byJob.get(job) ?? [])) {
    if (best === null || rank(way) < rank(best)) best = way;
  }
  return (
    best && {
      placement: best.placement.id,
      job: best.job,
      fitness: best.supply.fitness,
      amount: amountOf(ways, best.job),
    }
  );
}

function rank({ supply }: Way): number {
  return fitnesses.indexOf(supply.fitness);
}

/** The pieces of several kits as one: each of the others’ under a name of its own. */
function withOthers(whole: Loadout, others: readonly WorkedOutKit[]): Loadout {
  const more = others.flatMap(({ own, whole: { placements } }) => {
    const named = (id: string) => `${own.id}/${id}`;
    return placements.map((placement) => ({
      ...placement,
      id: named(placement.id),
      place: isOnGround(placement.place)
        ? placement.place
        : { ...placement.place, in: named(placement.place.in) },
    }));
  });
  return { ...whole, placements: [...whole.placements, ...more] };
}
