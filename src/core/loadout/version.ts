import type { Problem } from '../quantity';
import { longestNote, unsoundGear, whyNotName, whyNotPlain } from '../gear';
import { emptyBench, gearOf, type Bench, type Loadout, type Version } from './bench';
import { kitsWithin, unsoundModules } from './modules';
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

/** What is wrong with a version, with the field; null where it hangs together. */
export function unsoundVersion(version: Version): Problem | null {
  const { day, note, loadout, along, gear } = version;
  const whyNote = whyNotPlain(note, longestNote);
  if (whyNote) return { field: 'note', message: `The note ${whyNote}.` };
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day)) {
    return { field: 'day', message: `“${day}” is no day like 2027-04-30.` };
  }
  if (loadout.id !== version.kit) return { field: 'loadout.id', message: 'it is of another kit.' };
  for (const [at, each] of gear.entries()) {
    const problem = unsoundGear(each);
    if (problem) return { ...problem, field: `gear[${at}].${problem.field}` };
  }
  const bench = benchOfVersion(version);
  for (const [at, kit] of [loadout, ...along].entries()) {
    const field = at === 0 ? 'loadout' : `along[${at - 1}]`;
    const whyName = whyNotName(kit.name);
    if (whyName) return { field: `${field}.name`, message: `The name ${whyName}.` };
    const problem = unsound(kit, bench.shelf) ?? unsoundModules(bench, kit);
    if (problem) return { ...problem, field: `${field}.${problem.field}` };
  }
  return null;
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
