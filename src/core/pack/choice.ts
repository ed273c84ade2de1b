import { byName } from '../quantity';
import { jobs, keepsWaterOut, reaches, roomMl, type Gear } from '../gear';
import { containersOf, goesIn, whyNever, type Why } from '../fit/laid-out';
import { isOnGround, type Place } from '../loadout';
import type { Cargo } from './cargo';
import type { Because } from './packing';
import type { Room, Rooms } from './rooms';
import type { Sums } from './sums';
import { areApart } from '../kit/together';

/** How full a room is filled before it is laid out, by what it is made of: hard walls leave gaps (own). */
export interface Fullness {
  readonly hard: number;
  readonly soft: number;
}

/** A holder goes into a room only where that is much larger than what it holds itself: no pack into a pack (own). */
const mostOfRoom = 0.45;

/** What speaks against a room, in points: which of two evils is the lesser (own). */
const points = {
  besideBackup: 1000,
  makeshift: 300,
  notMadeFor: 60,
  wet: 40,
  dryTwice: 30,
  sameBag: 45,
  samePocketsHolder: 15,
  reachStep: 8,
  urgentReachStep: 20,
  opening: 10,
  urgentOpening: 20,
  lostInLargeRoom: 6,
  like: -6,
  likeInLargeRoom: -1.5,
  mostLikes: 4,
  unlike: 10,
  madeFor: -25,
};

/** A small thing is lost in a room so many times as large as it is. */
const lostFrom = 25;

/** What some holders are made to hold, by the groups of jobs. */
const madeToHold = byName<readonly string[]>({
  'empty-first-aid-pouch': ['body'],
  'cell-case': ['power'],
  'tool-roll': ['cut', 'mend'],
  'food-hang-bag': ['food'],
  'lunch-box': ['food'],
  'bottle-pouch': ['water'],
});

/** What is asked of the kit as it lies now. */
export interface Lying {
  readonly rooms: Rooms;
  readonly sums: Sums;
  readonly gearOf: (id: string) => Gear;
  /** Whether a holder stands or lies somewhere, so that things can go into it. */
  readonly isThere: (holder: string) => boolean;
  /** How soon a hand is in a room, as a number in the order of reaches. */
  readonly reachOf: (room: Room) => number;
  /** Placements that back a piece up, wherever they lie. */
  readonly backupsOf: (id: string) => readonly string[];
}

/** What keeps a piece out of a room; null where nothing is known to. */
export type Keeping =
  | { readonly keeps: 'itself' }
  | { readonly keeps: 'shape' }
  | { readonly keeps: 'full' }
  | { readonly keeps: 'mass' }
  | { readonly keeps: 'spoils'; readonly beside: string };

export function whatKeepsOut(
  cargo: Cargo,
  room: Room,
  lying: Lying,
  fullness: Fullness,
): Keeping | null {
  const { sums, rooms } = lying;
  if (!lying.isThere(room.in) || isWithin(room.in, cargo.id, sums)) return { keeps: 'itself' };
  if (cargo.isHolder && largestMl(cargo.gear) > mostOfRoom * room.ml) {
    return { keeps: 'full' };
  }
  if (!goesInto(cargo, room)) return { keeps: 'shape' };
  for (const other of sums.contents(room.key)) {
    if (other !== cargo.id && areApart(cargo.gear, lying.gearOf(other))) {
      return { keeps: 'spoils', beside: other };
    }
  }
  let ml = sums.mlOf(cargo.id);
  const g = sums.massOf(cargo.id);
  for (let at: Place = room; !isOnGround(at); at = sums.placeOf(at.in)) {
    const around = rooms.get(`${at.in} ${at.cavity}`);
    const holder = lying.gearOf(at.in);
    if (holder.mostLoadG !== null && sums.loadOf(at.in) + g > holder.mostLoadG) {
      return { keeps: 'mass' };
    }
    if (around) {
      const { mostMassG, inside } = around.space;
      if (mostMassG !== null && sums.massIn(around.key) + g > mostMassG) return { keeps: 'mass' };
      const share = inside.shape === 'soft' ? fullness.soft : fullness.hard;
      if (ml > 0 && sums.mlIn(around.key) + ml > around.ml * share) return { keeps: 'full' };
    }
    if (!sums.grows(at.in)) ml = 0;
  }
  return null;
}

function isWithin(holder: string, cargo: string, sums: Sums): boolean {
  for (let id = holder; ;) {
    if (id === cargo) return true;
    const place = sums.placeOf(id);
    if (isOnGround(place)) return false;
    id = place.in;
  }
}

function largestMl({ cavities }: Gear): number {
  return Math.max(0, ...cavities.map(({ inside }) => roomMl(inside)));
}

const proven = new WeakMap<Cargo['form'], Map<Room['space'], boolean>>();

/** Whether a piece goes into a room by itself, in one of the shapes that the room can take. */
export function goesInto({ form }: Cargo, { space }: Room): boolean {
  const known = proven.get(form) ?? new Map<Room['space'], boolean>();
  proven.set(form, known);
  const before = known.get(space);
  if (before !== undefined) return before;
  const goes = containersOf(space).some((container) => goesIn(container, form));
  known.set(space, goes);
  return goes;
}

/** Why it does not, in the likeliest of those shapes. */
export function whyNotInto({ form }: Cargo, { space }: Room): Why {
  return whyNever(containersOf(space)[0]!, form) ?? { why: 'no place found' };
}

/** How ill a room suits a piece, in points, and what told most for it. */
export interface Suiting {
  readonly points: number;
  readonly why: Because;
}

/** How a room suits a piece that may go in. */
export function suiting(cargo: Cargo, room: Room, lying: Lying): Suiting {
  const { sums } = lying;
  const inside = [...sums.contents(room.key)].filter((id) => id !== cargo.id);
  let sum = 0;
  const reach = lying.reachOf(room);
  const off = Math.abs(reach - cargo.wish);
  const isUrgent = cargo.wish <= urgentFrom;
  sum += off * (isUrgent ? points.urgentReachStep : points.reachStep);
  sum += openingsBefore(room, sums) * (isUrgent ? points.urgentOpening : points.opening);
  if (room.isMakeshift) sum += points.makeshift;
  const backups = lying.backupsOf(cargo.id);
  const besides = backups.filter((id) => inside.includes(id));
  if (besides.length > 0) sum += points.besideBackup * besides.length;
  const bag = outermostOf(room.in, sums);
  for (const id of backups) {
    const at = sums.placeOf(id);
    if (isOnGround(at) || besides.includes(id)) continue;
    if (outermostOf(id, sums) === bag) sum += points.sameBag;
    if (at.in === room.in) sum += points.samePocketsHolder;
  }
  const isDry = cargo.isHurtByWet && keepsDry(room, lying);
  if (cargo.isHurtByWet && !isDry) sum += points.wet;
  if (cargo.isDryInside && keepsDry(room, lying)) sum += points.dryTwice;
  const made = madeToHold.get(room.holder.kind ?? '');
  const groups = groupsOf(cargo.gear);
  const isMadeFor = made?.some((group) => groups.has(group)) ?? false;
  if (made) sum += isMadeFor ? points.madeFor : points.notMadeFor;
  const likes = inside.filter((id) => areAlike(groups, lying.gearOf(id))).length;
  const isSmall = room.ml < smallRoomMl;
  const like = isSmall ? points.like : points.likeInLargeRoom;
  sum += like * Math.min(points.mostLikes, likes);
  if (likes === 0 && inside.length > 0 && isSmall) sum += points.unlike;
  const lost = Math.log2(room.ml / (lostFrom * Math.max(1, cargo.ml)));
  sum += points.lostInLargeRoom * Math.max(0, lost);
  const why = becauseOf();
  return { points: sum, why };

  function becauseOf(): Because {
    if (isMadeFor) return { because: 'made for it' };
    if (off === 0 && cargo.wish === 0) return { because: 'on the body' };
    if (off <= 1 && isUrgent) return { because: 'wanted at once' };
    if (backups.length > 0 && besides.length === 0) {
      return { because: 'apart from its backup', of: backups };
    }
    if (isDry) return { because: 'kept dry' };
    if (likes > 0 && isSmall) return { because: 'with its like' };
    if (lost < 0 && isSmall) return { because: 'small things together' };
    return cargo.wish === reaches.length - 1 && off <= 1
      ? { because: 'for the camp' }
      : { because: 'room there' };
  }
}

/** Wished this near, it is wanted at once. */
export const urgentFrom = reaches.indexOf('outside pocket');

/** Up to so many mL a room is for small things. */
const smallRoomMl = 5000;

/** How many holders are opened before one is at a room’s own. */
function openingsBefore(room: Room, sums: Sums): number {
  let openings = 0;
  for (let at = sums.placeOf(room.in); !isOnGround(at); at = sums.placeOf(at.in)) openings += 1;
  return openings;
}

function outermostOf(id: string, sums: Sums): string {
  for (let at = id; ;) {
    const place = sums.placeOf(at);
    if (isOnGround(place)) return at;
    at = place.in;
  }
}

/** Whether water stays out of a room, or out of one that it lies in. */
export function keepsDry(room: Room, { rooms, sums }: Lying): boolean {
  for (let at: Place = room; !isOnGround(at); at = sums.placeOf(at.in)) {
    const space = rooms.get(`${at.in} ${at.cavity}`)?.space;
    if (space && keepsWaterOut(space)) return true;
  }
  return false;
}

const known = new WeakMap<Gear, ReadonlySet<string>>();

/** The groups of jobs that a piece does. */
function groupsOf(gear: Gear): ReadonlySet<string> {
  const before = known.get(gear);
  if (before) return before;
  const groups = new Set<string>(
    gear.supplies
      .filter(({ fitness }) => fitness !== 'improvised')
      .map(({ job }) => jobs[job].group),
  );
  known.set(gear, groups);
  return groups;
}

function areAlike(groups: ReadonlySet<string>, other: Gear): boolean {
  for (const group of groupsOf(other)) if (groups.has(group)) return true;
  return false;
}
