import { says, type Problem } from '../quantity';
import { isId } from '../gear';
import { isOnGround, type Bench, type Loadout } from './bench';
import { whyNotGround, whyNotIn } from './whereabouts';

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
