import { kitsWithin, type Bench, type Loadout } from '../loadout';
import type { Wanting } from '../gear';

/** What of the bench decides which lots lie in one kit: who else wants them, and where the kits that go along are kept. */
export interface LotsElsewhere {
  /** Of each gear, what other kits want of it, in the order of the bench. */
  readonly claims: ReadonlyMap<string, readonly Wanting[]>;
  /** Where each kit stands in the bench: lots are dealt out in that order. */
  readonly order: ReadonlyMap<string, number>;
  /** The kits that go along in this one, by id. */
  readonly along: ReadonlyMap<string, Loadout>;
}

/** A kit by itself: nobody else wants anything. */
export const nobodyElse: LotsElsewhere = {
  claims: new Map(),
  order: new Map(),
  along: new Map(),
};

interface Index {
  readonly claims: ReadonlyMap<string, readonly Wanting[]>;
  readonly order: ReadonlyMap<string, number>;
}

const indexed = new WeakMap<Bench['loadouts'], Index>();

/** What every kit of a bench wants of each gear, found once. */
function indexOf({ loadouts }: Bench): Index {
  const found = indexed.get(loadouts);
  if (found) return found;
  const claims = new Map<string, Wanting[]>();
  for (const { id, placements } of loadouts.values()) {
    for (const { gear, count } of placements) {
      const same = claims.get(gear);
      if (same) same.push({ kit: id, count });
      else claims.set(gear, [{ kit: id, count }]);
    }
  }
  const order = new Map([...loadouts.keys()].map((id, at) => [id, at]));
  const index = { claims, order };
  indexed.set(loadouts, index);
  return index;
}

/** Who else of a bench wants the lots that a kit has, which is laid out with the kits that go along in it. */
export function lotsElsewhere(bench: Bench, own: Loadout): LotsElsewhere {
  const { claims, order } = indexOf(bench);
  const along = new Map(
    own.modules.length === 0
      ? []
      : [...kitsWithin(bench, own.id)].flatMap((id) => {
          const kit = bench.loadouts.get(id);
          return kit && id !== own.id ? [[id, kit] as const] : [];
        }),
  );
  const others = new Map<string, readonly Wanting[]>();
  for (const { placements } of [own, ...along.values()]) {
    for (const { gear: id } of placements) {
      const gear = bench.shelf.get(id);
      if (others.has(id) || !gear || (gear.lots.length === 0 && gear.goodUntil === null)) continue;
      const theirs = (claims.get(id) ?? []).filter(({ kit }) => kit !== own.id && !along.has(kit));
      if (theirs.length > 0) others.set(id, theirs);
    }
  }
  return { claims: others, order, along };
}

/** Whether the same lots are dealt to a kit as before. */
export function isDealtAlike(one: LotsElsewhere, other: LotsElsewhere): boolean {
  const told = ({ claims, order }: LotsElsewhere) =>
    JSON.stringify(
      [...claims].map(([gear, wanted]) => [gear, wanted, wanted.map(({ kit }) => order.get(kit))]),
    );
  return one.claims.size === other.claims.size && told(one) === told(other);
}
