import type { Bench } from '../loadout';
import { formatName, formatVersion } from './schema';

/**
 * A bench as a file's text: all that it holds, each kind in the order of its ids, so that the same bench is
 * always the same text. Reading it gives the same bench.
 */
export function writeFile(bench: Bench): string {
  const file = {
    format: formatName,
    version: formatVersion,
    currency: bench.currency,
    gear: inOrder(bench.shelf),
    loadouts: inOrder(bench.loadouts),
    schemes: inOrder(bench.schemes),
    lists: inOrder(bench.lists),
    versions: inOrder(bench.versions),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

function inOrder<T extends { readonly id: string }>(entries: ReadonlyMap<string, T>): readonly T[] {
  return [...entries.values()].sort((one, other) => (one.id < other.id ? -1 : 1));
}
