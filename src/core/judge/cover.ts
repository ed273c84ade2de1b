import { capital, demandInWords, jobsInWords, lackInWords, type Demand, type JobId } from '../gear';
import { absenceInWords, type Absence } from '../upkeep';
import { allInOne, conditionWords } from '../ways';
import { type ConditionId } from '../loadout';
import type { Rule } from './finding';
import { mustsOf } from '../scheme/musts';

interface Would {
  readonly placement: string;
  readonly absence: Absence | null;
  readonly unmet: readonly Demand[];
  readonly takenBy: readonly ConditionId[];
}

/** Nothing does what a kit must be able to do. */
export const nothingDoesIt: Rule<{
  readonly anyOf: readonly JobId[];
  readonly would: readonly Would[];
}> = {
  id: 'cover/missing',
  find: ({ ways, own }) =>
    mustsOf(own.wishes)
      .filter(({ anyOf }) => ways.depth(anyOf) === 0)
      .map(({ anyOf }) => {
        const would = ways.idle
          .filter(({ supply }) => anyOf.includes(supply.job))
          .map(({ placement, absence, unmet, takenBy }) => ({
            placement: placement.id,
            absence,
            unmet,
            takenBy,
          }));
        return {
          severity: 'stop',
          about: would.map(({ placement }) => placement),
          figures: { anyOf, would },
        };
      }),
  says: ({ anyOf, would }, { name }) => {
    const why = would.map((each) => `${name(each.placement)} ${whyIdle(each)}`).join('; ');
    return `${capital(lackInWords(anyOf))}${why === '' ? '' : `: ${why}`}.`;
  },
};

/** `would, with tinder and 2 × AA cells`; `is lent`. */
function whyIdle({ absence, unmet, takenBy }: Would): string {
  if (absence !== null) return absenceInWords(absence);
  if (takenBy.length > 0)
    return `does not work ${takenBy.map((condition) => conditionWords[condition].then).join(' and ')}`;
  return `would, with ${unmet.map(demandInWords).join(' and ')}`;
}

/** Several ways do what a kit must be able to do, and the loss of one holder takes them all. */
export const allWaysInOne: Rule<{
  readonly anyOf: readonly JobId[];
  readonly ways: number;
  readonly wanted: number;
  readonly holder: string;
}> = {
  id: 'cover/all-in-one',
  find: ({ ways, own }) =>
    mustsOf(own.wishes).flatMap(({ anyOf, wanted }) => {
      const together = allInOne(ways, anyOf);
      if (together === null) return [];
      const { pieces: about, holder } = together;
      return [{ severity: 'warn', about, figures: { anyOf, ways: about.length, wanted, holder } }];
    }),
  says: ({ anyOf, ways, wanted, holder }, { name }) =>
    `${capital(jobsInWords(anyOf))}: all ${ways} ways go with ${name(holder)}; ${wanted} that are independent are wanted.`,
};
