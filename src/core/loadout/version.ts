import { says, whyNotDay, type Problem } from '../quantity';
import { actsSays } from '../refusals/acts';
import { isId, longestNote, unsoundGear, whyNotPlain } from '../gear';
import {
  emptyBench,
  gearOf,
  mostGear,
  mostLoadouts,
  type Bench,
  type Loadout,
  type Version,
} from './bench';
import { unboundedKit } from './extent';
import { kitsWithin } from './modules';
import { unsoundModules } from './sound-modules';
import { unsound } from './soundness';

/** The part of a bench that one kit needs: the kit, those that go along in it, and the gear placed in them. */
export function benchOfKit(bench: Bench, kit: string): Bench {
  const ids = [kit, ...kitsWithin(bench, kit)];
  const loadouts = ids.map((id) => bench.loadouts.get(id));
  if (loadouts.some((loadout) => !loadout)) throw new Error(`there is no kit ${kit}`);
  return benchOf(
    bench,
    loadouts.map((loadout) => loadout!),
  );
}

/** The kit of that id as it is now, to be kept. Throws where there is none, which is a bug. */
export function versionOf(
  bench: Bench,
  kit: string,
  about: Pick<Version, 'id' | 'day' | 'note'>,
): Version {
  const { id, day, note } = about;
  const { shelf, loadouts } = benchOfKit(bench, kit);
  const [loadout, ...along] = [...loadouts.values()];
  return { id, kit, day, note, loadout: loadout!, along, gear: [...shelf.values()] };
}

/** A version as a small bench of its own: its kit, those that went along, and its gear. */
export function benchOfVersion(version: Version): Bench {
  const { loadout, along, gear } = version;
  return {
    ...emptyBench,
    shelf: new Map(gear.map((each) => [each.id, each])),
    loadouts: new Map([loadout, ...along].map((each) => [each.id, each])),
  };
}

/** What is wrong with a version, with the field; null where it hangs together as a bench of its own would. */
export function unsoundVersion(version: Version): Problem | null {
  const { id, kit, day, note, loadout, along, gear } = version;
  if (!isId(id)) return { field: 'id', message: says.noId(id) };
  const whyNote = whyNotPlain(note, longestNote);
  if (whyNote) return { field: 'note', message: says.note(whyNote) };
  const whyDay = whyNotDay(day);
  if (whyDay) return { field: 'day', message: says.noDay(day, whyDay) };
  if (loadout.id !== kit) return { field: 'loadout.id', message: says.versionOfOtherKit() };
  if (gear.length > mostGear) return { field: 'gear', message: actsSays.shelfFull(mostGear) };
  if (along.length >= mostLoadouts) {
    return { field: 'along', message: actsSays.benchFull(mostLoadouts, 'kits') };
  }
  return unsoundParts(version) ?? unsoundWhole(version);
}

/** What is wrong with the gear or with one of the kits of a version, each by itself. */
function unsoundParts(version: Version): Problem | null {
  const ids = new Set<string>();
  for (const [at, each] of version.gear.entries()) {
    const field = `gear[${at}]`;
    if (ids.has(each.id)) return { field: `${field}.id`, message: says.idTwice(each.id) };
    ids.add(each.id);
    const problem = unsoundGear(each);
    if (problem) return { ...problem, field: `${field}.${problem.field}` };
  }
  const bench = benchOfVersion(version);
  const kits = new Set<string>();
  for (const [at, each] of [version.loadout, ...version.along].entries()) {
    const field = kitField(at);
    if (kits.has(each.id)) return { field: `${field}.id`, message: says.idTwice(each.id) };
    kits.add(each.id);
    const problem = unsound(each, bench.shelf) ?? unsoundModules(bench, each);
    if (problem) return { ...problem, field: `${field}.${problem.field}` };
  }
  return null;
}

function unsoundWhole(version: Version): Problem | null {
  const problem = unboundedKit(benchOfVersion(version));
  if (!problem) return null;
  const at = [version.loadout, ...version.along].findIndex(({ id }) => id === problem.kit);
  return { field: `${kitField(at)}.${problem.field}`, message: problem.message };
}

function kitField(at: number): string {
  return at === 0 ? 'loadout' : `along[${at - 1}]`;
}

function benchOf(bench: Bench, loadouts: readonly Loadout[]): Bench {
  const gear = loadouts.flatMap(({ placements }) =>
    placements.map((placement) => gearOf(bench.shelf, placement)),
  );
  return {
    ...emptyBench,
    currency: bench.currency,
    shelf: new Map(gear.map((each) => [each.id, each])),
    loadouts: new Map(loadouts.map((each) => [each.id, each])),
  };
}
