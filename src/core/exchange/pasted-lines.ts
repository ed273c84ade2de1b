import { drained } from '../steps';
import { tableSays } from '../refusals/tables';
import { readLine } from '../reading';
import { collecting, type GearRead, type GearSetting, type RowsProgress } from './gear-read';
import { mostRows } from './table';

/** The most characters that are pasted at once. */
export const mostPasted = 2_000_000;

/** What keeps a pasted text from being read at all; null where nothing does. */
export function whyNotPasted(text: string): string | null {
  if (text.length > mostPasted) return tableSays.textTooLong('2 million');
  let lines = 0;
  for (let at = -1; (at = text.indexOf('\n', at + 1)) >= 0;) lines += 1;
  return lines >= mostRows ? tableSays.tooManyRows(mostRows) : null;
}

/** Reads lines as they are pasted, each as a quick-add line; bullets, numbers and boxes before them are dropped. */
export function gearFromLines(text: string, setting: GearSetting, newId: () => string): GearRead {
  return drained(readingLines(text, setting, newId));
}

/** As {@link gearFromLines}, a line a step, so that it can be told how far it is, and left. */
export function* readingLines(
  text: string,
  setting: GearSetting,
  newId: () => string,
): Generator<RowsProgress, GearRead> {
  const lines = text
    .split(/\r\r\n|\r\n|\r|\n|\u2028|\u2029/)
    .map((line, at) => ({ row: at + 1, text: line.trim() }))
    .filter((line) => line.text !== '');
  return yield* collecting(lines, (line) =>
    readLine(withoutBullet(line), { ...setting, id: newId() }),
  );
}

/** A line as it was meant, without the bullet, the number or the box before it. */
export function withoutBullet(line: string): string {
  return line.trim().replace(bullet, '').trim();
}

const bullet = /^(?:[-–•*·☐☑✓✔◦]|\[[ xX]?\]|\d{1,3}[.)])\s+/;
