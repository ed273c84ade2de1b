import type { JobId } from './jobs';

/** The numbers that a figure may be, both ends counted in. */
export interface Range {
  readonly least: number;
  readonly most: number;
  /** Nothing at all is fine too, though less than {@link least} is not. */
  readonly orNothing?: boolean;
  readonly isWhole?: boolean;
}

/**
 * The smallest amount of anything that is counted: of what is less, nobody can tell that it is there. Sides have it
 * in mm, volumes in mL, masses in g, amounts and contents in their own unit.
 */
export const leastAmount = 1e-6;

/** The largest amount of a job, and the most that one piece holds of what is used up, in its own unit. */
export const mostAmount = 1e9;

export function upTo(most: number): Range {
  return { least: leastAmount, most, orNothing: true };
}

export function above0(most: number): Range {
  return { least: leastAmount, most };
}

export function whole(least: number, most: number): Range {
  return { least, most, isWhole: true };
}

/** Temperatures that somebody may sleep in, in °C. */
const sleepC: Range = { least: -70, most: 50 };

/** What the amount of a job may be, in the job’s own unit. */
export function amountRange(job: JobId): Range {
  return job === 'sleep' ? sleepC : upTo(mostAmount);
}

/** What keeps a number from being in a range, in words; null where it is in it. */
export function whyNotInRange(value: number, range: Range): string | null {
  if (!Number.isFinite(value)) return 'is not a number';
  if (range.orNothing && value === 0) return null;
  if (range.isWhole && (value < range.least || !Number.isInteger(value))) {
    return `is not a whole number, ${range.least} or more`;
  }
  if (value < 0 && range.least >= 0) return 'is below 0';
  if (value === 0 && range.least > 0) return 'is not above 0';
  if (value < range.least) return `is below ${range.least}`;
  return value > range.most ? `is above ${range.most}` : null;
}
