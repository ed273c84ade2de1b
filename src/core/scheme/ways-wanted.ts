import { igniteJobs, isSameJobs, jobs, type JobId } from '../gear';
import type { Wish } from '../loadout';

/**
 * Independent ways that a job should have: what the kit's own wishes ask, and otherwise (own planning values) three to
 * ignite, two for a critical job, one for any other. 0 where the kit asks for none.
 */
export function waysWanted(anyOf: readonly JobId[], wishes: readonly Wish[]): number {
  const own = wishes.find((wish) => isSameJobs(wish.anyOf, anyOf));
  if (own) return own.ways;
  if (anyOf.some((id) => igniteJobs.includes(id))) return 3;
  return anyOf.some((id) => jobs[id].critical) ? 2 : 1;
}
