import { isOnGround, type Place } from '../loadout';
import { mustsOf } from '../scheme/musts';
import { allInOne, waysOf, type Ways } from '../ways';
import type { Cargo } from './cargo';
import { suiting, whatKeepsOut, type Fullness } from './choice';
import { full, type HalfPacked } from './half-packed';
import type { InCavity, Room } from './rooms';

/** How often a single piece is tried in a room (own). */
const mostTries = 60;

/** What gives way to a piece is at least so much of its size (own): less makes no room for it. */
const leastRoomMade = 0.7;

/** Betters what was packed, piece by piece; every change is laid out with all that it touches, and stays only where all lies in place. */
export class Bettering {
  private tries = 0;

  constructor(private readonly kit: HalfPacked) {}

  /** Finds places for what is out, for what is needed more before what is needed less. */
  *fill(): Generator<void, void> {
    yield* this.retryOut();
    yield* this.putNeededFirst();
  }

  /** Brings apart what is not to be lost together. */
  *spread(): Generator<void, void> {
    yield* this.spreadBackups();
    yield* this.spreadOverBags();
  }

  /** Tries a piece in a room, laid out with all rooms that become fuller or other; it stays where all lies in place. */
  private *holds(cargo: Cargo, room: Room): Generator<void, boolean> {
    const before = this.kit.sums.placeOf(cargo.id);
    const left = isOnGround(before)
      ? null
      : yield* this.kit.asked.laying.room(this.kit.whole(), before, 'quick');
    this.kit.sums.bring(cargo.id, { in: room.in, cavity: room.cavity });
    const whole = this.kit.whole();
    if (left && !isOnGround(before)) this.kit.asked.laying.keep(left, whole, before);
    const touched = [...this.touchedFrom(room), ...this.touchedFrom(before)];
    let isHeld = true;
    for (const place of touched) {
      const laid = yield* this.kit.asked.laying.room(whole, place, 'thorough');
      isHeld = (laid?.left.length ?? 0) === 0;
      if (!isHeld) break;
    }
    if (!isHeld) this.kit.sums.bring(cargo.id, before);
    return isHeld;
  }

  /** A room and, as far as cloth round it grows, those that it lies in. */
  private touchedFrom(place: Place): readonly InCavity[] {
    const touched: InCavity[] = [];
    for (let at = place; !isOnGround(at); at = this.kit.sums.placeOf(at.in)) {
      touched.push(at);
      if (!this.kit.sums.grows(at.in)) break;
    }
    return touched;
  }

  /** Pieces that are out, the most needed first, once more into each room that may have become free. */
  private *retryOut(): Generator<void, void> {
    const out = [...this.kit.out].sort(
      (one, other) => one.hours - other.hours || one.ml - other.ml,
    );
    for (const cargo of out) yield* this.tryRooms(cargo, () => true);
  }

  /** Tries a piece in the rooms that are wanted, the one that suits it best first; whether one of them holds it. */
  *tryRooms(
    cargo: Cargo,
    isWanted: (room: Room) => boolean,
    fullness: Fullness = full,
  ): Generator<void, boolean> {
    const open = this.kit.rooms
      .filter((room) => !(cargo.isHolder && room.isMakeshift))
      .filter((room) => whatKeepsOut(cargo, room, this.kit.lying, fullness) === null)
      .filter(isWanted)
      .map((room) => ({ room, ...suiting(cargo, room, this.kit.lying) }))
      .sort((one, other) => one.points - other.points);
    for (const { room, why } of open) {
      if (this.tries >= mostTries) return false;
      this.tries += 1;
      const isHeld = yield* this.holds(cargo, room);
      yield;
      if (!isHeld) continue;
      this.kit.bring(cargo, room, why);
      return true;
    }
    return false;
  }

  /** A piece that is out takes the place of one that is needed less, where it then lies. */
  private *putNeededFirst(): Generator<void, void> {
    const out = [...this.kit.out].sort((one, other) => one.hours - other.hours);
    for (const cargo of out) {
      const lesser = this.kit.cargo
        .filter((each) => this.kit.hasPlace(each) && each.hours > cargo.hours)
        .filter(({ id }) => !isOnGround(this.kit.sums.placeOf(id)) && !this.kit.isFilled(id))
        .filter(({ ml }) => ml >= cargo.ml * leastRoomMade)
        .sort((one, other) => other.hours - one.hours || one.ml - other.ml);
      for (const other of lesser) {
        if (this.tries >= mostTries) return;
        const room = this.kit.roomOf(other.id)!;
        const why = this.kit.whys.get(other.id)!;
        this.kit.takeOut(other.id);
        const isIn = yield* this.tryRooms(cargo, (each) => each.key === room.key);
        if (isIn) {
          yield* this.tryRooms(other, () => true);
          break;
        }
        this.kit.bring(other, room, why);
      }
    }
  }

  /** A piece beside what backs it up goes to any other room that truly has a place for it, or its backup does. */
  private *spreadBackups(): Generator<void, void> {
    for (let isChanged = true; isChanged;) {
      isChanged = false;
      for (const cargo of this.kit.beside) {
        if (!this.kit.isBeside(cargo.id) || cargo.isHolder) continue;
        const here = this.kit.roomOf(cargo.id);
        const isElsewhere = (room: Room) => room !== here && !this.kit.hasBackupAt(cargo.id, room);
        if (yield* this.tryRooms(cargo, isElsewhere)) isChanged = true;
      }
    }
  }

  /** Where one bag takes all ways to do what the kit must, one of them goes into another bag that truly holds it. */
  private *spreadOverBags(): Generator<void, void> {
    for (const { anyOf } of mustsOf(this.kit.asked.cleared.wishes)) {
      const together = allInOne(this.ways(), anyOf);
      yield;
      if (together === null || together.pieces.length < 2) continue;
      const movable = together.pieces
        .flatMap((id) => this.kit.asked.loose.cargo.get(id) ?? [])
        .filter((cargo) => !cargo.isHolder)
        .sort((one, other) => one.ml - other.ml);
      for (const cargo of movable) {
        const before = this.kit.roomOf(cargo.id);
        const why = this.kit.whys.get(cargo.id);
        if (!before || !why) continue;
        const isMoved = yield* this.tryRooms(
          cargo,
          (room) =>
            !this.kit.liesIn(room.in, together.holder) && !this.kit.hasBackupAt(cargo.id, room),
        );
        if (!isMoved) continue;
        const others = together.pieces.filter((id) => id !== cargo.id);
        this.kit.whys.set(cargo.id, { because: 'apart from its backup', of: others });
        if (allInOne(this.ways(), anyOf) === null) break;
        this.kit.bring(cargo, before, why);
      }
    }
  }

  private ways(): Ways {
    const { bench, today } = this.kit.asked;
    return waysOf(this.kit.whole(), bench.shelf, today);
  }
}
