import {
  amountNow,
  fitnesses,
  jobIds,
  jobs,
  massNowG,
  type Demand,
  type Fitness,
  type JobId,
} from '../gear';
import { gearOf, treeOf, type Bench, type Loadout, type Placement, type Shelf } from '../loadout';
import { idleSupplies, independentWays, waysOf, type Way } from '../scheme';
import { musts } from './musts';

/** What a kit would no longer do, or do less of, without a piece. */
export type Loss =
  /** Nothing does the job any more. */
  | { readonly what: 'job'; readonly job: JobId }
  /** Fewer independent ways than are wanted, where there were enough or more. */
  | {
      readonly what: 'way';
      readonly anyOf: readonly JobId[];
      readonly left: number;
      readonly wanted: number;
    }
  /** What is left does the job, but less well than what goes. */
  | { readonly what: 'fitness'; readonly job: JobId; readonly left: Fitness }
  /** Fewer pieces of what each person needs their own of. */
  | { readonly what: 'pieces'; readonly job: JobId; readonly less: number; readonly left: number }
  /** So much less of what adds up, in the job’s unit. */
  | { readonly what: 'amount'; readonly job: JobId; readonly less: number; readonly left: number };

/** A placement that could stay at home: what that saves, and what it would cost. */
export interface Spared {
  readonly placement: Placement;
  readonly massG: number;
  readonly priceMinor: number;
  readonly losses: readonly Loss[];
  /** What it relies on that is not here, where it does nothing at all as it is. */
  readonly lacks: readonly Demand[];
}

/**
 * Every piece that could stay at home by itself, those whose going loses nothing first, then by the mass saved.
 * What holds something is left out, as its contents need it.
 */
export function sparedBy(bench: Bench, loadout: Loadout): readonly Spared[] {
  const { shelf } = bench;
  const tree = treeOf(loadout);
  const before = stateOf(loadout, shelf);
  const active = new Set(before.ways.map((way) => way.placement.id));
  const idle = idleSupplies(loadout, shelf, before.ways);
  return loadout.placements
    .filter(({ id }) => tree.within(id).length === 0)
    .map((placement): Spared => {
      const gear = gearOf(shelf, placement);
      const without = {
        ...loadout,
        placements: loadout.placements.filter((other) => other !== placement),
      };
      return {
        placement,
        massG: (massNowG(gear) ?? 0) * placement.count,
        priceMinor: (gear.priceMinor ?? 0) * placement.count,
        losses: lossesBetween(before, stateOf(without, shelf)),
        lacks: active.has(placement.id)
          ? []
          : (idle.find((found) => found.placement === placement)?.unmet ?? []),
      };
    })
    .sort(
      (one, other) =>
        Number(one.losses.length > 0) - Number(other.losses.length > 0) || other.massG - one.massG,
    );
}

interface State {
  readonly done: ReadonlySet<JobId>;
  readonly amounts: ReadonlyMap<JobId, number>;
  readonly ways: readonly Way[];
  /** How well a job is done at best, and by how many pieces that are more than makeshift. */
  readonly best: ReadonlyMap<JobId, number>;
  readonly pieces: ReadonlyMap<JobId, number>;
}

function stateOf(loadout: Loadout, shelf: Shelf): State {
  const ways = waysOf(loadout, shelf);
  const amounts = new Map<JobId, number>();
  const best = new Map<JobId, number>();
  const pieces = new Map<JobId, number>();
  for (const { job, supply, placement } of ways) {
    const fitness = fitnesses.indexOf(supply.fitness);
    best.set(job, Math.min(best.get(job) ?? Infinity, fitness));
    if (supply.fitness !== 'improvised') {
      pieces.set(job, (pieces.get(job) ?? 0) + placement.count);
    }
    const each = amountNow(gearOf(shelf, placement), supply);
    if (each === null || jobs[job].tally !== 'sum') continue;
    amounts.set(job, (amounts.get(job) ?? 0) + each * placement.count);
  }
  return { done: new Set(ways.map(({ job }) => job)), amounts, ways, best, pieces };
}

function lossesBetween(before: State, after: State): readonly Loss[] {
  const gone = jobIds.filter((job) => before.done.has(job) && !after.done.has(job));
  const less = [...before.amounts].flatMap(([job, amount]): readonly Loss[] => {
    const left = after.amounts.get(job) ?? 0;
    return gone.includes(job) || left >= amount
      ? []
      : [{ what: 'amount', job, less: amount - left, left }];
  });
  const ways = musts.flatMap(({ anyOf, wanted }): readonly Loss[] => {
    const [was, is] = [before, after].map((state) =>
      independentWays(state.ways.filter(({ job }) => anyOf.includes(job))),
    ) as [number, number];
    return is > 0 && is < was && is < wanted ? [{ what: 'way', anyOf, left: is, wanted }] : [];
  });
  const worse = [...after.best].flatMap(([job, left]): readonly Loss[] =>
    left > before.best.get(job)! ? [{ what: 'fitness', job, left: fitnesses[left]! }] : [],
  );
  const fewer = [...before.pieces].flatMap(([job, count]): readonly Loss[] => {
    const left = after.pieces.get(job) ?? 0;
    return !jobs[job].isPerPerson || left === count || gone.includes(job)
      ? []
      : [{ what: 'pieces', job, less: count - left, left }];
  });
  return [
    ...gone.map((job) => ({ what: 'job', job }) as const),
    ...ways,
    ...worse,
    ...fewer,
    ...less,
  ];
}

/** What a kit costs, by how sure the figure is and whether it is still to be paid. In minor units. */
export interface PriceParts {
  readonly paidMinor: number;
  /** Typical of the kind, for what is there. */
  readonly typicalMinor: number;
  /** For what is only wished for. */
  readonly toBuyMinor: number;
  readonly unpriced: number;
}

export function pricePartsOf(bench: Bench, loadout: Loadout): PriceParts {
  const parts = { paidMinor: 0, typicalMinor: 0, toBuyMinor: 0, unpriced: 0 };
  for (const placement of loadout.placements) {
    const { priceMinor, priceTrust, ownership } = gearOf(bench.shelf, placement);
    if (priceMinor === null) parts.unpriced += placement.count;
    else {
      const part =
        ownership === 'wished'
          ? 'toBuyMinor'
          : priceTrust === 'stated'
            ? 'paidMinor'
            : 'typicalMinor';
      parts[part] += priceMinor * placement.count;
    }
  }
  return parts;
}
