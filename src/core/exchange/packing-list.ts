import type { Gear } from '../gear';
import {
  gearOf,
  grounds,
  ownTotals,
  sumOf,
  totalsOf,
  treeOf,
  type Ground,
  type Loadout,
  type Placement,
  type Shelf,
  type Totals,
  type Tree,
} from '../loadout';
import { homeCategory, type Category, type Scheme } from '../scheme';

/** One line of a packing list, `depth` holders deep. */
export interface PackingLine {
  readonly placement: Placement;
  readonly gear: Gear;
  readonly depth: number;
  /** The cavity it is in, where its holder has several; else null. */
  readonly cavity: string | null;
  /** By holder with all that is in it; by category by itself, as what is in it has lines of its own. */
  readonly totals: Totals;
}

export interface GroundLines {
  readonly ground: Ground;
  readonly massG: number;
  readonly lines: readonly PackingLine[];
}

export interface CategoryLines {
  readonly category: Category;
  readonly massG: number;
  readonly lines: readonly PackingLine[];
}

/** The kit from its grounds inwards: each holder, then what is in it. Empty grounds are left out. */
export function packingByHolder(loadout: Loadout, shelf: Shelf): readonly GroundLines[] {
  const tree = treeOf(loadout);
  const { branches } = totalsOf(loadout, shelf);
  return grounds
    .map((ground) => ({
      ground,
      massG: sumOf(tree.on(ground).map(({ id }) => branches.get(id)!)).massG,
      lines: tree
        .on(ground)
        .flatMap((placement) => linesOf(placement, 0, null, tree, shelf, branches)),
    }))
    .filter(({ lines }) => lines.length > 0);
}

/** The kit by the categories its pieces are laid in, empty ones too, since what is missing matters. */
export function packingByCategory(
  loadout: Loadout,
  shelf: Shelf,
  scheme: Scheme,
): readonly CategoryLines[] {
  const lines = loadout.placements.map((placement): PackingLine => {
    const gear = gearOf(shelf, placement);
    return { placement, gear, depth: 0, cavity: null, totals: ownTotals(gear, placement.count) };
  });
  return scheme.categories.map((category) => {
    const own = lines.filter(
      ({ gear, placement }) => homeCategory(scheme, gear, placement.laidFor).id === category.id,
    );
    return { category, massG: sumOf(own.map(({ totals }) => totals)).massG, lines: own };
  });
}

function linesOf(
  placement: Placement,
  depth: number,
  cavity: string | null,
  tree: Tree,
  shelf: Shelf,
  branches: ReadonlyMap<string, Totals>,
): readonly PackingLine[] {
  const gear = gearOf(shelf, placement);
  const inside = gear.cavities.flatMap(({ id, name }) =>
    tree
      .inCavity(placement.id, id)
      .flatMap((inner) =>
        linesOf(inner, depth + 1, gear.cavities.length > 1 ? name : null, tree, shelf, branches),
      ),
  );
  return [{ placement, gear, depth, cavity, totals: branches.get(placement.id)! }, ...inside];
}
