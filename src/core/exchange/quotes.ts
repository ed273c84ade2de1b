import { tableSays } from '../refusals/tables';
import { done, refused, type Outcome } from '../quantity';

/** The most lines that one cell in quotation marks goes over. */
const mostLinesInCell = 200;

/**
 * The text of a table with one kind of line end, once it is sure that no quotation mark swallows rows. A mark at the
 * start of a cell must be closed by one before a separator, a line end or the end; a mark inside a cell is a mark, as in
 * `9" pan`. Rows are counted from `first`, and `columns` is how many cells a row has as a rule.
 *
 * Refused, as nobody can tell what is meant: text after a closing mark (`"Knife" big`), a mark that is never closed, and
 * a cell over several lines of which one has cells enough to be a row of its own.
 */
export function closedQuotes(
  text: string,
  separator: string,
  first: number,
  columns: number,
): Outcome<string> {
  const lines = text.replace(/\r\r\n|\r\n|\r/g, '\n');
  if (!lines.includes('"')) return done(lines);
  const made: string[] = [];
  let row = first;
  let at = 0;
  while (at < lines.length) {
    // At the start of a cell.
    if (lines[at] === '"') {
      const end = closingMark(lines, at + 1);
      if (end < 0) return refused(tableSays.quoteNotClosed(row));
      const cell = lines.slice(at, end + 1);
      if (swallows(cell, separator, columns)) return refused(tableSays.quoteNotClosed(row));
      made.push(cell);
      at = afterRoom(lines, end + 1, separator);
      const isEnd = at >= lines.length || lines[at] === separator || lines[at] === '\n';
      if (!isEnd) return refused(tableSays.quoteNotDoubled(row));
    }
    const end = cellEnd(lines, at, separator);
    if (lines[end] === '\n') row += 1;
    made.push(lines.slice(at, end + 1));
    at = end + 1;
  }
  return done(made.join(''));
}

/** Whether a line inside a cell that goes over several has cells enough to be a row. */
function swallows(cell: string, separator: string, columns: number): boolean {
  if (!cell.includes('\n')) return false;
  const inner = cell.split('\n').slice(1);
  return inner.some((line) => line.split(separator).length >= Math.max(2, columns));
}

/** Where the mark that closes a cell stands, doubled ones passed over; -1 where none does within reason. */
function closingMark(text: string, from: number): number {
  let lineEnds = 0;
  for (let at = from; at < text.length; at += 1) {
    const character = text[at];
    if (character === '\n' && (lineEnds += 1) > mostLinesInCell) return -1;
    if (character !== '"') continue;
    if (text[at + 1] !== '"') return at;
    at += 1;
  }
  return -1;
}

/** Past the room that somebody left between a closing mark and what separates. */
function afterRoom(text: string, from: number, separator: string): number {
  let at = from;
  while (text[at] === ' ' || (text[at] === '\t' && separator !== '\t')) at += 1;
  return at;
}

/** Where the separator or the line end stands that ends a cell, or the last character. */
function cellEnd(text: string, from: number, separator: string): number {
  for (let at = from; at < text.length; at += 1) {
    if (text[at] === separator || text[at] === '\n') return at;
  }
  return text.length - 1;
}
