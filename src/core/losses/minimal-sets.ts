import type { JobId } from '../gear';
import {
  apartFrom,
  askedOf,
  lossesOn,
  nothingLost,
  wayIn,
  withLoss,
  type Asked,
  type Formula,
  type Lost,
} from '../ways';
import { type ConditionId, type Loss } from '../loadout';
import { lossId } from './loss-id';

/** How many losses are looked at together at most. */
export const mostTogether = 3 as const;

export interface LossSearch {
  /** Sets of up to so many losses. */
  readonly upTo: 1 | 2 | 3;
  /** The conditions that may be part of a set. */
  readonly conditions: readonly ConditionId[];
  /** What is lost or holds already, and is part of no set. */
  readonly given?: Lost;
}

/** What leaves a job undone. */
export interface MinimalSets {
  /** Something does it while no more than what is given is lost. */
  readonly isDone: boolean;
  /**
   * Every set of losses that leaves it undone while each of them is needed for that, the smallest first. Items of one
   * placement are alike: a set that takes two of them has their loss twice.
   */
  readonly sets: readonly (readonly Loss[])[];
}

/**
 * All minimal sets of losses that leave a job undone, or several any of which will do. Exact.
 *
 * Each way must be hit by one of the set. So some way is taken and each loss on it tried, and for what is then left some way
 * is taken again; the last loss of a set is on every way that is left, so that what one way does without is no candidate.
 * Where more ways are left that share no loss than losses may still come, there is no set.
 */
export function minimalSets(
  formula: Formula,
  anyOf: readonly JobId[],
  { upTo, conditions, given = nothingLost }: LossSearch,
): MinimalSets {
  const asked = askedOf(formula, anyOf, conditions, given.conditions);
  const first = wayIn(asked, given);
  if (first === null) return { isDone: false, sets: [] };
  if (apartFrom(asked, given, upTo + 1) > upTo) return { isDone: true, sets: [] };
  const found = new SetsFound();
  for (const loss of lastLosses(asked, given)) found.add([loss]);
  if (upTo === 1) return { isDone: true, sets: found.sets };
  const ones = lossesOn(asked, first, given).filter((loss) => !found.holds([loss]));
  const after = ones.map((loss) => ({ loss, lost: withLoss(given, loss) }));
  for (const { loss, lost } of after) {
    if (apartFrom(asked, lost, 2) > 1) continue;
    for (const other of lastLosses(asked, lost)) found.add([loss, other]);
  }
  if (upTo === 2) return { isDone: true, sets: found.sets };
  const tried = new Set<string>();
  for (const { loss, lost } of after) {
    if (apartFrom(asked, lost, 3) > 2) continue;
    for (const second of lossesOn(asked, wayIn(asked, lost)!, lost)) {
      const pair = [loss, second];
      const name = nameOf(pair);
      if (tried.has(name) || found.holds(pair)) continue;
      tried.add(name);
      const both = withLoss(lost, second);
      for (const third of lastLosses(asked, both)) found.add([...pair, third]);
    }
  }
  return { isDone: true, sets: found.sets };
}

/** Every loss that by itself leaves undone what is still done. */
function lastLosses(asked: Asked, lost: Lost): readonly Loss[] {
  let candidates = lossesOn(asked, wayIn(asked, lost)!, lost);
  const last: Loss[] = [];
  while (candidates.length > 0) {
    const [loss, ...others] = candidates as [Loss, ...Loss[]];
    const next = withLoss(lost, loss);
    const way = wayIn(asked, next);
    if (way === null) {
      last.push(loss);
      candidates = others;
      continue;
    }
    const on = new Set(lossesOn(asked, way, lost).map(lossId));
    candidates = others.filter((each) => on.has(lossId(each)));
  }
  return last;
}

/** The minimal sets found so far; smaller ones have to be added before larger ones. */
class SetsFound {
  readonly sets: (readonly Loss[])[] = [];
  private readonly names = new Set<string>();

  /** Adds a set that leaves the job undone, unless a part of it, or it itself, is there already. */
  add(set: readonly Loss[]): void {
    if (this.holds(set)) return;
    this.sets.push(set);
    this.names.add(nameOf(set));
  }

  /** Whether a set of these losses, or of some of them, is there. */
  holds(set: readonly Loss[]): boolean {
    return partsOf(set).some((part) => this.names.has(nameOf(part)));
  }
}

/** Every part of a set of up to three that is not empty. */
function partsOf(set: readonly Loss[]): readonly (readonly Loss[])[] {
  const [first, ...others] = set;
  if (first === undefined) return [];
  const without = partsOf(others);
  return [[first], ...without, ...without.map((part) => [first, ...part])];
}

function nameOf(set: readonly Loss[]): string {
  return set.map(lossId).sort().join('\n');
}
