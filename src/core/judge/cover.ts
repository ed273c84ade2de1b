import { igniteJobs, jobIds, jobs, waysWanted, type JobId } from '../gear';
import { gearOf, placementOf } from '../loadout';
import { independentWays, waysOf } from '../scheme';
import type { Case, Finding } from './finding';

/** What a kit must be able to do: igniting in any manner, and each critical job. */
const musts: readonly { readonly name: string; readonly anyOf: readonly JobId[] }[] = [
  ...jobIds.filter((id) => jobs[id].critical).map((id) => ({ name: jobs[id].name, anyOf: [id] })),
  { name: 'ignite', anyOf: igniteJobs },
];

/** Nothing does a critical job, or all that does it goes with one holder. */
export function coverOfJobs({ bench, loadout }: Case): readonly Finding[] {
  const ways = waysOf(loadout, bench.shelf);
  return musts.flatMap(({ name, anyOf }): readonly Finding[] => {
    const own = ways.filter((way) => anyOf.includes(way.job));
    const placements = [...new Set(own.map((way) => way.placement.id))];
    if (own.length === 0) {
      const idle = loadout.placements.filter((placement) =>
        gearOf(bench.shelf, placement).supplies.some(({ job }) => anyOf.includes(job)),
      );
      const names = idle.map((placement) => gearOf(bench.shelf, placement).name).join(', ');
      const why = idle.length === 0 ? '' : `: ${names} would, but lacks what it relies on`;
      return [
        {
          rule: 'cover/missing',
          severity: 'stop',
          message: `Nothing here can ${phrase(name)}${why}.`,
          placements: idle.map(({ id }) => id),
        },
      ];
    }
    const together = own[0]!.standsWith;
    if (placements.length < 2 || independentWays(own) > 1 || together === 'mat') return [];
    const holder = gearOf(bench.shelf, placementOf(loadout, together)!).name;
    return [
      {
        rule: 'cover/all-in-one-holder',
        severity: 'warn',
        message: `All ${placements.length} ways to ${phrase(name)} go with ${holder}; ${waysWanted(anyOf)} that are independent are wanted.`,
        placements,
      },
    ];
  });
}

/** Some jobs are things rather than acts. */
function phrase(name: string): string {
  if (name === 'roof') return 'give a roof';
  return ['cord', 'first aid'].includes(name) ? `give ${name}` : name;
}
