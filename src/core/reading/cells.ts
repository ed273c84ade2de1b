import type { Amount } from '../quantity/amounts-in';
import { withMassShare } from '../catalogue';
import { isForCells, lightOf, sortsOf, type Gear, type Sort } from '../gear';

/** The sort of the cells that are named: of the chemistry that is said, else of the commonest; null where none are. */
export function cellSortIn(amounts: readonly Amount[], words = ''): Sort | null {
  const cells = amounts.find((amount) => amount.what === 'cells');
  if (cells?.what !== 'cells') return null;
  const size = cells.size === '9V' ? '9 v' : cells.size.toLowerCase();
  const said = cells.chemistry ?? (/\b(?:rechargeable|nimh)\b/i.test(words) ? 'nimh' : 'alkaline');
  const chemistry = said === 'rechargeable' ? 'nimh' : said;
  const sorts = sortsOf.cells!;
  const called = [`${size} ${chemistry}`, size, `${size} alkaline`];
  return sorts.find((sort) => called.includes(sort.toLowerCase()) && isSo(sort)) ?? null;

  function isSo(sort: Sort): boolean {
    const first = called.find((name) => sorts.some((each) => each.toLowerCase() === name));
    return sort.toLowerCase() === first;
  }
}

/** Whether a piece runs on cells. */
export function runsOnCells({ supplies }: Pick<Gear, 'supplies'>): boolean {
  return supplies.some(({ demands }) => demands.some(isForCells));
}

/** What a device runs on, with another size or number of cells: its light follows their energy. */
export function withCells(gear: Gear, amounts: readonly Amount[]): Gear {
  const cells = amounts.find(({ what }) => what === 'cells');
  const sort = cellSortIn(amounts);
  if (cells?.what !== 'cells' || sort === null || !runsOnCells(gear)) return gear;
  const items = cells.count ?? (isLarge(sort) ? 1 : null);
  const cased = gear.massTrust === 'typical' ? withCaseFor(gear, sort, items ?? 1) : gear;
  return {
    ...cased,
    supplies: cased.supplies.map((supply) => {
      const demands = supply.demands.map((demand) =>
        isForCells(demand) ? { ...demand, sorts: [sort], items: items ?? demand.items } : demand,
      );
      const fed = { ...supply, demands };
      return { ...fed, amount: lightOf(fed) ?? supply.amount };
    }),
  };
}

/** What the case around one of these weighs, in g (own): a lamp for two of them is no pen light. */
const caseG: readonly (readonly [size: string, massG: number])[] = [
  ['D ', 95],
  ['C ', 60],
];

function withCaseFor(gear: Gear, sort: Sort, items: number): Gear {
  const each = caseG.find(([size]) => sort.startsWith(size))?.[1] ?? 0;
  const { massG } = gear;
  return massG === null || each * items <= massG
    ? gear
    : withMassShare(gear, (each * items) / massG);
}

/** One of these is enough for a lamp where nobody says how many. */
function isLarge(sort: Sort): boolean {
  return /^(?:CR123A|14500|18650|21700|9 V)/.test(sort);
}
