import { quoted } from './quoted';
import type { Sentences } from './outcome';

/** What keeps a table, a row or a pasted line from being read. */
export const tableSays = {
  noTable: () => 'This is no text of rows and cells, but another kind of file.',
  emptyTable: () => 'There is nothing in this file.',
  tooManyRows: (most: number) => `More than ${most} rows are not read at once.`,
  tooManyColumns: (most: number) => `More than ${most} columns are not read.`,
  cellTooLong: (row: number, most: number) =>
    `Row ${row} has a cell of more than ${most} characters.`,
  quoteNotClosed: (row: number) =>
    `Row ${row} has a quotation mark that is not closed: close it, or take it away.`,
  quoteNotDoubled: (row: number) =>
    `Row ${row} has text after a closing quotation mark: write a mark inside a cell twice.`,
  textTooLong: (most: string) => `More than ${most} characters are not read at once.`,
  namelessRow: () => 'The row has no name.',
  sumRow: () => 'This is a sum, not a piece.',
  noCount: (text: string) => `${quoted(text)} is not how many there are: write a whole number.`,
  noOwnership: (text: string) =>
    `${quoted(text)} is none of owned, wished, home-made, scavenged or retired.`,
  noJob: (word: string, some: string) => `${quoted(word)} is not a job this knows, like ${some}.`,
} as const satisfies Sentences;
