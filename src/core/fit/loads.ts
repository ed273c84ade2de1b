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
import { cavityQuestion, itemsIn, itemsOf, type CavityQuestion } from './cavity-load';
import type { Stowage } from './load/stowage';
import type { FitAnswer } from './question';
import { withLaidOut } from './verdict';

/** What was laid out before, by what is asked; null where that was not yet. */
export type LaidOut = (question: CavityQuestion) => Stowage | null;

/** Nothing was laid out yet: answers go by bulk. */
export const notLaidOut: LaidOut = () => null;

/** One cavity of a placed holder, and how what is in it fits. */
export interface CavityLoad {
  readonly placement: string;
  readonly cavity: string;
  readonly question: CavityQuestion;
  readonly answer: FitAnswer;
}

/** How every cavity of a loadout is filled by bulk, in the order of the placements. */
export function loadsOf(loadout: Loadout, shelf: Shelf): readonly CavityLoad[] {
  return loadout.placements.flatMap((placement) =>
    gearOf(shelf, placement).cavities.map((cavity): CavityLoad => {
      const question = cavityQuestion(loadout, shelf, placement.id, cavity.id)!;
      const answer = fitByBulk({ cavity, items: question.items });
      return { placement: placement.id, cavity: cavity.id, question, answer };
    }),
  );
}

/** The same with what was laid out: from then on that is the answer. */
export function loadsLaidOut(
  loads: readonly CavityLoad[],
  laidOut: LaidOut,
): readonly CavityLoad[] {
  if (laidOut === notLaidOut) return loads;
  return loads.map((load) => {
    const stowage = canBeLaidOut(load.question) ? laidOut(load.question) : null;
    return stowage ? { ...load, answer: withLaidOut(load.answer, load.question, stowage) } : load;
  });
}

/** Whether there is anything in a cavity whose size is known. */
export function canBeLaidOut({ items, unmeasured }: CavityQuestion): boolean {
  return items.length > unmeasured.length;
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
