import {
  benchOfVersion,
  differenceOf,
  withModules,
  type Bench,
  type Difference,
  type Loadout,
  type Version,
} from '../loadout';

/** The last version that was kept of a kit; null where none was. Of several of one day, the one kept last. */
export function lastVersionOf(kit: string, { versions }: Bench): Version | null {
  let last: Version | null = null;
  for (const version of versions.values()) {
    if (version.kit === kit && (last === null || version.day >= last.day)) last = version;
  }
  return last;
}

/** What is otherwise in a kit than in its last version; null where none was kept. */
export function sinceLastVersion(
  bench: Bench,
  kit: Loadout,
): { readonly day: string; readonly difference: Difference } | null {
  const last = lastVersionOf(kit.id, bench);
  if (last === null) return null;
  const then = benchOfVersion(last);
  const difference = differenceOf(
    { loadout: withModules(then, last.loadout), shelf: then.shelf },
    { loadout: withModules(bench, kit), shelf: bench.shelf },
  );
  return { day: last.day, difference };
}
