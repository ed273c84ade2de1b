import type { Cavity } from '../gear';
import {
  gearOf,
  holdersAround,
  treeOf,
  type Loadout,
  type Placement,
  type Shelf,
} from '../loadout';
import { fitByBulk } from './by-bulk';
import { itemsIn, itemsOf } from './items';
import type { FitAnswer } from './question';

/** What is known of how the cavities of a kit were laid out: answers in place of those by bulk. */
export type LaidOut = (
  loadout: Loadout,
  shelf: Shelf,
  loads: readonly CavityLoad[],
) => readonly CavityLoad[];

/** Nothing was laid out yet: answers go by bulk. */
export const notLaidOut: LaidOut = (_loadout, _shelf, loads) => loads;

/** One cavity of a placed holder, and how what is in it fits. */
export interface CavityLoad {
  readonly placement: string;
  readonly cavity: string;
  readonly answer: FitAnswer;
}

/** How every cavity of a loadout is filled by bulk, in the order of the placements. */
export function loadsOf(loadout: Loadout, shelf: Shelf): readonly CavityLoad[] {
  return loadout.placements.flatMap((placement) =>
    gearOf(shelf, placement).cavities.map((cavity): CavityLoad => {
      const items = itemsIn(loadout, shelf, placement.id, cavity.id);
      const answer = fitByBulk({ cavity, items });
      return { placement: placement.id, cavity: cavity.id, answer };
    }),
  );
}

/** Whether there is anything in a cavity whose size is known. */
export function canBeLaidOut({ tightMl }: FitAnswer): boolean {
  return tightMl > 0;
}

/** How one cavity of a placed holder would be filled by bulk, with more of the kit’s placements brought to it. */
export function loadWith(
  loadout: Loadout,
  shelf: Shelf,
  holder: string,
  cavity: Cavity,
  brought: readonly Placement[],
): FitAnswer {
  const moved = new Set(brought.map(({ id }) => id));
  const items = [
    ...itemsIn(loadout, shelf, holder, cavity.id).filter(({ placement }) => !moved.has(placement)),
    ...brought.flatMap((placement) => itemsOf(placement, loadout, shelf)),
  ];
  return fitByBulk({ cavity, items });
}

/** Whether some of these placements are within others that lie in a holder: then those shrink when they are moved. */
export function areWithinOthers(
  loadout: Loadout,
  holder: string,
  placements: readonly Placement[],
): boolean {
  const tree = treeOf(loadout);
  return placements.some((placement) =>
    holdersAround(tree, placement)
      .slice(1)
      .some(({ id }) => id === holder),
  );
}
