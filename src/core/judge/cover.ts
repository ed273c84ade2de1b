import { capital, demandInWords, jobsInWords, lackInWords } from '../gear';
import { gearOf, placementOf } from '../loadout';
import { idleSupplies, independentWays, waysOf, type Idle } from '../scheme';
import type { Case, Finding } from './finding';
import { musts } from './musts';

/** Nothing does a critical job, or all that does it goes with one holder. */
export function coverOfJobs({ bench, loadout }: Case): readonly Finding[] {
  const ways = waysOf(loadout, bench.shelf);
  const idle = idleSupplies(loadout, bench.shelf, ways);
  return musts.flatMap(({ anyOf, wanted }): readonly Finding[] => {
    const own = ways.filter((way) => anyOf.includes(way.job));
    const placements = [...new Set(own.map((way) => way.placement.id))];
    if (own.length === 0) {
      const would = idle.filter(({ supply }) => anyOf.includes(supply.job));
      return [
        {
          rule: 'cover/missing',
          severity: 'stop',
          message: `${capital(lackInWords(anyOf))}${whyIdle(would, nameOf)}.`,
          placements: would.map(({ placement }) => placement.id),
        },
      ];
    }
    const together = own[0]!.standsWith;
    if (placements.length < 2 || independentWays(own) > 1 || together === 'mat') return [];
    return [
      {
        rule: 'cover/all-in-one-holder',
        severity: 'warn',
        message: `${capital(jobsInWords(anyOf))}: all ${placements.length} ways go with ${nameOf(together)}; ${wanted} that are independent are wanted.`,
        placements,
      },
    ];
  });

  function nameOf(placement: string): string {
    return gearOf(bench.shelf, placementOf(loadout, placement)!).name;
  }
}

/** `: Small ferro rod would, with tinder`; nothing where no piece would do it. */
function whyIdle(idle: readonly Idle[], nameOf: (placement: string) => string): string {
  if (idle.length === 0) return '';
  const would = idle.map(
    ({ placement, unmet }) =>
      `${nameOf(placement.id)} would, with ${unmet.map(demandInWords).join(' and ')}`,
  );
  return `: ${would.join('; ')}`;
}
