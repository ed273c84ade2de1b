import { countryOf, type Brief } from '../brief';
import { igniteJobs, type Demand, type JobId, type JobsDemand, type Supply } from '../gear';

/** What is brought to the boil. */
const boiling: readonly JobId[] = ['boil', 'treat-water'];

/**
 * Whether an open fire may burn where a brief leads, and finds its wood. Without a place it may: the need of fuel
 * then asks for it.
 */
export function mayHaveOpenFire(brief: Brief | null): boolean {
  if (brief === null) return true;
  return brief.isFireAllowed && countryOf(brief)?.firewood !== 'none';
}

/**
 * What a supply relies on where it is: who boils on a fire relies on a hearth, which is a stove with its own fuel, or an open fire
 * where one may burn. A burner without a fuel of its own burns wood, or a tablet where there is none. A lighter alone boils nothing.
 */
export function demandsThere({ job, demands }: Supply, hasOpenFire: boolean): readonly Demand[] {
  if (boiling.includes(job)) {
    return demands.map((demand) => (isForFire(demand) ? hearth(demand, hasOpenFire) : demand));
  }
  const asksFuel = demands.some((demand) => demand.on === 'jobs' && demand.anyOf.includes('fuel'));
  if (job === 'stove' && !hasOpenFire && !asksFuel) {
    return [...demands, { on: 'jobs', anyOf: ['fuel'], sorts: ['tablet', 'wood'], items: 1 }];
  }
  return demands;
}

function isForFire(demand: Demand): demand is JobsDemand {
  return demand.on === 'jobs' && demand.anyOf.every((job) => igniteJobs.includes(job));
}

function hearth({ anyOf }: JobsDemand, hasOpenFire: boolean): Demand {
  return { on: 'jobs', anyOf: ['stove', ...(hasOpenFire ? anyOf : [])], sorts: null, items: 1 };
}
