import { gearOfKind, kindOf, kinds } from '../../src/core/catalogue';
import { containersOf, volumeMm3, type LoadItem } from '../../src/core/fit/laid-out';
import { whyNever } from '../../src/core/fit/load/never';
import { bulkOf } from '../../src/core/gear';
import type { Instance } from './families';
import { randomFrom } from '../../src/core/fit/load/random';

/** Holders of the catalogue, and how full of pieces they are offered, by tightest bulk against their room. */
export const kitHolders = [
  ['storage-tin', 0.75],
  ['lunch-box', 0.75],
  ['small-ammo-box', 0.75],
  ['food-can', 0.6],
  ['wide-jar', 0.55],
  ['pack-30', 0.85],
] as const;

/** A holder and pieces of the catalogue that each go into it, until they take up so much of it. */
export function kitInto(holderKind: string, share: number, seed: number): Instance {
  const random = randomFrom(seed * 15_485_863 + share * 100);
  const { cavities } = kindOf(holderKind)!;
  const cavity = cavities.find(({ id }) => id === 'main') ?? cavities[0]!;
  const container = containersOf(cavity)[0]!;
  const room = volumeMm3(container);
  const open = kinds.filter(({ id, form }) => {
    return id !== holderKind && form !== null && whyNever(container, form) === null;
  });
  const items: LoadItem[] = [];
  let taken = 0;
  for (let misses = 0; misses < 30;) {
    const kind = open[Math.floor(random() * open.length)]!;
    const { form } = gearOfKind(kind, kind.id, kind.name);
    const volume = form ? bulkOf(form).tightMl * 1000 : Infinity;
    if (form === null || taken + volume > room * share) {
      misses += 1;
      continue;
    }
    taken += volume;
    items.push({ id: `${kind.id} ${items.length + 1}`, form });
  }
  return { family: `kit: ${holderKind}`, container, items };
}
