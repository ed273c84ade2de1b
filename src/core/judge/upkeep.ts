import { gearOf, overplaced } from '../loadout';
import type { Case, Finding } from './finding';

/** Pieces past the day until which they are relied on. */
export function pastTheirDate({ bench, loadout, today }: Case): readonly Finding[] {
  return loadout.placements.flatMap((placement): readonly Finding[] => {
    const { name, goodUntil } = gearOf(bench.shelf, placement);
    if (goodUntil === null || goodUntil >= today) return [];
    return [
      {
        rule: 'upkeep/expired',
        severity: 'warn',
        message: `${name} was good until ${goodUntil}.`,
        placements: [placement.id],
      },
    ];
  });
}

/** Pieces of which more are placed, over all kits, than there are. */
export function placedTwice({ bench, loadout }: Case): readonly Finding[] {
  return overplaced(bench)
    .filter((found) => found.in.some((part) => part.loadout === loadout.id))
    .map((found) => {
      const kits = found.in.map((part) => bench.loadouts.get(part.loadout)!.name).join(', ');
      return {
        rule: 'upkeep/double-booked',
        severity: 'warn',
        message: `${bench.shelf.get(found.gear)!.name} is placed ${found.placed} times (${kits}), and there is ${found.count}.`,
        placements: loadout.placements
          .filter(({ gear }) => gear === found.gear)
          .map(({ id }) => id),
      };
    });
}
