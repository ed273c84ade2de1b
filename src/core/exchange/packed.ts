import {
  becauseInWords,
  changeInWords,
  leftInWords,
  type ChangeFound,
  type Packing,
} from '../pack';
import { capital } from '../gear';
import type { Bench, Loadout, Place } from '../loadout';

/** A packing as the command line tells it. */
export interface PackedInWords {
  readonly moves: readonly {
    readonly placement: string;
    readonly place: Place;
    readonly because: string;
  }[];
  readonly left: readonly { readonly placement: string; readonly why: string }[];
  readonly cavities: readonly {
    readonly placement: string;
    readonly cavity: string;
    readonly fits: boolean;
    /** Share of the room that is taken. */
    readonly fill: number;
  }[];
}

/** @param change what would make more go in, where it was looked for and found. */
export function packedInWords(
  packing: Packing,
  kit: Loadout,
  bench: Bench,
  change: ChangeFound | null,
): PackedInWords {
  const would = change ? `. ${changeInWords(change, bench)}` : '.';
  return {
    moves: packing.moves.map(({ placement, to, why }) => ({
      placement,
      place: to,
      because: becauseInWords(why, kit, bench),
    })),
    left: packing.left.map(({ placement, why }) => ({
      placement,
      why: `${capital(leftInWords(why, kit, bench, 'metric'))}${why.left === 'no size' ? '.' : would}`,
    })),
    cavities: packing.rooms.map(({ in: placement, cavity, stowage }) => ({
      placement,
      cavity,
      fits: stowage.fits,
      fill: stowage.fill,
    })),
  };
}
