import { drained } from '../steps';
import type { Kind } from '../catalogue';
import type { Gear } from '../gear';
import type { Column } from './columns';
import { collecting, type GearRead, type GearSetting, type RowsProgress } from './gear-read';
import { decimalOf, gearFromRow, Row } from './gear-row';
import type { Table } from './table';

/**
 * Reads the rows of a table into gear, each by itself: what is wrong in one row keeps only that row out.
 * Figures that are given are *stated*; the rest come from the kind that the name means.
 */
export function gearFromTable(
  table: Table,
  columns: readonly Column[],
  setting: GearSetting,
  newId: () => string,
): GearRead {
  return drained(readingTable(table, columns, setting, newId));
}

/** As {@link gearFromTable}, some rows a step, so that it can be told how far it is, and left. */
export function* readingTable(
  table: Table,
  columns: readonly Column[],
  setting: GearSetting,
  newId: () => string,
): Generator<RowsProgress, GearRead> {
  const { lines, rowOf } = rowsOf(table, columns);
  return yield* collecting(lines, (_, { cells }) =>
    gearFromRow(rowOf(cells), { ...setting, id: newId() }),
  );
}

/** How one row reads as a kind that was picked for it: its number and the gear’s id in, the gear out; null where it does not. */
export function rowAsKind(
  table: Table,
  columns: readonly Column[],
  setting: GearSetting,
): (row: number, id: string, picked: Kind) => Gear | null {
  const { lines, rowOf } = rowsOf(table, columns);
  const byNumber = new Map(lines.map((line) => [line.row, line.cells]));
  return (row, id, picked) => {
    const cells = byNumber.get(row);
    const read = cells && gearFromRow(rowOf(cells), { ...setting, id, picked });
    return read?.ok ? read.value.gear : null;
  };
}

function rowsOf(table: Table, columns: readonly Column[]) {
  const first = table.hasHeading ? 1 : 0;
  const lines = table.rows.slice(first).map((cells, at) => ({
    row: table.numbers[at + first]!,
    text: cells.filter((cell) => cell !== '').join(' · '),
    cells,
  }));
  const decimal = decimalOf(lines.map(({ cells }) => cells));
  return { lines, rowOf: (cells: readonly string[]) => new Row(cells, columns, decimal) };
}
