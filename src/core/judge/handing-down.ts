import { igniteJobs, jobs, type Gear, type JobId } from '../gear';
import { workedOut } from '../kit';
import { kitsByName, type Bench, type Loadout } from '../loadout';
import { mustsOf } from '../scheme/musts';

/** A kit that something could go down to, and what of its jobs is lacking most there. */
export interface HandDownTo {
  readonly kit: Loadout;
  /** The job of the piece that is lacking most; null where every one of them is done in ways enough. */
  readonly job: JobId | null;
  /** In how many independent ways it is done there, and how many are wanted. */
  readonly ways: number;
  readonly wanted: number;
}

/**
 * The other kits of a bench, the one first that lacks the most of what a piece does: a critical job before any other, and one that
 * nothing does there before one that has fewer ways than are wanted. What a piece only makes do for is no reason to hand it down.
 *
 * @param today YYYY-MM-DD.
 */
export function handDownTo(
  bench: Bench,
  from: Loadout,
  gear: Gear,
  today: string,
): readonly HandDownTo[] {
  const does = gear.supplies
    .filter(({ fitness }) => fitness !== 'improvised')
    .map(({ job }) => job);
  return kitsByName(bench)
    .filter(({ id }) => id !== from.id)
    .map((kit) => lackIn(bench, kit, does, today))
    .sort((one, other) => rankOf(other) - rankOf(one));
}

function lackIn(bench: Bench, kit: Loadout, does: readonly JobId[], today: string): HandDownTo {
  const { ways, asked } = workedOut(bench, kit, today);
  const musts = mustsOf(asked);
  const lacks = does.map((job): HandDownTo => {
    const must = musts.find(({ anyOf }) => anyOf.includes(job));
    const anyOf = must?.anyOf ?? [job];
    return { kit, job, ways: ways.depth(anyOf), wanted: must?.wanted ?? 1 };
  });
  const [worst] = lacks
    .filter(({ ways: there, wanted }) => there < wanted)
    .sort((one, other) => rankOf(other) - rankOf(one));
  return worst ?? { kit, job: null, ways: 0, wanted: 0 };
}

/** How badly a kit needs it. */
function rankOf({ job, ways, wanted }: HandDownTo): number {
  if (job === null) return 0;
  const isCritical = jobs[job].critical || igniteJobs.includes(job);
  return (isCritical ? 100 : 0) + (ways === 0 ? 50 : 0) + (wanted - ways);
}
