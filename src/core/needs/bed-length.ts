import type { Gear } from '../gear';
import { parseSize } from '../quantity';
import { amountsIn, type Amount } from '../quantity/amounts-in';
import type { Given, NeedsKit } from './needs-kit';

/** A bed is between so long, in m: what is shorter is how small it packs, what is longer a sheet. */
const shortestM = 1.2;
const longestM = 2.7;

/** Of a bag laid out head and feet take so much of the length, in m (own). */
const headAndFeetM = 0.2;

/**
 * The stature, in m, that a bag or a mat is long enough for, by what its name tells: `for 190 cm`, `183 x 51 cm`. Null where
 * it tells nothing.
 *
 * @param asBag two sides are a bag’s, laid out: some of its length is head and feet.
 */
export function longEnoughForM(gear: Pick<Gear, 'name'>, asBag: boolean): number | null {
  for (const amount of toldBy(gear)) {
    const length = lengthIn(amount, asBag);
    if (length !== null && length >= shortestM && length <= longestM) return length;
  }
  return null;
}

/** The amounts in the name of a piece: read once for each, as needs are asked at every edit. */
function toldBy(gear: Pick<Gear, 'name'>): readonly Amount[] {
  const known = read.get(gear);
  if (known) return known;
  const found = amountsIn(gear.name);
  const amounts = found.ok ? found.value.amounts.map(({ amount }) => amount) : [];
  read.set(gear, amounts);
  return amounts;
}

const read = new WeakMap<Pick<Gear, 'name'>, readonly Amount[]>();

function lengthIn(amount: Amount, asBag: boolean): number | null {
  if (amount.what === 'length') return amount.lengthMm / 1000;
  if (amount.what !== 'size') return null;
  const size = parseSize(amount.text, 'mm');
  if (!size.ok) return null;
  return Math.max(...size.value.sidesMm) / 1000 - (asBag ? headAndFeetM : 0);
}

/** Somebody whose bed is told to be shorter than they are. */
export interface TooShort {
  readonly name: string;
  readonly statureM: number;
  readonly bedM: number;
}

/**
 * Who lies in a bed that is told to be too short, when the longest go to the tallest. One of which nothing is told is long
 * enough.
 */
export function tooShortFor(
  kit: NeedsKit,
  beds: readonly Given[],
  asBag: boolean,
): readonly TooShort[] {
  const lengths = beds
    .flatMap(({ gear, count }) => {
      const each = longEnoughForM(gear, asBag) ?? Infinity;
      return Array.from({ length: Math.min(count, kit.people.length) }, () => each);
    })
    .sort((one, other) => other - one);
  return [...kit.people]
    .sort((one, other) => other.heightCm - one.heightCm)
    .flatMap(({ name, heightCm }, at) => {
      const bedM = lengths[at] ?? Infinity;
      const statureM = heightCm / 100;
      return bedM < statureM - 1e-9 ? [{ name, statureM, bedM }] : [];
    });
}
