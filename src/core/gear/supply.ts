import type { Facts } from './facts';
import type { JobId } from './jobs';
import type { Sort } from './sorts';

/** How well a piece does a job, the best first. */
export const fitnesses = ['made-for', 'serves', 'improvised'] as const;
export type Fitness = (typeof fitnesses)[number];

/** What a supply itself relies on inside the loadout, or from outside it. */
export type Demand =
  /** So many items that do one of these jobs, all of one sort, which is one of these where it matters. */
  | {
      readonly on: 'jobs';
      readonly anyOf: readonly JobId[];
      readonly sorts: readonly Sort[] | null;
      readonly items: number;
    }
  | { readonly on: 'sun' };

export type JobsDemand = Demand & { readonly on: 'jobs' };

/** That a gear does a job: how well, how much of it, and under which demands. */
export interface Supply {
  readonly job: JobId;
  readonly fitness: Fitness;
  /** In the job's own unit, for one of the gear; null where it has none or it is not known. */
  readonly amount: number | null;
  readonly demands: readonly Demand[];
  /** What it is of, where that decides who it serves: one of the sorts of its job; null where nobody knows. */
  readonly sort: Sort | null;
  /** What else its job asks of it; null where nothing is known. */
  readonly facts: Facts | null;
  /** It is not done with one hand. */
  readonly needsBothHands: boolean;
  /** Which part of the piece does it, as `lid`: two parts do two jobs at once. Null for the piece itself. */
  readonly part: string | null;
}

/** Whether it is cells that are asked for: they are put into one device, and are no others’ meanwhile. */
export function isForCells(demand: Demand): demand is JobsDemand {
  return demand.on === 'jobs' && demand.anyOf.includes('cells');
}

/**
 * Whether a device has cells of its own in it: whoever lists a lamp means one that works, and what lies beside it is to spare.
 * Where nobody knows which cells it takes, nobody knows that it has them.
 */
export function hasOwnCells(demand: Demand): boolean {
  return isForCells(demand) && demand.sorts !== null && demand.sorts.length > 0;
}

/** That one item is needed which does any of these jobs, of whatever sort. */
export function onAny(...anyOf: readonly JobId[]): JobsDemand {
  return { on: 'jobs', anyOf, sorts: null, items: 1 };
}

/** A supply of which nothing more is known. */
export function plainSupply(job: JobId, fitness: Fitness, amount: number | null): Supply {
  return {
    job,
    fitness,
    amount,
    demands: [],
    sort: null,
    facts: null,
    needsBothHands: false,
    part: null,
  };
}
