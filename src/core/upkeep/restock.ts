import { kindOf } from '../catalogue';
import {
  inFields,
  inOrderOfUse,
  lotOf,
  withCount,
  withLot,
  withShares,
  type Gear,
  type LotShare,
} from '../gear';
import {
  kitsByName,
  newPlacement,
  placementOf,
  type Bench,
  type Command,
  type Loadout,
  type Placement,
  type Want,
} from '../loadout';
import { dayAfter, done, refused, says, whyNotDay, type Outcome } from '../quantity';
import { upkeepSays } from '../refusals/upkeep';
import type { Due } from './due';
import { isGoodOn } from './held';
import { sharesAt } from './round';

/** Why something is to be got. */
export type RestockBecause = Want['because'] | 'past its date' | 'runs out' | 'wished for';

/** One line of the restock list: so many of a gear for one kit, or for the shelf. */
export interface RestockLine {
  /** The same as long as it is the same line. */
  readonly id: string;
  readonly gear: Gear;
  readonly count: number;
  /** The kit that it goes into once it is bought; null where that is none, or not one alone. */
  readonly kit: Loadout | null;
  /** Every kit that wants it. */
  readonly kits: readonly Loadout[];
  readonly placement: string | null;
  readonly because: RestockBecause;
  /** By when it is wanted, YYYY-MM-DD; null for as soon as may be. */
  readonly by: string | null;
  /** The want that it was written down as; null where it follows from a date or a wish. */
  readonly want: Want | null;
  /** Of all of it, in minor units; null where the price of one is not known. */
  readonly priceMinor: number | null;
}

/** What runs out within so many days is on the list, so that it can be bought in time. */
export const restockAheadDays = 90;

/**
 * All that is to be got, over all kits: what rounds found, what is past its date or will be soon, and what is wished for.
 *
 * @param dues of the whole bench, as the due list has them.
 */
export function restockOf(
  bench: Bench,
  dues: readonly Due[],
  today: string,
): readonly RestockLine[] {
  const lines: RestockLine[] = [];
  for (const want of bench.wants.values()) {
    const gear = bench.shelf.get(want.gear);
    if (!gear) continue;
    const kit = (want.kit !== null && bench.loadouts.get(want.kit)) || null;
    lines.push({
      id: want.id,
      gear,
      count: want.count,
      kit,
      kits: kit ? [kit] : [],
      placement: want.placement,
      because: want.because,
      by: null,
      want,
      priceMinor: priceOf(gear, want.count),
    });
  }
  const until = dayAfter(today, restockAheadDays);
  for (const { act, on, gear, lot, count, kit, placement } of dues) {
    // What a round found amiss is wanted by that already.
    if (act !== 'replace' || on > until || lot.amiss !== null || kit === null) continue;
    lines.push({
      id: `${kit.id} ${placement!.id} ${lot.id}`,
      gear,
      count,
      kit,
      kits: [kit],
      placement: placement!.id,
      because: on < today ? 'past its date' : 'runs out',
      by: on < today ? null : on,
      want: null,
      priceMinor: priceOf(gear, count),
    });
  }
  const inOrder = kitsByName(bench);
  for (const gear of bench.shelf.values()) {
    if (gear.ownership !== 'wished' || gear.count === 0) continue;
    const kits = inOrder.filter(({ placements }) =>
      placements.some((placement) => placement.gear === gear.id),
    );
    // What is wished for by several kits, as copies of one are, is for none of them alone.
    const kit = kits.length === 1 ? kits[0]! : null;
    const priceMinor = priceOf(gear, gear.count);
    const line = { id: `wish ${gear.id}`, gear, count: gear.count, kit, kits, priceMinor };
    lines.push({ ...line, placement: null, because: 'wished for', by: null, want: null });
  }
  return lines;
}

function priceOf({ priceMinor }: Gear, count: number): number | null {
  return priceMinor === null ? null : priceMinor * count;
}

/** The lines by the kind of what is to be got, those of one kind together: one walks past one shelf once. */
export function byKind(
  lines: readonly RestockLine[],
): readonly { readonly name: string; readonly lines: readonly RestockLine[] }[] {
  const groups = new Map<string, RestockLine[]>();
  for (const line of lines) {
    const { kind, name } = line.gear;
    const key = (kind !== null && kindOf(kind)?.name) || name;
    const same = groups.get(key);
    if (same) same.push(line);
    else groups.set(key, [line]);
  }
  return [...groups]
    .map(([name, each]) => ({ name, lines: each }))
    .sort((one, other) => one.name.localeCompare(other.name, 'en'));
}

/** What was bought: as many as came, the day, and what is printed on it; null where nothing is. */
export interface Bought {
  readonly count: number;
  readonly on: string;
  readonly goodUntil: string | null;
}

/**
 * The one act that puts what was bought on the shelf as a lot of its own, and into the kit that it is for. It takes the place
 * of as many there that are past their date or amiss, which leave the bench, the worst first.
 *
 * Refused where the count or a day is none, or where it was good only until before it was bought.
 */
export function boughtCommand(
  bench: Bench,
  line: RestockLine,
  bought: Bought,
  newId: () => string,
): Outcome<Command> {
  const { count, on, goodUntil } = bought;
  const gear = bench.shelf.get(line.gear.id);
  if (!gear) return refused(says.noGear(line.gear.id));
  if (!Number.isInteger(count) || count < 1) return refused(upkeepSays.boughtNothing(), 'count');
  for (const [field, day] of [
    ['on', on],
    ['goodUntil', goodUntil],
  ] as const) {
    const why = day === null ? null : whyNotDay(day);
    if (why) return refused(says.noDay(day!, why), field);
  }
  if (goodUntil !== null && goodUntil < on) {
    return refused(says.goodUntilBeforeCame(goodUntil, on), 'goodUntil');
  }
  const label = `put ${count} × ${gear.name} in as bought`;
  const lot = { cameOn: on, goodUntil, kit: line.kit?.id ?? null };
  if (line.because === 'wished for') {
    const lots = [inFields({ ...lotOf(count, lot), id: 'all' })];
    const change = { ownership: 'owned', count, lots } as const;
    const commands: Command[] = [{ do: 'change gear', id: gear.id, change }];
    // What did not come yet is wished for still.
    if (count < gear.count) {
      const rest = { ...withCount(gear, gear.count - count), id: newId() };
      commands.push({ do: 'add gear', gear: [rest] });
      commands.push(...wishedStill(bench, gear.id, rest.id, count, newId));
    }
    return done({ do: 'together', label, commands });
  }
  const { kit, placement: at } = line;
  const placement = kit && at !== null ? placementOf(kit, at) : undefined;
  const isHere = placement?.gear === gear.id;
  const isGone = line.because === 'used' || line.because === 'missing';
  const replaced = kit && isHere && !isGone ? worstAt(bench, kit, placement, line, on, count) : [];
  const gone = replaced.reduce((sum, share) => sum + share.count, 0);
  const changed = withLot(
    withShares(gear, replaced, () => null),
    lotOf(count, lot),
  );
  const { lots } = changed;
  const commands: Command[] = [
    { do: 'change gear', id: gear.id, change: { count: changed.count, lots, goodUntil: null } },
  ];
  const more = Math.min(count - gone, line.want ? line.want.count : 0);
  if (kit && isHere && more > 0) {
    const wanted = placement.count + more;
    commands.push({ do: 'set count', loadout: kit.id, placement: placement.id, count: wanted });
  } else if (kit && !isHere && line.want) {
    const fresh = newPlacement(newId(), gear.id, { on: 'mat' }, count);
    commands.push({ do: 'place', loadout: kit.id, placement: fresh });
  }
  if (line.want) {
    const left = line.want.count - count;
    commands.push(
      left > 0
        ? { do: 'keep want', want: { ...line.want, count: left } }
        : { do: 'remove want', id: line.want.id },
    );
  }
  return done({ do: 'together', label, commands });
}

/** As many of the lots at a place as are not relied on: those that the line is for first, then those used first. */
function worstAt(
  bench: Bench,
  kit: Loadout,
  placement: Placement,
  { because }: RestockLine,
  today: string,
  most: number,
): readonly LotShare[] {
  const gear = bench.shelf.get(placement.gear)!;
  const soon = dayAfter(today, restockAheadDays);
  const shares = sharesAt(bench, kit, placement, today);
  const order = inOrderOfUse(shares.map(({ lot }) => lot));
  let left = most;
  return [...shares]
    .filter(({ lot }) => !isGoodOn(gear, lot, soon, kit))
    .sort(
      (one, other) =>
        Number(other.lot.amiss === because) - Number(one.lot.amiss === because) ||
        order.indexOf(one.lot) - order.indexOf(other.lot),
    )
    .flatMap(({ lot, count }) => {
      const taken = Math.min(left, count);
      left -= taken;
      return taken > 0 ? [{ lot, count: taken }] : [];
    });
}

/** In the kits, the rest of a wish that came in part: the first so many places have what came. */
function wishedStill(
  bench: Bench,
  gear: string,
  rest: string,
  came: number,
  newId: () => string,
): readonly Command[] {
  const commands: Command[] = [];
  let left = came;
  for (const { id: loadout, placements } of kitsByName(bench)) {
    for (const placement of placements.filter((each) => each.gear === gear)) {
      const has = Math.min(left, placement.count);
      left -= has;
      const { id, count, place, laidFor } = placement;
      if (has === 0) commands.push({ do: 'stand in', loadout, placement: id, gear: rest });
      else if (has < count) {
        const fresh = { ...newPlacement(newId(), rest, place, count - has), laidFor };
        commands.push(
          { do: 'set count', loadout, placement: id, count: has },
          { do: 'place', loadout, placement: fresh },
        );
      }
    }
  }
  return commands;
}
