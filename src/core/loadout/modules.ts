import {
  isOnGround,
  type Bench,
  type Loadout,
  type Module,
  type Place,
  type Placement,
} from './bench';

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
