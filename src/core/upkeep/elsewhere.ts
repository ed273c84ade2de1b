import { emptyBrief, type Store } from '../brief';
import type { Bench, Loadout } from '../loadout';
import { daysBetween } from '../quantity';
import { duesOf, type Due } from './due';
import { heldInKit } from './held';

/** What would be due sooner or later if a kit were kept elsewhere. */
export interface Elsewhere {
  readonly store: Store;
  /** How many things would be due sooner, and later. */
  readonly sooner: number;
  readonly later: number;
  /** What the store changes most, by how many days; sooner below 0. Null where nothing changes. */
  readonly most: { readonly due: Due; readonly days: number } | null;
}

/** A kit kept in another store; one without a brief gets one that says no more than that. */
export function keptElsewhere(kit: Loadout, storedIn: Store): Loadout {
  return { ...kit, brief: { ...(kit.brief ?? emptyBrief), storedIn } };
}

/** How the days of a kit would shift in another store. */
export function ifKeptIn(kit: Loadout, { shelf }: Bench, store: Store, today: string): Elsewhere {
  const duesIn = (of: Loadout) =>
    new Map(
      heldInKit(of, shelf, today)
        .flatMap((held) => duesOf(held).dues)
        .map((due) => [`${due.placement!.id} ${due.lot.id} ${due.act}`, due] as const),
    );
  const now = duesIn(kit);
  const shifts = [...duesIn(keptElsewhere(kit, store))].flatMap(([key, due]) => {
    const before = now.get(key);
    const days = before ? daysBetween(before.on, due.on) : 0;
    return days === 0 ? [] : [{ due, days }];
  });
  const [most = null] = [...shifts].sort((one, other) => Math.abs(other.days) - Math.abs(one.days));
  return {
    store,
    sooner: shifts.filter(({ days }) => days < 0).length,
    later: shifts.filter(({ days }) => days > 0).length,
    most,
  };
}
