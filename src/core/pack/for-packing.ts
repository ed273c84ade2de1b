import { isAtHand, isHolder } from '../gear';
import { benchOfKit, placedByGear, type Bench } from '../loadout';

/**
 * What packing a kit asks of a bench, as small as it can be sent to where it is worked out: the kit with those that go along,
 * and the holders of the shelf that are free. Of holders, as many are there as other kits leave.
 */
export function benchForPacking(bench: Bench, kit: string): Bench {
  const own = benchOfKit(bench, kit);
  const placed = placedByGear(bench);
  const placedHere = placedByGear(own);
  const shelf = new Map(own.shelf);
  const sum = (counts: ReadonlyMap<string, number> | undefined) =>
    [...(counts?.values() ?? [])].reduce((all, count) => all + count, 0);
  for (const gear of bench.shelf.values()) {
    if (!isHolder(gear)) continue;
    const here = sum(placedHere.get(gear.id));
    const elsewhere = sum(placed.get(gear.id)) - here;
    const count = Math.max(here, gear.count - elsewhere);
    if (here > 0 || (isAtHand(gear) && count > 0)) shelf.set(gear.id, { ...gear, count });
  }
  return { ...own, shelf };
}
