import type { UnitSystem } from '../quantity';
import { amountInWords } from './amount-in-words';
import { igniteJobs, jobs, type JobId } from './jobs';
import { sizeOf } from './sorts';
import type { Demand, JobsDemand } from './supply';

/** Jobs whose name is an act; the others are named for the thing that does them. */
const acts: ReadonlySet<JobId> = new Set<JobId>([
  ...(['cut', 'saw', 'chop', 'snip', 'grip', 'sharpen', 'dig', 'fasten'] as const),
  ...(['carry-water', 'boil', 'treat-water', 'strain', 'eat', 'insulate', 'sleep'] as const),
  ...(['raise', 'reflect', 'stake', 'signal-sound', 'signal-day', 'signal-night'] as const),
  ...(['mark', 'call', 'sew', 'bleed-control', 'tweeze', 'catch', 'hands', 'breathe'] as const),
  ...(['wash', 'recharge', 'write', 'tow', 'tyre', 'start', 'warn'] as const),
  ...(['turn', 'pry', 'strike', 'char', 'put-out', 'unstick', 'throw', 'connect'] as const),
]);

/** What one of these jobs is called: `cut`, `ignite`, `light or candle`. */
export function jobsInWords(anyOf: readonly JobId[]): string {
  if (isIgniting(anyOf)) return 'ignite';
  return anyOf.map((job) => jobs[job].name).join(' or ');
}

/** Whether each is called as an act: `cut`, and not `roof`. */
export function areActs(anyOf: readonly JobId[]): boolean {
  return isIgniting(anyOf) || anyOf.every((job) => acts.has(job));
}

/** So much of a job, and of which: `6 L to carry water`, `15 m of cord`. */
export function muchInWords(job: JobId, amount: number, units: UnitSystem): string {
  return `${amountInWords(job, amount, units)} ${acts.has(job) ? 'to' : 'of'} ${jobs[job].name}`;
}

/** That none of these is done, in words: `nothing to cut with`, `no roof`. */
export function lackInWords(anyOf: readonly JobId[]): string {
  return areActs(anyOf) ? `nothing to ${jobsInWords(anyOf)} with` : `no ${jobsInWords(anyOf)}`;
}

/** What a supply relies on, in words: `3 × AAA cells`, `gas fuel`, `tinder for spark or ember`, `mains`, `the sun`. */
export function demandInWords(demand: Demand): string {
  switch (demand.on) {
    case 'jobs':
      return jobsDemandInWords(demand);
    case 'sun':
      return 'the sun';
  }
}

function jobsDemandInWords({ anyOf, sorts, items }: JobsDemand): string {
  if (isIgniting(anyOf)) return 'a way to ignite';
  const jobs = jobsInWords(anyOf);
  if (sorts === null) return items > 1 ? `${items} × ${jobs}` : jobs;
  const named = [...new Set(sorts.map((sort) => sizeOf(sort) ?? sort))].join(' or ');
  if (anyOf.includes('recharge')) return named;
  const what = anyOf.includes('tinder') ? `${jobs} for ${named}` : `${named} ${jobs}`;
  return anyOf.includes('cells') ? `${items} × ${what}` : what;
}

function isIgniting(anyOf: readonly JobId[]): boolean {
  return anyOf.length > 1 && anyOf.every((job) => igniteJobs.includes(job));
}
