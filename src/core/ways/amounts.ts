import { amountNow, hasOwnCells, isForCells, jobs, serves, type JobId, type Sort } from '../gear';
import { itemsLeft, type Rounds } from './evaluate';
import { nothingLost, type Lost } from './lost';
import type { Way, Ways } from './ways';

/** What is lost, and the rounds of what counts then. */
export interface Left {
  readonly lost: Lost;
  readonly rounds: Rounds;
}

/**
 * How much of a job a kit can do, in the job's unit, by the job's tally; null where no amount is known.
 *
 * A lamp has a set of its own cells in it. What ways share is given out once: of two lamps and one set to spare, one burns on. It
 * goes to those that do most with it, so that this is what the job gets where nothing else wants it.
 *
 * @param left what is lost, and what counts then; nothing is lost where it is left out.
 */
export function amountOf(
  ways: Ways,
  job: JobId,
  { lost, rounds }: Left = { lost: nothingLost, rounds: ways.rounds },
): number | null {
  const there = (way: Way) => rounds[way.source] !== 0;
  const left = itemsLeft(ways.formula, lost);
  const items = (way: Way) => left[way.source]!;
  const own = (ways.byJob.get(job) ?? []).filter(there);
  const each = own.flatMap((way): readonly Part[] => {
    const amount = amountNow(way.gear, way.supply);
    return amount === null ? [] : [{ way, amount, items: items(way) }];
  });
  if (each.length === 0) return null;
  const amounts = each.map(({ amount }) => amount);
  switch (jobs[job].tally) {
    case 'sum':
      return partsOfSum(each, () =>
        cellsIn((ways.byJob.get('cells') ?? []).filter(there), items),
      ).reduce((sum, { amount }) => sum + amount, 0);
    case 'largest':
      return Math.max(...amounts);
    case 'smallest':
      return Math.min(...amounts);
    case 'none':
      return null;
  }
}

interface Part {
  readonly way: Way;
  /** What one item does. */
  readonly amount: number;
  readonly items: number;
}

/** What one item of a way gives, and the sort of the cells that it burns; null where it burns none. */
export interface OfSum {
  readonly way: Way;
  readonly amount: number;
  readonly cell: Sort | null;
}

/** What adds up to {@link amountOf} of a job, item by item, with the cells that each burns. */
export function partsOf(ways: Ways, job: JobId): readonly OfSum[] {
  const left = itemsLeft(ways.formula, nothingLost);
  const items = (way: Way) => left[way.source]!;
  const each = (ways.byJob.get(job) ?? []).flatMap((way): readonly Part[] => {
    const amount = amountNow(way.gear, way.supply);
    return amount === null ? [] : [{ way, amount, items: items(way) }];
  });
  return partsOfSum(each, () => cellsIn(ways.byJob.get('cells') ?? [], items));
}

function partsOfSum(parts: readonly Part[], cellsThere: () => Map<Sort, number>): readonly OfSum[] {
  let cells: Map<Sort, number> | null = null;
  const found: OfSum[] = [];
  for (const { way, amount, items } of [...parts].sort(
    (one, other) => perCell(other) - perCell(one),
  )) {
    const { demands } = way.supply;
    const demand = demands.find(isForCells);
    if (demand === undefined) {
      found.push({ way, amount: amount * items, cell: null });
      continue;
    }
    if (items > 0 && hasOwnCells(demand)) {
      found.push({ way, amount: amount * items, cell: demand.sorts![0]! });
    }
    cells ??= cellsThere();
    const sets = hasOwnCells(demand) && items > 0 ? Infinity : items;
    for (let set = 0; set < sets; set += 1) {
      const taken = [...cells].find(
        ([cell, left]) => serves(cell, demand.sorts) && left >= demand.items,
      );
      if (!taken) break;
      cells.set(taken[0], taken[1] - demand.items);
      found.push({ way, amount, cell: taken[0] });
    }
  }
  return found;
}

function perCell({ way, amount }: Part): number {
  const demand = way.supply.demands.find(isForCells);
  return demand === undefined ? Infinity : amount / demand.items;
}

/** How many cells of each type are there to be used. */
function cellsIn(there: readonly Way[], items: (way: Way) => number): Map<Sort, number> {
  const cells = new Map<Sort, number>();
  for (const way of there) {
    const { sort } = way.supply;
    if (sort !== null) cells.set(sort, (cells.get(sort) ?? 0) + items(way));
  }
  return cells;
}
