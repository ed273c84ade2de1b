import { benchOfVersion, kitsByName, withModules, type Bench, type Side } from '@/core/loadout';

/** A kit or a version that can be held against another. */
export interface NamedSide {
  readonly key: string;
  readonly name: string;
  readonly kit: string;
  readonly side: Side;
}

/** Every kit as it is now, and every version of one. */
export function sidesOf(bench: Bench): readonly NamedSide[] {
  const kits = kitsByName(bench).map((loadout) => ({
    key: `kit ${loadout.id}`,
    name: `${loadout.name}, now`,
    kit: loadout.id,
    side: { loadout: withModules(bench, loadout), shelf: bench.shelf },
  }));
  const versions = [...bench.versions.values()]
    .sort((one, other) => (one.day < other.day ? -1 : 1))
    .map((version) => {
      const then = benchOfVersion(version);
      return {
        key: `version ${version.id}`,
        name: `${version.loadout.name}, ${version.day}${version.note === '' ? '' : `: ${version.note}`}`,
        kit: version.kit,
        side: { loadout: withModules(then, version.loadout), shelf: then.shelf },
      };
    });
  return [...kits, ...versions];
}
