import { withShares, type Gear } from '../gear';
import {
  isOnGround,
  newPlacement,
  placementOf,
  grounds,
  type Bench,
  type Command,
  type Ground,
  type Loadout,
  type Place,
} from '../loadout';
import { done, refused, says, type Outcome } from '../quantity';
import { doneField, type Due, type NeverDone } from './due';

/**
 * The one act that writes down that care was taken, on a day, of these lots where they lie.
 *
 * @param on YYYY-MM-DD.
 */
export function careTaken(
  bench: Bench,
  taken: readonly (Due | NeverDone)[],
  on: string,
): Outcome<Command> {
  const byGear = new Map<string, (Due | NeverDone)[]>();
  for (const each of taken) {
    const same = byGear.get(each.gear.id);
    if (same) same.push(each);
    else byGear.set(each.gear.id, [each]);
  }
  const commands: Command[] = [];
  for (const [id, dues] of byGear) {
    const gear = bench.shelf.get(id);
    if (!gear) return refused(says.noGear(id));
    const { lots, count, goodUntil } = dues.reduce(afterCare, gear);
    commands.push({ do: 'change gear', id, change: { lots, count, goodUntil } });
  }
  const [first] = taken;
  const label =
    taken.length === 1 ? `${first!.act} ${first!.gear.name}` : `look after ${taken.length} things`;
  return commands.length === 0
    ? refused(says.nothingDone())
    : done({ do: 'together', label, commands });

  function afterCare(gear: Gear, { lot, count, act, kit }: Due | NeverDone): Gear {
    const field = doneField(act as NeverDone['act']);
    return withShares(gear, [{ lot, count }], (before) => ({
      // What is new has nothing of what was there before.
      ...(act === 'replace' && asNew),
      [field]: on,
      ...(kit && { kit: kit.id }),
      ...(act === 'recharge' && before.amiss === 'flat' && { amiss: null }),
    }));
  }
}

/** A lot of which nothing is known yet but that it is there. */
const asNew = {
  goodUntil: null,
  openedOn: null,
  filledOn: null,
  checkedOn: null,
  storedOn: null,
  amiss: null,
} as const;

/** Somebody gets a piece for a while. */
export function lentCommand(gear: Gear, to: string, since: string, backBy: string | null): Command {
  const change = { lentTo: to, awaySince: since, backBy };
  return {
    do: 'together',
    label: `lend ${gear.name} to ${to}`,
    commands: [{ do: 'change gear', id: gear.id, change }],
  };
}

/** A piece is somebody else’s, and goes back to them. */
export function borrowedCommand(
  gear: Gear,
  from: string,
  since: string,
  backBy: string | null,
): Command {
  const change = { borrowedFrom: from, awaySince: since, backBy };
  return {
    do: 'together',
    label: `borrow ${gear.name} from ${from}`,
    commands: [{ do: 'change gear', id: gear.id, change }],
  };
}

/**
 * A piece is taken out of one kit for another, to go back where it was. It lies on the mat of the other. Refused where it
 * holds things, or is taken already.
 */
export function takenCommand(
  bench: Bench,
  from: Loadout,
  placementId: string,
  to: Loadout,
  since: string,
  backBy: string | null,
  newId: () => string,
): Outcome<Command> {
  const placement = placementOf(from, placementId);
  const gear = placement && bench.shelf.get(placement.gear);
  if (!gear) return refused(says.noPlacement(placementId));
  if (gear.takenFrom !== null) return refused(says.takenAlready(gear.name));
  const { place, count } = placement;
  const takenFrom = {
    kit: from.id,
    count,
    in: isOnGround(place) ? null : place.in,
    at: isOnGround(place) ? place.on : place.cavity,
  };
  return done({
    do: 'together',
    label: `take ${gear.name} for ${to.name}`,
    commands: [
      { do: 'take out', loadout: from.id, placement: placementId, contents: 'to the mat' },
      { do: 'change gear', id: gear.id, change: { takenFrom, awaySince: since, backBy } },
      {
        do: 'place',
        loadout: to.id,
        placement: newPlacement(newId(), gear.id, { on: 'mat' }, count),
      },
    ],
  });
}

/**
 * A piece is where it belongs again: lent, it is at home; borrowed, it leaves the bench’s kits and is retired from the shelf;
 * taken, it leaves the kit that it was taken for and lies where it was, or on the mat where that place is gone.
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
    return done({ do: 'together', label: `get ${gear.name} back`, commands });
  }
  if (gear.borrowedFrom !== null) {
    const change = { ...home, borrowedFrom: null, ownership: 'retired' } as const;
    const commands = [...out(placed), { do: 'change gear', id: gear.id, change } as const];
    return done({ do: 'together', label: `give ${gear.name} back`, commands });
  }
  const { takenFrom } = gear;
  if (takenFrom === null) return refused(says.notAway(gear.name));
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
  return done({ do: 'together', label: `put ${gear.name} back`, commands });
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
