import { tableSays } from '../refusals/tables';
import Papa from 'papaparse';
import { done, refused, type Outcome } from '../quantity';
import { closedQuotes } from './quotes';

/** A text of rows and cells. Every row has as many cells as the widest. */
export interface Table {
  readonly rows: readonly (readonly string[])[];
  /** The number of each row in the text, from 1, as a person counts them: rows with nothing in them count too. */
  readonly numbers: readonly number[];
  /** Whether the first row reads like headings rather than data. */
  readonly hasHeading: boolean;
  readonly columns: number;
}

/** The most rows, columns and characters of one cell that are read, and the most characters of all. */
export const mostRows = 20_000;
const mostColumns = 60;
const mostCell = 4000;
export const mostTableText = 8_000_000;

const separators = [',', ';', '\t', '|'] as const;

/**
 * Reads separated values: comma, semicolon, tab or bar, whichever the text uses or says in a first line `sep=;`, quotes
 * doubled inside quotes. Line ends may be of any kind, also several in one text.
 *
 * No row is lost: a text with nothing in it, beyond the limits, or with a quotation mark that would swallow rows is
 * refused, and the row named.
 */
export function readTable(text: string): Outcome<Table> {
  if (text.length > mostTableText) return refused(tableSays.textTooLong('8 million'));
  if (/[\u0000-\u0008\u000e-\u001f]/.test(text)) return refused(tableSays.noTable());
  const plain = text.replace(/^\uFEFF/, '');
  const said = /^"?sep=(.)"?[ \t]*(?:\r\r\n|\r\n|\r|\n|$)/i.exec(plain);
  const body = said ? plain.slice(said[0].length) : plain;
  const separator = said && isSeparator(said[1]!) ? said[1]! : separatorOf(body);
  const first = said ? 2 : 1;
  const closed = closedQuotes(body, separator, first, columnsOf(body, separator));
  if (!closed.ok) return closed;
  if (closed.value.split(separator).length > mostRows * mostColumns) {
    return refused(tableSays.tooManyRows(mostRows));
  }
  const { data } = Papa.parse<string[]>(closed.value, { delimiter: separator, newline: '\n' });
  return tableOf(data, first);
}

/** The rows that hold something, with their numbers from `first` on. */
function tableOf(data: readonly (readonly string[])[], first: number): Outcome<Table> {
  const rows: (readonly string[])[] = [];
  const numbers: number[] = [];
  let columns = 0;
  for (const [at, cells] of data.entries()) {
    if (cells.every((cell) => cell.trim() === '')) continue;
    const number = at + first;
    if (rows.length >= mostRows) return refused(tableSays.tooManyRows(mostRows));
    if (cells.length > mostColumns) return refused(tableSays.tooManyColumns(mostColumns));
    if (cells.some((cell) => cell.length > mostCell)) {
      return refused(tableSays.cellTooLong(number, mostCell));
    }
    columns = Math.max(columns, cells.length);
    rows.push(cells);
    numbers.push(number);
  }
  if (rows.length === 0) return refused(tableSays.emptyTable());
  const even = rows.map((cells) =>
    Array.from({ length: columns }, (_, at) => (cells[at] ?? '').replace(/\s+/g, ' ').trim()),
  );
  return done({ rows: even, numbers, columns, hasHeading: rows.length > 1 && isHeading(even[0]!) });
}

function isSeparator(character: string): boolean {
  return separators.some((separator) => separator === character);
}

/** How many cells the first line with anything in it has. */
function columnsOf(text: string, separator: string): number {
  const line = /[^\r\n]*[^\r\n\s][^\r\n]*/.exec(text.slice(0, 64 * 1024))?.[0] ?? '';
  return line.replace(/"(?:[^"]|"")*"/g, '').split(separator).length;
}

/** How many lines are looked at to tell what separates cells. */
const sampleLines = 40;

/**
 * What separates the cells: of those that every line of the start has equally often, the one with the most cells; else
 * the one that stands there most. Inside quotation marks nothing separates.
 */
function separatorOf(text: string): string {
  const lines = text
    .slice(0, 64 * 1024)
    .replace(/"(?:[^"]|"")*"/g, '""')
    .split(/\r\n|\r|\n/)
    .filter((line) => line.trim() !== '')
    .slice(0, sampleLines);
  const found = separators
    .map((separator) => {
      const counts = lines.map((line) => line.split(separator).length - 1);
      const total = counts.reduce((sum, count) => sum + count, 0);
      const isEven = total > 0 && counts.every((count) => count === counts[0]);
      return { separator, total, isEven };
    })
    .sort((one, other) => Number(other.isEven) - Number(one.isEven) || other.total - one.total);
  return found[0]!.total > 0 ? found[0]!.separator : ',';
}

/** Headings are words: no cell of them is a figure, and none but the last few is empty. */
function isHeading(row: readonly string[]): boolean {
  const filled = row.filter((cell) => cell !== '');
  return filled.length > 0 && filled.every((cell) => !/^[^\p{L}]*\d/u.test(cell));
}
