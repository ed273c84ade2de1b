import type { Brief } from '../brief/brief';
import { gearOf, type Bench, type Loadout, type Trip } from '../loadout';
import type { Due } from './due';

/** A trip of days by the brief of a kit. */
export interface TripDays {
  readonly name: string;
  readonly from: string;
  readonly to: string;
}

/** The trips of days that a kit’s briefs are of, the last first. */
export function tripsOf({ brief, otherBriefs }: Loadout): readonly TripDays[] {
  const briefs: readonly Brief[] = brief ? [brief, ...otherBriefs] : otherBriefs;
  return briefs
    .flatMap(({ name, when }) =>
      when?.on === 'days' ? [{ name, from: when.from, to: when.to }] : [],
    )
    .sort((one, other) => (one.to < other.to ? 1 : -1));
}

/** The last trip of a kit that is over by its brief and not written down yet; null where there is none. */
export function tripToTell(kit: Loadout, { trips }: Bench, today: string): TripDays | null {
  const told = [...trips.values()].filter((trip) => trip.kit === kit.id);
  return (
    tripsOf(kit).find(
      ({ from, to }) => to < today && !told.some((trip) => trip.from <= to && trip.to >= from),
    ) ?? null
  );
}

/** The next trip of a kit that is not over, by its briefs; null where there is none. */
export function tripAhead(kit: Loadout, today: string): TripDays | null {
  return tripsOf(kit).findLast(({ to }) => to >= today) ?? null;
}

/** What of a kit falls due while it is away. */
export function dueOnTrip(
  dues: readonly Due[],
  kit: string,
  { from, to }: Pick<TripDays, 'from' | 'to'>,
): readonly Due[] {
  return dues.filter((due) => due.kit?.id === kit && due.on >= from && due.on <= to);
}

/** A trip of a kit as it is now, of which these gears were used; what lies in the kit more than once is told of once. */
export function newTrip(
  id: string,
  kit: Loadout,
  bench: Bench,
  { name, from, to }: TripDays,
  told: {
    readonly used: ReadonlySet<string>;
    readonly missed: readonly string[];
    readonly note: string;
  },
): Trip {
  const along = new Map(
    kit.placements.map((placement) => {
      const gear = gearOf(bench.shelf, placement);
      return [gear.id, gear] as const;
    }),
  );
  return {
    id,
    kit: kit.id,
    kitName: kit.name,
    name,
    from,
    to,
    pieces: [...along.values()].map((gear) => ({
      gear: gear.id,
      name: gear.name,
      wasUsed: told.used.has(gear.id),
    })),
    missed: told.missed,
    note: told.note,
  };
}

/** How often a piece was along, and how it went. */
export interface Touched {
  readonly trips: number;
  readonly used: number;
  /** On so many of the last trips that it was along on it was never touched. */
  readonly untouchedSince: number;
}

/** Of each gear that was along on a trip that was told of, how often it was used. */
export function touchedOn({ trips }: Bench): ReadonlyMap<string, Touched> {
  const found = new Map<string, Touched>();
  for (const { pieces } of inOrderOfDays(trips)) {
    for (const { gear, wasUsed } of pieces) {
      const before = found.get(gear) ?? { trips: 0, used: 0, untouchedSince: 0 };
      found.set(gear, {
        trips: before.trips + 1,
        used: before.used + (wasUsed ? 1 : 0),
        untouchedSince: wasUsed ? 0 : before.untouchedSince + 1,
      });
    }
  }
  return found;
}

/** The trips of a kit that were told of, the last first. */
export function pastTripsOf(kit: string, { trips }: Bench): readonly Trip[] {
  return inOrderOfDays(trips)
    .filter((trip) => trip.kit === kit)
    .reverse();
}

function inOrderOfDays(trips: Bench['trips']): readonly Trip[] {
  return [...trips.values()].sort((one, other) => (one.to < other.to ? -1 : 1));
}
