import { lotsOf, sharedOut, type Gear, type Lot, type LotShare } from '../gear';
import { gearOf, type Bench, type Loadout, type Placement, type Shelf } from '../loadout';
import { goodUntilOf } from './good-until';
import { nobodyElse, type LotsElsewhere } from './elsewhere-lots';
import { storeNamed, warmthOf, type Warmth } from './store';

/** So many of one lot at one place: in a kit, or on the shelf in none. */
export interface Held {
  /** Null on the shelf. */
  readonly kit: Loadout | null;
  readonly placement: Placement | null;
  readonly gear: Gear;
  readonly lot: Lot;
  readonly count: number;
  readonly warmth: Warmth;
}

/** How warm a lot lies: where its owner says, or else where its kit is kept. */
export function warmthOfLot({ store }: Lot, kit: Loadout | null): Warmth {
  const brief = kit?.brief ?? null;
  return warmthOf(store === '' ? (brief?.storedIn ?? 'house') : storeNamed(store), brief);
}

/** Whether a lot is relied on, on a day, where it lies; dates do not matter where no day is asked about. */
export function isGoodOn(gear: Gear, lot: Lot, day: string | null, kit: Loadout | null): boolean {
  if (lot.amiss !== null) return false;
  if (day === null) return true;
  const until = goodUntilOf(gear, lot, warmthOfLot(lot, kit));
  return until === null || until.day >= day;
}

/** The kit that a placement is kept in: its own, where it goes along in another. */
export function keptIn(
  { along }: Pick<Placement, 'along'>,
  loadout: Loadout,
  elsewhere: LotsElsewhere = nobodyElse,
): Loadout {
  return (along === undefined ? undefined : elsewhere.along.get(along)) ?? loadout;
}

/** The order in which lots are dealt out: by what is printed and known of them, wherever they lie. */
function isGoodAsPrinted(gear: Gear, day: string | null): (lot: Lot) => boolean {
  return (lot) => isGoodOn(gear, lot, day, null);
}

/**
 * The lots at each placement of a kit, by the placement’s id; those of pieces without lots and dates are left out, as they
 * are all alike. Of the lots that lie nowhere known, the oldest that are still good are taken to be here, and none that is dealt to
 * another kit.
 */
export function sharesIn(
  loadout: Loadout,
  shelf: Shelf,
  day: string | null,
  { claims, order }: LotsElsewhere = nobodyElse,
): ReadonlyMap<string, readonly LotShare[]> {
  const byGear = new Map<Gear, Placement[]>();
  for (const placement of loadout.placements) {
    const gear = gearOf(shelf, placement);
    if (gear.lots.length === 0 && gear.goodUntil === null) continue;
    const same = byGear.get(gear);
    if (same) same.push(placement);
    else byGear.set(gear, [placement]);
  }
  const found = new Map<string, readonly LotShare[]>();
  const orderOf = (kit: string) => order.get(kit) ?? Infinity;
  const here = new Set(loadout.placements.map(({ along }) => along ?? loadout.id));
  for (const [gear, placements] of byGear) {
    const wanted = [
      ...placements.map(({ id, along, count }) => ({ id, kit: along ?? loadout.id, count })),
      ...(claims.get(gear.id) ?? [])
        .filter(({ kit }) => !here.has(kit))
        .map((claim) => ({ id: null, ...claim })),
    ].sort((one, other) => orderOf(one.kit) - orderOf(other.kit) || 0);
    const { shares } = sharedOut(lotsOf(gear), wanted, isGoodAsPrinted(gear, day));
    for (const [at, { id }] of wanted.entries()) if (id !== null) found.set(id, shares[at]!);
  }
  return found;
}

/**
 * How many at a place are relied on, on a day.
 *
 * @param wanted as many as are laid out there: where the shelf has fewer, what is not there is told of by itself.
 */
export function goodAmong(
  gear: Gear,
  shares: readonly LotShare[],
  day: string | null,
  kit: Loadout | null,
  wanted: number,
): number {
  const bad = shares.reduce(
    (sum, { lot, count }) => (isGoodOn(gear, lot, day, kit) ? sum : sum + count),
    0,
  );
  if (bad === 0) return wanted;
  return Math.max(0, shares.reduce((sum, { count }) => sum + count, 0) - bad);
}

/** What of the lots at a place is past its date. */
export interface PastDate {
  /** The first of their days; null where none is past. */
  readonly goodUntil: string | null;
  readonly past: number;
  /** That day is earlier than the printed one, as it lies warm. */
  readonly isShortened: boolean;
}

/** How many of the lots at a place are past their date on a day, and the first of those dates. */
export function pastAmong(
  gear: Gear,
  shares: readonly LotShare[],
  day: string,
  kit: Loadout | null,
): PastDate {
  const past = shares
    .flatMap(({ lot, count }) => {
      const until = goodUntilOf(gear, lot, warmthOfLot(lot, kit));
      return until !== null && until.day < day ? [{ until, count }] : [];
    })
    .sort((one, other) => (one.until.day < other.until.day ? -1 : 1));
  const [first] = past;
  return {
    goodUntil: first?.until.day ?? null,
    past: past.reduce((sum, { count }) => sum + count, 0),
    isShortened: first?.until.isShortened ?? false,
  };
}

/** What lies in one kit of its own, lot by lot, as far as that can be told by the kit alone. */
export function heldInKit(
  kit: Loadout,
  shelf: Shelf,
  day: string,
  elsewhere: LotsElsewhere = nobodyElse,
): readonly Held[] {
  const shares = sharesIn(kit, shelf, day, elsewhere);
  return kit.placements.flatMap((placement) => {
    const gear = gearOf(shelf, placement);
    const { count } = placement;
    const own = shares.get(placement.id) ?? lotsOf(gear).map((lot) => ({ lot, count }));
    return own.map((share) => ({
      kit,
      placement,
      gear,
      ...share,
      warmth: warmthOfLot(share.lot, kit),
    }));
  });
}

/** Everything that there is, lot by lot, with where it lies; each is there once, over all kits and the shelf. */
export function heldOn(bench: Bench, day: string): readonly Held[] {
  const places = new Map<string, { readonly kit: Loadout; readonly placement: Placement }[]>();
  for (const kit of bench.loadouts.values()) {
    for (const placement of kit.placements) {
      const same = places.get(placement.gear);
      if (same) same.push({ kit, placement });
      else places.set(placement.gear, [{ kit, placement }]);
    }
  }
  const held: Held[] = [];
  for (const gear of bench.shelf.values()) {
    const of = places.get(gear.id) ?? [];
    const wanted = of.map(({ kit, placement }) => ({ kit: kit.id, count: placement.count }));
    const { shares, rest } = sharedOut(lotsOf(gear), wanted, isGoodAsPrinted(gear, day));
    for (const [at, { kit, placement }] of of.entries()) {
      for (const { lot, count } of shares[at]!) {
        held.push({ kit, placement, gear, lot, count, warmth: warmthOfLot(lot, kit) });
      }
    }
    for (const { lot, count } of rest) {
      held.push({ kit: null, placement: null, gear, lot, count, warmth: warmthOfLot(lot, null) });
    }
  }
  return held;
}
