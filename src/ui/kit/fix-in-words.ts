import type { NeedFix } from '@/core/kit/need-fixes';
import { printMass, printMoney, printNumber } from '@/core/quantity';
import type { KitView } from './kit-view';

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
