import { listOf, recordOf, wordOf, type Outline } from '../gear/outline';

/** What holds everywhere at once, and takes what does not work in it. */
export const conditionIds = [
  'soaked',
  'frozen',
  'no-sun',
  'dark',
  'hot-store',
  'cells-flat',
  'no-flame',
  'one-hand',
] as const;
export type ConditionId = (typeof conditionIds)[number];

/** One loss: an item of a placement that breaks or is dropped, a holder with all that is in it, or a condition. */
export type Loss = PartLost | { readonly kind: 'condition'; readonly condition: ConditionId };

export interface PartLost {
  readonly kind: 'piece' | 'holder';
  readonly placement: string;
}

/** Losses under a name, that a kit is judged by at all times: `overboard`. */
export interface WhatIf {
  readonly id: string;
  readonly name: string;
  /** What is no longer in the kit is no loss any more; two of the same are two items. */
  readonly losses: readonly Loss[];
}

export const mostWhatIfs = 40;
const mostLosses = 40;

/** Placements of kits that go along have ids that no file’s ids are, so that theirs are any plain text. */
const placement: Outline = { of: 'name' };

export const whatIfsOutline: Outline = listOf(
  recordOf({
    id: { of: 'id' },
    name: { of: 'name' },
    losses: listOf(
      {
        of: 'variant',
        by: 'kind',
        cases: {
          piece: { placement },
          holder: { placement },
          condition: { condition: wordOf(conditionIds) },
        },
      },
      mostLosses,
      1,
    ),
  }),
  mostWhatIfs,
);
