import { done, refused, type Outcome, type Problem } from '../quantity';
import type { Bench } from './bench';
import { refusedWith, withEntry, without } from './entries';
import { unsoundModules } from './modules';
import { unsound } from './soundness';

/** What a bench keeps beside its gear and its kits. */
export type Shelved = 'schemes' | 'lists' | 'versions';

/** The bench with an entry that has that problem, or none; the same id stands for the same entry. */
export function keep<Which extends Shelved>(
  bench: Bench,
  which: Which,
  entry: { readonly id: string },
  problem: Problem | null,
  most: number,
): Outcome<Bench> {
  if (problem) return refusedWith(problem);
  const entries: ReadonlyMap<string, { readonly id: string }> = withEntry(
    bench[which] as ReadonlyMap<string, { readonly id: string }>,
    entry,
  );
  return entries.size <= most
    ? done({ ...bench, [which]: entries })
    : refused(`A bench holds up to ${most} ${which}.`);
}

export function remove(bench: Bench, which: Shelved, id: string): Outcome<Bench> {
  return bench[which].has(id)
    ? done({ ...bench, [which]: without(bench[which] as ReadonlyMap<string, unknown>, id) })
    : refused(`There is no ${id} among the ${which}.`);
}

/** The kit as it was in a version; its gear that is gone comes back, the rest keeps its figures of now. */
export function putBack(bench: Bench, id: string): Outcome<Bench> {
  const version = bench.versions.get(id);
  if (!version) return refused(`There is no version ${id}.`);
  const shelf = new Map(bench.shelf);
  const wanted = new Set(version.loadout.placements.map(({ gear }) => gear));
  for (const gear of version.gear) {
    if (wanted.has(gear.id) && !shelf.has(gear.id)) shelf.set(gear.id, gear);
  }
  const modules = version.loadout.modules.filter(({ kit }) => bench.loadouts.has(kit));
  const loadout = { ...version.loadout, modules };
  const next = { ...bench, shelf, loadouts: withEntry(bench.loadouts, loadout) };
  const problem = unsound(loadout, shelf) ?? unsoundModules(next, loadout);
  return problem
    ? refused(`It cannot be put back as it was: ${problem.message}`, problem.field)
    : done(next);
}
