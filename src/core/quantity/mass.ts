import { parseMeasure, type Measure } from './measure';
import { printNumber } from './numeral';
import { typedSays } from '../refusals/typed';
import { refused, type Outcome } from '../refusals';
import type { UnitSystem } from './unit-system';

/** Grams in an avoirdupois ounce and pound: exact by the international yard and pound agreement, 1959. */
export const gramsPerOunce = 28.349523125;
export const gramsPerPound = 453.59237;

/** The heaviest mass that is believed: 10 t, in grams. */
export const mostMassG = 1e7;

export const massMeasure: Measure = {
  what: 'mass',
  units: [
    { names: ['mg', 'milligram', 'milligrams'], inBase: 0.001 },
    { names: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'], inBase: 1 },
    { names: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'], inBase: 1000 },
    { names: ['t', 'tonne', 'tonnes', 'ton', 'tons'], inBase: 1e6 },
    { names: ['oz', 'ounce', 'ounces'], inBase: gramsPerOunce },
    { names: ['lb', 'lbs', 'pound', 'pounds'], inBase: gramsPerPound },
  ],
  most: mostMassG,
  mostInWords: '10 t',
  examples: '210 g, 1.2 kg, 7.4 oz or 2 lb 3 oz',
};

/**
 * Reads a mass into grams. A bare number is refused unless `bareUnit` says what it counts.
 *
 * @example parseMass('2 lb 3 oz') // 992.23…
 */
export function parseMass(text: string, bareUnit?: 'g' | 'kg' | 'oz'): Outcome<number> {
  // Nobody weighs to a thousandth of a gram: `1.234 g` is as likely a thousand and more, as others write it.
  const grouped = /^\s*([1-9]\d{0,2})[.](\d{3})\s*(?:gr?|grams?|grammes?)\s*$/i.exec(text);
  if (grouped) {
    const [, whole, part] = grouped;
    return refused(
      typedSays.twoNumbers(`${whole}.${part}`, `${whole}.${part!.slice(0, 2)}`, `${whole}${part}`),
    );
  }
  return parseMeasure(massMeasure, text, bareUnit);
}

/**
 * Prints grams for reading: `12.5 g`, `210 g`, `7.84 kg`; or `7.4 oz`, `2 lb 3 oz`.
 *
 * @example printMass(7840, 'metric') // '7.84 kg'
 * @example printMass(992, 'us') // '2 lb 3 oz'
 */
export function printMass(massG: number, units: UnitSystem): string {
  if (units === 'metric') {
    if (massG >= 999.5) return `${printNumber(massG / 1000, 2)} kg`;
    return `${printNumber(massG, massG < 100 ? 1 : 0)} g`;
  }
  const ounces = massG / gramsPerOunce;
  if (ounces < 15.95) return `${printNumber(ounces, ounces < 1 ? 2 : 1)} oz`;
  const wholeOunces = Math.round(ounces);
  const pounds = Math.floor(wholeOunces / 16);
  const over = wholeOunces % 16;
  return over === 0 ? `${printNumber(pounds, 0)} lb` : `${printNumber(pounds, 0)} lb ${over} oz`;
}
