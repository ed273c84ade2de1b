import { currencies } from '@/core/quantity';
import { unsoundGear, type Gear } from '@/core/gear';
import {
  emptyBench,
  unboundedKit,
  parts,
  unsound,
  unsoundList,
  unsoundModules,
  unsoundRound,
  unsoundScheme,
  unsoundTrip,
  unsoundWant,
  type Entry,
  type Loadout,
  type Part,
  type OwnScheme,
  type ReferenceList,
  type Round,
  type Shelf,
  type Version,
  type Trip,
  type Want,
} from '@/core/loadout';

/** A record of the database that is nothing of this bench: where it stands, and what is wrong with it. */
export interface BadRecord {
  readonly part: Part | 'entries' | 'about';
  readonly key: string | number;
  /** What it is called, as far as it says. */
  readonly name: string;
  readonly why: string;
}

/** All that stands in the stores of a bench, unchecked. */
export interface Records {
  readonly gear: readonly Gear[];
  readonly loadouts: readonly Loadout[];
  readonly schemes: readonly OwnScheme[];
  readonly lists: readonly ReferenceList[];
  readonly versions: readonly Version[];
  readonly rounds: readonly Round[];
  readonly wants: readonly Want[];
  readonly trips: readonly Trip[];
  readonly entries: readonly Entry[];
  readonly about: { readonly currency: unknown; readonly cursor: unknown };
}

/**
 * The first record that would break the bench, or null where all are sound. What comes out of the database is not
 * trusted: another program, another version, or a failing disk may have put it there. Versions are looked at by their
 * shape only; whole, they are when they are written.
 */
export function badRecordIn(records: Records): BadRecord | null {
  const { gear, loadouts, schemes, lists, versions, rounds, wants, trips, entries } = records;
  const bench = {
    ...emptyBench,
    shelf: new Map(gear.map((each) => [each.id, each])),
    loadouts: new Map(loadouts.map((each) => [each.id, each])),
  };
  return (
    firstBad('gear', gear, (each) => unsoundGear(each)?.message) ??
    firstBad('loadouts', loadouts, (each) => unsound(each, bench.shelf)?.message) ??
    firstBad('loadouts', loadouts, (each) => unsoundModules(bench, each)?.message) ??
    tooLarge(records, () => unboundedKit(bench)) ??
    firstBad('schemes', schemes, (each) => unsoundScheme(each)?.message) ??
    firstBad('lists', lists, (each) => unsoundList(each)?.message) ??
    firstBad('versions', versions, whyNoVersion) ??
    firstBad('rounds', rounds, (each) => unsoundRound(each)?.message) ??
    firstBad(
      'wants',
      wants,
      (each) => unsoundWant(each)?.message ?? whyNoGear(each, bench.shelf),
    ) ??
    firstBad('trips', trips, (each) => unsoundTrip(each)?.message) ??
    firstBad('entries', entries, whyNoEntry) ??
    badAbout(records)
  );
}

type Identified = { readonly id: string };

function firstBad<T extends Identified>(
  part: BadRecord['part'],
  records: readonly T[],
  whyNot: (record: T) => string | undefined,
): BadRecord | null {
  for (const record of records) {
    const why = caught(() => whyNot(record));
    if (why) return { part, key: keyOf(part, record), name: nameOf(record), why };
  }
  return null;
}

/** What a check says, or that it could not even be made: fields are missing, or are of another kind. */
function caught(check: () => string | undefined): string | undefined {
  try {
    return check();
  } catch {
    return 'Fields of it are missing, or are none that this program knows.';
  }
}

function tooLarge(
  { loadouts }: Records,
  check: () => { readonly kit: string; readonly message: string } | null,
): BadRecord | null {
  const problem = check();
  if (!problem) return null;
  const kit = loadouts.find(({ id }) => id === problem.kit);
  return { part: 'loadouts', key: problem.kit, name: nameOf(kit), why: problem.message };
}

function whyNoVersion({ loadout, along, gear, day }: Version): string | undefined {
  const isShaped =
    Array.isArray(loadout.placements) &&
    Array.isArray(loadout.modules) &&
    typeof loadout.name === 'string' &&
    Array.isArray(along) &&
    Array.isArray(gear) &&
    typeof day === 'string';
  return isShaped ? undefined : 'Fields of it are missing.';
}

function whyNoGear({ gear }: Want, shelf: Shelf): string | undefined {
  return shelf.has(gear) ? undefined : 'The gear that it is of is not on the shelf.';
}

function whyNoEntry({ at, id, label, change }: Entry): string | undefined {
  const lists = parts.map((part) => change[part]);
  const isShaped =
    Number.isInteger(at) &&
    typeof id === 'string' &&
    typeof label === 'string' &&
    lists.every((list) => Array.isArray(list)) &&
    typeof change.currency === 'object';
  return isShaped ? undefined : 'Fields of it are missing.';
}

function badAbout({ about }: Records): BadRecord | null {
  const isSound =
    currencies.some((currency) => currency === about.currency) && Number.isInteger(about.cursor);
  return isSound
    ? null
    : { part: 'about', key: 'bench', name: 'the bench', why: 'Its currency is none.' };
}

function keyOf(part: BadRecord['part'], record: Identified): string | number {
  return part === 'entries' ? (record as unknown as Entry).at : record.id;
}

function nameOf(record: unknown): string {
  if (typeof record !== 'object' || record === null) return 'without a name';
  const { name, label, note } = record as Record<string, unknown>;
  const found = [name, label, note].find((text) => typeof text === 'string' && text !== '');
  return typeof found === 'string' ? found.slice(0, 80) : 'without a name';
}
