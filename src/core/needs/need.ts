import type { Worked } from '../models/run-model';
import { listed } from '../quantity';

/** Met, short of what is asked, nothing at all, or not known for want of something that is named. */
export type Standing = 'met' | 'short' | 'none' | 'not known';

export const needIds = [
  'drink',
  'carry',
  'treat',
  'food',
  'load',
  'warmth',
  'sleep',
  'ground',
  'roof',
  'rig',
  'fire',
  'fuel',
  'light',
  'power',
  'guard',
  'first aid',
  'own musts',
  'hygiene',
  'found',
  'evening',
] as const;
export type NeedId = (typeof needIds)[number];

export const needNames: Readonly<Record<NeedId, string>> = {
  drink: 'Drink',
  carry: 'Carry water',
  treat: 'Treat water',
  food: 'Food',
  load: 'Load',
  warmth: 'Warmth by day',
  sleep: 'Sleep',
  ground: 'Ground',
  roof: 'Roof',
  rig: 'Cord and pegs',
  fire: 'Fire',
  fuel: 'Fuel',
  light: 'Light',
  power: 'Power',
  guard: 'Insects, sun, ground',
  'first aid': 'First aid',
  'own musts': 'Own musts',
  hygiene: 'Hygiene',
  found: 'Being found',
  evening: 'The evening',
};

/** One need: what the trip asks, what the kit gives, and how that was worked out. */
export interface Need {
  readonly need: NeedId;
  readonly standing: Standing;
  /** In `unit`; null where it is not known, or nothing is asked. */
  readonly demand: number | null;
  readonly supply: number | null;
  readonly unit: string;
  /** How many days it lasts, Infinity where it does not run out; null where it is no matter of days, or not known. */
  readonly days: number | null;
  /** What it comes to, in one or two sentences. */
  readonly says: string;
  /** The placements that give it. */
  readonly placements: readonly string[];
  /** The models behind it, each with its inputs. */
  readonly worked: readonly Worked[];
  /** How the models’ figures come together, line by line. */
  readonly steps: readonly string[];
  /** What of the brief has to be said for it to be known. */
  readonly asks: readonly string[];
}

/** What a need’s file answers: all but which need it is. */
export type Answer = Omit<Need, 'need'>;

const plain = { placements: [], worked: [], steps: [], asks: [], days: null } as const;

/** A need answered with figures. */
export function answered(
  answer: Pick<Answer, 'standing' | 'demand' | 'supply' | 'unit' | 'says'> & Partial<Answer>,
): Answer {
  return { ...plain, ...answer };
}

/** A need that the brief does not tell enough about. */
export function notKnown(unit: string, ...asks: readonly string[]): Answer {
  return {
    ...plain,
    standing: 'not known',
    demand: null,
    supply: null,
    unit,
    says: `Not known: say ${listed(asks)} in the brief.`,
    asks,
  };
}

/** A need that this trip does not have. */
export function notAsked(unit: string, says: string): Answer {
  return { ...plain, standing: 'met', demand: 0, supply: null, unit, says };
}

/** By how much there is against how much is asked. */
export function standingOf(supply: number, demand: number): Standing {
  if (supply >= demand - 1e-9) return 'met';
  return supply > 0 ? 'short' : 'none';
}

/** Days that so much lasts; Infinity where nothing is asked. */
export function daysOf(supply: number, perDay: number): number {
  return perDay > 0 ? supply / perDay : Infinity;
}
