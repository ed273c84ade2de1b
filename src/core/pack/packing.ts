import type { Stowage } from '../fit/laid-out';
import type { Why } from '../fit';
import type { Ground, Place, PlaceOf } from '../loadout';
import type { InCavity } from './rooms';

/** Packed from nothing, as if all of it lay on the mat; or from now, with all that has a place left in it. */
export type PackedFrom = 'nothing' | 'now';

/** Why a piece goes where it goes: what told most for it. */
export type Because =
  /** A holder or a piece on a ground that its owner set it on. */
  | { readonly because: 'stands there' }
  /** A holder that goes into no other. */
  | { readonly because: 'outermost'; readonly on: Ground }
  /** There is no holder that has room for it, and it stood there before. */
  | { readonly because: 'no holder has room' }
  | { readonly because: 'wanted at once' }
  | { readonly because: 'on the body' }
  | { readonly because: 'for the camp' }
  | { readonly because: 'kept dry' }
  /** Beside none of those that back it up: their placements. */
  | { readonly because: 'apart from its backup'; readonly of: readonly string[] }
  | { readonly because: 'made for it' }
  | { readonly because: 'with its like' }
  | { readonly because: 'small things together' }
  /** No other room has a mouth, the length, the room or the mass for it. */
  | { readonly because: 'only room' }
  | { readonly because: 'room there' };

export interface PackedMove {
  readonly placement: string;
  readonly to: Place;
  readonly why: Because;
}

/** Why a piece is in no room. */
export type WhyLeft =
  | { readonly left: 'no size' }
  | { readonly left: 'no holder' }
  /** It goes into none by itself; the room that comes nearest, and what it lacks. */
  | { readonly left: 'into none'; readonly nearest: InCavity; readonly why: Why }
  /** It would go into these by itself, and they are full. */
  | { readonly left: 'full'; readonly rooms: readonly InCavity[] }
  /** Where there is room, it would weigh more than that may carry. */
  | { readonly left: 'too heavy'; readonly room: InCavity }
  /** Where there is room lies what spoils it, or what it spoils. */
  | { readonly left: 'spoils'; readonly room: InCavity; readonly beside: string };

export interface LeftPiece {
  readonly placement: string;
  readonly why: WhyLeft;
}

/** One room that holds something, as it was laid out. */
export interface PackedRoom extends InCavity {
  /** What tells its content from any other, so that its answer is known when the content is there. */
  readonly key: string;
  readonly stowage: Stowage;
}

/** Where every piece of a kit goes. */
export interface Packing {
  /** Every piece that was given a place, holders before what they hold. */
  readonly moves: readonly PackedMove[];
  readonly left: readonly LeftPiece[];
  /** The places of all that is moved and of what is taken out onto the mat: what is done to the kit. */
  readonly places: readonly PlaceOf[];
  readonly rooms: readonly PackedRoom[];
  /** Pieces that are still beside what backs them up, as there is no other room. */
  readonly beside: readonly string[];
}

export type { InCavity };
