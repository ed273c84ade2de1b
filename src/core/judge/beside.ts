import { jobsInWords, type JobId } from '../gear';
import { isOnGround, type Loadout } from '../loadout';
import type { Brief } from '../brief';
import type { Lasting } from '../needs';
import type { UnitSystem } from '../quantity';
import { needsKitUnder, needsUnder } from '../kit/under-brief';
import type { WorkedOutKit } from '../kit';
import { mustsOfAnyKit } from '../scheme/musts';

/** A job that matters, by the fewest losses that leave it undone: in the kit beside, in this one, and in both together. */
export interface JobBeside {
  readonly anyOf: readonly JobId[];
  readonly inWords: string;
  readonly beside: number;
  readonly here: number;
  /** It is lost with the kit beside, and this gives it back. */
  readonly isGivenBack: boolean;
}

/** What one kit is to another that lies beside it. */
export interface Beside {
  readonly jobs: readonly JobBeside[];
  /** Of the jobs that the kit beside does, how many this gives back when that is lost. */
  readonly givesBack: number;
  readonly outOf: number;
}

/** How long a kit lasts alone, and with what lies beside it. */
export interface BothLast {
  readonly alone: Lasting;
  readonly together: Lasting;
}

/** What of another kit’s critical jobs this one gives back when that other is lost with all in it. */
export function standsInFor({ ways }: WorkedOutKit, other: WorkedOutKit): Beside {
  const jobs = mustsOfAnyKit.map((anyOf): JobBeside => {
    const [beside, here] = [other.ways.depth(anyOf), ways.depth(anyOf)];
    return {
      anyOf,
      inWords: jobsInWords(anyOf),
      beside,
      here,
      isGivenBack: beside > 0 && here > 0,
    };
  });
  const theirs = jobs.filter(({ beside }) => beside > 0);
  return {
    jobs,
    givesBack: theirs.filter(({ isGivenBack }) => isGivenBack).length,
    outOf: theirs.length,
  };
}

/** How long a kit lasts under a brief by itself, and with all that lies beside it. */
export function lastsBeside(
  kit: WorkedOutKit,
  others: readonly WorkedOutKit[],
  brief: Brief,
  units: UnitSystem,
): BothLast {
  const lasts = (pieces: Loadout) => needsUnder(needsKitUnder(pieces, kit, brief, units)).lasts;
  return { alone: lasts(kit.whole), together: lasts(withOthers(kit.whole, others)) };
}

/** The pieces of several kits as one: each of the others’ under a name of its own. */
function withOthers(whole: Loadout, others: readonly WorkedOutKit[]): Loadout {
  const more = others.flatMap(({ own, whole: { placements } }) => {
    const named = (id: string) => `${own.id}/${id}`;
    return placements.map((placement) => ({
      ...placement,
      id: named(placement.id),
      place: isOnGround(placement.place)
        ? placement.place
        : { ...placement.place, in: named(placement.place.in) },
    }));
  });
  return { ...whole, placements: [...whole.placements, ...more] };
}
