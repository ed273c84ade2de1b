import type { Bench } from '../loadout';
import type { AcornFile } from './schema';

/** The bench that a file holds, entry by entry. The file is taken as it is: what comes from elsewhere is read. */
export function benchOfFile(file: AcornFile): Bench {
  return {
    currency: file.currency,
    shelf: byId(file.gear),
    loadouts: byId(file.loadouts),
    schemes: byId(file.schemes),
    lists: byId(file.lists),
    versions: byId(file.versions),
  };
}

function byId<T extends { readonly id: string }>(entries: readonly T[]): ReadonlyMap<string, T> {
  return new Map(entries.map((entry) => [entry.id, entry]));
}
