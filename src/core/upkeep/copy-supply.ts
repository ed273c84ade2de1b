import { asWish, isAtHand, type Gear } from '../gear';
import type { Bench, Command } from '../loadout';
import { absenceOf } from './absence';

/** So many of a gear. */
export interface SoMany {
  readonly gear: Gear;
  readonly count: number;
}

/** Gives out free pieces, and wishes for what there is not. */
export class Supply {
  private readonly free = new Map<string, number>();
  /** What is wished for in the place of each gear. */
  private readonly wished = new Map<string, { readonly id: string; count: number }>();
  private readonly given = new Map<string, number>();

  constructor(
    private readonly bench: Bench,
    private readonly today: string,
    private readonly newId: () => string,
  ) {
    for (const gear of bench.shelf.values()) {
      if (isAtHand(gear) && gear.borrowedFrom === null) this.free.set(gear.id, gear.count);
    }
    for (const { placements } of bench.loadouts.values()) {
      for (const { gear, count } of placements) {
        const left = this.free.get(gear);
        if (left !== undefined) this.free.set(gear, left - count);
      }
    }
  }

  ofBench(id: string): Gear {
    return this.bench.shelf.get(id)!;
  }

  /** So many that are a gear or do for it. What holds things is given singly, as its kit has it. */
  give(wanted: Gear, count: number): readonly { readonly gear: string; readonly count: number }[] {
    const found: { readonly gear: string; readonly count: number }[] = [];
    let short = count;
    for (const gear of this.likes(wanted)) {
      const taken = Math.min(short, this.free.get(gear.id) ?? 0);
      if (taken <= 0) continue;
      this.free.set(gear.id, this.free.get(gear.id)! - taken);
      this.given.set(gear.id, (this.given.get(gear.id) ?? 0) + taken);
      found.push({ gear: gear.id, count: taken });
      short -= taken;
    }
    if (short > 0) {
      const wish = this.wished.get(wanted.id) ?? { id: this.newId(), count: 0 };
      wish.count += short;
      this.wished.set(wanted.id, wish);
      found.push({ gear: wish.id, count: short });
    }
    return found;
  }

  /** The line itself, then those of its kind that do for it, of the same name and of nearest mass first. */
  private likes(wanted: Gear): readonly Gear[] {
    const others = [...this.bench.shelf.values()]
      .filter((gear) => (this.free.get(gear.id) ?? 0) > 0)
      .filter((gear) => gear.id === wanted.id || doesFor(gear, wanted))
      .filter((gear) => absenceOf(gear, this.today) === null);
    const rank = (gear: Gear) =>
      gear.id === wanted.id
        ? -2
        : gear.name === wanted.name
          ? -1
          : Math.abs((gear.massG ?? 0) - (wanted.massG ?? 0));
    return others.sort((one, other) => rank(one) - rank(other));
  }

  commands(): readonly Command[] {
    const gear = this.toBuy().map((each) => each.gear);
    return gear.length === 0 ? [] : [{ do: 'add gear', gear }];
  }

  fromShelf(): readonly SoMany[] {
    return [...this.given].map(([id, count]) => ({ gear: this.ofBench(id), count }));
  }

  toBuy(): readonly SoMany[] {
    return [...this.wished].map(([of, { id, count }]) => ({
      gear: asWish(this.ofBench(of), id, count),
      count,
    }));
  }
}

/** A piece of the same kind, with the same room in it, of which as much is left. */
function doesFor(gear: Gear, wanted: Gear): boolean {
  if (wanted.kind === null || gear.kind !== wanted.kind) return false;
  const rooms = ({ cavities }: Gear) =>
    JSON.stringify(cavities.map(({ id, inside, mouth }) => [id, inside, mouth]));
  if (rooms(gear) !== rooms(wanted)) return false;
  if (wanted.contents === null || gear.contents === null) {
    return wanted.contents === gear.contents;
  }
  return gear.contents.unit === wanted.contents.unit && gear.contents.left >= wanted.contents.left;
}
