import { careActs, mostCount, whole, type CareAct } from '../gear';
import {
  listOf,
  numberIn,
  orNull,
  recordOf,
  whyNotOfOutline,
  wordOf,
  type Outline,
} from '../gear/outline';
import { says, type Problem } from '../quantity';

/** What was found of one placement on a round. Of `count` that belong there; what is in no other figure was good. */
export interface RoundLine {
  readonly placement: string;
  readonly gear: string;
  /** Its name and where it was, as they were then. */
  readonly name: string;
  readonly count: number;
  /** Used up since the last time. */
  readonly used: number;
  /** Still there, and to be renewed. */
  readonly renew: number;
  readonly missing: number;
  readonly failed: number;
  /** It lay elsewhere than where it belongs. */
  readonly isMoved: boolean;
  /** It was not opened and looked at: the weight of what it is in was right, which says that it is there. */
  readonly isByWeight: boolean;
  /** What was done to those that were good, beside looking at them. */
  readonly did: readonly CareAct[];
  readonly note: string;
  /** The id of a picture that is kept in this browser; null where there is none. */
  readonly photo: string | null;
  /** YYYY-MM-DD. */
  readonly on: string;
}

/** One inspection of a kit, pocket by pocket. It may be left and gone on with; ended, it is kept as it was. */
export interface Round {
  readonly id: string;
  readonly kit: string;
  readonly kitName: string;
  readonly begunOn: string;
  /** Null while it goes on. */
  readonly endedOn: string | null;
  /** What was looked at, each placement once, in the order of looking. */
  readonly lines: readonly RoundLine[];
  /** How many placements were not reached when it ended. */
  readonly unreached: number;
  readonly note: string;
}

/** How many rounds one bench keeps. */
export const mostRounds = 5000;
const mostRoundLines = 5000;

const someOf: Outline = numberIn(whole(0, mostCount));
const yesOrNo: Outline = { of: 'yes or no' };

export const roundOutline: Outline = recordOf({
  id: { of: 'id' },
  kit: { of: 'id' },
  kitName: { of: 'name' },
  begunOn: { of: 'day' },
  endedOn: orNull({ of: 'day' }),
  lines: listOf(
    recordOf({
      placement: { of: 'id' },
      gear: { of: 'id' },
      name: { of: 'name' },
      count: numberIn(whole(1, mostCount)),
      used: someOf,
      renew: someOf,
      missing: someOf,
      failed: someOf,
      isMoved: yesOrNo,
      isByWeight: yesOrNo,
      did: listOf(wordOf(careActs), careActs.length),
      note: { of: 'note' },
      photo: orNull({ of: 'id' }),
      on: { of: 'day' },
    }),
    mostRoundLines,
  ),
  unreached: numberIn(whole(0, mostRoundLines)),
  note: { of: 'note' },
});

/** How many of a line were good. */
export function goodOf({ count, used, renew, missing, failed }: RoundLine): number {
  return count - used - renew - missing - failed;
}

/** What is wrong with a round, with the field; null where it is sound. */
export function unsoundRound(round: Round): Problem | null {
  const problem = whyNotOfOutline(round, roundOutline, 'round');
  if (problem) return problem;
  if (round.endedOn !== null && round.endedOn < round.begunOn) {
    return { field: 'round.endedOn', message: says.roundEndsBefore() };
  }
  const seen = new Set<string>();
  for (const [at, line] of round.lines.entries()) {
    if (goodOf(line) < 0) {
      const found = line.count - goodOf(line);
      return {
        field: `round.lines[${at}]`,
        message: says.moreFoundThanThere(line.name, found, line.count),
      };
    }
    if (seen.has(line.placement)) {
      return { field: `round.lines[${at}].placement`, message: says.idTwice(line.placement) };
    }
    seen.add(line.placement);
  }
  return null;
}

/** Why something has to be got: what a round found, or that its owner says so. */
export const wantWords = ['used', 'missing', 'renew', 'failed', 'asked for'] as const;

/** Something to get: how many of which gear, for which kit, and because of what. */
export interface Want {
  readonly id: string;
  readonly gear: string;
  readonly count: number;
  /** The kit that it is for, and the placement there; null for the shelf. */
  readonly kit: string | null;
  readonly placement: string | null;
  readonly because: (typeof wantWords)[number];
  /** Since when it is wanted. */
  readonly since: string;
  readonly note: string;
}

/** How many wants one bench keeps. */
export const mostWants = 5000;

export const wantOutline: Outline = recordOf({
  id: { of: 'id' },
  gear: { of: 'id' },
  count: numberIn(whole(1, mostCount)),
  kit: orNull({ of: 'id' }),
  placement: orNull({ of: 'id' }),
  because: wordOf(wantWords),
  since: { of: 'day' },
  note: { of: 'note' },
});

/** What is wrong with a want, with the field; null where it is sound. */
export function unsoundWant(want: Want): Problem | null {
  return whyNotOfOutline(want, wantOutline, 'want');
}
