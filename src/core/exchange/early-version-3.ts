import { byName } from '../quantity';
import { asTheTableSays } from '../brief';
import { kindOf } from '../catalogue';
import { noKeeping, type Cavity, type Demand, type Supply } from '../gear';

type Entry = Readonly<Record<string, unknown>>;

/**
 * A file of version 3 from before it had sorts, facts, lots, wishes and care of its own, as it is now. What it has already
 * stays as it is, and what is wrong in it is still wrong after.
 */
export function fileFromEarlyVersion3(file: unknown): unknown {
  if (!isEntry(file)) return file;
  return {
    ...file,
    gear: eachOf(file.gear, gearFromEarlyVersion3),
    loadouts: eachOf(file.loadouts, loadoutFromEarlyVersion3),
    ...('kept' in file && { kept: eachOf(file.kept, gearFromEarlyVersion3) }),
    versions: eachOf(file.versions, versionFromEarlyVersion3),
  };
}

const tierNow = byName<string>({
  'front line': 'main',
  'hand-me-down': 'backup',
});

/**
 * Gear with what has come since: its care, harms and cautions are those of its kind, and so are the sorts and facts of
 * what it does, as far as its kind does the same. It has no lots yet, and is at home.
 */
export function gearFromEarlyVersion3(gear: unknown): unknown {
  if (!isEntry(gear)) return gear;
  const kind = typeof gear.kind === 'string' ? kindOf(gear.kind) : undefined;
  const { spoiledBy, failsIn, care, cautions } = kind ?? noKeeping;
  return {
    lots: [],
    bearsN: kind?.bearsN ?? null,
    mostLoadG: kind?.mostLoadG ?? null,
    checks: [],
    borrowedFrom: null,
    takenFrom: null,
    awaySince: null,
    backBy: null,
    spoiledBy,
    failsIn,
    care,
    cautions,
    ...gear,
    ...(typeof gear.tier === 'string' && { tier: tierNow.get(gear.tier) ?? gear.tier }),
    ...('lots' in gear && {
      lots: eachOf(gear.lots, (lot) => (isEntry(lot) ? { kit: null, amiss: null, ...lot } : lot)),
    }),
    cavities: eachOf(gear.cavities, (cavity) => cavityFromEarlyVersion3(cavity, kind?.cavities)),
    supplies: eachOf(gear.supplies, (supply) => supplyFromEarlyVersion3(supply, kind?.supplies)),
  };
}

export function loadoutFromEarlyVersion3(loadout: unknown): unknown {
  if (!isEntry(loadout)) return loadout;
  const { brief = null, otherBriefs = [] } = loadout;
  return {
    wishes: [],
    seals: [],
    copyOf: null,
    ...loadout,
    brief: briefFromEarlyVersion3(brief),
    otherBriefs: eachOf(otherBriefs, briefFromEarlyVersion3),
  };
}

/**
 * A brief from before it said what is filled, in which order the lanes lie, what is known of the country, what people wear and drive:
 * nothing is, as the scheme and the table have them, and nobody said.
 */
function briefFromEarlyVersion3(brief: unknown): unknown {
  if (!isEntry(brief)) return brief;
  return {
    filled: [],
    lanes: [],
    asKnown: asTheTableSays,
    isFlown: false,
    vehicleKg: null,
    ...brief,
    people: eachOf(brief.people, (person) =>
      isEntry(person) ? { shoeSize: null, gloveSize: null, ...person } : person,
    ),
  };
}

export function versionFromEarlyVersion3(version: unknown): unknown {
  if (!isEntry(version)) return version;
  return {
    ...version,
    loadout: loadoutFromEarlyVersion3(version.loadout),
    along: eachOf(version.along, loadoutFromEarlyVersion3),
    gear: eachOf(version.gear, gearFromEarlyVersion3),
  };
}

/** An act that was kept for undo. Where it keeps fields alone, it is of now. */
export function entryFromEarlyVersion3(entry: unknown): unknown {
  if (!isEntry(entry) || !isEntry(entry.change)) return entry;
  const { change } = entry;
  const swapped = (values: unknown, brought: (value: unknown) => unknown) =>
    eachOf(values, (swap) =>
      isEntry(swap) && !('fields' in swap)
        ? { ...swap, before: brought(swap.before), after: brought(swap.after) }
        : swap,
    );
  return {
    ...entry,
    change: {
      rounds: [],
      wants: [],
      trips: [],
      ...change,
      gear: swapped(change.gear, gearFromEarlyVersion3),
      loadouts: swapped(change.loadouts, loadoutFromEarlyVersion3),
      versions: swapped(change.versions, versionFromEarlyVersion3),
    },
  };
}

/** Tinder that nobody said more of was good for any fire; fluffed and dry, as it is meant, it takes the spark of a rod. */
const sortOfUnknownTinder = 'spark';

function supplyFromEarlyVersion3(supply: unknown, ofKind: readonly Supply[] = []): unknown {
  if (!isEntry(supply)) return supply;
  const { cell, ...rest } = supply;
  const like = ofKind.find(({ job }) => job === supply.job);
  const unknown = supply.job === 'tinder' ? sortOfUnknownTinder : null;
  return {
    sort: cell ?? like?.sort ?? unknown,
    facts: like?.facts ?? null,
    needsBothHands: like?.needsBothHands ?? false,
    part: null,
    ...rest,
    demands: eachOf(supply.demands, (demand) => demandFromEarlyVersion3(demand, like?.demands)),
  };
}

function cavityFromEarlyVersion3(cavity: unknown, ofKind: readonly Cavity[] = []): unknown {
  if (!isEntry(cavity)) return cavity;
  return { closure: ofKind.find(({ id }) => id === cavity.id)?.closure ?? null, ...cavity };
}

function demandFromEarlyVersion3(demand: unknown, ofKind: readonly Demand[] = []): unknown {
  if (!isEntry(demand)) return demand;
  if (demand.on === 'cells') {
    const { cell, count, ...rest } = demand;
    return { ...rest, on: 'jobs', anyOf: ['cells'], sorts: [cell], items: count };
  }
  if (demand.on !== 'jobs' || 'items' in demand) return demand;
  const asked = JSON.stringify(demand.anyOf);
  const like = ofKind.find((each) => each.on === 'jobs' && JSON.stringify(each.anyOf) === asked);
  return { sorts: like?.on === 'jobs' ? like.sorts : null, items: 1, ...demand };
}

function eachOf(values: unknown, brought: (value: unknown) => unknown): unknown {
  return Array.isArray(values) ? values.map(brought) : values;
}

function isEntry(value: unknown): value is Entry {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
