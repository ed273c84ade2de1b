import type { Gear, JobId } from '../gear';

/** Jobs that are wanted at once when they are wanted at all (own). */
const urgentJobs: readonly JobId[] = [
  'bleed-control',
  'first-aid',
  'signal-sound',
  'shell',
  'light',
  'breathe',
];

/** Whether a piece is made for something that is wanted at once. */
export function isUrgent(gear: Gear): boolean {
  return gear.supplies.some(
    ({ job, fitness }) => fitness === 'made-for' && urgentJobs.includes(job),
  );
}
