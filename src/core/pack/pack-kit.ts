import { randomFrom } from '../fit/load/random';
import { keyOf } from '../fit/laid-out';
import {
  depthsOf,
  gearOf,
  isOnGround,
  withModules,
  type Bench,
  type Loadout,
  type Place,
} from '../loadout';
import { Bettering } from './bettering';
import { FirstPacking, type Manner } from './first-packing';
import { HalfPacked, type Asked } from './half-packed';
import { looseIn, type Cargo } from './cargo';
import { goesInto, whyNotInto } from './choice';
import { Laying } from './laying';
import type { LeftPiece, PackedFrom, PackedMove, PackedRoom, Packing, WhyLeft } from './packing';
import { Relieving } from './relieving';
import { roomsOf, type Room } from './rooms';
import { backsUp } from '../kit/together';

export interface PackRequest {
  readonly from: PackedFrom;
  /** Of the orders that are tried; the same seed packs the same. */
  readonly seed: number;
  /** YYYY-MM-DD: the days of the brief tell what is needed first. */
  readonly today: string;
}

/** How far packing has come. */
export interface PackProgress {
  /** The best so far; null before the first. Each one holds: none of its rooms is over-full. */
  readonly packing: Packing | null;
  /** Rooms laid out and pieces tried so far. */
  readonly steps: number;
}

/** How many orders are tried where something stays out, after the first (own). */
const furtherAttempts = 3;

const snug = { hard: 0.92, soft: 0.97 };
const easy = { hard: 0.82, soft: 0.9 };

/**
 * Packs a kit: all pieces into its holders, holders into each other and onto the body, the vehicle or the house. Every room is
 * laid out and verified; nothing pinned or sealed is moved. Where not all goes in, what is needed least stays out. Yields
 * after each bit of work, so that it can be stopped with the best that was found; ends by itself. Counted in steps alone: the
 * same kit and seed have the same answer.
 */
export function* packKit(
  bench: Bench,
  loadoutId: string,
  { from, seed, today }: PackRequest,
): Generator<PackProgress, void> {
  const own = bench.loadouts.get(loadoutId)!;
  const laying = new Laying(bench.shelf);
  let steps = 0;
  let packing: Packing | null = null;
  const leftOut = new Set<string>();
  if (from === 'now') {
    const whole = withModules(bench, own);
    for (const room of allRooms(own, bench)) {
      const laid = yield* telling(laying.room(whole, room, 'thorough'));
      for (const id of laid?.left ?? []) leftOut.add(id);
    }
  }
  const asked = askedOf(bench, own, from, leftOut, today, laying);
  let best: { readonly kit: HalfPacked; readonly worth: readonly number[] } | null = null;
  for (const manner of mannersFor(asked, seed)) {
    const kit = new HalfPacked(asked);
    yield* telling(new FirstPacking(kit, manner).run());
    if (best === null) {
      packing = yield* telling(packingOf(kit, asked, own, from));
      yield { packing, steps };
    }
    const bettering = new Bettering(kit);
    yield* telling(bettering.fill());
    if (best === null) {
      packing = yield* telling(packingOf(kit, asked, own, from));
      yield { packing, steps };
    }
    yield* telling(bettering.spread());
    if (best === null) {
      packing = yield* telling(packingOf(kit, asked, own, from));
      yield { packing, steps };
    }
    yield* telling(new Relieving(kit, new Bettering(kit)).run());
    const worth = worthOf(kit);
    if (best !== null && !isLess(worth, best.worth)) continue;
    best = { kit, worth };
    packing = yield* telling(packingOf(kit, asked, own, from));
    yield { packing, steps };
    if (!kit.out.some((cargo) => mayGoIn(cargo, asked))) return;
  }

  /** Goes through some work, telling after each bit of it what there is. */
  function* telling<T>(work: Generator<void, T>): Generator<PackProgress, T> {
    for (;;) {
      const bit = work.next();
      if (bit.done) return bit.value;
      steps += 1;
      yield { packing, steps };
    }
  }
}

function allRooms(own: Loadout, bench: Bench) {
  return own.placements.flatMap((placement) =>
    gearOf(bench.shelf, placement).cavities.map(({ id }) => ({ in: placement.id, cavity: id })),
  );
}

function askedOf(
  bench: Bench,
  own: Loadout,
  from: PackedFrom,
  leftOut: ReadonlySet<string>,
  today: string,
  laying: Laying,
): Asked {
  const { shelf } = bench;
  // What lies in a pot or a bottle now may go there again, though it is taken out meanwhile.
  const rooms = roomsOf(withModules(bench, own), shelf);
  const loose = looseIn(own, shelf, from, leftOut, today, rooms);
  const onMat = new Set([...loose.cargo.keys(), ...loose.unmeasured]);
  const cleared: Loadout = {
    ...own,
    placements: own.placements.map((placement) =>
      onMat.has(placement.id) ? { ...placement, place: { on: 'mat' } } : placement,
    ),
  };
  const whole = withModules(bench, cleared);
  const gears = new Map(whole.placements.map((each) => [each.id, gearOf(shelf, each)]));
  const backups = new Map<string, readonly string[]>();
  for (const cargo of loose.cargo.values()) {
    const found = whole.placements.filter(
      ({ id }) => id !== cargo.id && backsUp(cargo.gear, gears.get(id)!),
    );
    backups.set(
      cargo.id,
      found.map(({ id }) => id),
    );
  }
  return {
    bench,
    cleared,
    loose,
    rooms,
    today,
    gearOf: (id) => gears.get(id)!,
    backupsOf: (id) => backups.get(id) ?? [],
    laying,
  };
}

/** The orders that are tried: the bulkiest first; what is needed first; then others by chance, with more air. */
function* mannersFor({ loose, rooms }: Asked, seed: number): Generator<Manner, void> {
  const openFor = new Map<string, number>();
  for (const cargo of loose.cargo.values()) {
    const open = [...rooms.values()].filter((room) => goesInto(cargo, room));
    openFor.set(cargo.id, Math.min(open.length, 3));
  }
  const hardness = ({ id }: Cargo) => openFor.get(id)!;
  yield { rank: (cargo) => [hardness(cargo), -cargo.ml], fullness: snug };
  yield { rank: (cargo) => [cargo.hours, hardness(cargo), -cargo.ml], fullness: snug };
  const random = randomFrom(seed);
  for (let at = 1; at < furtherAttempts; at += 1) {
    const luck = new Map([...loose.cargo.keys()].map((id) => [id, 0.6 + 0.8 * random()]));
    yield {
      rank: (cargo) => [hardness(cargo), -cargo.ml * luck.get(cargo.id)!],
      fullness: easy,
    };
  }
}

/** Whether some room takes a piece by itself, so that another order may find it a place. */
function mayGoIn(cargo: Cargo, { rooms }: Asked): boolean {
  return [...rooms.values()].some((room) => goesInto(cargo, room));
}

/** What is out, weighted by how soon its lack tells; what lies beside its backup; how ill all lies. The less the better. */
function worthOf(kit: HalfPacked): readonly number[] {
  const out = kit.out.reduce((sum, { hours, count }) => sum + count * (1 + 100 / (1 + hours)), 0);
  return [out, kit.beside.length, kit.points];
}

function isLess(one: readonly number[], other: readonly number[]): boolean {
  for (const [at, each] of one.entries()) {
    if (each !== other[at]!) return each < other[at]!;
  }
  return false;
}

function* packingOf(
  kit: HalfPacked,
  asked: Asked,
  own: Loadout,
  from: PackedFrom,
): Generator<void, Packing> {
  const { loose, bench, laying } = asked;
  const after = afterwards(kit, asked, own, from);
  const depths = depthsOf(after);
  const places = new Map(after.placements.map(({ id, place }) => [id, place]));
  const moves: PackedMove[] = [];
  const left: LeftPiece[] = [];
  const out = new Set(kit.out.map(({ id }) => id));
  for (const { id, place: home } of own.placements) {
    const cargo = loose.cargo.get(id);
    const to = places.get(id)!;
    if (cargo && !out.has(id)) {
      moves.push({ placement: id, to, why: kit.whys.get(id)! });
    } else if (cargo && isOnGround(to) && to.on !== 'mat') {
      moves.push({ placement: id, to, why: { because: 'no holder has room' } });
    } else if (cargo) {
      left.push({ placement: id, why: whyLeft(cargo, kit) });
    } else if (loose.unmeasured.includes(id)) {
      left.push({ placement: id, why: { left: 'no size' } });
    } else if (from === 'nothing' && loose.standing.includes(id)) {
      moves.push({ placement: id, to: home, why: { because: 'stands there' } });
    }
  }
  moves.sort((one, other) => depths.get(one.placement)! - depths.get(other.placement)!);
  const whole = withModules(bench, after);
  const rooms: PackedRoom[] = [];
  for (const place of allRooms(after, bench)) {
    const laid = yield* laying.room(whole, place, 'quick');
    if (laid) rooms.push({ ...place, key: keyOf(laid.question), stowage: laid.stowage });
  }
  const isMoved = new Set([...moves, ...left].map(({ placement }) => placement));
  return {
    moves,
    left,
    places: after.placements
      .filter(({ id }) => isMoved.has(id))
      .map(({ id, place: to }) => ({ placement: id, to })),
    rooms,
    beside: kit.beside.map(({ id }) => id),
  };
}

/**
 * The kit as it is once it is packed so. What is out lies on the mat when it was packed from nothing, and else where it lay;
 * what stood on a ground before stands there again.
 */
function afterwards(kit: HalfPacked, { loose }: Asked, own: Loadout, from: PackedFrom): Loadout {
  const packed = kit.loadout;
  const out = new Set([...kit.out.map(({ id }) => id), ...loose.unmeasured]);
  const homes = new Map(own.placements.map(({ id, place }) => [id, place]));
  return {
    ...packed,
    placements: packed.placements.map((placement) => {
      if (!out.has(placement.id)) return placement;
      const home = homes.get(placement.id)!;
      const stays = from === 'now' || isOnGround(home);
      const place: Place = stays ? home : { on: 'mat' };
      return { ...placement, place };
    }),
  };
}

function whyLeft(cargo: Cargo, kit: HalfPacked): WhyLeft {
  const kept = kit.keptOutOf(cargo).filter(({ keeping }) => keeping?.keeps !== 'itself');
  if (kept.length === 0) return { left: 'no holder' };
  const open = kept.filter(({ keeping }) => keeping?.keeps !== 'shape');
  if (open.length === 0) {
    const [nearest] = [...kept].sort((one, other) => other.room.ml - one.room.ml);
    return { left: 'into none', nearest: nearest!.room, why: whyNotInto(cargo, nearest!.room) };
  }
  const heavy = open.find(({ keeping }) => keeping?.keeps === 'mass');
  const spoilt = open.find(({ keeping }) => keeping?.keeps === 'spoils');
  const isFull = open.some(({ keeping }) => keeping === null || keeping.keeps === 'full');
  if (!isFull && heavy) return { left: 'too heavy', room: placeOf(heavy.room) };
  if (!isFull && spoilt?.keeping?.keeps === 'spoils') {
    return { left: 'spoils', room: placeOf(spoilt.room), beside: spoilt.keeping.beside };
  }

  return { left: 'full', rooms: open.map(({ room }) => placeOf(room)) };
}

function placeOf({ in: holder, cavity }: Room) {
  return { in: holder, cavity };
}
