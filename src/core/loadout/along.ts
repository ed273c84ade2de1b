import { done, refused, says, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { mostModules, type Bench, type Loadout, type Module } from './bench';
import type { Command } from './commands';
import { noSuchKit, withEntry, without } from './entries';
import { kitsWithin } from './modules';
import { unsoundModules } from './sound-modules';

export type ModuleCommand = Extract<Command, { do: 'take along' | 'move module' | 'leave module' }>;

/** The bench after a kit is taken along in another, moved in it, or left. */
export function withModule(bench: Bench, command: ModuleCommand): Outcome<Bench> {
  const loadout = bench.loadouts.get(command.loadout);
  if (!loadout) return noSuchKit(command.loadout);
  const changed = changedModules(loadout, command);
  if (!changed.ok) return changed;
  if (changed.value.length > mostModules) {
    return refused(says.alongFull(mostModules));
  }
  const kit = { ...loadout, modules: changed.value };
  const inner = command.do === 'take along' ? bench.loadouts.get(command.module.kit) : undefined;
  if (inner && (inner.id === kit.id || kitsWithin(bench, inner.id).has(kit.id))) {
    return refused(says.kitInItself(inner.name), 'kit');
  }
  const problem = unsoundModules(bench, kit);
  return problem
    ? { ok: false, problem }
    : done({ ...bench, loadouts: withEntry(bench.loadouts, kit) });
}

function changedModules(loadout: Loadout, command: ModuleCommand): Outcome<readonly Module[]> {
  if (command.do === 'take along') return done([...loadout.modules, command.module]);
  const { module: id } = command;
  if (!loadout.modules.some((module) => module.id === id)) {
    return refused(actsSays.noKitAlong(id, loadout.name));
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
