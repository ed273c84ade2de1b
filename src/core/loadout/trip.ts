import { listOf, recordOf, whyNotOfOutline, type Outline } from '../gear/outline';
import { says, type Problem } from '../quantity';

/** One piece that was along on a trip, under its name of then. */
export interface TripPiece {
  readonly gear: string;
  readonly name: string;
  /** It was in somebody’s hand, worn or burnt; what only lay there was not. */
  readonly wasUsed: boolean;
}

/** What a kit was good for on one trip, written down after it. */
export interface Trip {
  readonly id: string;
  readonly kit: string;
  readonly kitName: string;
  /** As its brief was called; empty where it has no name. */
  readonly name: string;
  /** Its first day and its last, YYYY-MM-DD. */
  readonly from: string;
  readonly to: string;
  readonly pieces: readonly TripPiece[];
  /** What was not along and should have been, each in its owner’s words. */
  readonly missed: readonly string[];
  readonly note: string;
}

/** How many trips one bench keeps, and how much may have been missed on one. */
export const mostTrips = 2000;
export const mostMissed = 100;

/** As many pieces as a kit has places. */
const mostTripPieces = 1000;

export const tripOutline: Outline = recordOf({
  id: { of: 'id' },
  kit: { of: 'id' },
  kitName: { of: 'name' },
  name: { of: 'name or nothing' },
  from: { of: 'day' },
  to: { of: 'day' },
  pieces: listOf(
    recordOf({ gear: { of: 'id' }, name: { of: 'name' }, wasUsed: { of: 'yes or no' } }),
    mostTripPieces,
  ),
  missed: listOf({ of: 'name' }, mostMissed),
  note: { of: 'note' },
});

/** What is wrong with a trip, with the field; null where it is sound. */
export function unsoundTrip(trip: Trip): Problem | null {
  const problem = whyNotOfOutline(trip, tripOutline, 'trip');
  if (problem) return problem;
  if (trip.to < trip.from) {
    return { field: 'trip.to', message: says.tripEndsBefore(trip.to, trip.from) };
  }
  const seen = new Set<string>();
  for (const [at, { gear }] of trip.pieces.entries()) {
    if (seen.has(gear)) {
      return { field: `trip.pieces[${at}].gear`, message: says.idTwice(gear) };
    }
    seen.add(gear);
  }
  return null;
}
