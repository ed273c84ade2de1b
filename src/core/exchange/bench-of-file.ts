import type { Bench, Version } from '../loadout';
import type { AcornFile } from './schema';

/** The bench that a file holds, entry by entry. The file is taken as it is: what comes from elsewhere is read. */
export function benchOfFile(file: AcornFile): Bench {
  return {
    currency: file.currency,
    shelf: byId(file.gear),
    loadouts: byId(file.loadouts),
    schemes: byId(file.schemes),
    lists: byId(file.lists),
    versions: byId(file.versions.map((version) => withItsGear(version, file.kept))),
  };
}

/** A version with each piece itself where it gave the number of one that is kept. */
function withItsGear(version: AcornFile['versions'][number], kept: AcornFile['kept']): Version {
  return {
    ...version,
    gear: version.gear.map((each) => (typeof each === 'number' ? kept[each]! : each)),
  };
}

function byId<T extends { readonly id: string }>(entries: readonly T[]): ReadonlyMap<string, T> {
  return new Map(entries.map((entry) => [entry.id, entry]));
}
