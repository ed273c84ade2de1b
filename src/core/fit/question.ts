import type { Cavity, Gear } from '../gear';
import type { Container, PackedForm } from './load/cargo';
import type { LeftOut } from './load/stowage';
import type { Why } from './load/why';

/** One piece to go into a cavity, as it is from outside with what it holds. */
export interface FitItem {
  readonly id: string;
  /** The placement that it is one of. */
  readonly placement: string;
  readonly gear: Gear;
  readonly name: string;
  /** What it cannot be less than, however it is filled; null where its size is not known. */
  readonly least: PackedForm | null;
  readonly massG: number;
  /** Its empty room, which others may go into; null where it has none. */
  readonly hollow: Container | null;
}

export interface FitQuestion {
  readonly cavity: Cavity;
  readonly items: readonly Omit<FitItem, 'gear'>[];
}

/** Why one piece does not go in. */
export type PieceReason = {
  readonly item: string;
  readonly placement: string;
  readonly name: string;
} & Why;

/** Why something does not go in: a piece by itself, or all together, by volume in mL or by mass in g. */
export type FitReason =
  | PieceReason
  | { readonly why: 'over-full'; readonly byMl: number }
  | { readonly why: 'too heavy'; readonly byG: number };

/**
 * What is known of a fit.
 *
 * Before it was laid out:
 * - `does not fit`: proven by the reasons.
 * - `only squeezed`: the soft pieces must be pressed below how they lie.
 * - `room by bulk`: nothing speaks against it.
 * - `not known`: some pieces have no size, and the rest would go.
 *
 * Once it was laid out:
 * - `does not fit`: proven by a reason.
 * - `no place found`: some pieces found no place; that there is none is not proven.
 * - `all in`: there is an arrangement.
 * - `not known`: some pieces have no size, and all others are in.
 */
export type Verdict =
  'does not fit' | 'no place found' | 'only squeezed' | 'room by bulk' | 'not known' | 'all in';

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
  /** How many pieces lie in place and which do not; null before it was laid out. */
  readonly laidOut: { readonly placed: number; readonly left: readonly LeftOut[] } | null;
}
