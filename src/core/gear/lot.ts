/** So many of one gear with one history. Days as YYYY-MM-DD, null where nobody knows. */
export interface Lot {
  readonly id: string;
  /** Whole number, at least 1. */
  readonly count: number;
  /** Made or bought. */
  readonly cameOn: string | null;
  /** The printed date, after which it is not relied on. */
  readonly goodUntil: string | null;
  readonly openedOn: string | null;
  /** Filled or charged. */
  readonly filledOn: string | null;
  readonly checkedOn: string | null;
  /** Where it is stored, in its owner's words, and since when. */
  readonly store: string;
  readonly storedOn: string | null;
  /** The kit that it lies in, while that kit has any of the gear; null where nobody said. */
  readonly kit: string | null;
  /** What an inspection found wrong with it: it is not relied on; null where nothing was. */
  readonly amiss: Amiss | null;
}

/** To be renewed soon, broken, or with no charge. */
export const amissWords = ['renew', 'failed', 'flat'] as const;
export type Amiss = (typeof amissWords)[number];

/** How many lots one gear has at most. */
export const mostLots = 200;

/** The days of a lot, by their field. */
export const lotDays = [
  'cameOn',
  'goodUntil',
  'openedOn',
  'filledOn',
  'checkedOn',
  'storedOn',
] as const satisfies readonly (keyof Lot)[];
