import { parseMeasure, type Measure } from './measure';
import { printNumber } from './numeral';
import type { Outcome } from '../refusals';
import type { UnitSystem } from './unit-system';

/** Millilitres in a US fluid ounce and a cubic inch (1 US gallon = 231 in³, exact). */
export const mlPerFluidOunce = 29.5735295625;
export const mlPerCubicInch = 16.387064;

/** The largest volume that is believed: 10 m³, in millilitres. */
export const mostVolumeMl = 1e7;

export const volumeMeasure: Measure = {
  what: 'volume',
  units: [
    {
      names: ['ml', 'cc', 'cm3', 'cm³', 'millilitre', 'millilitres', 'milliliter', 'milliliters'],
      inBase: 1,
    },
    { names: ['cl'], inBase: 10 },
    { names: ['dl'], inBase: 100 },
    { names: ['l', 'lt', 'litre', 'litres', 'liter', 'liters', 'dm3', 'dm³'], inBase: 1000 },
    {
      names: ['fl oz', 'fl. oz', 'fl.oz', 'floz', 'fluid ounce', 'fluid ounces'],
      inBase: mlPerFluidOunce,
    },
    { names: ['pt', 'pint', 'pints'], inBase: 16 * mlPerFluidOunce },
    { names: ['qt', 'qts', 'quart', 'quarts'], inBase: 32 * mlPerFluidOunce },
    { names: ['gal', 'gallon', 'gallons'], inBase: 128 * mlPerFluidOunce },
    { names: ['cu in', 'in3', 'in³', 'cubic inch', 'cubic inches'], inBase: mlPerCubicInch },
  ],
  most: mostVolumeMl,
  mostInWords: '10 000 L',
  examples: '750 mL, 1 L or 32 fl oz (US)',
};

/**
 * Reads a volume into millilitres; pints, quarts and gallons are US liquid measure.
 *
 * @example parseVolume('32 fl oz') // 946.35…
 */
export function parseVolume(text: string, bareUnit?: 'l' | 'ml' | 'fl oz'): Outcome<number> {
  return parseMeasure(volumeMeasure, text, bareUnit);
}

/**
 * Prints millilitres for reading: `750 mL`, `38.2 L`; or `25.4 fl oz`, `2.5 gal`.
 *
 * @example printVolume(38_200, 'metric') // '38.2 L'
 */
export function printVolume(volumeMl: number, units: UnitSystem): string {
  if (units === 'metric') {
    return volumeMl >= 999.5
      ? `${printNumber(volumeMl / 1000, volumeMl < 9995 ? 2 : 1)} L`
      : `${printNumber(volumeMl, volumeMl < 10 ? 1 : 0)} mL`;
  }
  const fluidOunces = volumeMl / mlPerFluidOunce;
  return fluidOunces >= 128
    ? `${printNumber(fluidOunces / 128, 1)} gal`
    : `${printNumber(fluidOunces, 1)} fl oz`;
}
