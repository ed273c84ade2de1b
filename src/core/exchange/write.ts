import { gearOf, type Bench } from '../loadout';
import { formatName, formatVersion } from './schema';

/**
 * A bench as a file's text: its whole shelf and all its kits, each in the order of their ids, so that the same
 * bench is always the same text. Reading it gives the same bench.
 */
export function writeFile(bench: Bench): string {
  const file = {
    format: formatName,
    version: formatVersion,
    currency: bench.currency,
    gear: [...bench.shelf.values()].sort(byId),
    loadouts: [...bench.loadouts.values()].sort(byId),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** The part of a bench that one kit needs: the kit and the gear that is placed in it. */
export function benchOfKit(bench: Bench, loadoutId: string): Bench {
  const loadout = bench.loadouts.get(loadoutId);
  if (!loadout) throw new Error(`there is no kit ${loadoutId}`);
  const gear = loadout.placements.map((placement) => gearOf(bench.shelf, placement));
  return {
    currency: bench.currency,
    shelf: new Map(gear.map((each) => [each.id, each])),
    loadouts: new Map([[loadout.id, loadout]]),
  };
}

function byId(one: { readonly id: string }, other: { readonly id: string }): number {
  return one.id < other.id ? -1 : 1;
}
