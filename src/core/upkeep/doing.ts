import { withShares, type Gear, type Lot } from '../gear';
import type { Bench, Command } from '../loadout';
import { done, refused, says, type Outcome } from '../quantity';
import { upkeepSays } from '../refusals/upkeep';
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
  const [first] = taken;
  const label =
    taken.length === 1 ? `${first!.act} ${first!.gear.name}` : `look after ${taken.length} things`;
  return eachDone(bench, taken, on, label, true);
}

/**
 * The one act that starts the rhythms of things whose last care nobody knows. Nothing else that is known of them changes: a
 * date that is printed stays, and so does damage.
 *
 * @param from YYYY-MM-DD, from which the months are counted.
 */
export function countedFrom(
  bench: Bench,
  never: readonly NeverDone[],
  from: string,
): Outcome<Command> {
  return eachDone(bench, never, from, `count ${never.length} tasks from ${from}`, false);
}

function eachDone(
  bench: Bench,
  taken: readonly (Due | NeverDone)[],
  on: string,
  label: string,
  isDone: boolean,
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
    const { lots, count, goodUntil } = afterCare(gear, dues);
    commands.push({ do: 'change gear', id, change: { lots, count, goodUntil } });
  }
  return commands.length === 0
    ? refused(upkeepSays.nothingDone())
    : done({ do: 'together', label, commands });

  /** All acts on the same lot at the same place together: once a part of it has changed, it is a lot of its own. */
  function afterCare(gear: Gear, dues: readonly (Due | NeverDone)[]): Gear {
    const byShare = new Map<string, (Due | NeverDone)[]>();
    for (const each of dues) {
      const key = `${each.lot.id} ${each.count} ${each.kit?.id ?? ''}`;
      const same = byShare.get(key);
      if (same) same.push(each);
      else byShare.set(key, [each]);
    }
    const shares = [...byShare.values()].map((acts) => ({
      lot: acts[0]!.lot,
      count: acts[0]!.count,
      acts,
    }));
    return withShares(gear, shares, (before, { acts }) =>
      Object.assign({}, ...acts.map((each) => changeBy(each, before))),
    );
  }

  function changeBy({ act, kit }: Due | NeverDone, before: Lot): Partial<Lot> {
    const field = doneField(act as NeverDone['act']);
    return {
      // What is new has nothing of what was there before.
      ...(act === 'replace' && isDone && asNew),
      [field]: on,
      ...(kit && { kit: kit.id }),
      ...(act === 'recharge' && isDone && before.amiss === 'flat' && { amiss: null }),
    };
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
