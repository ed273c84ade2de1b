import { septemberTraverse } from '../src/core/demo/briefs';
import { gearOfKind, kinds } from '../src/core/catalogue';
import { bulkOf, lotOf, type Gear } from '../src/core/gear';
import { dayAfter } from '../src/core/quantity';
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
    copyOf: null,
  };
  return {
    ...emptyBench,
    shelf: new Map(shelf.map((gear) => [gear.id, gear])),
    loadouts: new Map([[loadout.id, loadout]]),
  };
}

/** A bench of so many kits on one shelf, and so many lots over all of it, each with a history of its own. */
export function benchOfLots(kits: number, lots: number): Bench {
  const perGear = 5;
  const shelf = shelfOf(lots / perGear).map((gear, at): Gear => ({
    ...gear,
    count: 3 * perGear,
    lots: Array.from({ length: perGear }, (_, of) => ({
      ...lotOf(3, {
        cameOn: dayAfter('2023-01-01', (at * 7 + of * 101) % 900),
        checkedOn: dayAfter('2026-01-01', (at * 11 + of * 37) % 330),
        goodUntil: of % 2 === 0 ? dayAfter('2026-10-01', (at * 13 + of * 211) % 1500) : null,
        kit: of < 3 ? `kit-${(at + of) % kits}` : null,
        store: of === 1 ? 'in the car' : '',
      }),
      id: `lot-${of}`,
    })),
  }));
  const loadouts = Array.from({ length: kits }, (_, at): Loadout => {
    const own = shelf.filter((_gear, of) => of % kits === at || (of + 1) % kits === at);
    const [usual] = benchWith(1).loadouts.values();
    return {
      ...usual!,
      id: `kit-${at}`,
      name: `Kit ${at}`,
      placements: own.map(({ id }) => newPlacement(id, id, { on: 'house' }, 4)),
    };
  });
  return {
    ...emptyBench,
    shelf: new Map(shelf.map((gear) => [gear.id, gear])),
    loadouts: new Map(loadouts.map((kit) => [kit.id, kit])),
  };
}

/** A bench with a 75 L pack, a few pouches and so many small pieces, all on the mat. */
export function benchToPack(pieces: number): Bench {
  const small = kinds.filter(
    ({ cavities, form }) => cavities.length === 0 && bulkOf(form).tightMl < 250,
  );
  const holders = ['pack-75', 'belt-pouch', 'accessory-pouch', 'dry-bag'].map((id) =>
    kinds.find((kind) => kind.id === id)!,
  );
  const all = [
    ...holders,
    ...Array.from({ length: pieces }, (_, at) => small[(at * 37) % small.length]!),
  ];
  const shelf = all.map((kind, at) => gearOfKind(kind, `gear-${at}`, `${kind.name} no. ${at + 1}`));
  const loadout: Loadout = {
    ...benchWith(0).loadouts.get('kit')!,
    placements: shelf.map(({ id }) => newPlacement(id, id, { on: 'mat' })),
  };
  return {
    ...emptyBench,
    shelf: new Map(shelf.map((gear) => [gear.id, gear])),
    loadouts: new Map([[loadout.id, loadout]]),
  };
}
