import { done, type Outcome } from '../refusals';
import type { Amount } from './amount';
import { manners } from './amount-manners';

export type { Amount, CountAs } from './amount';
export { newtonsOf } from './amount-manners';

/** An amount, and where in the text it stands. */
export interface AmountAt {
  readonly amount: Amount;
  readonly from: number;
  readonly to: number;
}

export interface AmountsRead {
  readonly amounts: readonly AmountAt[];
  /** The text with every amount blanked out, as long as it was. */
  readonly words: string;
}

/**
 * Finds every quantity in a line of text: numbers with units glued or apart, feet and inch marks, fractions and groups,
 * ranges, sizes, ratings, breaking loads, counts in every place, cells, prices.
 *
 * Refuses what cannot be believed or can be read in two ways (`1,234 g`), and a quantity below zero, in one sentence.
 *
 * @example amountsIn('550 cord 50 ft') // a length of 15 240 mm, and a count of 550 before it
 */
export function amountsIn(line: string): Outcome<AmountsRead> {
  const amounts: AmountAt[] = [];
  let words = line;
  for (const { pattern, amount } of manners) {
    pattern.lastIndex = 0;
    const against = words;
    for (let match = pattern.exec(against); match !== null; match = pattern.exec(against)) {
      if (match[0] === '') {
        pattern.lastIndex += 1;
        continue;
      }
      const read = amount(match, against);
      if (!read.ok) return read;
      if (read.value === null) continue;
      const to = match.index + match[0].length;
      amounts.push({ amount: read.value, from: match.index, to });
      words = words.slice(0, match.index) + blank.repeat(to - match.index) + words.slice(to);
    }
  }
  return done({ amounts: amounts.sort((one, other) => one.from - other.from), words });
}

/** What stands in place of an amount that was read: no letter, no digit, no space. */
const blank = '\u0001';
