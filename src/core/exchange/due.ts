import type { Bench } from '../loadout';
import {
  absenceOf,
  byMonthOf,
  dueListOf,
  goodAmong,
  lotsElsewhere,
  overdueDays,
  sharesIn,
  type Absence,
  type Due,
} from '../upkeep';

/**
 * What falls due on a bench up to a day, as one plain document: `due` in its kits with the earliest first, `shelf` in none of
 * them, `never` of which nobody knows when it was last done, `rounds` of whole kits, and `goneBy`: what does no job on that
 * day any more. Days are YYYY-MM-DD.
 */
export function dueOf(bench: Bench, today: string, until: string) {
  const list = dueListOf(bench, today);
  const dues = list.dues.filter(({ on }) => on <= until);
  const placed = dues.filter(({ placement }) => placement !== null);
  return {
    today,
    until,
    due: placed.map((due) => ({
      kit: due.kit!.name,
      placement: due.placement!.id,
      ...dueInFile(due, today),
    })),
    byMonth: Object.fromEntries(byMonthOf(placed)),
    goneBy: goneBy(bench, until),
    shelf: dues.filter(({ placement }) => placement === null).map((due) => dueInFile(due, today)),
    never: list.never
      .filter(({ placement }) => placement !== null)
      .map(({ kit, placement, gear, act, count }) => ({
        kit: kit!.name,
        placement: placement!.id,
        gear: gear.name,
        act,
        count,
      })),
    rounds: list.kits.map(({ kit, on }) => ({
      kit: kit.name,
      on,
      overdueDays: on === null ? null : overdueDays({ on }, today),
    })),
  };
}

function dueInFile(due: Due, today: string) {
  const { gear, act, on, lot, count, because, isEarlier, isUnsure } = due;
  return {
    gear: gear.name,
    act,
    on,
    overdueDays: overdueDays(due, today),
    lot: lot.id,
    count,
    because,
    shortenedByStore: isEarlier,
    mayBeSooner: isUnsure,
  };
}

/** What does no job on a day: all of a placement, or so many of it. */
function goneBy(bench: Bench, day: string) {
  const gone: {
    readonly kit: string;
    readonly placement: string;
    readonly gear: string;
    readonly why: Absence;
    readonly count: number;
  }[] = [];
  for (const kit of bench.loadouts.values()) {
    const shares = sharesIn(kit, bench.shelf, day, lotsElsewhere(bench, kit));
    for (const { id, gear: of, count } of kit.placements) {
      const gear = bench.shelf.get(of)!;
      const own = shares.get(id);
      const why = absenceOf(gear, day, kit, own);
      const good = why === null && own ? goodAmong(gear, own, day, kit, count) : count;
      const bad = own?.find(({ lot }) => absenceOf(gear, day, kit, [{ lot, count: 1 }]) !== null);
      if (why === null && (good >= count || !bad)) continue;
      gone.push({
        kit: kit.name,
        placement: id,
        gear: gear.name,
        why: why ?? absenceOf(gear, day, kit, [{ lot: bad!.lot, count: 1 }])!,
        count: why === null ? count - good : count,
      });
    }
  }
  return gone;
}
