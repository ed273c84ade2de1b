import type { JobId } from './jobs';
import { above0, mostAmount, upTo, type Range } from './range';

/** What may be wrong with water. */
export const threats = ['sediment', 'protozoa', 'bacteria', 'viruses', 'chemicals'] as const;
export type Threat = (typeof threats)[number];

/** What warm things are filled with or made of. Cotton warms only while it is dry. */
export const warmStuffs = ['down', 'synthetic', 'wool', 'cotton'] as const;
export type WarmStuff = (typeof warmStuffs)[number];

/** What is known of a supply beside its amount, by what its job asks. Null where nobody knows. */
export type Facts =
  /** Which threats it takes out, and how many minutes that takes; null where the device says itself. */
  | {
      readonly of: 'treatment';
      readonly removes: readonly Threat[];
      readonly minutes: number | null;
    }
  /** Whether both hands are free beside it, its light for its power, and the energy of its own battery when full. */
  | {
      readonly of: 'light';
      readonly isHandsFree: boolean;
      readonly lumensPerWatt: number | null;
      readonly ownWh: number | null;
    }
  | { readonly of: 'warmth'; readonly stuff: WarmStuff }
  | { readonly of: 'cloth'; readonly isCotton: boolean }
  /** The load at which it breaks, in newtons. */
  | { readonly of: 'cord'; readonly breakingN: number }
  /** A vessel with two walls is never heated. */
  | { readonly of: 'vessel'; readonly isDoubleWalled: boolean }
  /** A sheet’s two sides as it is laid out, the longer first, in m. */
  | { readonly of: 'sheet'; readonly lengthM: number; readonly widthM: number }
  /** What it gives on a sunny day, and the energy of its own battery when full, in Wh. */
  | {
      readonly of: 'power';
      readonly whPerSunnyDay: number | null;
      readonly ownWh: number | null;
    };

/** Which facts a supply of a job may have; jobs that are not here have none. */
export const factsOf: Partial<Readonly<Record<JobId, Facts['of']>>> = {
  'treat-water': 'treatment',
  light: 'light',
  insulate: 'warmth',
  sleep: 'warmth',
  cloth: 'cloth',
  cord: 'cord',
  boil: 'vessel',
  'carry-water': 'vessel',
  roof: 'sheet',
  recharge: 'power',
};

/** Light for the power put in, at most: 683 lm/W is all that there is in light of one colour. */
const mostLumensPerWatt = 683;

/** The longest side of a sheet that somebody carries, in m. */
const mostSheetM = 100;

/** The figures in facts, by their field, and what each may be. */
export function factFigures(facts: Facts): readonly (readonly [string, number | null, Range])[] {
  switch (facts.of) {
    case 'treatment':
      return [['minutes', facts.minutes, upTo(mostAmount)]];
    case 'light':
      return [
        ['lumensPerWatt', facts.lumensPerWatt, above0(mostLumensPerWatt)],
        ['ownWh', facts.ownWh, above0(mostAmount)],
      ];
    case 'cord':
      return [['breakingN', facts.breakingN, above0(mostAmount)]];
    case 'sheet':
      return [
        ['lengthM', facts.lengthM, above0(mostSheetM)],
        ['widthM', facts.widthM, above0(mostSheetM)],
      ];
    case 'power':
      return [
        ['whPerSunnyDay', facts.whPerSunnyDay, above0(mostAmount)],
        ['ownWh', facts.ownWh, above0(mostAmount)],
      ];
    case 'warmth':
    case 'cloth':
    case 'vessel':
      return [];
  }
}

/** The words in facts, by their field, and those that it may be. */
export function factWords(
  facts: Facts,
): readonly (readonly [field: string, value: string, words: readonly string[]])[] {
  switch (facts.of) {
    case 'treatment':
      return facts.removes.map((threat) => ['removes', threat, threats] as const);
    case 'warmth':
      return [['stuff', facts.stuff, warmStuffs]];
    default:
      return [];
  }
}
