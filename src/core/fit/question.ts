import type { Cavity, Form } from '../gear';

/** One piece to go into a cavity, as it is from outside with what it holds. */
export interface FitItem {
  readonly id: string;
  readonly name: string;
  /** Null where its size is not known. */
  readonly form: Form | null;
  readonly massG: number;
}

export interface FitQuestion {
  readonly cavity: Cavity;
  readonly items: readonly FitItem[];
}

/** Why something does not go in. Lengths in mm, volumes in mL, masses in g. */
export type FitReason =
  | { readonly why: 'too much'; readonly byMl: number }
  | {
      readonly why: 'too long';
      readonly item: string;
      readonly name: string;
      readonly byMm: number;
    }
  /** It does not pass the mouth: one diameter, or two sides, that it needs and that the mouth has. */
  | {
      readonly why: 'too wide';
      readonly item: string;
      readonly name: string;
      readonly needsMm: readonly number[];
      readonly mouthMm: readonly number[];
    }
  /** It stands out of the top, turned as it may be, so that the lid does not close. */
  | {
      readonly why: 'stands out';
      readonly item: string;
      readonly name: string;
      readonly byMm: number;
      readonly isUpright: boolean;
    }
  | { readonly why: 'too heavy'; readonly byG: number };

/**
 * What is known of a fit.
 *
 * - `does not fit`: proven by the reasons.
 * - `only squeezed`: the soft pieces must be pressed below how they lie.
 * - `room by bulk`: nothing speaks against it; the shapes have not been laid out.
 * - `not known`: some pieces have no size, and the rest would go.
 */
export type Verdict = 'does not fit' | 'only squeezed' | 'room by bulk' | 'not known';

export interface FitAnswer {
  readonly verdict: Verdict;
  readonly reasons: readonly FitReason[];
  readonly roomMl: number;
  /** The room taken with all soft pieces pressed tight, and as they lie. */
  readonly tightMl: number;
  readonly looseMl: number;
  readonly massG: number;
  /** Pieces without a size. */
  readonly unmeasured: readonly string[];
}
