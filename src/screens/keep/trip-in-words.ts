import type { Trip } from '@/core/loadout';

/** What a trip came to, in one line: `Teal Lakes, 2026-09-24 to 2026-09-28: 14 of 22 used; missed: warmer gloves`. */
export function tripInWords({ name, kitName, from, to, pieces, missed }: Trip): string {
  const used = pieces.filter(({ wasUsed }) => wasUsed).length;
  const what = missed.length === 0 ? '' : `; missed: ${missed.join(', ')}`;
  return `${name === '' ? kitName : name}, ${from} to ${to}: ${used} of ${pieces.length} used${what}`;
}
