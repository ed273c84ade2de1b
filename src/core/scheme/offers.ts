import { fitnesses, isAtHand, isSpent, type Gear, type JobId, type Supply } from '../gear';
import { placedByGear, type Bench } from '../loadout';
import { isUntried, trustOf } from '../upkeep';

/** A piece of the shelf that does a job and is not all placed yet. */
export interface Offer {
  readonly gear: Gear;
  readonly supply: Supply;
  readonly free: number;
}

/**
 * What the shelf has for any of these jobs: the best made for it first, of those what held when it was tried, then the lighter. Retired and
 * lent gear, wishes, what is used up and what failed are left out. What relies on something else may still not be a way.
 */
export function offersFor(bench: Bench, anyOf: readonly JobId[]): readonly Offer[] {
  const placed = placedByGear(bench);
  return [...bench.shelf.values()]
    .filter((gear) => isAtHand(gear) && !isSpent(gear) && trustOf(gear) !== 'failed')
    .flatMap((gear) => {
      const free = gear.count - [...placed.get(gear.id)!.values()].reduce((sum, n) => sum + n, 0);
      const [supply] = gear.supplies.filter(({ job }) => anyOf.includes(job)).sort(byFitness);
      return supply && free > 0 ? [{ gear, supply, free }] : [];
    })
    .sort(
      (one, other) =>
        byFitness(one.supply, other.supply) ||
        Number(isUntried(one.gear)) - Number(isUntried(other.gear)) ||
        (one.gear.massG ?? Infinity) - (other.gear.massG ?? Infinity),
    );
}

function byFitness(one: Supply, other: Supply): number {
  return fitnesses.indexOf(one.fitness) - fitnesses.indexOf(other.fitness);
}
