import type { Gear } from '../gear';
import {
  grounds,
  isOnGround,
  newPlacement,
  placementOf,
  type Bench,
  type Command,
  type Ground,
  type Loadout,
  type Place,
} from '../loadout';
import { done, refused, says, type Outcome } from '../quantity';
import { upkeepSays } from '../refusals/upkeep';
import { inTurn, joinedAgain, partLine } from './parting-lines';

/** So many pieces at a place of a kit, and from when to when they are away; null where nobody agreed on a day. */
export interface GoingAway {
  readonly kit: Loadout;
  readonly placement: string;
  readonly count: number;
  /** YYYY-MM-DD. */
  readonly since: string;
  readonly backBy: string | null;
}

/** Somebody gets so many of a line for a while; the others stay. Refused where there are not so many there. */
export function lentCommand(
  bench: Bench,
  going: GoingAway,
  to: string,
  newId: () => string,
): Outcome<Command> {
  return partAway(bench, going, (name) => `lend ${name} to ${to}`, { lentTo: to }, newId);
}

/** So many of a line are somebody else’s, and go back to them. Refused where there are not so many there. */
export function borrowedCommand(
  bench: Bench,
  going: GoingAway,
  from: string,
  newId: () => string,
): Outcome<Command> {
  return partAway(
    bench,
    going,
    (name) => `borrow ${name} from ${from}`,
    { borrowedFrom: from },
    newId,
  );
}

function partAway(
  bench: Bench,
  { kit, placement, count, since, backBy }: GoingAway,
  label: (name: string) => string,
  who: Partial<Pick<Gear, 'lentTo' | 'borrowedFrom'>>,
  newId: () => string,
): Outcome<Command> {
  const part = partLine(bench, kit, placement, count, since, newId);
  if (!part.ok) return part;
  const { commands, gear } = part.value;
  const change = { ...who, awaySince: since, backBy };
  return inTurn(bench, label(gear.name), () =>
    done([...commands, { do: 'change gear', id: gear.id, change }]),
  );
}

/**
 * So many of a line are taken out of one kit for another, to go back where they were. They lie on the mat of the other. Refused
 * where they hold things, are taken already, or are not there.
 */
export function takenCommand(
  bench: Bench,
  { kit: from, placement: at, count, since, backBy }: GoingAway,
  to: Loadout,
  newId: () => string,
): Outcome<Command> {
  const placement = placementOf(from, at);
  const whole = placement && bench.shelf.get(placement.gear);
  if (!whole) return refused(says.noPlacement(at));
  if (whole.takenFrom !== null) return refused(upkeepSays.takenAlready(whole.name));
  const part = partLine(bench, from, at, count, since, newId);
  if (!part.ok) return part;
  const { commands, gear, placement: partAt } = part.value;
  const { place } = placement;
  const takenFrom = {
    kit: from.id,
    count,
    in: isOnGround(place) ? null : place.in,
    at: isOnGround(place) ? place.on : place.cavity,
  };
  return inTurn(bench, `take ${gear.name} for ${to.name}`, () =>
    done([
      ...commands,
      { do: 'take out', loadout: from.id, placement: partAt, contents: 'to the mat' },
      { do: 'change gear', id: gear.id, change: { takenFrom, awaySince: since, backBy } },
      {
        do: 'place',
        loadout: to.id,
        placement: newPlacement(newId(), gear.id, { on: 'mat' }, count),
      },
    ]),
  );
}

/**
 * A piece is where it belongs again: lent, it is at home; borrowed, it leaves the bench’s kits and is retired from the shelf;
 * taken, it leaves the kit that it was taken for and lies where it was, or on the mat where that place is gone. What was parted
 * from a line to go away is one with it again.
 */
export function backCommand(bench: Bench, gear: Gear, newId: () => string): Outcome<Command> {
  const home = { lentTo: null, takenFrom: null, awaySince: null, backBy: null } as const;
  const placed = [...bench.loadouts.values()].flatMap((kit) =>
    kit.placements.filter((each) => each.gear === gear.id).map((placement) => ({ kit, placement })),
  );
  const out = (leaves: typeof placed): readonly Command[] =>
    leaves.map(({ kit, placement }) => ({
      do: 'take out',
      loadout: kit.id,
      placement: placement.id,
      contents: 'to the mat',
    }));
  if (gear.lentTo !== null) {
    const commands: readonly Command[] = [{ do: 'change gear', id: gear.id, change: home }];
    return backAgain(bench, gear, `get ${gear.name} back`, commands);
  }
  if (gear.borrowedFrom !== null) {
    const change = { ...home, borrowedFrom: null, ownership: 'retired' } as const;
    const commands = [...out(placed), { do: 'change gear', id: gear.id, change } as const];
    return done({ do: 'together', label: `give ${gear.name} back`, commands });
  }
  const { takenFrom } = gear;
  if (takenFrom === null) return refused(upkeepSays.notAway(gear.name));
  const kit = bench.loadouts.get(takenFrom.kit);
  const commands: Command[] = [
    ...out(placed.filter((each) => each.kit.id !== takenFrom.kit)),
    { do: 'change gear', id: gear.id, change: home },
  ];
  if (kit) {
    commands.push({
      do: 'place',
      loadout: kit.id,
      placement: newPlacement(newId(), gear.id, placeOf(takenFrom, kit, bench), takenFrom.count),
    });
  }
  return backAgain(bench, gear, `put ${gear.name} back`, commands);
}

function backAgain(
  bench: Bench,
  { id }: Gear,
  label: string,
  commands: readonly Command[],
): Outcome<Command> {
  return inTurn(
    bench,
    label,
    () => done(commands),
    (now) => done(joinedAgain(now, id)),
  );
}

function placeOf(
  { in: holder, at }: NonNullable<Gear['takenFrom']>,
  kit: Loadout,
  bench: Bench,
): Place {
  if (holder === null) {
    return { on: grounds.includes(at as Ground) ? (at as Ground) : 'mat' };
  }
  const around = placementOf(kit, holder);
  const cavities = around && bench.shelf.get(around.gear)?.cavities;
  return cavities?.some(({ id }) => id === at) ? { in: holder, cavity: at } : { on: 'mat' };
}
