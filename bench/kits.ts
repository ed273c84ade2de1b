import { septemberTraverse } from '../src/core/demo/briefs';
import { gearOfKind, kinds } from '../src/core/catalogue';
import type { Gear } from '../src/core/gear';
import {
  emptyBench,
  newPlacement,
  type Bench,
  type Loadout,
  type Place,
} from '../src/core/loadout';

/** A shelf of so many lines, of every kind in turn, the same each time. */
export function shelfOf(lines: number): readonly Gear[] {
  return Array.from({ length: lines }, (_, at) => {
    const kind = kinds[(at * 37) % kinds.length]!;
    return { ...gearOfKind(kind, `gear-${at}`, `${kind.name} no. ${at + 1}`), count: 3 };
  });
}

/** A bench with one kit of so many placements: a few holders, and everything else spread over them. */
export function benchWith(placements: number): Bench {
  const shelf = shelfOf(placements);
  const holders = shelf.filter(({ cavities }) => cavities.length > 0).slice(0, 12);
  const isHolder = new Set(holders.map(({ id }) => id));
  const loadout: Loadout = {
    id: 'kit',
    name: `Kit of ${placements}`,
    purpose: '',
    mostMassG: 40_000,
    mostPriceMinor: null,
    placements: shelf.map((gear, at) => {
      const holder = holders[at % holders.length];
      const place: Place =
        isHolder.has(gear.id) || !holder
          ? { on: 'body' }
          : { in: holder.id, cavity: holder.cavities[0]!.id };
      return newPlacement(gear.id, gear.id, place);
    }),
    wishes: [],
    brief: septemberTraverse,
    otherBriefs: [],
    modules: [],
    seals: [],
  };
  return {
    ...emptyBench,
    shelf: new Map(shelf.map((gear) => [gear.id, gear])),
    loadouts: new Map([[loadout.id, loadout]]),
  };
}
