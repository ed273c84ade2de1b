import type { Gear } from '../gear';
import type { Bench, Command, Loadout } from '../loadout';

/** What to do with an entry that is here already but differs. */
export type OnClash = 'keep both' | 'replace mine';

/** How a brought-in entry stands to the bench. */
export type Arrival = 'new' | 'the same' | 'differs';

export interface BringIn {
  readonly command: Command;
  readonly gear: Readonly<Record<Arrival, number>>;
  readonly loadouts: readonly { readonly name: string; readonly arrival: Arrival }[];
  /** The file counts in another currency, so its prices are left behind. */
  readonly pricesLeftBehind: boolean;
}

/**
 * The one command that brings another bench into this one, and what it would do.
 *
 * What is here already and the same stays as it is. What differs is kept beside under a new id, or replaces
 * what is here. An empty bench takes over the file's currency.
 */
export function bringIn(bench: Bench, file: Bench, onClash: OnClash, newId: () => string): BringIn {
  const isEmpty = bench.shelf.size === 0 && bench.loadouts.size === 0;
  const pricesLeftBehind = !isEmpty && bench.currency !== file.currency;
  const commands: Command[] = [];
  if (isEmpty && bench.currency !== file.currency) {
    commands.push({ do: 'count in', currency: file.currency });
  }

  const gearIds = new Map<string, string>();
  const gearCount = { new: 0, 'the same': 0, differs: 0 };
  const added: Gear[] = [];
  const replaced: Gear[] = [];
  for (const found of file.shelf.values()) {
    const gear = pricesLeftBehind ? { ...found, priceMinor: null } : found;
    const arrival = arrivalOf(bench.shelf.get(gear.id), gear);
    gearCount[arrival] += 1;
    const id = arrival === 'differs' && onClash === 'keep both' ? newId() : gear.id;
    gearIds.set(gear.id, id);
    if (arrival === 'new' || id !== gear.id) added.push({ ...gear, id });
    else if (arrival === 'differs') replaced.push(gear);
  }

  if (added.length > 0) commands.push({ do: 'add gear', gear: added });

  const changes: readonly Command[] =
    replaced.length > 0 ? [{ do: 'replace gear', gear: replaced }] : [];

  const removals: Command[] = [];
  const additions: Command[] = [];
  const loadouts = [...file.loadouts.values()].map((found) => {
    const loadout = onGear(found, gearIds, pricesLeftBehind);
    const arrival = arrivalOf(bench.loadouts.get(loadout.id), loadout);
    if (arrival === 'new') additions.push({ do: 'add kit', loadout });
    if (arrival === 'differs') {
      if (onClash === 'replace mine') removals.push({ do: 'remove kit', id: loadout.id });
      const kept = { ...loadout, id: newId(), name: `${loadout.name} (brought in)` };
      additions.push({ do: 'add kit', loadout: onClash === 'replace mine' ? loadout : kept });
    }
    return { name: loadout.name, arrival };
  });
  return {
    command: {
      do: 'together',
      label: 'bring in a file',
      commands: [...commands, ...removals, ...changes, ...additions],
    },
    gear: gearCount,
    loadouts,
    pricesLeftBehind,
  };
}

function arrivalOf(mine: Gear | Loadout | undefined, theirs: Gear | Loadout): Arrival {
  if (mine === undefined) return 'new';
  return canonical(mine) === canonical(theirs) ? 'the same' : 'differs';
}

/** JSON with sorted keys, so that the order of fields makes no difference. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([one], [other]) => (one < other ? -1 : 1)))
      : inner,
  );
}

function onGear(
  loadout: Loadout,
  gearIds: ReadonlyMap<string, string>,
  pricesLeftBehind: boolean,
): Loadout {
  return {
    ...loadout,
    mostPriceMinor: pricesLeftBehind ? null : loadout.mostPriceMinor,
    placements: loadout.placements.map((placement) => ({
      ...placement,
      gear: gearIds.get(placement.gear) ?? placement.gear,
    })),
  };
}
