import type { JobId } from '../gear';

/** A category as the person wrote it: a name over jobs. */
export interface OwnCategory {
  readonly id: string;
  readonly name: string;
  readonly jobs: readonly JobId[];
}

/** A scheme of the person’s own. Jobs that it leaves out are gathered beyond it. */
export interface OwnScheme {
  readonly id: string;
  readonly name: string;
  readonly categories: readonly OwnCategory[];
}

export const mostCategories = 40;

/** The ids of the schemes that ship, which no scheme of one’s own takes. */
export const shippedSchemes = ['five-cs', 'ten-cs', 'rule-of-threes', 'what-hurts-first'] as const;

/** What is gathered that no category takes. */
export const beyondId = 'beyond';
