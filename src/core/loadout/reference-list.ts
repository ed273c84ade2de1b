import type { JobId } from '../gear';

/** One line of a list: as it was written, and what it was matched to. */
export interface ListLine {
  readonly text: string;
  /** The catalogue kind it means; null where it means none, or any that does its jobs. */
  readonly kind: string | null;
  /** The jobs that any one of which answers it; empty where nobody could say. */
  readonly jobs: readonly JobId[];
}

/** What somebody holds that a kit should have: the person’s own list, or one that was brought in. */
export interface ReferenceList {
  readonly id: string;
  readonly name: string;
  /** Whose list it is, and what it is for. */
  readonly note: string;
  readonly lines: readonly ListLine[];
}

export const mostLines = 2000;
