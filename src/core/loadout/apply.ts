import { done, mostMassG, mostPriceMinor, refused, type Outcome } from '../quantity';
import { cavityOf, longestNote, unsoundGear, whyNotName, whyNotPlain, type Gear } from '../gear';
import { mostGear, mostLoadouts, type Bench, type Loadout } from './bench';
import type { Command, GearChange, LoadoutChange } from './commands';
import { move, place, setCount, takeOut } from './placing';
import { unsound } from './soundness';

/**
 * The bench after a command. The bench given is never changed; what the command does not touch is shared.
 *
 * Refuses what would leave the bench unsound: an id that is taken or unknown, a name that is no name,
 * a figure that is not believed, a holder inside itself, a cavity that is not there.
 */
export function apply(bench: Bench, command: Command): Outcome<Bench> {
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
    case 'change kit':
      return changeLoadout(bench, command.id, command.change);
    case 'remove kit':
      return bench.loadouts.has(command.id)
        ? done({ ...bench, loadouts: without(bench.loadouts, command.id) })
        : noSuchKit(command.id);
    case 'place':
    case 'move':
    case 'set count':
    case 'take out':
      return inLoadout(bench, command);
    case 'count in':
      return done({ ...bench, currency: command.currency });
    case 'clear':
      return done({ ...bench, shelf: new Map(), loadouts: new Map() });
    case 'together':
      return command.commands.reduce<Outcome<Bench>>(
        (outcome, step) => (outcome.ok ? apply(outcome.value, step) : outcome),
        done(bench),
      );
  }
}

type PlacingCommand = Extract<Command, { do: 'place' | 'move' | 'set count' | 'take out' }>;

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
    case 'set count':
      return setCount(loadout, command.placement, command.count);
    case 'take out':
      return takeOut(loadout, command.placement, command.contents);
  }
}

function addGear(bench: Bench, added: readonly Gear[]): Outcome<Bench> {
  const shelf = new Map(bench.shelf);
  for (const gear of added) {
    if (shelf.has(gear.id)) return refused(`There is gear ${gear.id} already.`, 'id');
    const problem = unsoundGear(gear);
    if (problem) return { ok: false, problem };
    shelf.set(gear.id, gear);
  }
  return shelf.size <= mostGear
    ? done({ ...bench, shelf })
    : refused(`The shelf holds up to ${mostGear} lines.`);
}

function changeGear(bench: Bench, id: string, change: GearChange): Outcome<Bench> {
  const gear = bench.shelf.get(id);
  return gear ? replaceGear(bench, [{ ...gear, ...change, id }]) : noSuchGear(id);
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
  return done({ ...bench, shelf });
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
  return done({ ...bench, shelf: without(bench.shelf, id), loadouts });
}

function addLoadout(bench: Bench, loadout: Loadout): Outcome<Bench> {
  if (bench.loadouts.has(loadout.id)) return refused(`There is a kit ${loadout.id} already.`, 'id');
  if (bench.loadouts.size >= mostLoadouts) {
    return refused(`A bench holds up to ${mostLoadouts} kits.`);
  }
  const problem = whyNotLoadout(loadout);
  if (problem) return problem;
  const wrong = unsound(loadout, bench.shelf);
  return wrong
    ? { ok: false, problem: wrong }
    : done({ ...bench, loadouts: withEntry(bench.loadouts, loadout) });
}

function changeLoadout(bench: Bench, id: string, change: LoadoutChange): Outcome<Bench> {
  const loadout = bench.loadouts.get(id);
  if (!loadout) return noSuchKit(id);
  const changed: Loadout = { ...loadout, ...change, id, placements: loadout.placements };
  return whyNotLoadout(changed) ?? done({ ...bench, loadouts: withEntry(bench.loadouts, changed) });
}

function whyNotLoadout(loadout: Loadout): Outcome<never> | null {
  const name = whyNotName(loadout.name);
  if (name) return refused(`The name ${name}.`, 'name');
  const purpose = whyNotPlain(loadout.purpose, longestNote);
  if (purpose) return refused(`The purpose ${purpose}.`, 'purpose');
  if (!isLimit(loadout.mostMassG, mostMassG) || loadout.mostMassG === 0) {
    return refused('The most it may weigh is a mass above 0, up to 10 t.', 'mostMassG');
  }
  const isPrice = isLimit(loadout.mostPriceMinor, mostPriceMinor);
  return isPrice && Number.isInteger(loadout.mostPriceMinor ?? 0)
    ? null
    : refused('The most it may cost is a price, up to ten million.', 'mostPriceMinor');
}

function isLimit(limit: number | null, most: number): boolean {
  return limit === null || (limit >= 0 && limit <= most);
}

function whyCavitiesMustStay(bench: Bench, before: Gear, after: Gear): Outcome<never> | null {
  for (const cavity of before.cavities) {
    if (cavityOf(after, cavity.id)) continue;
    for (const loadout of bench.loadouts.values()) {
      const holders = new Set(
        loadout.placements.filter(({ gear }) => gear === before.id).map(({ id }) => id),
      );
      const held = loadout.placements.filter(
        ({ place }) => 'in' in place && holders.has(place.in) && place.cavity === cavity.id,
      );
      if (held.length > 0) {
        return refused(
          `${cavity.name} still holds ${held.length} in ${loadout.name}: move them out first.`,
          'cavities',
        );
      }
    }
  }
  return null;
}

function withEntry<T extends { readonly id: string }>(
  entries: ReadonlyMap<string, T>,
  entry: T,
): ReadonlyMap<string, T> {
  return new Map(entries).set(entry.id, entry);
}

function without<T>(entries: ReadonlyMap<string, T>, id: string): ReadonlyMap<string, T> {
  const left = new Map(entries);
  left.delete(id);
  return left;
}

function noSuchKit(id: string): Outcome<never> {
  return refused(`There is no kit ${id}.`);
}

function noSuchGear(id: string): Outcome<never> {
  return refused(`There is no gear ${id} on the shelf.`);
}
