import { contentsLike, kindOf } from '../catalogue';

import { isDay, plainly } from '../quantity';
import { amountRange, jobs, longestNote, whyNotInRange, type Gear, type JobId } from '../gear';

export {
  entryFromEarlyVersion3,
  gearFromEarlyVersion3,
  loadoutFromEarlyVersion3,
  versionFromEarlyVersion3,
} from './early-version-3';

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
  return entryWith(entry, gearFromVersion1, loadoutFromVersion1);
}

/**
 * A file of version 2 as one of version 3. Version 2 took a typed mass below that of the kind’s own contents: those
 * contents are as heavy as the piece then, and no heavier.
 */
export function fileFromVersion2(file: unknown): unknown {
  if (!isEntry(file)) return file;
  return {
    ...file,
    version: 3,
    gear: eachOf(file.gear, withBelievedContents),
    kept: [],
    versions: eachOf(file.versions, versionFromVersion2),
    pictures: [],
  };
}

export function versionFromVersion2(version: unknown): unknown {
  return isEntry(version)
    ? { ...version, gear: eachOf(version.gear, withBelievedContents) }
    : version;
}

/** An act that was kept for undo in version 2: it had no id. */
export function entryFromVersion2(entry: unknown): unknown {
  const named = isEntry(entry) ? { ...entry, id: `act-${String(entry.at)}` } : entry;
  return entryWith(named, gearFromVersion2, (loadout) => loadout);
}

/**
 * Gear as the database of version 2 kept it. What was taken then and is not believed now is put right, and said in the
 * note where something would be lost: a day that is none, amounts beyond reason, a job that is there twice.
 */
export function gearFromVersion2(gear: unknown): unknown {
  const kept = withBelievedContents(gear);
  if (!isEntry(kept)) return kept;
  const wrongDay =
    typeof kept.goodUntil === 'string' && !isDay(kept.goodUntil) ? kept.goodUntil : null;
  const note = typeof kept.note === 'string' ? kept.note : '';
  return {
    ...kept,
    ...(typeof kept.name === 'string' && { name: oneLine(kept.name) }),
    ...(wrongDay !== null && {
      goodUntil: null,
      note: `${note}${note === '' ? '' : '\n'}Good until “${plainly(wrongDay)}”.`.slice(
        0,
        longestNote,
      ),
    }),
    ...(Array.isArray(kept.supplies) && { supplies: believedSupplies(kept.supplies) }),
  };
}

function believedSupplies(supplies: readonly unknown[]): readonly unknown[] {
  const seen = new Set<unknown>();
  return supplies.flatMap((supply) => {
    if (!isEntry(supply)) return [supply];
    if (seen.has(supply.job)) return [];
    seen.add(supply.job);
    const { job, amount } = supply;
    const isBelieved =
      typeof amount !== 'number' ||
      typeof job !== 'string' ||
      !Object.hasOwn(jobs, job) ||
      whyNotInRange(amount, amountRange(job as JobId)) === null;
    return [isBelieved ? supply : { ...supply, amount: null }];
  });
}

function oneLine(name: string): string {
  return name.replace(/[\t\n]+/g, ' ').trim();
}

/** As far as version 2 rounded the mass of contents up, in g. */
const roundedG = 0.1;

function withBelievedContents(gear: unknown): unknown {
  if (!isEntry(gear) || !isEntry(gear.contents) || typeof gear.massG !== 'number') return gear;
  const { contents, massG } = gear;
  const kind = typeof gear.kind === 'string' ? kindOf(gear.kind) : undefined;
  const isKinds =
    kind !== undefined && kind.contents !== null && contents.massG === kind.contents.massG;
  const overG = typeof contents.massG === 'number' ? contents.massG - massG : 0;
  return overG > 0 && (isKinds || overG <= roundedG)
    ? { ...gear, contents: { ...contents, massG } }
    : gear;
}

/** Fields of gear that came while version 3 was open. */
const sinceVersion3 = ['lots', 'spoiledBy', 'failsIn', 'care', 'cautions'];

/** Fields that a version does not have yet, by where they stand. */
const fieldsAfter: Readonly<
  Record<number, { readonly file: readonly string[]; readonly gear: readonly string[] }>
> = {
  1: {
    file: ['schemes', 'lists', 'versions', 'kept', 'pictures'],
    gear: ['tier', 'lentTo', 'isShared', 'priceTrust', 'contents', 'photo', ...sinceVersion3],
  },
  2: { file: ['kept', 'pictures'], gear: sinceVersion3 },
};

/** The path of a field that a file has though its version does not; null where there is none. */
export function newerFieldIn(file: object, version: number): string | null {
  const after = fieldsAfter[version];
  if (!after) return null;
  const ofFile = after.file.find((field) => Object.hasOwn(file, field));
  if (ofFile !== undefined) return ofFile;
  const { gear, loadouts } = file as Entry;
  for (const [at, each] of listIn(gear).entries()) {
    const field = after.gear.find((name) => isEntry(each) && Object.hasOwn(each, name));
    if (field !== undefined) return `gear[${at}].${field}`;
  }
  if (version > 1) return null;
  for (const [at, each] of listIn(loadouts).entries()) {
    if (!isEntry(each)) continue;
    if (Object.hasOwn(each, 'modules')) return `loadouts[${at}].modules`;
    const laid = listIn(each.placements).findIndex(
      (placement) => isEntry(placement) && Object.hasOwn(placement, 'laidFor'),
    );
    if (laid >= 0) return `loadouts[${at}].placements[${laid}].laidFor`;
  }
  return null;
}

function listIn(value: unknown): readonly unknown[] {
  return Array.isArray(value) ? value : [];
}

function entryWith(
  entry: unknown,
  broughtGear: (value: unknown) => unknown,
  broughtLoadout: (value: unknown) => unknown,
): unknown {
  if (!isEntry(entry) || !isEntry(entry.change)) return entry;
  const { change } = entry;
  return {
    ...entry,
    change: {
      schemes: [],
      lists: [],
      versions: [],
      ...change,
      gear: eachOf(change.gear, (swap) => swapFrom(swap, broughtGear)),
      loadouts: eachOf(change.loadouts, (swap) => swapFrom(swap, broughtLoadout)),
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
