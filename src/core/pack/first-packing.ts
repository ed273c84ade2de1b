import type { Cargo } from './cargo';
import { goesInto, suiting, whatKeepsOut, type Fullness } from './choice';
import { groundFor, isWornByNature } from './ground';
import { isOnGround } from '../loadout';
import type { HalfPacked } from './half-packed';
import type { Because } from './packing';
import type { Room } from './rooms';

/** How one attempt goes about it. */
export interface Manner {
  /** In which order the pieces are given a room: the first has the choice. */
  readonly rank: (cargo: Cargo) => readonly number[];
  readonly fullness: Fullness;
}

/** The first packing of a kit: every piece into the room that suits it best, laid out, and what has no place there elsewhere. */
export class FirstPacking {
  /** Rooms in which something found no place: they are full until they are looked at more closely. */
  private readonly closed = new Set<string>();

  constructor(
    private readonly kit: HalfPacked,
    private readonly manner: Manner,
  ) {}

  /** Packs; after this every room holds what is in it. Yields after each bit of work. */
  *run(): Generator<void, void> {
    this.giveHoldersPlaces();
    for (const cargo of this.inOrder()) this.give(cargo);
    yield;
    yield* this.lay();
  }

  /** The largest first, each into one that is much larger, or on a ground. */
  private giveHoldersPlaces(): void {
    const largest = ({ gear }: Cargo) =>
      Math.max(...this.kit.rooms.filter((room) => room.holder === gear).map((room) => room.ml), 0);
    const holders = this.kit.cargo
      .filter((cargo) => cargo.isHolder)
      .sort((one, other) => largest(other) - largest(one));
    for (const holder of holders) {
      if (isWornByNature(holder.gear)) this.kit.stand(holder, 'body');
      else this.give(holder);
    }
  }

  private inOrder(): readonly Cargo[] {
    const ranked = this.kit.cargo
      .filter(({ isHolder: holds }) => !holds)
      .map((cargo) => ({ cargo, rank: this.manner.rank(cargo) }));
    ranked.sort((one, other) => {
      for (const [at, rank] of one.rank.entries()) {
        const apart = rank - other.rank[at]!;
        if (apart !== 0) return apart;
      }
      return 0;
    });
    return ranked.map(({ cargo }) => cargo);
  }

  /** Brings a piece into the room that suits it best; a holder that goes into none stands on a ground. */
  private give(cargo: Cargo): boolean {
    const best = this.bestRoom(cargo, this.manner.fullness);
    if (best) {
      this.kit.bring(cargo, best.room, best.why);
      return true;
    }
    if (cargo.isHolder)
      this.kit.stand(cargo, groundFor(cargo.gear, cargo.home, this.kit.asked.cleared));
    return cargo.isHolder;
  }

  private bestRoom(
    cargo: Cargo,
    fullness: Fullness,
  ): { readonly room: Room; readonly why: Because } | null {
    let best: { room: Room; why: Because; points: number } | null = null;
    let taking = 0;
    for (const room of this.kit.rooms) {
      if (goesInto(cargo, room)) taking += 1;
      if (this.closed.has(room.key)) continue;
      if (cargo.isHolder && room.isMakeshift) continue;
      if (whatKeepsOut(cargo, room, this.kit.lying, fullness)) continue;
      const suits = suiting(cargo, room, this.kit.lying);
      if (best === null || suits.points < best.points) best = { room, ...suits };
    }
    if (best === null) return null;
    return { room: best.room, why: taking === 1 ? { because: 'only room' } : best.why };
  }

  /** Lays out all rooms, the innermost first; what found no place in one is given another, until all lie in place. */
  private *lay(): Generator<void, void> {
    for (let isDone = false; !isDone;) {
      isDone = true;
      const whole = this.kit.whole();
      for (const rooms of this.byDepth()) {
        const homeless: Cargo[] = [];
        for (const room of rooms) {
          const laid = yield* this.kit.asked.laying.room(whole, room, 'quick');
          yield;
          if (!laid || laid.left.length === 0) continue;
          const ejected = this.toEject(room, laid.left);
          for (const cargo of ejected) {
            this.closed.add(this.kit.roomOf(cargo.id)!.key);
            this.kit.takeOut(cargo.id);
          }
          if (ejected.length > 0) this.closed.add(room.key);
          if (ejected.length > 0) this.kit.asked.laying.keep(laid, this.kit.whole(), room);
          homeless.push(...ejected);
        }
        if (homeless.length === 0) continue;
        homeless.sort((one, other) => one.hours - other.hours || other.ml - one.ml);
        for (const cargo of homeless) this.give(cargo);
        isDone = false;
        break;
      }
    }
  }

  private byDepth(): readonly (readonly Room[])[] {
    const levels = new Map<number, Room[]>();
    for (const room of this.kit.rooms) {
      if (!this.kit.isThere(room.in) || this.kit.sums.contents(room.key).size === 0) continue;
      let depth = 0;
      for (
        let at = this.kit.sums.placeOf(room.in);
        !isOnGround(at);
        at = this.kit.sums.placeOf(at.in)
      ) {
        depth += 1;
      }
      levels.set(depth, [...(levels.get(depth) ?? []), room]);
    }
    return [...levels].sort(([one], [other]) => other - one).map(([, rooms]) => rooms);
  }

  /**
   * What is to leave a room in which some placements found no place: those themselves; of a soft holder its bulkiest piece; where
   * one must stay, the bulkiest of those that came to it.
   */
  private toEject(room: Room, left: readonly string[]): readonly Cargo[] {
    const ejected = new Set<Cargo>();
    for (const id of left) {
      const cargo = this.kit.asked.loose.cargo.get(id);
      const within = this.kit.sums.grows(id) ? this.looseWithin(id) : [];
      if (within.length > 0) ejected.add(within[0]!);
      else if (cargo) ejected.add(cargo);
      // A pot that finds no place leaves nothing in it; a holder stands somewhere in any case.
      if (cargo && !cargo.isHolder) for (const each of this.looseWithin(id)) ejected.add(each);
    }
    if (ejected.size > 0) return [...ejected];
    const [bulkiest] = this.bulkiestFirst([...this.kit.sums.contents(room.key)]);
    return bulkiest ? [bulkiest] : [];
  }

  private looseWithin(holder: string): readonly Cargo[] {
    const ids: string[] = [];
    for (const room of this.kit.rooms) {
      if (room.in === holder) ids.push(...this.kit.sums.contents(room.key));
    }
    return this.bulkiestFirst(ids);
  }

  private bulkiestFirst(ids: readonly string[]): readonly Cargo[] {
    return ids
      .flatMap((id) => this.kit.asked.loose.cargo.get(id) ?? [])
      .sort((one, other) => this.kit.sums.mlOf(other.id) - this.kit.sums.mlOf(one.id));
  }
}
