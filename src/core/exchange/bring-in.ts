import type { Brief } from '../brief';
import type { Gear } from '../gear';
import {
  withOwnPeople,
  withOwnWords,
  type Bench,
  type Command,
  type Loadout,
  type Version,
} from '../loadout';
import { isSame } from './same';

/** What to do with an entry that is here already but differs. */
export type OnClash = 'keep both' | 'replace mine';

/** How a brought-in entry stands to the bench. */
export type Arrival = 'new' | 'the same' | 'differs';

export interface BringIn {
  readonly command: Command;
  readonly gear: Readonly<Record<Arrival, number>>;
  readonly loadouts: readonly { readonly name: string; readonly arrival: Arrival }[];
  /** Schemes, lists and versions. */
  readonly others: Readonly<Record<Arrival, number>>;
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
  const ofMoney = pricesLeftBehind ? withoutPrice : (gear: Gear) => gear;
  const sort = <T extends Identified>(
    theirs: ReadonlyMap<string, T>,
    mine: ReadonlyMap<string, T>,
    adapted: (entry: T) => T = (entry) => entry,
  ) => sorted(theirs, mine, adapted, onClash, newId);

  const gear = sort(file.shelf, bench.shelf, (piece) =>
    withOwnWords(ofMoney(piece), bench.shelf.get(piece.id)),
  );
  const schemes = sort(file.schemes, bench.schemes);
  const loadouts = sort(file.loadouts, bench.loadouts, (loadout) =>
    withOwnPeople(
      onSchemes(onGear(loadout, gear.ids, pricesLeftBehind), schemes.ids),
      bench.loadouts.get(loadout.id),
    ),
  );
  const kits = loadouts.brought.map(({ entry, arrival }) => ({
    arrival,
    entry: onKits(entry, loadouts.ids, onClash, arrival),
  }));
  const lists = sort(file.lists, bench.lists);
  const goneIds = idsOfGone(file, bench, gear.ids, onClash, newId);
  const versions = sort(file.versions, bench.versions, (version) =>
    versionHere(version, goneIds, loadouts.ids, schemes.ids, pricesLeftBehind),
  );

  const rounds = sort(file.rounds, bench.rounds, (round) => ({
    ...round,
    kit: loadouts.ids.get(round.kit) ?? round.kit,
    lines: round.lines.map((line) => ({ ...line, gear: gear.ids.get(line.gear) ?? line.gear })),
  }));
  const wants = sort(file.wants, bench.wants, (want) => ({
    ...want,
    gear: gear.ids.get(want.gear) ?? want.gear,
    kit: want.kit && (loadouts.ids.get(want.kit) ?? want.kit),
  }));

  const trips = sort(file.trips, bench.trips, (trip) => ({
    ...trip,
    kit: loadouts.ids.get(trip.kit) ?? trip.kit,
    pieces: trip.pieces.map((piece) => ({
      ...piece,
      gear: gear.ids.get(piece.gear) ?? piece.gear,
    })),
  }));

  const gearHere = gear.brought.map((each) => ({
    ...each,
    entry: lyingIn(each.entry, loadouts.ids),
  }));
  const replacedGear = gearHere.filter(({ arrival, isNew }) => arrival !== 'the same' && !isNew);
  const addedGear = gearHere.filter(({ isNew }) => isNew);
  const replacedKits = kits.filter(({ arrival }) => arrival === 'differs');
  const commands: readonly Command[] = [
    ...(isEmpty && bench.currency !== file.currency
      ? [{ do: 'count in', currency: file.currency } as const]
      : []),
    ...(addedGear.length > 0
      ? [{ do: 'add gear', gear: addedGear.map(({ entry }) => entry) } as const]
      : []),
    // A kit that is replaced is emptied first, so that nothing holds its gear to the cavities it had.
    ...(onClash === 'replace mine'
      ? replacedKits.map(({ entry }) => ({ do: 'replace kit', loadout: emptied(entry) }) as const)
      : []),
    ...(replacedGear.length > 0
      ? [{ do: 'replace gear', gear: replacedGear.map(({ entry }) => entry) } as const]
      : []),
    ...kits.flatMap(({ entry, arrival }) => kitCommands(entry, arrival, onClash)),
    ...kits.flatMap(({ entry, arrival }) =>
      arrival === 'the same' || entry.modules.length === 0
        ? []
        : [{ do: 'replace kit', loadout: entry } as const],
    ),
    ...changedOf(schemes.brought).map((scheme) => ({ do: 'keep scheme', scheme }) as const),
    ...changedOf(lists.brought).map((list) => ({ do: 'keep list', list }) as const),
    ...changedOf(versions.brought).map((version) => ({ do: 'keep version', version }) as const),
    ...changedOf(rounds.brought).map((round) => ({ do: 'keep round', round }) as const),
    ...changedOf(wants.brought).map((want) => ({ do: 'keep want', want }) as const),
    ...changedOf(trips.brought).map((trip) => ({ do: 'keep trip', trip }) as const),
  ];
  return {
    command: { do: 'together', label: 'bring in a file', commands },
    gear: gear.count,
    loadouts: kits.map(({ arrival }, at) => ({
      name: [...file.loadouts.values()][at]!.name,
      arrival,
    })),
    others: sumOf(...[schemes, lists, versions, rounds, wants, trips].map(({ count }) => count)),
    pricesLeftBehind,
  };
}

/** Whether anything of a file is here already and differs, so that its owner is asked. */
export function differs({ gear, loadouts, others }: BringIn): boolean {
  return (
    gear.differs > 0 || others.differs > 0 || loadouts.some(({ arrival }) => arrival === 'differs')
  );
}

type Counts = Readonly<Record<Arrival, number>>;

interface Brought<T> {
  readonly entry: T;
  readonly arrival: Arrival;
  /** It comes under an id that nothing here has. */
  readonly isNew: boolean;
}

interface Identified {
  readonly id: string;
}

/** The entries of a file by what is new, the same and different, with new ids where both are kept. */
function sorted<T extends Identified>(
  theirs: ReadonlyMap<string, T>,
  mine: ReadonlyMap<string, T>,
  adapted: (entry: T) => T,
  onClash: OnClash,
  newId: () => string,
) {
  const ids = new Map<string, string>();
  const count = { new: 0, 'the same': 0, differs: 0 };
  const brought = [...theirs.values()].map((found): Brought<T> => {
    const entry = adapted(found);
    const own = mine.get(entry.id);
    const arrival = own === undefined ? 'new' : isSame(own, entry) ? 'the same' : 'differs';
    count[arrival] += 1;
    const isForked = arrival === 'differs' && onClash === 'keep both';
    const id = isForked ? newId() : entry.id;
    ids.set(found.id, id);
    return {
      entry: id === entry.id ? entry : { ...entry, id },
      arrival,
      isNew: arrival === 'new' || isForked,
    };
  });
  return { ids, count: count as Counts, brought };
}

/**
 * The ids that gear of a file has here, that of its versions too which is gone from its shelf: where another piece of
 * mine has its id, it gets a new one, so that putting a version back never takes my piece for it.
 */
function idsOfGone(
  file: Bench,
  bench: Bench,
  known: ReadonlyMap<string, string>,
  onClash: OnClash,
  newId: () => string,
): ReadonlyMap<string, string> {
  const ids = new Map(known);
  for (const { gear } of file.versions.values()) {
    for (const { id } of gear) {
      if (ids.has(id)) continue;
      ids.set(id, onClash === 'keep both' && bench.shelf.has(id) ? newId() : id);
    }
  }
  return ids;
}

/** A version on the ids that its gear and its kits have here. */
function versionHere(
  version: Version,
  gearIds: ReadonlyMap<string, string>,
  kitIds: ReadonlyMap<string, string>,
  schemeIds: ReadonlyMap<string, string>,
  pricesLeftBehind: boolean,
): Version {
  const kitHere = (loadout: Loadout): Loadout => {
    const here = besideKits(
      onSchemes(onGear(loadout, gearIds, pricesLeftBehind), schemeIds),
      kitIds,
    );
    return {
      ...here,
      id: kitIds.get(loadout.id) ?? loadout.id,
      modules: loadout.modules.map((module) => ({
        ...module,
        kit: kitIds.get(module.kit) ?? module.kit,
      })),
      copyOf: afterKit(here, kitIds),
    };
  };
  return {
    ...version,
    kit: kitIds.get(version.kit) ?? version.kit,
    loadout: kitHere(version.loadout),
    along: version.along.map(kitHere),
    gear: version.gear.map((gear) => ({
      ...(pricesLeftBehind ? withoutPrice(gear) : gear),
      id: gearIds.get(gear.id) ?? gear.id,
    })),
  };
}

/** A kit comes first without those that go along in it, as they may come after it. */
function kitCommands(loadout: Loadout, arrival: Arrival, onClash: OnClash): readonly Command[] {
  if (arrival === 'the same') return [];
  const alone = { ...loadout, modules: [] };
  return arrival === 'differs' && onClash === 'replace mine'
    ? [{ do: 'replace kit', loadout: alone }]
    : [{ do: 'add kit', loadout: alone }];
}

function changedOf<T>(brought: readonly Brought<T>[]): readonly T[] {
  return brought.filter(({ arrival }) => arrival !== 'the same').map(({ entry }) => entry);
}

function withoutPrice(gear: Gear): Gear {
  return { ...gear, priceMinor: null };
}

/** Gear whose lots lie in the kits as they are called here. */
function lyingIn(gear: Gear, kitIds: ReadonlyMap<string, string>): Gear {
  const { lots, takenFrom } = gear;
  if (takenFrom === null && lots.every(({ kit }) => kit === null)) return gear;
  const here = (kit: string) => kitIds.get(kit) ?? kit;
  return {
    ...gear,
    lots: lots.map((lot) => (lot.kit === null ? lot : { ...lot, kit: here(lot.kit) })),
    takenFrom: takenFrom && { ...takenFrom, kit: here(takenFrom.kit) },
  };
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
    copyOf: loadout.copyOf && {
      ...loadout.copyOf,
      stands: loadout.copyOf.stands.map(({ gear, of }) => ({
        gear: gearIds.get(gear) ?? gear,
        of: gearIds.get(of) ?? of,
      })),
    },
  };
}

/** A kit on the ids that those along in it have here, and with a name that tells it from mine. */
function onKits(
  loadout: Loadout,
  kitIds: ReadonlyMap<string, string>,
  onClash: OnClash,
  arrival: Arrival,
): Loadout {
  const modules = loadout.modules.map((module) => ({
    ...module,
    kit: kitIds.get(module.kit) ?? module.kit,
  }));
  const isForked = arrival === 'differs' && onClash === 'keep both';
  const here = besideKits(loadout, kitIds);
  const copyOf = afterKit(loadout, kitIds);
  return { ...here, modules, copyOf, ...(isForked && { name: forkedName(loadout.name) }) };
}

/** A kit whose briefs name the schemes as they are called here. */
function onSchemes(loadout: Loadout, ids: ReadonlyMap<string, string>): Loadout {
  const here = (scheme: string) => ids.get(scheme) ?? scheme;
  return withBriefs(loadout, (brief) => ({
    ...brief,
    lanes: brief.lanes.map((order) => ({ ...order, scheme: here(order.scheme) })),
    rules: brief.rules.map((rule) =>
      rule.rule === 'categories' ? { ...rule, scheme: here(rule.scheme) } : rule,
    ),
  }));
}

/** A kit whose briefs name the kits beside it as they are called here. */
function besideKits(loadout: Loadout, ids: ReadonlyMap<string, string>): Loadout {
  return withBriefs(loadout, (brief) => ({
    ...brief,
    beside: brief.beside.map((kit) => ids.get(kit) ?? kit),
  }));
}

function withBriefs(loadout: Loadout, here: (brief: Brief) => Brief): Loadout {
  const { brief, otherBriefs } = loadout;
  return { ...loadout, brief: brief && here(brief), otherBriefs: otherBriefs.map(here) };
}

/** Which kit one was made after, by the id that that has here. */
function afterKit({ copyOf }: Loadout, kitIds: ReadonlyMap<string, string>): Loadout['copyOf'] {
  return copyOf && { ...copyOf, kit: kitIds.get(copyOf.kit) ?? copyOf.kit };
}

function forkedName(name: string): string {
  return `${[...name].slice(0, 50).join('')} (brought in)`;
}

function emptied(loadout: Loadout): Loadout {
  return { ...loadout, placements: [], modules: [] };
}

function sumOf(...counts: readonly Counts[]): Counts {
  const sum = { new: 0, 'the same': 0, differs: 0 };
  for (const each of counts) {
    for (const arrival of ['new', 'the same', 'differs'] as const) sum[arrival] += each[arrival];
  }
  return sum;
}
