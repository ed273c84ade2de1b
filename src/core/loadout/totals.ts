import { bulkOf, massNowG, type Bulk, type Gear } from '../gear';
import { gearOf, isOnGround, type Loadout, type Placement, type Shelf } from './bench';
import { branchOf, treeOf, type Tree } from './tree';

/** Mass, bulk and price of something, without what is there anyhow, with how many pieces of it have no figure. */
export interface Totals {
  readonly pieces: number;
  readonly massG: number;
  readonly unweighed: number;
  /** The room it takes from outside: what is inside a rigid holder takes none of its own. */
  readonly bulk: Bulk;
  readonly unmeasured: number;
  readonly priceMinor: number;
  readonly unpriced: number;
}

/** The totals of a loadout: every branch by its placement's id, and the whole. */
export interface LoadoutTotals {
  readonly whole: Totals;
  readonly branches: ReadonlyMap<string, Totals>;
}

export const noTotals: Totals = {
  pieces: 0,
  massG: 0,
  unweighed: 0,
  bulk: { tightMl: 0, looseMl: 0 },
  unmeasured: 0,
  priceMinor: 0,
  unpriced: 0,
};

const added = new WeakMap<Loadout, { readonly shelf: Shelf; readonly totals: LoadoutTotals }>();

/** A loadout added up from its leaves to its grounds, once over every placement; kept until it or the shelf changes. */
export function totalsOf(loadout: Loadout, shelf: Shelf): LoadoutTotals {
  const kept = added.get(loadout);
  if (kept?.shelf === shelf) return kept.totals;
  const totals = addedUp(loadout, shelf);
  added.set(loadout, { shelf, totals });
  return totals;
}

function addedUp(loadout: Loadout, shelf: Shelf): LoadoutTotals {
  const tree = treeOf(loadout);
  const branches = new Map<string, Totals>();
  const roots = loadout.placements.filter((placement) => isOnGround(placement.place));
  for (const root of roots) {
    // Backwards, what is in a holder comes before the holder.
    for (const placement of [...branchOf(tree, root.id)].reverse()) {
      branches.set(placement.id, branchTotals(placement, tree, shelf, branches));
    }
  }
  return { whole: sumOf(roots.map(({ id }) => branches.get(id)!)), branches };
}

/** The sum of totals that lie side by side. */
export function sumOf(parts: readonly Totals[]): Totals {
  return parts.reduce(
    (sum, part) => ({
      pieces: sum.pieces + part.pieces,
      massG: sum.massG + part.massG,
      unweighed: sum.unweighed + part.unweighed,
      bulk: {
        tightMl: sum.bulk.tightMl + part.bulk.tightMl,
        looseMl: sum.bulk.looseMl + part.bulk.looseMl,
      },
      unmeasured: sum.unmeasured + part.unmeasured,
      priceMinor: sum.priceMinor + part.priceMinor,
      unpriced: sum.unpriced + part.unpriced,
    }),
    noTotals,
  );
}

/** The totals of a placement, those of what is in it being known. */
function branchTotals(
  placement: Placement,
  tree: Tree,
  shelf: Shelf,
  branches: ReadonlyMap<string, Totals>,
): Totals {
  const gear = gearOf(shelf, placement);
  const contents = sumOf(tree.within(placement.id).map(({ id }) => branches.get(id)!));
  const own = countedTotals(gear, placement);
  return {
    ...sumOf([own, contents]),
    bulk: outsideBulk(gear, own.bulk, contents),
    unmeasured: own.unmeasured + (isSoftWalled(gear) ? contents.unmeasured : 0),
  };
}

/** What is there anyhow weighs and costs the kit nothing. */
function countedTotals(gear: Gear, { count, isAssumed }: Placement): Totals {
  const own = ownTotals(gear, count);
  return isAssumed ? { ...own, massG: 0, unweighed: 0, priceMinor: 0, unpriced: 0 } : own;
}

/** So many of a piece by themselves, with nothing in them. */
export function ownTotals(gear: Gear, count: number): Totals {
  const one = gear.form === null ? noTotals.bulk : bulkOf(gear.form);
  return {
    pieces: count,
    massG: (massNowG(gear) ?? 0) * count,
    unweighed: gear.massG === null ? count : 0,
    bulk: { tightMl: one.tightMl * count, looseMl: one.looseMl * count },
    unmeasured: gear.form === null ? count : 0,
    priceMinor: (gear.priceMinor ?? 0) * count,
    unpriced: gear.priceMinor === null ? count : 0,
  };
}

/**
 * The room that a piece takes with its contents in it. A rigid holder keeps its outside; a soft one
 * takes its own cloth pressed tight plus what is in it, and no less than it takes by itself.
 */
function outsideBulk(gear: Gear, own: Bulk, contents: Totals): Bulk {
  if (!isSoftWalled(gear) || contents.pieces === 0) return own;
  const clothMl = own.tightMl;
  return {
    tightMl: clothMl + contents.bulk.tightMl,
    looseMl: Math.max(clothMl + contents.bulk.looseMl, own.looseMl),
  };
}

function isSoftWalled(gear: Gear): boolean {
  return gear.form?.shape === 'soft';
}
