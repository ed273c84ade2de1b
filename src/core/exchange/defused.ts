/**
 * A cell as it may be written into a table: one that a spreadsheet would run as a formula gets a mark before it, so that
 * it is shown as it stands. Some run full-width signs too, and those after a blank.
 *
 * @example defused('=cmd|x') // "'=cmd|x"
 */
export function defused(cell: string): string {
  return /^(?:[\t\r]|\s*[=+\-@＝＋－＠])/.test(cell) ? `'${cell}` : cell;
}
