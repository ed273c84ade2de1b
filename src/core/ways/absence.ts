import { goodOn, hasFailed, isSpent, type Gear } from '../gear';

/** Why a piece that is laid out is not there to do anything. */
export type Absence =
  'lent' | 'wished' | 'retired' | 'none left' | 'used up' | 'past its date' | 'failed';

/**
 * Why gear does nothing on a day; null where it is there. What is past its date is gone from the day after it on.
 *
 * @param day YYYY-MM-DD; null where dates are not asked about.
 */
export function absenceOf(gear: Gear, day: string | null): Absence | null {
  if (gear.lentTo !== null) return 'lent';
  if (gear.ownership === 'wished') return 'wished';
  if (gear.ownership === 'retired') return 'retired';
  if (gear.count === 0) return 'none left';
  if (isSpent(gear)) return 'used up';
  if (hasFailed(gear.checks)) return 'failed';
  return goodOn(gear, day) === 0 ? 'past its date' : null;
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
    case 'lent':
    case 'retired':
    case 'used up':
    case 'past its date':
      return `is ${absence}`;
  }
}
