import type { Gear } from '../gear';
import { parseLength, parseSize } from '../quantity';
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
  const lengths = sidesToldBy(gear).map(
    ({ longestM, isSize }) => longestM - (asBag && isSize ? headAndFeetM : 0),
  );
  return lengths.find((length) => length >= shortestM && length <= longestM) ?? null;
}

/** Lengths and sizes, as far as a bed’s are written: `185 cm`, `183 x 51 x 1 cm`, `72x20 in`. */
const lengthOrSize =
  /(?<![\p{L}\d.,])\d+(?:[.,]\d+)?(?:\s*[x×]\s*\d+(?:[.,]\d+)?){0,2}\s*(?:mm|cm|m|in|ft)(?![\p{L}\d])/giu;

/** The longest side, in m, of each length and size in the name of a piece: read once for each, as needs are asked at every edit. */
function sidesToldBy(gear: Pick<Gear, 'name'>): readonly Told[] {
  const known = read.get(gear);
  if (known) return known;
  const told = (gear.name.match(lengthOrSize) ?? []).flatMap((text): readonly Told[] => {
    if (!/[x×]/i.test(text)) {
      const length = parseLength(text);
      return length.ok ? [{ longestM: length.value / 1000, isSize: false }] : [];
    }
    const size = parseSize(text, 'mm');
    return size.ok ? [{ longestM: Math.max(...size.value.sidesMm) / 1000, isSize: true }] : [];
  });
  read.set(gear, told);
  return told;
}

interface Told {
  readonly longestM: number;
  /** Of more sides than one: it is how large the bed is laid out. */
  readonly isSize: boolean;
}

const read = new WeakMap<Pick<Gear, 'name'>, readonly Told[]>();

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
