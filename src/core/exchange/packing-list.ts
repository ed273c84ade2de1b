import type { Gear } from '../gear';
import {
  gearOf,
  grounds,
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
  /** With all that is in it. */
  readonly totals: Totals;
}

/** The kit from its grounds inwards: each holder, then what is in it. Empty grounds are left out. */
export function packingByHolder(
  loadout: Loadout,
  shelf: Shelf,
): readonly { readonly ground: Ground; readonly lines: readonly PackingLine[] }[] {
  const tree = treeOf(loadout);
  const { branches } = totalsOf(loadout, shelf);
  return grounds
    .map((ground) => ({
      ground,
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
): readonly { readonly category: Category; readonly lines: readonly PackingLine[] }[] {
  const { branches } = totalsOf(loadout, shelf);
  const lines = loadout.placements.map((placement) => ({
    placement,
    gear: gearOf(shelf, placement),
    depth: 0,
    cavity: null,
    totals: branches.get(placement.id)!,
  }));
  return scheme.categories.map((category) => ({
    category,
    lines: lines.filter(({ gear }) => homeCategory(scheme, gear).id === category.id),
  }));
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
