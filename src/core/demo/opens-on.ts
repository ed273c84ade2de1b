/** The kit that the demo opens on. */
export const demoOpensOn = 'portage-pack-kit';

/** The day on which the demo’s trip begins, as it is written down. */
export const demoTripBegins = '2027-09-22';

/** The day on which the boathouse box was looked through last, as it is written down. */
export const demoRoundOn = '2026-03-14';

/** By how many years the demo is moved, so that its trip is the next one after the day on which it is opened. */
export function demoYearsOn(today: string): number {
  const years = Number(today.slice(0, 4)) - Number(demoTripBegins.slice(0, 4));
  return today.slice(5) < demoTripBegins.slice(5) ? years : years + 1;
}
