import { fitnesses, isAtHand, isSpent, type Gear, type JobId, type Supply } from '../gear';
import { placedByGear, type Bench } from '../loadout';
import { drained } from '../steps';
import { isUntried, trustOf } from '../upkeep';

/** A piece of the shelf that is not all placed yet. */
export interface Free {
  readonly gear: Gear;
  readonly free: number;
}

/** One that does a job. */
export interface Offer extends Free {
  readonly supply: Supply;
}

/** So many pieces of a shelf are looked at in one step. */
const atATime = 500;

/** What of the shelf is free and of use, in its order. Retired and lent gear, wishes, what is used up and what failed are left out. */
export function* freeIn(bench: Bench): Generator<void, readonly Free[]> {
  const placed = placedByGear(bench);
  const found: Free[] = [];
  let at = 0;
  for (const gear of bench.shelf.values()) {
    at += 1;
    if (at % atATime === 0) yield;
    if (!isAtHand(gear) || isSpent(gear) || trustOf(gear) === 'failed') continue;
    const free = gear.count - [...placed.get(gear.id)!.values()].reduce((sum, n) => sum + n, 0);
    if (free > 0) found.push({ gear, free });
  }
  return found;
}

/**
 * What the shelf has for any of these jobs: the best made for it first, of those what held when it was tried, then the lighter. What relies on something else may still not be a way.
 */
export function offersFor(bench: Bench, anyOf: readonly JobId[]): readonly Offer[] {
  return drained(freeIn(bench))
    .flatMap(({ gear, free }) => {
      const [supply] = gear.supplies.filter(({ job }) => anyOf.includes(job)).sort(byFitness);
      return supply ? [{ offer: { gear, supply, free }, untried: Number(isUntried(gear)) }] : [];
    })
    .sort(
      ({ offer: one, untried }, { offer: other, untried: otherUntried }) =>
        byFitness(one.supply, other.supply) ||
        untried - otherUntried ||
        (one.gear.massG ?? Infinity) - (other.gear.massG ?? Infinity),
    )
    .map(({ offer }) => offer);
}

function byFitness(one: Supply, other: Supply): number {
  return fitnesses.indexOf(one.fitness) - fitnesses.indexOf(other.fitness);
}
