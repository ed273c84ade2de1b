import type { JobId } from '../gear';
import type { Formula } from './formula';
import type { PartLost } from '../loadout';
import { nothingLost, withLoss, type Lost } from './lost';
import { apartFrom, askedOf, lossesOn, wayIn, type Asked } from './one-way';

/** A depth of more than three losses is not told any nearer. */
export const deepest = 4;

/**
 * The depth of a job, or of several any of which will do: the fewest losses of pieces and holders that leave it undone. 0
 * where nothing does it, `enough` where it takes that many or more. Exact.
 *
 * Each way that is left must be hit by one of the losses; so some way is taken, and each loss that would hit it is tried
 * in turn. Ways that share no loss at all say from below how many it must take.
 */
export function depthOf(
  formula: Formula,
  anyOf: readonly JobId[],
  lost: Lost = nothingLost,
  enough: number = deepest,
): number {
  const asked = askedOf(formula, anyOf, [], lost.conditions);
  for (let most = apartFrom(asked, lost, enough); most < enough; most += 1) {
    if (isUndone(asked, lost, most, new Set())) return most;
  }
  return enough;
}

/** Every single piece or holder whose loss leaves these jobs undone, pieces first. Empty where none does. */
export function singleLosses(
  formula: Formula,
  anyOf: readonly JobId[],
  lost: Lost = nothingLost,
): readonly PartLost[] {
  const asked = askedOf(formula, anyOf, [], lost.conditions);
  const way = wayIn(asked, lost);
  if (way === null) return [];
  return lossesOn(asked, way, lost).filter(
    (loss): loss is PartLost =>
      loss.kind !== 'condition' && wayIn(asked, withLoss(lost, loss)) === null,
  );
}

/** Whether so many losses more, or fewer, can leave it undone. */
function isUndone(asked: Asked, lost: Lost, most: number, tried: Set<string>): boolean {
  const way = wayIn(asked, lost);
  if (way === null) return true;
  if (most === 0 || apartFrom(asked, lost, most + 1) > most) return false;
  for (const loss of lossesOn(asked, way, lost)) {
    const next = withLoss(lost, loss);
    const name = nameOf(next);
    if (tried.has(name)) continue;
    tried.add(name);
    if (isUndone(asked, next, most - 1, tried)) return true;
  }
  return false;
}

function nameOf({ pieces, holders }: Lost): string {
  const parts = [...pieces].map(([id, many]) => `${id} ${many}`);
  return [...parts.sort(), ...[...holders].sort()].join('\n');
}
