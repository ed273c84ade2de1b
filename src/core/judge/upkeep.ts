import { isSpent, type Demand, type Gear } from '../gear';
import { gearOf, overplaced } from '../loadout';
import { idleSupplies, waysOf } from '../scheme';
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

/** Devices whose cells are not in the kit, or too few of them, and which cells are. */
export function cellsMissing({ bench, loadout }: Case): readonly Finding[] {
  const { shelf } = bench;
  const lacking = new Map<string, Demand & { readonly on: 'cells' }>();
  for (const { placement, unmet } of idleSupplies(loadout, shelf, waysOf(loadout, shelf))) {
    const cells = unmet.find((demand) => demand.on === 'cells');
    if (cells) lacking.set(placement.id, cells);
  }
  const here = loadout.placements.flatMap((placement) =>
    gearOf(shelf, placement).supplies.flatMap(({ cell }) =>
      cell === null ? [] : [`${placement.count} × ${cell}`],
    ),
  );
  return loadout.placements.flatMap((placement): readonly Finding[] => {
    const cells = lacking.get(placement.id);
    if (!cells) return [];
    const { name } = gearOf(shelf, placement);
    const instead =
      here.length === 0 ? 'there are no cells here' : `the cells here are ${here.join(', ')}`;
    return [
      {
        rule: 'upkeep/cells',
        severity: 'warn',
        message: `${name} takes ${cells.count} × ${cells.cell.split(' ')[0]}; ${instead}.`,
        placements: [placement.id],
      },
    ];
  });
}

/** Pieces that are laid out but not there: only wished for, retired, lent, or used up. */
export function notThere({ bench, loadout }: Case): readonly Finding[] {
  return loadout.placements.flatMap((placement): readonly Finding[] => {
    const gear = gearOf(bench.shelf, placement);
    const why = whyNotThere(gear);
    if (why === null) return [];
    return [
      {
        rule: why.rule,
        severity: gear.ownership === 'wished' && gear.lentTo === null ? 'note' : 'warn',
        message: `${gear.name} ${why.says}.`,
        placements: [placement.id],
      },
    ];
  });
}

function whyNotThere(gear: Gear): { readonly rule: string; readonly says: string } | null {
  if (gear.lentTo !== null) return { rule: 'upkeep/lent', says: `is lent to ${gear.lentTo}` };
  if (gear.ownership === 'wished') return { rule: 'upkeep/wished', says: 'is only wished for' };
  if (gear.ownership === 'retired') return { rule: 'upkeep/retired', says: 'is retired' };
  return isSpent(gear) ? { rule: 'upkeep/used-up', says: 'is used up' } : null;
}
