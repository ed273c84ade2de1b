import { nameOrder, type Currency } from '../quantity';
import type { Brief } from '../brief/brief';
import type { Gear, JobId } from '../gear';
import type { OwnScheme } from './own-scheme';
import type { ReferenceList } from './reference-list';
import type { CopyOf } from './copy-of';
import type { SetAside } from './set-aside';
import type { WhatIf } from './what-if';
import type { Round, Want } from './round';
import type { Trip } from './trip';

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
  /** The job it is in this kit for, which is the lane it lies in; null for what it is best at. */
  readonly laidFor: JobId | null;
  /** It stays where it is when the rest is packed anew; its holder may be moved with it. */
  readonly isPinned?: true;
  /** It is there anyhow, as what one wears and a vehicle’s boot: it counts in what the kit does, not in mass or price. */
  readonly isAssumed?: true;
  /** In a whole kit, the id of the kit that it came along in; a kit’s own have none. */
  readonly along?: string;
}

/** A whole kit that goes along inside another. What is in it stays its own. */
export interface Module {
  readonly id: string;
  /** The kit that goes along. */
  readonly kit: string;
  readonly place: Place;
}

/** That any of these jobs must be done, in so many ways independent of each other; 0 where it need not be done. */
export interface Wish {
  readonly anyOf: readonly JobId[];
  readonly ways: number;
}

/** How many wishes one kit has at most, and how many ways one asks for: more than three losses are not looked at. */
export const mostWishes = 120;
export const mostWays = 4;

/** A holder that was closed with all in it at a mass, so that it need not be opened to be looked at. */
export interface Seal {
  readonly placement: string;
  /** What the scale said, in g. */
  readonly massG: number;
  /** What its pieces should have weighed together then, in g: it holds while that is so. */
  readonly expectedG: number;
  /** YYYY-MM-DD. */
  readonly on: string;
}

/** How many seals one kit has at most. */
export const mostSeals = 200;

/** How many briefs a kit has beside the one that it is judged by. */
export const mostOtherBriefs = 12;

/** A kit set up for a purpose: placements of gear in cavities. */
export interface Loadout {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  /** The most it may weigh and cost; null where there is no limit. */
  readonly mostMassG: number | null;
  readonly mostPriceMinor: number | null;
  /** What it must do, and in how many ways, where that is otherwise than for any kit. */
  readonly wishes: readonly Wish[];
  /** What it is for: where, when, for whom; null while nobody said. */
  readonly brief: Brief | null;
  /** Other times and places that the same kit is held against. */
  readonly otherBriefs: readonly Brief[];
  readonly placements: readonly Placement[];
  readonly modules: readonly Module[];
  /** Holders that are sealed, each once. */
  readonly seals: readonly Seal[];
  /** The kit that it was made after; null where it is one of its own. */
  readonly copyOf: CopyOf | null;
  /** What it is judged without, and under, at all times. */
  readonly whatIfs?: readonly WhatIf[];
  /** Findings that its owner lets be. */
  readonly setAside?: readonly SetAside[];
}

/** A kit as it was on a day, with its gear as it was, so that it can be held against any other. */
export interface Version {
  readonly id: string;
  /** The kit it is a version of, which may be gone by now. */
  readonly kit: string;
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly note: string;
  readonly loadout: Loadout;
  /** The kits that went along in it. */
  readonly along: readonly Loadout[];
  readonly gear: readonly Gear[];
}

export type Shelf = ReadonlyMap<string, Gear>;

/** All that one person keeps, counted in one currency. */
export interface Bench {
  readonly currency: Currency;
  readonly shelf: Shelf;
  readonly loadouts: ReadonlyMap<string, Loadout>;
  readonly schemes: ReadonlyMap<string, OwnScheme>;
  readonly lists: ReadonlyMap<string, ReferenceList>;
  readonly versions: ReadonlyMap<string, Version>;
  /** Every inspection, kept for ever. */
  readonly rounds: ReadonlyMap<string, Round>;
  /** What is to be got. */
  readonly wants: ReadonlyMap<string, Want>;
  /** What was used on trips, written down after them. */
  readonly trips: ReadonlyMap<string, Trip>;
}

/** How much one bench may hold, and how many kits may go along in one. */
export const mostGear = 20_000;
export const mostLoadouts = 500;
export const mostModules = 100;
export const mostSchemes = 100;
export const mostLists = 200;
export const mostVersions = 1000;

export const emptyBench: Bench = {
  currency: 'EUR',
  shelf: new Map(),
  loadouts: new Map(),
  schemes: new Map(),
  lists: new Map(),
  versions: new Map(),
  rounds: new Map(),
  wants: new Map(),
  trips: new Map(),
};

/** The kits in the order in which they are listed everywhere: by name, then by id, never as they happen to be kept. */
export function kitsByName({ loadouts }: Pick<Bench, 'loadouts'>): readonly Loadout[] {
  return [...loadouts.values()].sort(
    (one, other) => nameOrder(one.name, other.name) || (one.id < other.id ? -1 : 1),
  );
}

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

/** A new placement, for what the gear is best at. */
export function newPlacement(id: string, gear: string, place: Place, count = 1): Placement {
  return { id, gear, count, place, laidFor: null };
}
