import { contentsLike, kindOf } from '../catalogue';
import type { Gear } from '../gear';

type Entry = Readonly<Record<string, unknown>>;

/**
 * A file of version 1 as one of version 2, field by field and unchecked: what is wrong in it is still wrong
 * after, and is refused by the schema of the version that it became.
 */
export function fileFromVersion1(file: unknown): unknown {
  if (!isEntry(file)) return file;
  return {
    ...file,
    version: 2,
    gear: eachOf(file.gear, gearFromVersion1),
    loadouts: eachOf(file.loadouts, loadoutFromVersion1),
    schemes: [],
    lists: [],
    versions: [],
  };
}

/**
 * Gear of version 1: at home, for the front line, full. Its price was typed where it is not that of its kind,
 * and its contents are those of its kind as far as they can be told.
 */
export function gearFromVersion1(gear: unknown): unknown {
  if (!isEntry(gear)) return gear;
  const kind = typeof gear.kind === 'string' ? kindOf(gear.kind) : undefined;
  const isTypical = kind !== undefined && gear.priceMinor === kind.priceMinor;
  return {
    ...gear,
    tier: 'front line',
    lentTo: null,
    isShared: false,
    priceTrust: isTypical ? 'typical' : 'stated',
    contents:
      kind && Array.isArray(gear.supplies) ? contentsLike(kind, gear as unknown as Gear) : null,
    photo: null,
  };
}

/** A kit of version 1: every piece lies where it is best, and no other kit goes along. */
export function loadoutFromVersion1(loadout: unknown): unknown {
  if (!isEntry(loadout)) return loadout;
  return {
    ...loadout,
    placements: eachOf(loadout.placements, (placement) =>
      isEntry(placement) ? { ...placement, laidFor: null } : placement,
    ),
    modules: [],
  };
}

/** An act that was kept for undo in version 1. */
export function entryFromVersion1(entry: unknown): unknown {
  if (!isEntry(entry) || !isEntry(entry.change)) return entry;
  const { change } = entry;
  return {
    ...entry,
    change: {
      ...change,
      gear: eachOf(change.gear, (swap) => swapFrom(swap, gearFromVersion1)),
      loadouts: eachOf(change.loadouts, (swap) => swapFrom(swap, loadoutFromVersion1)),
      schemes: [],
      lists: [],
      versions: [],
    },
  };
}

function swapFrom(swap: unknown, brought: (value: unknown) => unknown): unknown {
  return isEntry(swap)
    ? { ...swap, before: brought(swap.before), after: brought(swap.after) }
    : swap;
}

function eachOf(values: unknown, brought: (value: unknown) => unknown): unknown {
  return Array.isArray(values) ? values.map(brought) : values;
}

function isEntry(value: unknown): value is Entry {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
