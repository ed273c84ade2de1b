import { done, type Outcome } from '../quantity';
import { typedDay, typedDayPattern } from './typed-day';

/** The days that a line tells of, as YYYY-MM-DD, and the line without them. */
export interface DatesRead {
  readonly rest: string;
  readonly goodUntil: string | null;
  readonly cameOn: string | null;
  readonly filledOn: string | null;
  readonly openedOn: string | null;
}

type Told = Exclude<keyof DatesRead, 'rest'>;

/** What says which day it is. A month or a year alone is its last day where something is good until it, else its first. */
const words: Readonly<Record<Told, string>> = {
  goodUntil:
    'good (?:until|till|to)|best[ -]before|best by|use (?:by|before)|exp(?:ires?|iry|iration)?(?: date)?(?: on)?|bbe?|until|till',
  cameOn: 'bought|made|packed|since',
  filledOn: 'filled|charged|recharged|rotated',
  openedOn: 'opened',
};

const told = (Object.keys(words) as Told[]).map(
  (field) =>
    [
      field,
      new RegExp(
        `[,;(]?\\s*(?<![\\p{L}\\d])(?:${words[field]})[.:]?\\s*(?:on |in |at )?(${typedDayPattern})(?![\\d\\p{L}%°/])\\)?`,
        'iu',
      ),
    ] as const,
);

/**
 * Reads the days of a line as people say them: `good until 2027-03`, `best before 03/2029`, `exp 03/29`, `bought May 2026`,
 * `opened 12.11.2026`. A day that can be read in two ways, and one that no calendar has, is refused.
 *
 * @example datesIn('6 water pouches, best before 03/2029') // { rest: '6 water pouches', goodUntil: '2029-03-31', … }
 */
export function datesIn(line: string): Outcome<DatesRead> {
  let rest = line;
  const days: Record<Told, string | null> = {
    goodUntil: null,
    cameOn: null,
    filledOn: null,
    openedOn: null,
  };
  for (const [field, pattern] of told) {
    const found = pattern.exec(rest);
    if (!found) continue;
    const day = typedDay(found[1]!, field === 'goodUntil');
    if (!day.ok) return day;
    days[field] = day.value;
    rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`
      .replace(/\s+/g, ' ')
      .trim();
  }
  return done({ rest, ...days });
}
