import { currencies, done, refused, says, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { cavityOf, unsoundGear, type Gear, withCount } from '../gear';
import {
  emptyBench,
  mostGear,
  mostLists,
  mostLoadouts,
  mostSchemes,
  mostVersions,
  type Bench,
  type Loadout,
  type Placement,
} from './bench';
import type { Command, GearChange, LoadoutChange } from './commands';
import { removeLoadout, withModule } from './along';
import { unboundedKit } from './extent';
import { noSuchGear, noSuchKit, withEntry, without } from './entries';
import { keep, putBack, remove } from './keeping';
import { unsoundModules } from './sound-modules';
import { unsoundScheme } from './sound-scheme';
import { part } from './parting';
import { arrange, mark } from './arranging';
import { layFor, move, place, setCount, standIn, takeOut } from './placing';
import { unsoundList } from './sound-list';
import { mostRounds, mostWants, unsoundRound, unsoundWant } from './round';
import { mostTrips, unsoundTrip } from './trip';
import { unsound, unsoundAbout } from './soundness';
import { unsoundVersion } from './version';

/**
 * The bench after a command. The bench given is never changed; what the command does not touch is shared.
 *
 * Refuses what would leave the bench unsound: an id that is taken or unknown, a name that is no name,
 * a figure that is not believed, a holder or a kit inside itself, a cavity that is not there, a kit that with all that
 * goes along in it is larger than a kit may be. What is taken can be written to a file and read again.
 */
export function apply(bench: Bench, command: Command): Outcome<Bench> {
  const next = afterCommand(bench, command);
  if (!next.ok || next.value.loadouts === bench.loadouts) return next;
  const problem = unboundedKit(next.value);
  return problem ? refused(problem.message, problem.field) : next;
}

/** The bench after a command, each kit looked at by itself. */
function afterCommand(bench: Bench, command: Command): Outcome<Bench> {
  switch (command.do) {
    case 'add gear':
      return addGear(bench, command.gear);
    case 'change gear':
      return changeGear(bench, command.id, command.change);
    case 'replace gear':
      return replaceGear(bench, command.gear);
    case 'remove gear':
      return removeGear(bench, command.id);
    case 'add kit':
      return addLoadout(bench, command.loadout);
    case 'replace kit':
      return bench.loadouts.has(command.loadout.id)
        ? withLoadout(bench, command.loadout)
        : noSuchKit(command.loadout.id);
    case 'change kit':
      return changeLoadout(bench, command.id, command.change);
    case 'remove kit':
      return removeLoadout(bench, command.id);
    case 'place':
    case 'move':
    case 'arrange':
    case 'pin':
    case 'assume':
    case 'set count':
    case 'take out':
    case 'stand in':
    case 'lay for':
      return inLoadout(bench, command);
    case 'take along':
    case 'move module':
    case 'leave module':
      return withModule(bench, command);
    case 'use':
    case 'cut':
      return part(bench, command);
    case 'keep scheme':
      return keep(bench, 'schemes', command.scheme, unsoundScheme(command.scheme), mostSchemes);
    case 'keep list':
      return keep(bench, 'lists', command.list, unsoundList(command.list), mostLists);
    case 'keep version':
      return keep(
        bench,
        'versions',
        command.version,
        unsoundVersion(command.version),
        mostVersions,
      );
    case 'keep round':
      return keep(bench, 'rounds', command.round, unsoundRound(command.round), mostRounds);
    case 'keep want':
      return bench.shelf.has(command.want.gear)
        ? keep(bench, 'wants', command.want, unsoundWant(command.want), mostWants)
        : noSuchGear(command.want.gear);
    case 'keep trip':
      return keep(bench, 'trips', command.trip, unsoundTrip(command.trip), mostTrips);
    case 'remove trip':
      return remove(bench, 'trips', command.id);
    case 'remove round':
      return remove(bench, 'rounds', command.id);
    case 'remove want':
      return remove(bench, 'wants', command.id);
    case 'remove scheme':
      return remove(bench, 'schemes', command.id);
    case 'remove list':
      return remove(bench, 'lists', command.id);
    case 'remove version':
      return remove(bench, 'versions', command.id);
    case 'put back':
      return putBack(bench, command.version);
    case 'count in':
      return currencies.includes(command.currency)
        ? done({ ...bench, currency: command.currency })
        : refused(says.noWord('A currency', command.currency), 'currency');
    case 'clear':
      return done({ ...emptyBench, currency: bench.currency });
    case 'together':
      return command.commands.reduce<Outcome<Bench>>(
        (outcome, step) => (outcome.ok ? afterCommand(outcome.value, step) : outcome),
        done(bench),
      );
  }
}

type PlacingCommand = Extract<
  Command,
  {
    do:
      | 'place'
      | 'move'
      | 'arrange'
      | 'pin'
      | 'assume'
      | 'set count'
      | 'take out'
      | 'stand in'
      | 'lay for';
  }
>;

function inLoadout(bench: Bench, command: PlacingCommand): Outcome<Bench> {
  const loadout = bench.loadouts.get(command.loadout);
  if (!loadout) return noSuchKit(command.loadout);
  const changed = changedPlacements(bench, loadout, command);
  return changed.ok
    ? done({ ...bench, loadouts: withEntry(bench.loadouts, changed.value) })
    : changed;
}

function changedPlacements(
  bench: Bench,
  loadout: Loadout,
  command: PlacingCommand,
): Outcome<Loadout> {
  switch (command.do) {
    case 'place':
      return place(loadout, bench.shelf, command.placement);
    case 'move':
      return move(loadout, bench.shelf, command.placement, command.to);
    case 'arrange':
      return arrange(loadout, bench.shelf, command.places);
    case 'pin':
      return mark(loadout, command.placement, 'isPinned', command.isPinned);
    case 'assume':
      return mark(loadout, command.placement, 'isAssumed', command.isAssumed);
    case 'set count':
      return setCount(loadout, command.placement, command.count);
    case 'take out':
      return takeOut(loadout, command.placement, command.contents);
    case 'stand in':
      return standIn(loadout, bench.shelf, command.placement, command.gear);
    case 'lay for':
      return layFor(loadout, bench.shelf, command.placement, command.job);
  }
}

function addGear(bench: Bench, added: readonly Gear[]): Outcome<Bench> {
  const shelf = new Map(bench.shelf);
  for (const gear of added) {
    if (shelf.has(gear.id)) return refused(actsSays.gearThere(gear.id), 'id');
    const problem = unsoundGear(gear);
    if (problem) return { ok: false, problem };
    shelf.set(gear.id, gear);
  }
  return shelf.size <= mostGear ? done({ ...bench, shelf }) : refused(actsSays.shelfFull(mostGear));
}

function changeGear(bench: Bench, id: string, change: GearChange): Outcome<Bench> {
  const gear = bench.shelf.get(id);
  if (!gear) return noSuchGear(id);
  const changed = { ...gear, ...change, id };
  // Its lots make up the count that it has now, unless they are told themselves.
  return replaceGear(bench, [change.lots ? changed : withCount(changed, changed.count)]);
}

function replaceGear(bench: Bench, replaced: readonly Gear[]): Outcome<Bench> {
  const shelf = new Map(bench.shelf);
  for (const gear of replaced) {
    const before = bench.shelf.get(gear.id);
    if (!before) return noSuchGear(gear.id);
    const problem = unsoundGear(gear);
    if (problem) return { ok: false, problem };
    const held = whyCavitiesMustStay(bench, before, gear);
    if (held) return held;
    shelf.set(gear.id, gear);
  }
  return done(withLanesKept({ ...bench, shelf }, replaced));
}

/** A piece that no longer does the job it was laid for lies again where it is best. */
function withLanesKept(bench: Bench, replaced: readonly Gear[]): Bench {
  const jobsOf = new Map(
    replaced.map(({ id, supplies }) => [id, new Set(supplies.map(({ job }) => job))]),
  );
  const isLost = ({ gear, laidFor }: Placement) =>
    laidFor !== null && jobsOf.get(gear)?.has(laidFor) === false;
  const loadouts = [...bench.loadouts.values()].filter(({ placements }) => placements.some(isLost));
  if (loadouts.length === 0) return bench;
  const kept = new Map(bench.loadouts);
  for (const loadout of loadouts) {
    const placements = loadout.placements.map((placement) =>
      isLost(placement) ? { ...placement, laidFor: null } : placement,
    );
    kept.set(loadout.id, { ...loadout, placements });
  }
  return { ...bench, loadouts: kept };
}

/** Removes gear from the shelf and from every kit; what was in it is laid on that kit's mat. */
function removeGear(bench: Bench, id: string): Outcome<Bench> {
  if (!bench.shelf.has(id)) return noSuchGear(id);
  const loadouts = new Map(bench.loadouts);
  for (const loadout of bench.loadouts.values()) {
    const gone = loadout.placements.filter((placement) => placement.gear === id);
    if (gone.length === 0) continue;
    const left = gone.reduce<Loadout>((kit, placement) => {
      const taken = takeOut(kit, placement.id, 'to the mat');
      return taken.ok ? taken.value : kit;
    }, loadout);
    loadouts.set(loadout.id, left);
  }
  const wants = new Map([...bench.wants].filter(([, want]) => want.gear !== id));
  const isWanted = wants.size < bench.wants.size;
  return done({
    ...bench,
    shelf: without(bench.shelf, id),
    loadouts,
    wants: isWanted ? wants : bench.wants,
  });
}

function addLoadout(bench: Bench, loadout: Loadout): Outcome<Bench> {
  if (bench.loadouts.has(loadout.id)) return refused(actsSays.kitThere(loadout.id), 'id');
  if (bench.loadouts.size >= mostLoadouts) {
    return refused(actsSays.benchFull(mostLoadouts, 'kits'));
  }
  return withLoadout(bench, loadout);
}

function withLoadout(bench: Bench, loadout: Loadout): Outcome<Bench> {
  const wrong = unsound(loadout, bench.shelf) ?? unsoundModules(bench, loadout);
  return wrong
    ? { ok: false, problem: wrong }
    : done({ ...bench, loadouts: withEntry(bench.loadouts, loadout) });
}

function changeLoadout(bench: Bench, id: string, change: LoadoutChange): Outcome<Bench> {
  const loadout = bench.loadouts.get(id);
  if (!loadout) return noSuchKit(id);
  const { placements, modules } = loadout;
  const changed: Loadout = { ...loadout, ...change, id, placements, modules };
  const problem = unsoundAbout(changed);
  return problem
    ? { ok: false, problem }
    : done({ ...bench, loadouts: withEntry(bench.loadouts, changed) });
}

function whyCavitiesMustStay(bench: Bench, before: Gear, after: Gear): Outcome<never> | null {
  for (const cavity of before.cavities) {
    if (cavityOf(after, cavity.id)) continue;
    for (const loadout of bench.loadouts.values()) {
      const holders = new Set(
        loadout.placements.filter(({ gear }) => gear === before.id).map(({ id }) => id),
      );
      const held = [...loadout.placements, ...loadout.modules].filter(
        ({ place }) => 'in' in place && holders.has(place.in) && place.cavity === cavity.id,
      );
      if (held.length > 0) {
        return refused(actsSays.cavityFilled(cavity.name, held.length, loadout.name), 'cavities');
      }
    }
  }
  return null;
}
