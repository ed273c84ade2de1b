import { igniteJobs, type JobId } from './jobs';
import { onAny, plainSupply, type Demand, type Supply } from './supply';

const fire = onAny(...igniteJobs);

/**
 * What whatever does a job usually relies on, by what at least half of the catalogue’s kinds ask that are made for it or serve. A
 * piece that is made by hand or by a table asks the same, so that no burner boils without fuel.
 */
export const usualDemands: Partial<Readonly<Record<JobId, readonly Demand[]>>> = {
  spark: [{ on: 'jobs', anyOf: ['tinder'], sorts: ['spark', 'ember'], items: 1 }],
  'sun-fire': [{ on: 'sun' }, { on: 'jobs', anyOf: ['tinder'], sorts: ['ember'], items: 1 }],
  stove: [fire, onAny('fuel')],
  boil: [fire],
  'treat-water': [onAny('carry-water')],
  candle: [fire],
  light: [onAny('cells')],
  roof: [onAny('cord', 'line')],
  sew: [onAny('thread')],
  'warm-pack': [onAny('boil')],
};

/** What is said to do a job and no more: it serves, and relies on what is usual. */
export function usualSupply(job: JobId): Supply {
  return { ...plainSupply(job, 'serves', null), demands: usualDemands[job] ?? [] };
}

/** The usual demands of a job that are not among these: told by the jobs that they ask for. */
export function usualMissing(job: JobId, demands: readonly Demand[]): readonly Demand[] {
  return (usualDemands[job] ?? []).filter(
    (usual) => !demands.some((demand) => isLike(demand, usual)),
  );
}

/** Whether two demands ask for the same, however exactly: one of gas for any fuel. */
function isLike(one: Demand, other: Demand): boolean {
  if (one.on === 'sun' || other.on === 'sun') return one.on === other.on;
  return one.anyOf.some((job) => other.anyOf.includes(job));
}
