type Acts = typeof import('@/core/loadout/advance');

let acts: Acts | null = null;

/** What acts are done by. The first screen does not wait for it: it is fetched right after. */
export async function fetchActs(): Promise<Acts> {
  acts ??= await import('@/core/loadout/advance');
  return acts;
}

/** The same, once it is here; null until then. */
export function actsAtHand(): Acts | null {
  return acts;
}
