import { byName } from './by-name';
import { typedSays } from '../refusals/typed';
import { done, refused, type Outcome } from '../refusals';

/** A number read from the start of a text, and what stands after it. */
export interface Numeral {
  readonly value: number;
  readonly rest: string;
}

const vulgarFractions = byName<number>({
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
});

const spaceGrouped = /^\d{1,3}(?:[ \u00a0\u202f\u2009]\d{3})+(?!\d)(?:[.,]\d+)?/;
const plain = /^(?:\d[\d.,]*\d|\d|[.,]\d+)/;
const mixedFraction = /^(\d+)(?:\s+|-)(\d+)\s*[/⁄]\s*(\d+)/;
const fraction = /^(\d+)\s*[/⁄]\s*(\d+)/;

/**
 * Reads one number at the start of `text`: decimal point or decimal comma, digits grouped in threes,
 * fractions such as `1/2`, `1 1/2` and `½`.
 *
 * Refuses a text that starts with none, and a numeral that can be read in two ways (`1,234`).
 *
 * @example readNumeral('1 1/2 lb') // { value: 1.5, rest: ' lb' }
 */
export function readNumeral(text: string): Outcome<Numeral> {
  const mixed = mixedFraction.exec(text);
  if (mixed) {
    return withFraction(Number(mixed[1]), Number(mixed[2]), Number(mixed[3]), text, mixed[0]);
  }
  const simple = fraction.exec(text);
  if (simple) return withFraction(0, Number(simple[1]), Number(simple[2]), text, simple[0]);

  const raw = (spaceGrouped.exec(text) ?? plain.exec(text))?.[0];
  if (raw === undefined) {
    const vulgar = vulgarFractions.get(text.charAt(0));
    return vulgar === undefined
      ? refused(typedSays.noNumberFirst(text))
      : done({ value: vulgar, rest: text.slice(1) });
  }
  const value = interpret(raw.replace(/\s/g, ''));
  if (!value.ok) return value;
  const rest = text.slice(raw.length);
  const after = /^\s?([½⅓⅔¼¾⅛⅜⅝⅞])/.exec(rest);
  return after
    ? done({
        value: value.value + vulgarFractions.get(after[1]!)!,
        rest: rest.slice(after[0].length),
      })
    : done({ value: value.value, rest });
}

function withFraction(
  whole: number,
  over: number,
  under: number,
  text: string,
  read: string,
): Outcome<Numeral> {
  if (under === 0) return refused(typedSays.dividesByNothing(read));
  return done({ value: whole + over / under, rest: text.slice(read.length) });
}

function interpret(raw: string): Outcome<number> {
  const points = raw.split('.').length - 1;
  const commas = raw.split(',').length - 1;
  if (points === 0 && commas === 0) return done(Number(raw));
  if (points > 0 && commas > 0) {
    const [group, decimal] = raw.lastIndexOf('.') > raw.lastIndexOf(',') ? [',', '.'] : ['.', ','];
    return grouped(raw, group!, decimal!);
  }
  if (points === 1) return done(Number(raw));
  if (points > 1) return grouped(raw, '.', ',');
  if (commas > 1) return grouped(raw, ',', '.');
  if (/^[1-9]\d{0,2},\d{3}$/.test(raw)) {
    const asDecimal = raw.replace(',', '.');
    const asThousands = raw.replace(',', '');
    return refused(typedSays.twoNumbers(raw, asDecimal, asThousands));
  }
  return done(Number(raw.replace(',', '.')));
}

function grouped(raw: string, group: string, decimal: string): Outcome<number> {
  const [whole, part, ...more] = raw.split(decimal);
  const groups = whole!.split(group);
  const wellGrouped =
    /^\d{1,3}$/.test(groups[0]!) && groups.slice(1).every((digits) => /^\d{3}$/.test(digits));
  const wellEnded = more.length === 0 && (part === undefined || /^\d+$/.test(part));
  return wellGrouped && wellEnded
    ? done(Number(`${groups.join('')}.${part ?? 0}`))
    : refused(typedSays.noNumber(raw));
}

const groupSpace = '\u202f';

/**
 * Prints a number with at most `decimals` digits after the point, no trailing zeros, grouped from five digits on.
 *
 * @example printNumber(1234.5, 1) // '1234.5'
 * @example printNumber(12_345, 0) // '12 345', with a narrow space
 */
export function printNumber(value: number, decimals: number): string {
  const fixed = value.toFixed(decimals);
  const [whole = '', part = ''] = fixed.split('.');
  const grouping = /^-?\d{5,}$/.test(whole) ? whole.replace(/\B(?=(\d{3})+$)/g, groupSpace) : whole;
  const trimmed = part.replace(/0+$/, '');
  const printed = trimmed === '' ? grouping : `${grouping}.${trimmed}`;
  return printed === '-0' ? '0' : printed;
}

/** To a tenth, as figures are kept that nobody measures nearer. */
export function tenths(value: number): number {
  return Math.round(value * 10) / 10;
}
