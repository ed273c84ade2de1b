import { says, type Problem } from '../quantity';
import { isId } from '../gear';
import {
  isOnGround,
  type Bench,
  type Loadout,
  type Module,
  type Place,
  type Placement,
} from './bench';
import { whyNotGround, whyNotIn } from './whereabouts';

/** Between a module’s id and that of a placement inside it. No id of a file holds it. */
const inModule = '~';

/** Whether a placement of a whole kit belongs to a kit that goes along in it. */
export function isOfModule(placementId: string): boolean {
  return placementId.includes(inModule);
}

/** The id of the module of the kit itself that a placement came along in; null for the kit’s own. */
export function moduleOf(placementId: string): string | null {
  return isOfModule(placementId) ? placementId.split(inModule)[0]! : null;
}

/**
 * The kit with every kit that goes along in it laid into it, at any depth, so that mass, bulk, fit and cover
 * count through. What stands on a ground there stands where the module is; what is not stowed there is not
 * stowed here. A kit without modules is given back as it is.
 */
export function withModules(bench: Bench, loadout: Loadout): Loadout {
  return loadout.modules.length === 0 ? loadout : wholeOf(bench, loadout, new Set());
}

function wholeOf(bench: Bench, loadout: Loadout, around: ReadonlySet<string>): Loadout {
  const within = new Set([...around, loadout.id]);
  const brought = loadout.modules.flatMap((module): readonly Placement[] => {
    const kit = bench.loadouts.get(module.kit);
    if (!kit || within.has(kit.id)) return [];
    return wholeOf(bench, kit, within).placements.map((placement) => ({
      ...placement,
      along: placement.along ?? kit.id,
      id: `${module.id}${inModule}${placement.id}`,
      place: placeInside(module, placement.place),
    }));
  });
  return { ...loadout, placements: [...loadout.placements, ...brought] };
}

function placeInside(module: Module, place: Place): Place {
  if (!isOnGround(place)) return { ...place, in: `${module.id}${inModule}${place.in}` };
  return place.on === 'mat' ? place : module.place;
}

/** The kits that go along in a kit, at any depth, itself not counted. */
export function kitsWithin(bench: Bench, kit: string): ReadonlySet<string> {
  const found = new Set<string>();
  const waiting = [kit];
  for (let id = waiting.pop(); id !== undefined; id = waiting.pop()) {
    for (const { kit: inner } of bench.loadouts.get(id)?.modules ?? []) {
      if (!found.has(inner)) waiting.push(inner);
      found.add(inner);
    }
  }
  return found;
}

/**
 * What is wrong with which kits go along in a kit and where, with the field; null where nothing is. How large and how
 * deep it becomes with them, and that no kit is in itself, is looked at over the whole bench: {@link unboundedKit}.
 */
export function unsoundModules(bench: Bench, loadout: Loadout): Problem | null {
  const ids = new Set<string>();
  const byId = new Map(loadout.placements.map((placement) => [placement.id, placement]));
  for (const [at, { id, kit, place }] of loadout.modules.entries()) {
    const field = `modules[${at}]`;
    if (!isId(id)) return { field: `${field}.id`, message: says.noId(id) };
    if (ids.has(id)) return { field: `${field}.id`, message: says.idTwice(id) };
    ids.add(id);
    if (!bench.loadouts.has(kit)) return { field: `${field}.kit`, message: says.noKit(kit) };
    const why = whyNotGround(place);
    if (why) return { field: `${field}.place`, message: why };
    if (isOnGround(place)) continue;
    const problem = whyNotIn(place, byId, bench.shelf);
    if (problem) return { field: `${field}.${problem.field}`, message: problem.message };
    if (byId.get(place.in)!.count > 1) {
      return { field: `${field}.place`, message: says.filledIsOne() };
    }
  }
  return null;
}
