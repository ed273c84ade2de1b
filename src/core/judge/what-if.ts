import { capital, jobsInWords, type JobId } from '../gear';
import { stillThere } from '../kit/as-if';
import { listed } from '../quantity';
import { mustsOf } from '../scheme/musts';
import type { WorkedOutKit } from '../kit';
import type { Loss, WhatIf } from '../loadout';
import { allLost, depthOf } from '../ways';
import type { Rule } from './finding';

/** How a kit stands in a what-if that is kept with it. */
export interface WhatIfStands {
  readonly whatIf: WhatIf;
  /** What of it is still there to be lost, or may hold: none where all of it left the kit. */
  readonly there: readonly Loss[];
  /** Musts that it does, and would not then. */
  readonly undone: readonly (readonly JobId[])[];
}

/** Every what-if that is kept with a kit, with what the kit must do and could no longer. */
export function whatIfsOf({ whole, own, asked, ways }: WorkedOutKit): readonly WhatIfStands[] {
  return (own.whatIfs ?? []).map((whatIf): WhatIfStands => {
    const there = stillThere(whole, whatIf.losses);
    if (there.length === 0) return { whatIf, there, undone: [] };
    const lost = allLost(there);
    const undone = mustsOf(asked)
      .map(({ anyOf }) => anyOf)
      .filter((anyOf) => ways.depth(anyOf) > 0 && depthOf(ways.formula, anyOf, lost, 1) === 0);
    return { whatIf, there, undone };
  });
}

/** In a what-if that is kept with the kit, something that it must do is no longer done. */
export const failsInWhatIf: Rule<{
  readonly whatIf: string;
  readonly undone: readonly (readonly JobId[])[];
}> = {
  id: 'cover/what-if',
  severities: ['warn'],
  speaksWhen: 'in a what-if that is kept with the kit, a must is undone',
  mendedBy: 'add another way, or move the ways apart',
  asks: 'what-ifs that are kept on Prove',
  because: 'It was kept because it may well happen.',
  find: (kit) =>
    whatIfsOf(kit)
      .filter(({ undone }) => undone.length > 0)
      .map(({ whatIf: { id, name }, there, undone }) => ({
        severity: 'warn',
        about: there.flatMap((loss) => (loss.kind === 'condition' ? [] : [loss.placement])),
        of: id,
        figures: { whatIf: name, undone },
      })),
  says: ({ whatIf, undone }) =>
    `${capital(whatIf)}: it can no longer ${listed(undone.map(jobsInWords))}.`,
};
