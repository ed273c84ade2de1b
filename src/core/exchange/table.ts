import Papa from 'papaparse';
import { done, refused, type Outcome } from '../quantity';

/** A text of rows and cells. Every row has as many cells as the widest. */
export interface Table {
  readonly rows: readonly (readonly string[])[];
  /** Whether the first row reads like headings rather than data. */
  readonly hasHeading: boolean;
  readonly columns: number;
}

/** The most rows, columns and characters of one cell that are read. */
export const mostRows = 20_000;
const mostColumns = 60;
const mostCell = 4000;

/**
 * Reads separated values: comma, semicolon, tab or bar, whichever the text uses, quotes doubled inside quotes.
 * Refuses a text with nothing in it and one beyond the limits.
 */
export function readTable(text: string): Outcome<Table> {
  if (/[\u0000-\u0008\u000e-\u001f]/.test(text)) {
    return refused('This is no text of rows and cells, but another kind of file.');
  }
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
    preview: mostRows + 1,
  });
  if (data.length === 0) return refused('There is nothing in this file.');
  if (data.length > mostRows) return refused(`More than ${mostRows} rows are not read at once.`);
  const columns = Math.max(...data.map((row) => row.length));
  if (columns > mostColumns) return refused(`More than ${mostColumns} columns are not read.`);
  const tooLong = data.findIndex((row) => row.some((cell) => cell.length > mostCell));
  if (tooLong >= 0) {
    return refused(`Row ${tooLong + 1} has a cell of more than ${mostCell} characters.`);
  }
  const rows = data.map((row) =>
    Array.from({ length: columns }, (_, at) => (row[at] ?? '').replace(/\s+/g, ' ').trim()),
  );
  return done({ rows, columns, hasHeading: rows.length > 1 && isHeading(rows[0]!) });
}

/** Headings are words: no cell of them is a figure, and none but the last few is empty. */
function isHeading(row: readonly string[]): boolean {
  const filled = row.filter((cell) => cell !== '');
  return filled.length > 0 && filled.every((cell) => !/^[^\p{L}]*\d/u.test(cell));
}

/** The bytes of a text file as text: UTF-8 or UTF-16 by its mark, or else the old Western code page. */
export function textOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
