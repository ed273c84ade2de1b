import type { Container, Stowed } from './cargo';
import type { Why } from './why';

/** A piece that stays outside, and why. */
export interface LeftOut {
  readonly id: string;
  readonly why: Why;
}

/** What a search has come to. */
export interface Stowage {
  /** All pieces are in. */
  readonly fits: boolean;
  /** The shape that the container took. */
  readonly container: Container;
  /** In an order in which they can be put in. */
  readonly placed: readonly Stowed[];
  readonly left: readonly LeftOut[];
  /** Share of the container's volume that is taken. */
  readonly fill: number;
  /** How many arrangements were tried. */
  readonly steps: number;
}
