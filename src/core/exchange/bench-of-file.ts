import { benchWithParts, byId, type Bench, type Part, type Parts, type Version } from '../loadout';
import type { AcornFile } from './schema';

/** The bench that a file holds, entry by entry. The file is taken as it is: what comes from elsewhere is read. */
export function benchOfFile(file: AcornFile): Bench {
  const versions = file.versions.map((version) => withItsGear(version, file.kept));
  const lists: { readonly [P in Part]: readonly Parts[P][] } = { ...file, versions };
  return benchWithParts(file.currency, (part) => byId<Parts[typeof part]>(lists[part]));
}

/** A version with each piece itself where it gave the number of one that is kept. */
function withItsGear(version: AcornFile['versions'][number], kept: AcornFile['kept']): Version {
  return {
    ...version,
    gear: version.gear.map((each) => (typeof each === 'number' ? kept[each]! : each)),
  };
}
