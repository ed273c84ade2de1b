/** Lives are rated for a house at this temperature; every 10 degrees more halve them. */
const ratedAtC = 21;

/** How many days of its rated life something spends in one day of a store: never fewer than one. */
export function decayRate(storeC: number): number {
  return Math.max(1, 2 ** ((storeC - ratedAtC) / 10));
}

/** How long something keeps in a store, in days: never longer than it is rated for. */
export function shelfLifeDays(ratedDays: number, storeC: number): number {
  return ratedDays / decayRate(storeC);
}
