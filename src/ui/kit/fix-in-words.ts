import type { NeedFix } from '@/core/kit/need-fixes';
import { newPlacement, type Command } from '@/core/loadout';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import { newId } from '@/store/new-id';
import type { KitView } from './kit-view';

/** `2 × Oat bar`. */
export function fixName({ gear, count }: NeedFix): string {
  return count === 1 ? gear.name : `${count} × ${gear.name}`;
}

/** What a fix weighs, costs and wins. */
export function fixFigures(fix: NeedFix, { units, bench }: KitView): string {
  const { massG, priceMinor, isOnShelf, daysWon, after } = fix;
  return [
    massG === null ? '' : `+${printMass(massG, units)}`,
    isOnShelf || priceMinor === null || bench.currency !== 'EUR'
      ? ''
      : printMoney(priceMinor, bench.currency),
    daysWon === null || daysWon <= 0
      ? ''
      : daysWon === Infinity
        ? 'does not run out then'
        : `+${printNumber(daysWon, 1)} days`,
    after.standing === 'met' ? 'met then' : 'helps, and is not enough',
  ]
    .filter((part) => part !== '')
    .join(', ');
}

/** The act that lays a fix on the mat: a piece of the shelf, or a typical one that comes onto the shelf with it. */
export function layingOut({ gear, count, isOnShelf }: NeedFix, { own, bench }: KitView): Command {
  const id = isOnShelf ? gear.id : newId();
  const place = {
    do: 'place',
    loadout: own.id,
    placement: newPlacement(newId(), id, { on: 'mat' }, count),
  } as const;
  if (isOnShelf) return place;
  const made = {
    ...gear,
    id,
    count,
    priceMinor: bench.currency === 'EUR' ? gear.priceMinor : null,
  };
  return {
    do: 'together',
    label: `add ${gear.name}`,
    commands: [{ do: 'add gear', gear: [made] }, place],
  };
}
