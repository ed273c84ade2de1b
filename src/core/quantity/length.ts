import { parseMeasure, type Measure } from './measure';
import { printNumber } from './numeral';
import type { Outcome } from '../refusals';
import type { UnitSystem } from './unit-system';

/** Millimetres in an inch and a foot: exact by the international yard and pound agreement, 1959. */
export const mmPerInch = 25.4;
export const mmPerFoot = 304.8;

/** The longest length that is believed: 10 km, in millimetres. */
export const mostLengthMm = 1e7;

export const lengthMeasure: Measure = {
  what: 'length',
  units: [
    { names: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'], inBase: 1 },
    { names: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'], inBase: 10 },
    { names: ['m', 'metre', 'metres', 'meter', 'meters'], inBase: 1000 },
    { names: ['in', 'inch', 'inches', '"', '″', '”'], inBase: mmPerInch },
    { names: ['ft', 'foot', 'feet', "'", '′', '’'], inBase: mmPerFoot },
    { names: ['yd', 'yds', 'yard', 'yards'], inBase: 3 * mmPerFoot },
  ],
  most: mostLengthMm,
  mostInWords: '10 km',
  examples: '90 mm, 9 cm, 15 m, 6 in or 100 ft',
};

/**
 * Reads a length into millimetres. A bare number is refused unless `bareUnit` says what it counts.
 *
 * @example parseLength('6 in') // 152.4
 * @example parseLength('90', 'mm') // 90
 */
export function parseLength(text: string, bareUnit?: 'mm' | 'm' | 'in' | 'ft'): Outcome<number> {
  // What stands bare after feet is inches: `2' 6`.
  const feet = /^(\s*\d+(?:\.\d+)?\s*['′’]\s*\d+(?:\.\d+)?)\s*$/.exec(text);
  return parseMeasure(lengthMeasure, feet ? `${feet[1]} in` : text, bareUnit);
}

/**
 * Prints millimetres for reading: `90 mm`, `1.2 m`; or `3.5 in`, `12 ft`.
 *
 * @example printLength(1234, 'metric') // '1.23 m'
 * @example printLength(90, 'us') // '3.5 in'
 */
export function printLength(lengthMm: number, units: UnitSystem): string {
  if (units === 'metric') {
    return lengthMm >= 999.5
      ? `${printNumber(lengthMm / 1000, 2)} m`
      : `${printNumber(lengthMm, lengthMm < 10 ? 1 : 0)} mm`;
  }
  return lengthMm >= 3 * mmPerFoot
    ? `${printNumber(lengthMm / mmPerFoot, 1)} ft`
    : `${printNumber(lengthMm / mmPerInch, 1)} in`;
}
