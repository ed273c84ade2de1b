import {
  lotsOf,
  withShares,
  inOrderOfUse,
  reaches,
  type Cavity,
  type Gear,
  type Lot,
  type LotShare,
} from '../gear';
import {
  apply,
  gearOf,
  goodOf,
  grounds,
  placementOf,
  treeOf,
  type Bench,
  type Command,
  type Ground,
  type Loadout,
  type Placement,
  type Round,
  type RoundLine,
  type Shelf,
  type Want,
} from '../loadout';
import { done, refused, says, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { upkeepSays } from '../refusals/upkeep';
import { doneField } from './due';
import { lotsElsewhere } from './elsewhere-lots';
import { sharesIn } from './held';

/** One pocket, or what stands on a ground by itself: where a round stops, and the pieces there. */
export interface RoundStop {
  readonly ground: Ground;
  /** The holders from the outermost inwards, and the cavity where the innermost has several. */
  readonly within: readonly string[];
  readonly placements: readonly Placement[];
}

/**
 * The pockets of a kit in the order in which it is unpacked: what is on the body first, then what is at hand, down to the
 * bottom of each holder, and what is in a piece right after the pocket that the piece is in.
 */
export function stopsOf(loadout: Loadout, shelf: Shelf): readonly RoundStop[] {
  const tree = treeOf(loadout);
  const stops: RoundStop[] = [];
  for (const ground of grounds) {
    const placements = tree.on(ground);
    if (placements.length > 0) stops.push({ ground, within: [], placements });
    for (const placement of placements) into(placement, ground, []);
  }
  return stops;

  function into(placement: Placement, ground: Ground, around: readonly string[]): void {
    const gear = gearOf(shelf, placement);
    for (const cavity of [...gear.cavities].sort(byReach)) {
      const placements = tree.inCavity(placement.id, cavity.id);
      if (placements.length === 0) continue;
      const own = gear.cavities.length > 1 ? [gear.name, cavity.name] : [gear.name];
      stops.push({ ground, within: [...around, ...own], placements });
      for (const inner of placements) into(inner, ground, [...around, gear.name]);
    }
  }
}

function byReach(one: Cavity, other: Cavity): number {
  return reaches.indexOf(one.reach) - reaches.indexOf(other.reach);
}

/** A round of a kit that begins; nothing was looked at yet. */
export function newRound(id: string, { id: kit, name }: Loadout, begunOn: string): Round {
  return {
    id,
    kit,
    kitName: name,
    begunOn,
    endedOn: null,
    lines: [],
    unreached: 0,
    note: '',
  };
}

/** The round of a kit that is still going on; null where none is. */
export function openRoundOf(kit: string, { rounds }: Bench): Round | null {
  for (const round of rounds.values()) {
    if (round.kit === kit && round.endedOn === null) return round;
  }
  return null;
}

/** A line of which all is good, as one writes it down at a glance. */
export function goodLine(placement: Placement, gear: Gear, on: string): RoundLine {
  return {
    placement: placement.id,
    gear: gear.id,
    name: gear.name,
    count: placement.count,
    used: 0,
    renew: 0,
    missing: 0,
    failed: 0,
    isMoved: false,
    isByWeight: false,
    did: [],
    note: '',
    photo: null,
    on,
  };
}

/** Lines for what the scale vouches for and a round did not reach yet: it is there, and nobody looked at it. */
export function thereByWeight(
  { lines }: Round,
  kit: Loadout,
  shelf: Bench['shelf'],
  placements: readonly string[],
  on: string,
): readonly RoundLine[] {
  const reached = new Set(lines.map(({ placement }) => placement));
  return placements.flatMap((id) => {
    const placement = reached.has(id) ? undefined : placementOf(kit, id);
    if (!placement) return [];
    return [{ ...goodLine(placement, gearOf(shelf, placement), on), isByWeight: true }];
  });
}

/** A round with one line more, or with one in the place of what was found of that placement before. */
export function withLine(round: Round, line: RoundLine): Round {
  const at = round.lines.findIndex(({ placement }) => placement === line.placement);
  const lines =
    at < 0 ? [...round.lines, line] : round.lines.map((each, of) => (of === at ? line : each));
  return { ...round, lines };
}

/** A round without what was found of a placement. */
export function withoutLine(round: Round, placement: string): Round {
  return { ...round, lines: round.lines.filter((line) => line.placement !== placement) };
}

/** The placements of a kit that a round has not reached. */
export function unreachedOf({ lines }: Round, { placements }: Loadout): readonly Placement[] {
  const reached = new Set(lines.map(({ placement }) => placement));
  return placements.filter(({ id }) => !reached.has(id));
}

/**
 * The one act that ends a round: dates of what was good are set to the day it was looked at, what is used or missing is no
 * longer counted, what is to be renewed or failed is relied on no more, and all that has to be got is on the restock list.
 * What was told by weight is there, and no more than that: its dates, its charge and its dryness are as they were.
 *
 * Refused where the round or its kit is not there, or where nothing was looked at.
 *
 * @param today YYYY-MM-DD.
 */
export function finishRound(
  bench: Bench,
  id: string,
  today: string,
  newId: () => string,
): Outcome<Command> {
  const round = bench.rounds.get(id);
  if (!round) return refused(actsSays.noEntry(id, 'rounds'));
  const kit = bench.loadouts.get(round.kit);
  if (!kit) return refused(says.noKit(round.kit));
  if (round.lines.length === 0) return refused(upkeepSays.roundOfNothing());
  const commands: Command[] = [];
  let now = bench;
  const act = (command: Command): Outcome<Bench> => {
    const next = apply(now, command);
    if (next.ok) {
      now = next.value;
      commands.push(command);
    }
    return next;
  };
  for (const line of round.lines) {
    const loadout = now.loadouts.get(kit.id)!;
    const placement = placementOf(loadout, line.placement);
    // What was taken out or exchanged since has nothing to be set.
    if (!placement || placement.gear !== line.gear) continue;
    for (const command of afterLine(now, loadout, placement, line, today, newId)) {
      const next = act(command);
      if (!next.ok) return next;
    }
  }
  const ended: Round = {
    ...round,
    endedOn: today < round.begunOn ? round.begunOn : today,
    unreached: unreachedOf(round, kit).length,
  };
  const kept = act({ do: 'keep round', round: ended });
  return kept.ok
    ? done({ do: 'together', label: `end the round of ${round.kitName}`, commands })
    : kept;
}

/** What one line of a round makes of its gear, its placement and the restock list. */
function afterLine(
  bench: Bench,
  kit: Loadout,
  placement: Placement,
  line: RoundLine,
  today: string,
  newId: () => string,
): readonly Command[] {
  const gear = gearOf(bench.shelf, placement);
  const counted = withFound(gear, sharesAt(bench, kit, placement, today), line, kit.id);
  const gone = Math.min(placement.count, line.used + line.missing);
  const commands: Command[] = [];
  if (counted !== gear) {
    const { count, lots, goodUntil } = counted;
    commands.push({ do: 'change gear', id: gear.id, change: { count, lots, goodUntil } });
  }
  if (gone === placement.count) {
    commands.push({
      do: 'take out',
      loadout: kit.id,
      placement: placement.id,
      contents: 'to the mat',
    });
  } else if (gone > 0) {
    const count = placement.count - gone;
    commands.push({ do: 'set count', loadout: kit.id, placement: placement.id, count });
  }
  return [...commands, ...wantsAfter(bench, kit, line, today, newId)];
}

/** The lots that lie at a placement. */
export function sharesAt(
  bench: Bench,
  kit: Loadout,
  placement: Placement,
  today: string,
): readonly LotShare[] {
  const gear = gearOf(bench.shelf, placement);
  const known = sharesIn(kit, bench.shelf, today, lotsElsewhere(bench, kit)).get(placement.id);
  if (known) return known;
  return lotsOf(gear).map((lot) => ({ lot, count: Math.min(lot.count, placement.count) }));
}

/** A gear with what was found of it where it lies written down in its lots, those first that are used first. */
function withFound(gear: Gear, shares: readonly LotShare[], line: RoundLine, kit: string): Gear {
  const order = inOrderOfUse(shares.map(({ lot }) => lot));
  const waiting = [...shares].sort(
    (one, other) => order.indexOf(one.lot) - order.indexOf(other.lot),
  );
  const next = (wanted: number): readonly LotShare[] => {
    const taken: LotShare[] = [];
    for (let left = wanted; left > 0 && waiting.length > 0;) {
      const share = waiting.shift()!;
      const count = Math.min(left, share.count);
      taken.push({ lot: share.lot, count });
      if (count < share.count) waiting.unshift({ lot: share.lot, count: share.count - count });
      left -= count;
    }
    return taken;
  };
  const gone = next(line.used + line.missing);
  const renew = next(line.renew);
  const failed = next(line.failed);
  const good = next(goodOf(line));
  let changed = gear;
  if (gone.length > 0) changed = withShares(changed, gone, () => null);
  if (renew.length > 0) changed = withShares(changed, renew, () => ({ amiss: 'renew', kit }));
  if (failed.length > 0) changed = withShares(changed, failed, () => ({ amiss: 'failed', kit }));
  if (good.length > 0 && !line.isByWeight) {
    changed = withShares(changed, good, (lot) => lookedAt(lot, line, kit));
  }
  return changed;
}

/** A lot that was looked at and found good, and what else was done to it. */
function lookedAt(
  lot: Lot,
  { did, on }: RoundLine,
  kit: string,
): Partial<Omit<Lot, 'id' | 'count'>> {
  const days: Partial<Record<'cameOn' | 'filledOn' | 'checkedOn', string>> = {};
  for (const field of [...did.map(doneField), 'checkedOn' as const]) {
    const before = lot[field];
    days[field] = before !== null && before > on ? before : on;
  }
  // It may have been written down as bought after the day of the round; then nothing was known of it before.
  const isBeforeItCame = lot.cameOn !== null && lot.cameOn > on;
  return isBeforeItCame ? { kit } : { ...days, amiss: null, kit };
}

/** What a line puts on the restock list, and what it takes off. */
function wantsAfter(
  bench: Bench,
  kit: Loadout,
  line: RoundLine,
  today: string,
  newId: () => string,
): readonly Command[] {
  const before = [...bench.wants.values()].filter(
    (want) => want.gear === line.gear && want.kit === kit.id && want.placement === line.placement,
  );
  const commands: Command[] = [];
  for (const because of ['used', 'missing', 'renew', 'failed'] as const) {
    const found = line[because];
    const own = before.find((want) => want.because === because);
    // What is gone is wanted beside what was gone before; what is bad is as much as is bad now.
    const isGone = because === 'used' || because === 'missing';
    if (found === 0) {
      if (own && !isGone) commands.push({ do: 'remove want', id: own.id });
      continue;
    }
    const count = found + (own && isGone ? own.count : 0);
    const want: Want = own
      ? { ...own, count }
      : {
          id: newId(),
          gear: line.gear,
          count,
          kit: kit.id,
          placement: line.placement,
          because,
          since: today,
          note: line.note,
        };
    commands.push({ do: 'keep want', want });
  }
  return commands;
}
