import type { Bench } from './bench';

/** Gear of which more is placed, over all kits, than there is. */
export interface Overplaced {
  readonly gear: string;
  readonly count: number;
  readonly placed: number;
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

/** How many of each gear are placed, by gear and then by loadout. */
export function placedByGear(bench: Bench): ReadonlyMap<string, ReadonlyMap<string, number>> {
  const placed = new Map<string, Map<string, number>>();
  for (const gear of bench.shelf.keys()) placed.set(gear, new Map());
  for (const loadout of bench.loadouts.values()) {
    for (const { gear, count } of loadout.placements) {
      const byLoadout = placed.get(gear);
      byLoadout?.set(loadout.id, (byLoadout.get(loadout.id) ?? 0) + count);
    }
  }
  return placed;
}
