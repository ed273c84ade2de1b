import { capital, jobsInWords, type JobId } from '../gear';
import { stillThere } from '../kit/as-if';
import { listed } from '../quantity';
import { mustsOf } from '../scheme/musts';
import { allLost, depthOf } from '../ways';
import type { Rule } from './finding';

/** In a what-if that is kept with the kit, something that it must do is no longer done. */
export const failsInWhatIf: Rule<{
  readonly whatIf: string;
  readonly undone: readonly (readonly JobId[])[];
}> = {
  id: 'cover/what-if',
  severities: ['warn'],
  speaksWhen: 'in a what-if that is kept with the kit, a must is undone',
  mendedBy: 'move apart, add',
  asks: 'what-ifs that are kept on Prove',
  because: 'It was kept because it may well happen.',
  find: ({ whole, own, ways }) =>
    (own.whatIfs ?? []).flatMap(({ id, name, losses }) => {
      const there = stillThere(whole, losses);
      if (there.length === 0) return [];
      const lost = allLost(there);
      const undone = mustsOf(own.wishes)
        .map(({ anyOf }) => anyOf)
        .filter((anyOf) => ways.depth(anyOf) > 0 && depthOf(ways.formula, anyOf, lost, 1) === 0);
      return undone.length === 0
        ? []
        : [
            {
              severity: 'warn' as const,
              about: there.flatMap((loss) => (loss.kind === 'condition' ? [] : [loss.placement])),
              of: id,
              figures: { whatIf: name, undone },
            },
          ];
    }),
  says: ({ whatIf, undone }) =>
    `${capital(whatIf)}: it can no longer ${listed(undone.map(jobsInWords))}.`,
};
