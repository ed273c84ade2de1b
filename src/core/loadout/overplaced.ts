import type { Bench } from './bench';

/** Gear of which more is placed, over all kits, than there is. */
export interface Overplaced {
  readonly gear: string;
  readonly count: number;
  readonly placed: number;
  /** The kits that it is placed in itself, each with how many; a kit that goes along twice wants them twice. */
  readonly in: readonly { readonly loadout: string; readonly count: number }[];
}

/** Every gear placed beyond its count, in the shelf's order; what is shared on purpose is left out. */
export function overplaced(bench: Bench): readonly Overplaced[] {
  return [...placedByGear(bench)].flatMap(([gear, byLoadout]) => {
    const { count, isShared } = bench.shelf.get(gear)!;
    if (isShared) return [];
    const placed = [...byLoadout.values()].reduce((sum, part) => sum + part, 0);
    if (placed <= count) return [];
    const where = [...byLoadout].map(([loadout, part]) => ({ loadout, count: part }));
    return [{ gear, count, placed, in: where }];
  });
}

/**
 * How many of each gear are wanted, by gear and then by the kit that they are placed in. A kit that goes along is there
 * once: in two places at a time it wants all that is in it twice. What is there anyhow is wanted by nobody.
 */
export function placedByGear(bench: Bench): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const placed = new Map<string, Map<string, number>>();
  for (const gear of bench.shelf.keys()) placed.set(gear, new Map());
  const times = timesWanted(bench);
  for (const loadout of bench.loadouts.values()) {
    for (const { gear, count, isAssumed } of loadout.placements) {
      if (isAssumed) continue;
      const byLoadout = placed.get(gear);
      const wanted = count * times(loadout.id);
      byLoadout?.set(loadout.id, (byLoadout.get(loadout.id) ?? 0) + wanted);
    }
  }
  return placed;
}

/** In how many places at a time a kit is wanted: in those that it goes along in, and on its own where in none. */
function timesWanted(bench: Bench): (kit: string) => number {
  const hosts = new Map<string, string[]>();
  for (const { id, modules } of bench.loadouts.values()) {
    for (const { kit } of modules) hosts.set(kit, [...(hosts.get(kit) ?? []), id]);
  }
  const known = new Map<string, number>();
  const times = (kit: string): number => {
    const found = known.get(kit);
    if (found !== undefined) return found;
    // Kits never go round in a ring; were one to, it would be wanted once.
    known.set(kit, 1);
    const wanted = (hosts.get(kit) ?? []).reduce((sum, host) => sum + times(host), 0);
    known.set(kit, Math.max(1, wanted));
    return known.get(kit)!;
  };
  return times;
}
