import type { JobId } from '../gear';
import type { Ways } from './ways';

/** Whether these jobs are done, and only by what makes do: it counts as a way, and closes nothing by itself. */
export function onlyMakesDo({ byJob }: Pick<Ways, 'byJob'>, anyOf: readonly JobId[]): boolean {
  const does = anyOf.flatMap((job) => byJob.get(job) ?? []);
  return does.length > 0 && does.every(({ supply }) => supply.fitness === 'improvised');
}
