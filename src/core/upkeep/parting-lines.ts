import { lotsOf, withLot, withShares, type Gear, type LotShare } from '../gear';
import {
  apply,
  newPlacement,
  placementOf,
  samePlace,
  type Bench,
  type Command,
  type Loadout,
  type Placement,
} from '../loadout';
import { done, refused, says, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { sharesAt } from './round';

/** So many pieces of a line as a line of their own, in the same place, and the acts that make them so. */
export interface PartLine {
  readonly commands: readonly Command[];
  readonly gear: Gear;
  readonly placement: string;
}

/**
 * So many of what lies at a place as a line of their own, so that something can be said of them alone: with the lots that lie
 * there. Where that is all there is of the line, it is the line itself.
 *
 * Refused where there are not so many at that place.
 */
export function partLine(
  bench: Bench,
  kit: Loadout,
  placementId: string,
  count: number,
  today: string,
  newId: () => string,
): Outcome<PartLine> {
  const placement = placementOf(kit, placementId);
  const gear = placement && bench.shelf.get(placement.gear);
  if (!gear) return refused(says.noPlacement(placementId));
  if (!Number.isInteger(count) || count < 1 || count > placement.count) {
    return refused(actsSays.notSoManyHere(placement.count, gear.name, count));
  }
  if (count >= gear.count) return done({ commands: [], gear, placement: placementId });
  const id = `${partsOf(gear.id)}${newId()}`;
  const taken = takenFrom(sharesAt(bench, kit, placement, today), count);
  // More may be laid out than there is.
  const there = taken.reduce((sum, share) => sum + share.count, 0);
  if (there < count) return refused(actsSays.notSoManyHere(there, gear.name, count));
  const rest = withShares(gear, taken, () => null);
  const own = taken.reduce<Gear>(
    (line, { lot, count: many }) => withLot(line, { ...lot, count: many }),
    { ...gear, id, count: 0, lots: [] },
  );
  const isKnown = gear.lots.length > 0;
  const part: Gear = isKnown ? own : { ...gear, id, count, lots: [] };
  const left = { count: rest.count, lots: isKnown ? rest.lots : [], goodUntil: rest.goodUntil };
  const isAll = count === placement.count;
  const at = isAll ? placementId : newId();
  const commands: readonly Command[] = [
    { do: 'add gear', gear: [part] },
    ...(isAll
      ? [{ do: 'stand in', loadout: kit.id, placement: placementId, gear: id } as const]
      : [
          {
            do: 'set count',
            loadout: kit.id,
            placement: placementId,
            count: placement.count - count,
          } as const,
          {
            do: 'place',
            loadout: kit.id,
            placement: {
              ...newPlacement(at, id, placement.place, count),
              laidFor: placement.laidFor,
            },
          } as const,
        ]),
    { do: 'change gear', id: gear.id, change: left },
  ];
  return done({ commands, gear: part, placement: at });
}

/** How the ids of the parts of a line begin: by that a part finds its line again, and no other that is like it. */
function partsOf(line: string): string {
  return `${line.slice(0, longestOfLine)}-part-`;
}

/** As much of a line’s id is in those of its parts, so that they are ids too. */
const longestOfLine = 32;

/** The first so many of some lots. */
function takenFrom(shares: readonly LotShare[], count: number): readonly LotShare[] {
  let left = count;
  return shares.flatMap((share) => {
    const taken = Math.min(left, share.count);
    left -= taken;
    return taken > 0 ? [{ lot: share.lot, count: taken }] : [];
  });
}

/**
 * The acts that put a line back together with one that is the same in all but its lots and its count: the one that it was parted
 * from. None where there is no such line.
 */
export function joinedAgain(bench: Bench, id: string): readonly Command[] {
  const gear = bench.shelf.get(id);
  const twin =
    gear &&
    [...bench.shelf.values()].find((each) => id.startsWith(partsOf(each.id)) && isTwin(each, gear));
  if (!gear || !twin) return [];
  const isKnown = gear.lots.length > 0 || twin.lots.length > 0;
  const whole = lotsOf(gear).reduce<Gear>((line, lot) => withLot(line, lot), twin);
  const count = twin.count + gear.count;
  const lots = isKnown ? whole.lots : [];
  const commands: Command[] = [{ do: 'change gear', id: twin.id, change: { count, lots } }];
  for (const kit of bench.loadouts.values()) {
    for (const placement of kit.placements.filter((each) => each.gear === id)) {
      commands.push(...inPlaceOf(kit, placement, twin.id));
    }
  }
  commands.push({ do: 'remove gear', id });
  return commands;
}

/** One more at the place of its line, or the line at that place. */
function inPlaceOf(kit: Loadout, placement: Placement, line: string): readonly Command[] {
  const { id, place, count, laidFor } = placement;
  const beside = kit.placements.find(
    (each) => each.gear === line && samePlace(each.place, place) && each.laidFor === laidFor,
  );
  if (!beside) return [{ do: 'stand in', loadout: kit.id, placement: id, gear: line }];
  return [
    { do: 'take out', loadout: kit.id, placement: id, contents: 'to the mat' },
    { do: 'set count', loadout: kit.id, placement: beside.id, count: beside.count + count },
  ];
}

function isTwin(one: Gear, other: Gear): boolean {
  const bare = (gear: Gear) => ({ ...gear, id: '', count: 0, lots: [], goodUntil: null });
  return (
    JSON.stringify(bare(one)) === JSON.stringify(bare(other)) &&
    (one.lots.length > 0 || other.lots.length > 0 || one.goodUntil === other.goodUntil)
  );
}

/** Acts done one after another on a bench; what the later of them are is worked out on what the earlier made of it. */
export function inTurn(
  bench: Bench,
  label: string,
  ...steps: readonly ((bench: Bench) => Outcome<readonly Command[]>)[]
): Outcome<Command> {
  let now = bench;
  const commands: Command[] = [];
  for (const step of steps) {
    const next = step(now);
    if (!next.ok) return next;
    for (const command of next.value) {
      const after = apply(now, command);
      if (!after.ok) return after;
      now = after.value;
      commands.push(command);
    }
  }
  return done({ do: 'together', label, commands });
}
