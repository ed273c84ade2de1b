import { amountNow, isForCells, jobs, serves, type JobId, type Sort } from '../gear';
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
 * What ways share is given out once: of two lamps and one set of cells, one burns. It goes to those that do most with
 * it, so that this is what the job gets where nothing else wants it.
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
      return sumOf(each, () => cellsIn((ways.byJob.get('cells') ?? []).filter(there), items));
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

function sumOf(parts: readonly Part[], cellsThere: () => Map<Sort, number>): number {
  let cells: Map<Sort, number> | null = null;
  let sum = 0;
  for (const { way, amount, items } of [...parts].sort(
    (one, other) => perCell(other) - perCell(one),
  )) {
    const { demands } = way.supply;
    const demand = demands.find(isForCells);
    if (demand === undefined) {
      sum += amount * items;
      continue;
    }
    cells ??= cellsThere();
    for (let item = 0; item < items; item += 1) {
      const taken = [...cells].find(
        ([cell, left]) => serves(cell, demand.sorts) && left >= demand.items,
      );
      if (!taken) break;
      cells.set(taken[0], taken[1] - demand.items);
      sum += amount;
    }
  }
  return sum;
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
