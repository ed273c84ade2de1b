import { says, whyNotDay, type Problem } from '../quantity';
import type { Gear } from './gear';
import { isId } from './id';
import { whyNotName } from './plain-text';

/** What is wrong with where it is and whose it is. */
export function unsoundAway(gear: Gear): Problem | null {
  const { lentTo, borrowedFrom, takenFrom, awaySince, backBy } = gear;
  const whyLentTo = lentTo === null ? null : whyNotName(lentTo);
  if (whyLentTo) return problem('lentTo', says.nameOf('The name of who has it', whyLentTo));
  const whyFrom = borrowedFrom === null ? null : whyNotName(borrowedFrom);
  if (whyFrom) return problem('borrowedFrom', says.nameOf('The name of whose it is', whyFrom));
  if (takenFrom !== null) {
    const { kit, in: holder, at } = takenFrom;
    const wrong = [kit, ...(holder === null ? [] : [holder]), at].find((each) => !isId(each));
    if (wrong !== undefined) return problem('takenFrom', says.noId(wrong));
  }
  for (const field of ['awaySince', 'backBy'] as const) {
    const day = gear[field];
    const why = day === null ? null : whyNotDay(day);
    if (why) return problem(field, says.noDay(day!, why));
  }
  return awaySince !== null && backBy !== null && backBy < awaySince
    ? problem('backBy', says.backBefore())
    : null;
}

function problem(field: string, message: string): Problem {
  return { field, message };
}
