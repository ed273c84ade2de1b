import type { Currency } from '../quantity';
import type { Gear } from '../gear';

/** Where a loadout stands on no gear: the body, a vehicle, a house, or still on the mat, not stowed. */
export const grounds = ['body', 'vehicle', 'house', 'mat'] as const;
export type Ground = (typeof grounds)[number];

/** Where a placement is: straight on a ground, or in a cavity of another placement's gear. */
export type Place = { readonly on: Ground } | { readonly in: string; readonly cavity: string };

/** So much of one gear in one place. */
export interface Placement {
  readonly id: string;
  readonly gear: string;
  /** Whole number, at least 1. A placement that holds others is exactly 1. */
  readonly count: number;
  readonly place: Place;
}

/** A kit set up for a purpose: placements of gear in cavities. */
export interface Loadout {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  /** The most it may weigh and cost; null where there is no limit. */
  readonly mostMassG: number | null;
  readonly mostPriceMinor: number | null;
  readonly placements: readonly Placement[];
}

export type Shelf = ReadonlyMap<string, Gear>;

/** All that one person keeps: the shelf and the kits, counted in one currency. */
export interface Bench {
  readonly currency: Currency;
  readonly shelf: Shelf;
  readonly loadouts: ReadonlyMap<string, Loadout>;
}

/** How much one bench, and one kit of it, may hold. */
export const mostGear = 20_000;
export const mostLoadouts = 500;
export const mostPlacements = 10_000;

export const emptyBench: Bench = { currency: 'EUR', shelf: new Map(), loadouts: new Map() };

export function isOnGround(place: Place): place is { readonly on: Ground } {
  return 'on' in place;
}

export function samePlace(one: Place, other: Place): boolean {
  if (isOnGround(one)) return isOnGround(other) && one.on === other.on;
  return !isOnGround(other) && one.in === other.in && one.cavity === other.cavity;
}

export function placementOf(loadout: Loadout, id: string): Placement | undefined {
  return loadout.placements.find((placement) => placement.id === id);
}

/** The gear of a placement; throws where the loadout is not of this shelf, which is a bug. */
export function gearOf(shelf: Shelf, placement: Placement): Gear {
  const gear = shelf.get(placement.gear);
  if (!gear)
    throw new Error(`placement ${placement.id} is of gear ${placement.gear}, not on the shelf`);
  return gear;
}
