import { done, refused, says, type Outcome } from '../quantity';
import { actsSays } from '../refusals/acts';
import { isId } from '../gear';
import { mostGear, placementOf, type Bench, type Loadout } from './bench';
import type { CutCommand, PartedFrom, UseCommand } from './commands';
import { takeOut } from './placing';
import { cut, spend, type Parted } from './using';

/** The bench after some of a line is used up or cut, in the kit that it is taken from as well. */
export function part(bench: Bench, command: UseCommand | CutCommand): Outcome<Bench> {
  const gear = bench.shelf.get(command.gear);
  if (!gear) return refused(says.noGear(command.gear));
  const parted =
    command.do === 'use'
      ? spend(gear, command.amount, command.openedId, command.on)
      : cut(gear, command.lengthsM, command.ids);
  if (!parted.ok) return parted;
  const { line, others } = parted.value;
  const taken = others.find(({ id }) => bench.shelf.has(id));
  if (taken) return refused(actsSays.gearThere(taken.id), 'id');
  if (bench.shelf.size + others.length > mostGear) {
    return refused(actsSays.shelfFull(mostGear));
  }
  const shelf = new Map(bench.shelf);
  for (const each of [line, ...others]) shelf.set(each.id, each);
  if (command.from === null) return done({ ...bench, shelf });
  const loadout = bench.loadouts.get(command.from.loadout);
  if (!loadout) return refused(says.noKit(command.from.loadout));
  const kit = partedIn(loadout, gear.count - line.count, parted.value, command.from);
  return kit.ok
    ? done({ ...bench, shelf, loadouts: new Map(bench.loadouts).set(loadout.id, kit.value) })
    : kit;
}

/** The kit with `gone` pieces less of the line in that placement, and what came of them beside it. */
function partedIn(
  loadout: Loadout,
  gone: number,
  { line, others }: Parted,
  from: PartedFrom,
): Outcome<Loadout> {
  const placement = placementOf(loadout, from.placement);
  if (!placement || placement.gear !== line.id) {
    return refused(actsSays.notHere(line.name, from.placement));
  }
  if (gone > placement.count) {
    return refused(actsSays.notSoManyHere(placement.count, line.name, gone));
  }
  const fresh = from.placements.slice(0, others.length);
  if (new Set(fresh).size < others.length || !fresh.every(isId)) {
    return refused(actsSays.pieceWithoutPlace());
  }
  const left =
    gone === placement.count
      ? takeOut(loadout, placement.id, 'to the mat')
      : done({
          ...loadout,
          placements: loadout.placements.map((other) =>
            other === placement ? { ...other, count: other.count - gone } : other,
          ),
        });
  if (!left.ok) return left;
  const beside = others.map((other, at) => ({
    ...placement,
    id: fresh[at]!,
    gear: other.id,
    count: 1,
  }));
  const taken = beside.find(({ id }) => placementOf(left.value, id));
  return taken
    ? refused(says.placementThere(taken.id), 'id')
    : done({ ...left.value, placements: [...left.value.placements, ...beside] });
}
