import { onAny, type Demand, type Gear, type JobId, type Supply } from '../gear';
import {
  gearOf,
  treeOf,
  type ConditionId,
  type Loadout,
  type Placement,
  type Shelf,
} from '../loadout';
import {
  absenceOf,
  keptIn,
  nobodyElse,
  sharesIn,
  type Absence,
  type LotsElsewhere,
} from '../upkeep';
import { doneBySight } from './conditions';
import { depthOf } from './depth';
import { nothingHolds, nothingLost } from './lost';
import { roundsOf, type Rounds } from './evaluate';
import { formulaOf, type Formula, type Source } from './formula';

/** A placement that does a job with all its demands met inside the loadout. */
export interface Way {
  readonly job: JobId;
  readonly placement: Placement;
  readonly gear: Gear;
  readonly supply: Supply;
  /** Its number in the formula. */
  readonly source: number;
  /** It is a vessel with things in it, which have to go somewhere before it holds water. */
  readonly isToBeEmptied: boolean;
}

/** A supply that would do a job, and what keeps it: it is not there itself, or something that it needs is not. */
export interface Idle {
  readonly placement: Placement;
  readonly supply: Supply;
  readonly absence: Absence | null;
  readonly unmet: readonly Demand[];
  /** Of the conditions that hold, those that take it. */
  readonly takenBy: readonly ConditionId[];
}

/** What a kit can do on a day, and under what holds there, worked out once. */
export interface Ways {
  readonly formula: Formula;
  readonly rounds: Rounds;
  /** Every way to every job, in the order of the kit. */
  readonly all: readonly Way[];
  readonly byJob: ReadonlyMap<JobId, readonly Way[]>;
  /** Every supply that is no way. */
  readonly idle: readonly Idle[];
  /** Why pieces that are laid out are not there, by placement: those with supplies and those without. */
  readonly absences: ReadonlyMap<string, Absence>;
  /** {@link depthOf} in this kit, found once for each question. */
  readonly depth: (anyOf: readonly JobId[]) => number;
}

/**
 * What a kit can do.
 *
 * @param loadout with the kits that go along laid into it.
 * @param day YYYY-MM-DD; null where dates are not asked about.
 * @param holding what holds everywhere: what it takes is no way, and is idle without a reason of its own.
 * @param elsewhere who else wants the lots that it has.
 */
export function waysOf(
  loadout: Loadout,
  shelf: Shelf,
  day: string | null,
  holding: ReadonlySet<ConditionId> = nothingHolds,
  elsewhere: LotsElsewhere = nobodyElse,
): Ways {
  const formula = formulaOf(loadout, shelf, day, elsewhere);
  const lost = { ...nothingLost, conditions: holding };
  const rounds = roundsOf(formula, lost);
  const tree = treeOf(loadout);
  const all: Way[] = [];
  const idle: Idle[] = [];
  for (const [at, source] of formula.sources.entries()) {
    const { placement, gear, supply, absence } = source;
    if (rounds[at] === 0) {
      idle.push({
        placement,
        supply,
        absence,
        unmet: unmetOf(formula, rounds, source, holding),
        takenBy: source.takenBy.filter((condition) => holding.has(condition)),
      });
      continue;
    }
    const isToBeEmptied = holdsWater.includes(supply.job) && tree.within(placement.id).length > 0;
    all.push({ job: supply.job, placement, gear, supply, source: at, isToBeEmptied });
  }
  const depths = new Map<string, number>();
  const depth = (anyOf: readonly JobId[]): number => {
    const name = anyOf.join();
    const found = depths.get(name) ?? depthOf(formula, anyOf, lost);
    depths.set(name, found);
    return found;
  };
  const absences = new Map<string, Absence>();
  const shares = sharesIn(loadout, shelf, day, elsewhere);
  for (const placement of loadout.placements) {
    const kept = keptIn(placement, loadout, elsewhere);
    const absence = absenceOf(gearOf(shelf, placement), day, kept, shares.get(placement.id));
    if (absence !== null) absences.set(placement.id, absence);
  }
  const byJob = new Map<JobId, Way[]>();
  for (const way of all) {
    const same = byJob.get(way.job);
    if (same) same.push(way);
    else byJob.set(way.job, [way]);
  }
  return { formula, rounds, all, byJob, idle, absences, depth };
}

/** Jobs that a vessel does only while nothing else is in it. */
const holdsWater: readonly JobId[] = ['carry-water', 'boil', 'eat'];

function unmetOf(
  { sources, gates, index }: Formula,
  rounds: Rounds,
  { needs, supply }: Source,
  holding: ReadonlySet<ConditionId>,
): readonly Demand[] {
  const isUnseen = holding.has('dark') && doneBySight.includes(supply.job) && !isOpen(index.light);
  return [
    ...needs
      .filter((need) => need.gates !== null && !need.gates.some(isOpen))
      .map(({ demand }) => demand),
    ...(isUnseen ? [onAny('light')] : []),
  ];

  function isOpen(gate: number): boolean {
    const { sources: members, items } = gates[gate]!;
    const there = members.filter((at) => rounds[at] !== 0);
    return there.reduce((sum, at) => sum + sources[at]!.items, 0) >= items;
  }
}
