import { typedSays } from '../refusals/typed';
import { readNumeral } from './numeral';
import { done, refused, type Outcome } from '../refusals';

/** One unit: every way to write it, and how many of the base unit it is. */
export interface Unit {
  readonly names: readonly string[];
  readonly inBase: number;
}

/** One measured quantity: its units, its range, and how to say what would be understood. */
export interface Measure {
  readonly what: string;
  readonly units: readonly Unit[];
  /** The largest value that is believed, in the base unit. */
  readonly most: number;
  readonly mostInWords: string;
  readonly examples: string;
}

/**
 * Reads a text such as `2 lb 3 oz` into the measure's base unit.
 *
 * Parts are added up and must run from the larger unit to the smaller. A bare number is refused,
 * unless `bareUnit` names the unit to take.
 *
 * @example parseMeasure(massMeasure, '2 lb 3 oz') // 992.23… g
 */
export function parseMeasure(measure: Measure, text: string, bareUnit?: string): Outcome<number> {
  const typed = text.trim();
  if (typed === '') return refused(typedSays.measureMissing(measure.what, measure.examples));
  if (/^[-−–]\s*[\d.,]/.test(typed)) return refused(typedSays.measureBelowZero(measure.what));
  let rest = typed;
  let total = 0;
  let smallestSoFar = Infinity;
  while (rest !== '') {
    const numeral = readNumeral(rest);
    if (!numeral.ok) {
      return /^[\d.,]/.test(rest) ? numeral : notUnderstood(measure, typed);
    }
    const unit = readUnit(measure, numeral.value.rest.trimStart());
    if (unit === null) {
      if (numeral.value.rest.trim() !== '' || smallestSoFar !== Infinity) {
        return notUnderstood(measure, typed);
      }
      if (bareUnit === undefined) return sayTheUnit(measure, typed);
      return withinRange(measure, numeral.value.value * unitNamed(measure, bareUnit).inBase);
    }
    if (unit.inBase >= smallestSoFar) return notUnderstood(measure, typed);
    smallestSoFar = unit.inBase;
    total += numeral.value.value * unit.inBase;
    rest = unit.rest.replace(/^\s*(?:,|and\b|&|\+)?\s*/i, '');
  }
  return withinRange(measure, total);
}

/** The unit at the start of `text` and what follows it, or null where there is none. */
export function readUnit(
  measure: Measure,
  text: string,
): { readonly inBase: number; readonly rest: string } | null {
  const lowered = text.toLowerCase();
  let longest = '';
  let inBase = 0;
  for (const unit of measure.units) {
    for (const name of unit.names) {
      const follows = lowered.charAt(name.length);
      const ends = !/[a-zµ]/.test(follows) || !/[a-zµ]$/.test(name);
      if (name.length > longest.length && lowered.startsWith(name) && ends) {
        longest = name;
        inBase = unit.inBase;
      }
    }
  }
  return longest === ''
    ? null
    : { inBase, rest: text.slice(longest.length).replace(/^\.(?!\d)/, '') };
}

function unitNamed(measure: Measure, name: string): Unit {
  const unit = measure.units.find((candidate) => candidate.names.includes(name));
  if (!unit) throw new Error(`${measure.what} has no unit ${name}`);
  return unit;
}

function withinRange(measure: Measure, value: number): Outcome<number> {
  return value <= measure.most
    ? done(value)
    : refused(typedSays.measureTooLarge(measure.what, measure.mostInWords));
}

function notUnderstood(measure: Measure, typed: string): Outcome<never> {
  return refused(typedSays.noMeasure(typed, measure.what, measure.examples));
}

function sayTheUnit(measure: Measure, typed: string): Outcome<never> {
  return refused(typedSays.unitMissing(typed, measure.examples));
}
