import { conditionsOf, emptyBrief } from '../brief';
import { bulkOf, reaches, type Form, type Gear } from '../gear';
import {
  gearOf,
  holdersAround,
  isOnGround,
  treeOf,
  type Loadout,
  type Place,
  type Placement,
  type Shelf,
} from '../loadout';
import { dangersOf, urgencyOf } from '../scheme/dangers';
import type { PackedFrom } from './packing';
import { isMakeshift, type Room, type Rooms } from './rooms';
import { isHurtByWet } from '../kit/together';
import { standsWell, wishedReach } from '../kit/wished-reach';

/** A placement that is to be given a place. */
export interface Cargo {
  readonly id: string;
  readonly gear: Gear;
  readonly form: Form;
  readonly count: number;
  /** Of all its pieces, pressed tight, by themselves. */
  readonly ml: number;
  /** How soon its lack tells, in h: the sooner, the sooner it must be in. */
  readonly hours: number;
  /** Where a hand should come to it, as a number in the order of reaches. */
  readonly wish: number;
  readonly isHurtByWet: boolean;
  /** It keeps dry what is in it: in what is dry itself, that is wasted. */
  readonly isDryInside: boolean;
  /** It is there to hold others. */
  readonly isHolder: boolean;
  /** Where it lay before. */
  readonly home: Place;
}

export interface Loose {
  readonly cargo: ReadonlyMap<string, Cargo>;
  /** Placements without a size, which nothing can be proven of. */
  readonly unmeasured: readonly string[];
  /** On a ground, where their owner set them, and rightly so. */
  readonly standing: readonly string[];
}

/** Jobs of which nobody says how soon their lack tells, in h (own). */
const someTime = 150;

/**
 * What of a kit is to be packed. Never what is pinned or lies in a sealed holder; from now on, only what lies on the mat and
 * what found no room where it is; from nothing, everything but what is worn or stands where it is to be at hand.
 *
 * @param leftOut placements of which some found no room where they are.
 * @param rooms of the kit: whatever has one of them holds others.
 * @param today YYYY-MM-DD: the days of the brief tell what is needed first.
 */
export function looseIn(
  loadout: Loadout,
  shelf: Shelf,
  from: PackedFrom,
  leftOut: ReadonlySet<string>,
  today: string,
  rooms: Rooms,
): Loose {
  const holders = new Set([...rooms.values()].filter(isToHold).map((room) => room.in));
  const tree = treeOf(loadout);
  const sealed = new Set(loadout.seals.map(({ placement }) => placement));
  const hours = hoursIn(loadout, today);
  const cargo = new Map<string, Cargo>();
  const unmeasured: string[] = [];
  const standing: string[] = [];
  for (const placement of loadout.placements) {
    const { id, place, count } = placement;
    if (placement.isPinned || holdersAround(tree, placement).some((each) => sealed.has(each.id))) {
      continue;
    }
    const gear = gearOf(shelf, placement);
    if (from === 'now' && !isOnMat(placement) && !leftOut.has(id)) continue;
    if (isOnGround(place) && standsWell(gear, place.on)) {
      standing.push(id);
      continue;
    }
    if (gear.form === null) {
      unmeasured.push(id);
      continue;
    }
    cargo.set(id, {
      id,
      gear,
      form: gear.form,
      count,
      ml: bulkOf(gear.form).tightMl * count,
      hours: hours(gear),
      wish: reaches.indexOf(wishedReach(gear)),
      isHurtByWet: isHurtByWet(gear),
      isDryInside: gear.cavities.some(({ waterproof }) => waterproof) && !isMakeshift(gear),
      isHolder: holders.has(id),
      home: place,
    });
  }
  return { cargo, unmeasured, standing };
}

/** Made to hold others; or a pot or a bottle where the kit has nothing else for that. */
function isToHold(room: Room, _at: number, rooms: readonly Room[]): boolean {
  return !room.isMakeshift || rooms.every(({ isMakeshift: is }) => is);
}

function isOnMat({ place }: Placement): boolean {
  return isOnGround(place) && place.on === 'mat';
}

/** How soon the lack of a piece tells where the kit goes, by the most urgent of what it is no makeshift for. */
function hoursIn({ brief }: Loadout, today: string): (gear: Gear) => number {
  const there = brief ?? emptyBrief;
  const dangers = dangersOf(there, conditionsOf(there, today));
  return ({ supplies }) =>
    supplies
      .filter(({ fitness }) => fitness !== 'improvised')
      .map(({ job }) => urgencyOf(job, dangers, there).hours)
      .reduce((least, each) => Math.min(least, each), someTime);
}
