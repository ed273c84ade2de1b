import { reaches } from '../gear';
import { harms } from '../kit/together';
import { mustsOf } from '../scheme/musts';
import { allInOne, waysOf } from '../ways';
import type { Bettering } from './bettering';
import type { Cargo } from './cargo';
import { keepsDry, urgentFrom, type Fullness } from './choice';
import type { HalfPacked } from './half-packed';
import type { Room } from './rooms';

/**
 * What is wrong with where a piece lies, each as a number: what bursts over or shorts what lies beside it, wet that reaches it,
 * rain that falls on it, what backs it up beside it, how much too deep it lies.
 */
type Ills = readonly number[];

/** Only rooms with some air are tried: whether a full one can be laid out anew takes long to know (own). */
const airy: Fullness = { hard: 0.8, soft: 0.9 };

/** How often all pieces are gone through: what one leaves makes room for another. */
const mostRounds = 2;

/** Brings pieces away from what harms them where they lie, without doing worse by anything else. */
export class Relieving {
  constructor(
    private readonly kit: HalfPacked,
    private readonly bettering: Bettering,
  ) {}

  /** Moves what lies ill, small pieces first, into rooms that truly hold it, as long as that helps. */
  *run(): Generator<void, void> {
    let isChanged = true;
    for (let round = 0; isChanged && round < mostRounds; round += 1) {
      isChanged = false;
      for (const cargo of [...this.kit.cargo].sort((one, other) => one.ml - other.ml)) {
        const here = this.kit.roomOf(cargo.id);
        if (!here || cargo.isHolder || !this.kit.hasPlace(cargo)) continue;
        const ills = this.illsIn(cargo, here);
        if (ills.every((each) => each === 0)) continue;
        const stand = this.standWith(cargo, here);
        const isBetter = (room: Room) =>
          room.key !== here.key &&
          isBetterThan(this.illsIn(cargo, room), ills) &&
          isNoWorse(this.standWith(cargo, room), stand);
        if (yield* this.bettering.tryRooms(cargo, isBetter, airy)) isChanged = true;
      }
    }
  }

  private illsIn(cargo: Cargo, room: Room): Ills {
    const { lying } = this.kit;
    const others = [...this.kit.sums.contents(room.key)].filter((id) => id !== cargo.id);
    const harmed = others.filter((id) => harms(cargo.gear, lying.gearOf(id))).length;
    const isWet = cargo.isHurtByWet && !keepsDry(room, lying);
    const isInRain =
      isWet && room.space.reach === 'outside pocket' && cargo.gear.failsIn.includes('wet');
    const depth = cargo.wish <= urgentFrom ? lying.reachOf(room) - cargo.wish : 0;
    return [
      harmed,
      Number(isWet),
      Number(isInRain),
      Number(this.kit.hasBackupAt(cargo.id, room)),
      Math.min(reaches.length, Math.max(0, depth)),
    ];
  }

  /** For each must, how many losses it takes, and whether it goes with one holder, were the piece in that room. */
  private standWith({ id }: Cargo, room: Room): readonly number[] {
    const { bench, today, cleared } = this.kit.asked;
    const before = this.kit.sums.placeOf(id);
    this.kit.sums.bring(id, { in: room.in, cavity: room.cavity });
    const ways = waysOf(this.kit.whole(), bench.shelf, today);
    this.kit.sums.bring(id, before);
    return mustsOf(cleared.wishes).flatMap(({ anyOf }) => [
      ways.depth(anyOf),
      allInOne(ways, anyOf) === null ? 1 : 0,
    ]);
  }
}

/** Less of one ill, and no more of any other. */
function isBetterThan(one: Ills, other: Ills): boolean {
  return isNoWorse(other, one) && one.some((each, at) => each < other[at]!);
}

function isNoWorse(one: readonly number[], other: readonly number[]): boolean {
  return one.every((each, at) => each >= other[at]!);
}
