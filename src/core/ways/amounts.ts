import { amountNow, cellServes, jobs, type CellType, type JobId } from '../gear';
import type { Way, Ways } from './ways';

/**
 * How much of a job a kit can do, in the job's unit, by the job's tally; null where no amount is known.
 *
 * What ways share is given out once: of two lamps and one set of cells, one burns. It goes to those that do most with
 * it, so that this is what the job gets where nothing else wants it.
 */
export function amountOf(ways: Ways, job: JobId): number | null {
  const own = ways.all.filter((way) => way.job === job);
  const each = own.flatMap((way): readonly Part[] => {
    const amount = amountNow(way.gear, way.supply);
    return amount === null ? [] : [{ way, amount }];
  });
  if (each.length === 0) return null;
  const amounts = each.map(({ amount }) => amount);
  switch (jobs[job].tally) {
    case 'sum':
      return sumOf(each, cellsIn(ways));
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
}

function sumOf(parts: readonly Part[], cells: Map<CellType, number>): number {
  let sum = 0;
  for (const { way, amount } of [...parts].sort((one, other) => perCell(other) - perCell(one))) {
    const { count } = way.placement;
    const { demands } = way.supply;
    const demand = demands.find((each) => each.on === 'cells');
    if (demand === undefined) {
      sum += amount * count;
      continue;
    }
    for (let item = 0; item < count; item += 1) {
      const taken = [...cells].find(
        ([cell, left]) => cellServes(cell, demand.cell) && left >= demand.count,
      );
      if (!taken) break;
      cells.set(taken[0], taken[1] - demand.count);
      sum += amount;
    }
  }
  return sum;
}

function perCell({ way, amount }: Part): number {
  const demand = way.supply.demands.find((each) => each.on === 'cells');
  return demand === undefined ? Infinity : amount / demand.count;
}

/** How many cells of each type are there to be used. */
function cellsIn({ all }: Ways): Map<CellType, number> {
  const cells = new Map<CellType, number>();
  for (const { supply, placement } of all) {
    if (supply.cell === null) continue;
    cells.set(supply.cell, (cells.get(supply.cell) ?? 0) + placement.count);
  }
  return cells;
}
