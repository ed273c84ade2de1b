import { hasFailed, isSpent, lotsOf, type Gear, type LotShare } from '../gear';
import type { Loadout } from '../loadout';
import { isGoodOn } from './held';

/** Why a piece that is laid out is not there to do anything. */
export type Absence =
  | 'lent'
  | 'given back'
  | 'wished'
  | 'retired'
  | 'none left'
  | 'used up'
  | 'past its date'
  | 'to be renewed'
  | 'flat'
  | 'failed';

/**
 * Why gear does nothing on a day; null where it is there. What is past its date is gone from the day after it on, and what
 * is borrowed from the day after it goes back.
 *
 * @param day YYYY-MM-DD; null where dates are not asked about.
 * @param kit where it lies: how warm that is decides how long some things keep.
 * @param shares the lots that lie there; all that there are where nobody says.
 */
export function absenceOf(
  gear: Gear,
  day: string | null,
  kit: Loadout | null = null,
  shares?: readonly LotShare[],
): Absence | null {
  if (gear.lentTo !== null) return 'lent';
  if (gear.ownership === 'wished') return 'wished';
  if (gear.ownership === 'retired') return 'retired';
  if (gear.count === 0) return 'none left';
  if (isSpent(gear)) return 'used up';
  if (hasFailed(gear.checks)) return 'failed';
  const { borrowedFrom, backBy } = gear;
  if (borrowedFrom !== null && backBy !== null && day !== null && backBy < day) return 'given back';
  if (gear.lots.length === 0 && gear.goodUntil === null) return null;
  const lots = shares?.map(({ lot }) => lot) ?? lotsOf(gear);
  if (lots.length === 0) return 'none left';
  if (lots.some((lot) => isGoodOn(gear, lot, day, kit))) return null;
  switch (lots.find(({ amiss }) => amiss !== null)?.amiss) {
    case 'failed':
      return 'failed';
    case 'flat':
      return 'flat';
    case 'renew':
      return 'to be renewed';
    default:
      return 'past its date';
  }
}

/** Why something is not there, said of it: `is lent`, `is past its date`. */
export function absenceInWords(absence: Absence): string {
  switch (absence) {
    case 'wished':
      return 'is only wished for';
    case 'none left':
      return 'is all gone';
    case 'failed':
      return 'failed when it was tried';
    case 'given back':
      return 'goes back to whose it is before then';
    case 'lent':
    case 'retired':
    case 'used up':
    case 'past its date':
    case 'to be renewed':
    case 'flat':
      return `is ${absence}`;
  }
}
