import { says, whyNotDay, type Problem } from '../quantity';
import type { Gear } from './gear';
import { isId } from './id';
import { harms, longestCaution, mostCares, mostCautions, type Keeping } from './keeping';
import { amissWords, lotDays, mostLots, type Lot } from './lot';
import { whyNotName, whyNotPlain } from './plain-text';

/** What is wrong with how a piece is kept: too much of it, twice the same, cautions that are no plain text. */
export function unsoundKeeping({ spoiledBy, failsIn, care, cautions }: Keeping): Problem | null {
  const tooMany =
    spoiledBy.length > harms.length ||
    failsIn.length > harms.length ||
    care.length > mostCares ||
    cautions.length > mostCautions;
  if (tooMany) return problem('cautions', says.tooMuchCare());
  const repeated = [spoiledBy, failsIn, care.map(({ act }) => act)].find(
    (words) => new Set<string>(words).size < words.length,
  );
  if (repeated) return problem('care', says.twiceInCare());
  for (const [at, caution] of cautions.entries()) {
    const why = caution === '' ? 'is empty' : whyNotPlain(caution, longestCaution);
    if (why) return problem(`cautions[${at}]`, says.nameOf('A caution', why));
  }
  return null;
}

/** What is wrong with its lots: of another count than the piece, an id twice, a day or a store that is none. */
export function unsoundLots({ lots, count }: Pick<Gear, 'lots' | 'count'>): Problem | null {
  if (lots.length === 0) return null;
  if (lots.length > mostLots) return problem('lots', says.tooManyLots(mostLots));
  if (new Set(lots.map(({ id }) => id)).size < lots.length) {
    return problem(
      'lots',
      says.idTwice(lots.find(({ id }, at) => lots.findIndex((lot) => lot.id === id) < at)!.id),
    );
  }
  const sum = lots.reduce((total, lot) => total + lot.count, 0);
  if (sum !== count) return problem('lots', says.lotsOfOtherCount(sum, count));
  for (const [at, lot] of lots.entries()) {
    if (!isId(lot.id)) return problem(`lots[${at}].id`, says.noId(lot.id));
    const whyStore = lot.store === '' ? null : whyNotName(lot.store);
    if (whyStore)
      return problem(`lots[${at}].store`, says.nameOf('Where a lot is stored', whyStore));
    for (const field of lotDays) {
      const day = lot[field];
      const why = day === null ? null : whyNotDay(day);
      if (why) return problem(`lots[${at}].${field}`, says.noDay(day!, why));
    }
    if (lot.kit !== null && !isId(lot.kit)) return problem(`lots[${at}].kit`, says.noId(lot.kit));
    if (lot.amiss !== null && !amissWords.includes(lot.amiss)) {
      return problem(`lots[${at}].amiss`, says.noWord('What is amiss with a lot', lot.amiss));
    }
    const order = whyNotInOrder(lot);
    if (order) return problem(`lots[${at}].${order[0]}`, order[1]);
  }
  return null;
}

/** Days of one history that cannot be: the field, and why. */
function whyNotInOrder(lot: Lot): readonly [keyof Lot, string] | null {
  const { cameOn, goodUntil } = lot;
  if (cameOn === null) return null;
  for (const [field, what] of laterThanCame) {
    const day = lot[field];
    if (day !== null && day < cameOn) {
      return [field, says.dayBefore(`It was ${what}`, day, 'made or bought', cameOn)];
    }
  }
  return goodUntil !== null && goodUntil < cameOn
    ? ['goodUntil', says.goodUntilBeforeCame(goodUntil, cameOn)]
    : null;
}

/** What happens to a lot only once it is there. */
const laterThanCame = [
  ['openedOn', 'opened'],
  ['filledOn', 'filled'],
  ['checkedOn', 'looked at'],
] as const;

function problem(field: string, message: string): Problem {
  return { field, message };
}
