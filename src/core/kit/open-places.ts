import { areWithinOthers, loadWith, type FitAnswer } from '../fit';
import { cavityOf } from '../gear';
import {
  gearOf,
  grounds,
  isOfModule,
  move,
  samePlace,
  type Loadout,
  type Place,
  type Placement,
} from '../loadout';
import { done, type Outcome } from '../quantity';
import type { WorkedOutKit } from './worked-out';

/** A place that pieces may go to, with how that place would be filled then; grounds are never full. */
export interface OpenPlace {
  readonly place: Place;
  readonly answer: FitAnswer | null;
}

/**
 * Every place of this kit that the core lets all these pieces into: cavities, then grounds, and last those that
 * cannot hold them. A place where all of them are already is left out.
 */
export function openPlaces(
  { bench, whole: loadout, tree }: Pick<WorkedOutKit, 'bench' | 'whole' | 'tree'>,
  placements: readonly Placement[],
): readonly OpenPlace[] {
  const holders = loadout.placements.filter(({ id }) => !isOfModule(id));
  const cavities: readonly Place[] = holders.flatMap((holder) =>
    gearOf(bench.shelf, holder).cavities.map(({ id }) => ({ in: holder.id, cavity: id })),
  );
  const onGround: readonly Place[] = grounds.map((ground) => ({ on: ground }));
  const open = [...cavities, ...onGround].flatMap((place): readonly OpenPlace[] => {
    if (placements.every((placement) => samePlace(place, placement.place))) return [];
    const moved = placements.reduce<Outcome<Loadout>>(
      (sofar, { id }) => (sofar.ok ? move(sofar.value, bench.shelf, id, place) : sofar),
      done(loadout),
    );
    if (!moved.ok) return [];
    if ('on' in place) return [{ place, answer: null }];
    const holder = gearOf(bench.shelf, tree.byId.get(place.in)!);
    const cavity = cavityOf(holder, place.cavity)!;
    // What is taken out of something that lies there already makes that smaller: the kit as it would be.
    const isAsItIs = !areWithinOthers(loadout, place.in, placements);
    const kit = isAsItIs ? loadout : moved.value;
    const brought = isAsItIs ? placements : [];
    return [{ place, answer: loadWith(kit, bench.shelf, place.in, cavity, brought) }];
  });
  return [...open.filter((each) => !isTooSmall(each)), ...open.filter((each) => isTooSmall(each))];
}

/** A place where something would not fit: the piece, or what is there already. */
export function isTooSmall({ answer }: OpenPlace): boolean {
  return answer?.verdict === 'does not fit';
}

/** A place as one word, for keys and for what is dropped on what. */
export function placeKey(place: Place): string {
  return 'on' in place ? `on ${place.on}` : `in ${place.in} ${place.cavity}`;
}
