import type { Gear } from '../gear';
import {
  isOnGround,
  withModules,
  type Bench,
  type Ground,
  type Loadout,
  type Place,
} from '../loadout';
import type { Cargo, Loose } from './cargo';
import { suiting, whatKeepsOut, type Fullness, type Keeping, type Lying } from './choice';
import type { Laying } from './laying';
import type { Because } from './packing';
import type { InCavity, Room, Rooms } from './rooms';
import { Sums } from './sums';
import { reachOf } from '../kit/wished-reach';

/** All that is asked of one kit, the same for every attempt. */
export interface Asked {
  readonly bench: Bench;
  /** The kit itself, with what is to be packed lying on its mat. */
  readonly cleared: Loadout;
  readonly loose: Loose;
  readonly rooms: Rooms;
  readonly gearOf: (id: string) => Gear;
  readonly backupsOf: (id: string) => readonly string[];
  readonly laying: Laying;
  /** YYYY-MM-DD: what is past its day does nothing. */
  readonly today: string;
}

/** Filled to the brim: what a room may hold at most before it is laid out. */
export const full: Fullness = { hard: 1, soft: 1 };

const onMat: Place = { on: 'mat' };

/** A kit while it is packed: what lies where, and what has no place yet. */
export class HalfPacked {
  readonly sums: Sums;
  readonly lying: Lying;
  readonly whys = new Map<string, Because>();
  private readonly placed = new Set<string>();

  constructor(readonly asked: Asked) {
    const { bench, cleared, rooms, gearOf, backupsOf } = asked;
    this.sums = new Sums(withModules(bench, cleared), bench.shelf);
    this.lying = {
      rooms,
      sums: this.sums,
      gearOf,
      isThere: (holder) => this.isThere(holder),
      reachOf: (room) => reachOf(room, gearOf, (holder) => this.sums.placeOf(holder)),
      backupsOf,
    };
  }

  get cargo(): readonly Cargo[] {
    return [...this.asked.loose.cargo.values()];
  }

  get rooms(): readonly Room[] {
    return [...this.asked.rooms.values()];
  }

  /** Pieces for which no room was found. */
  get out(): readonly Cargo[] {
    return this.cargo.filter(({ id }) => !this.placed.has(id));
  }

  /** Pieces that lie beside what backs them up. */
  get beside(): readonly Cargo[] {
    return this.cargo.filter(({ id }) => this.isBeside(id));
  }

  /** How ill all of it lies, in points. */
  get points(): number {
    let sum = 0;
    for (const cargo of this.cargo) {
      const room = this.roomOf(cargo.id);
      if (room) sum += suiting(cargo, room, this.lying).points;
    }
    return sum;
  }

  /** The kit as it lies after this attempt; what is out lies on the mat. */
  get loadout(): Loadout {
    const { cleared, loose } = this.asked;
    return {
      ...cleared,
      placements: cleared.placements.map((placement) =>
        loose.cargo.has(placement.id)
          ? { ...placement, place: this.sums.placeOf(placement.id) }
          : placement,
      ),
    };
  }

  /** Why a piece that is out is in none of the rooms, as the kit lies now. */
  keptOutOf(cargo: Cargo): readonly { readonly room: Room; readonly keeping: Keeping | null }[] {
    return this.rooms.map((room) => ({
      room,
      keeping: whatKeepsOut(cargo, room, this.lying, full),
    }));
  }

  /** With the kits that go along laid in. */
  whole(): Loadout {
    return withModules(this.asked.bench, this.loadout);
  }

  bring(cargo: Cargo, room: Room, why: Because): void {
    this.sums.bring(cargo.id, { in: room.in, cavity: room.cavity });
    this.placed.add(cargo.id);
    this.whys.set(cargo.id, why);
  }

  stand(cargo: Cargo, on: Ground): void {
    this.sums.bring(cargo.id, { on });
    this.placed.add(cargo.id);
    this.whys.set(cargo.id, { because: 'outermost', on });
  }

  takeOut(id: string): void {
    this.sums.bring(id, onMat);
    this.placed.delete(id);
    this.whys.delete(id);
  }

  /** Whether something lies in one of its rooms. */
  isFilled(holder: string): boolean {
    return this.rooms.some((room) => room.in === holder && this.sums.contents(room.key).size > 0);
  }

  hasPlace({ id }: Cargo): boolean {
    return this.placed.has(id);
  }

  isBeside(id: string): boolean {
    const place = this.sums.placeOf(id);
    return !isOnGround(place) && this.hasBackupAt(id, place);
  }

  hasBackupAt(id: string, place: InCavity): boolean {
    const inside = this.sums.contents(`${place.in} ${place.cavity}`);
    return this.asked.backupsOf(id).some((other) => inside.has(other));
  }

  roomOf(id: string): Room | null {
    const place = this.sums.placeOf(id);
    return isOnGround(place) ? null : (this.asked.rooms.get(`${place.in} ${place.cavity}`) ?? null);
  }

  isThere(holder: string): boolean {
    for (let id = holder; ;) {
      if (this.asked.loose.cargo.has(id) && !this.placed.has(id)) return false;
      const place = this.sums.placeOf(id);
      if (isOnGround(place)) return true;
      id = place.in;
    }
  }

  /** Whether something lies in a holder, at any depth, or is that. */
  liesIn(id: string, holder: string): boolean {
    for (let at = id; ;) {
      if (at === holder) return true;
      const place = this.sums.placeOf(at);
      if (isOnGround(place)) return false;
      at = place.in;
    }
  }
}
