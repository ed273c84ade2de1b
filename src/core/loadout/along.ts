import { done, refused, type Outcome } from '../quantity';
import { mostModules, type Bench, type Loadout, type Module } from './bench';
import type { Command } from './commands';
import { noSuchKit, refusedWith, withEntry, without } from './entries';
import { unsoundModules } from './modules';

export type ModuleCommand = Extract<Command, { do: 'take along' | 'move module' | 'leave module' }>;

/** The bench after a kit is taken along in another, moved in it, or left. */
export function withModule(bench: Bench, command: ModuleCommand): Outcome<Bench> {
  const loadout = bench.loadouts.get(command.loadout);
  if (!loadout) return noSuchKit(command.loadout);
  const changed = changedModules(loadout, command);
  if (!changed.ok) return changed;
  if (changed.value.length > mostModules) {
    return refused(`At most ${mostModules} kits go along in one.`);
  }
  const kit = { ...loadout, modules: changed.value };
  const problem = unsoundModules(bench, kit);
  return problem
    ? refusedWith(problem)
    : done({ ...bench, loadouts: withEntry(bench.loadouts, kit) });
}

function changedModules(loadout: Loadout, command: ModuleCommand): Outcome<readonly Module[]> {
  if (command.do === 'take along') return done([...loadout.modules, command.module]);
  const { module: id } = command;
  if (!loadout.modules.some((module) => module.id === id)) {
    return refused(`There is no kit ${id} along in ${loadout.name}.`);
  }
  return done(
    command.do === 'leave module'
      ? loadout.modules.filter((module) => module.id !== id)
      : loadout.modules.map((module) =>
          module.id === id ? { ...module, place: command.to } : module,
        ),
  );
}

/** Removes a kit from the bench, and from every kit that it goes along in. */
export function removeLoadout(bench: Bench, id: string): Outcome<Bench> {
  if (!bench.loadouts.has(id)) return noSuchKit(id);
  const loadouts = new Map(without(bench.loadouts, id));
  for (const loadout of bench.loadouts.values()) {
    if (loadout.id === id || !loadout.modules.some(({ kit }) => kit === id)) continue;
    const modules = loadout.modules.filter(({ kit }) => kit !== id);
    loadouts.set(loadout.id, { ...loadout, modules });
  }
  return done({ ...bench, loadouts });
}
