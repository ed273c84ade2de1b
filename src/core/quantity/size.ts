import { typedSays } from '../refusals/typed';
import { lengthMeasure, mmPerInch, parseLength } from './length';
import { printNumber } from './numeral';
import { done, refused, type Outcome } from '../refusals';
import type { UnitSystem } from './unit-system';

/** Two or three sides in millimetres. Two are a diameter and a height where nothing says otherwise. */
export interface Size {
  readonly sidesMm: readonly [number, number] | readonly [number, number, number];
  /** A diameter sign was written. */
  readonly round: boolean;
}

const examples = '90x200 mm for a round thing, 15 x 9.5 x 6 in for a box';

/**
 * Reads a size such as `90x200 mm` (diameter by height), `⌀9 x 20 cm` or `15 x 9.5 x 6 in` into millimetres.
 *
 * A side without a unit takes the unit of the next side that has one. A size with no unit at all is refused
 * unless `bareUnit` names it; three sides of which one is marked as a diameter are refused too.
 *
 * @example parseSize('90x200 mm') // { sidesMm: [90, 200], round: false }
 */
export function parseSize(text: string, bareUnit?: 'mm' | 'in' | 'm' | 'ft'): Outcome<Size> {
  const typed = text.trim();
  const sides = typed.split(/\s*(?:[x×*]|\bby\b)\s*/i);
  const marked = /[⌀ø∅]|\bdia(?:m(?:eter)?|metre)?\b\.?/gi;
  const isMarked = marked.test(typed);
  if (sides.length < 2 || sides.length > 3 || (isMarked && sides.length === 3)) {
    return notUnderstood(typed);
  }
  const sidesMm: number[] = [];
  let unit: string | undefined = bareUnit;
  for (const side of sides.reverse()) {
    const bare = side.replace(marked, ' ').trim();
    const length = parseLength(bare);
    if (length.ok) {
      unit = unitOf(bare) ?? unit;
      sidesMm.unshift(length.value);
    } else {
      const inherited = unit === undefined ? length : parseLength(`${bare} ${unit}`);
      if (!inherited.ok) return /^[\d.,]+$/.test(bare) ? inherited : notUnderstood(typed);
      sidesMm.unshift(inherited.value);
    }
  }
  if (sidesMm.some((sideMm) => sideMm <= 0)) return refused(typedSays.sideOfNothing());
  return done({ sidesMm: sidesMm as unknown as Size['sidesMm'], round: isMarked });
}

/**
 * Prints sides for reading: `90 × 60 × 38 mm` or `3.5 × 2.4 × 1.5 in`.
 *
 * @example printSize([90, 60, 38], 'us') // '3.5 × 2.4 × 1.5 in'
 */
export function printSize(sidesMm: readonly number[], units: UnitSystem): string {
  return units === 'metric'
    ? `${sidesMm.map((sideMm) => printNumber(sideMm, sideMm < 100 ? 1 : 0)).join(' × ')} mm`
    : `${sidesMm.map((sideMm) => printNumber(sideMm / mmPerInch, 1)).join(' × ')} in`;
}

function unitOf(side: string): string | undefined {
  const letters = /([a-z"″”'′’]+)\.?$/i.exec(side)?.[1]?.toLowerCase();
  return lengthMeasure.units.some((unit) => unit.names.includes(letters ?? ''))
    ? letters
    : undefined;
}

function notUnderstood(typed: string): Outcome<never> {
  return refused(typedSays.noSize(typed, examples));
}
