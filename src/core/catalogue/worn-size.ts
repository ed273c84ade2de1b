import { byName } from '../quantity';

/** What people wear in a size of their own. */
export type WornAs = 'shoe' | 'glove';

const kindsWornAs = byName<WornAs>({
  boots: 'shoe',
  trainers: 'shoe',
  'camp-shoes': 'shoe',
  gloves: 'glove',
  'warm-mitts': 'glove',
});

/** The kinds that are worn so. */
export function kindsWorn(worn: WornAs): readonly string[] {
  return [...kindsWornAs].flatMap(([kind, as]) => (as === worn ? [kind] : []));
}

/** What pieces of a kind are worn as; null where no size of a person matters. */
export function wornAs(kind: string | null): WornAs | null {
  return (kind !== null && kindsWornAs.get(kind)) || null;
}

/** Sizes that are believed: European ones of shoes, from a child’s on; of gloves by the round of the hand in inches. */
const believed: Readonly<Record<WornAs, readonly [least: number, most: number]>> = {
  shoe: [20, 52],
  glove: [6, 13],
};

/** Gloves by letters, as makers’ tables mostly have them. */
const byLetters = byName<number>({ xs: 6, s: 7, m: 8, l: 9, xl: 10, xxl: 11 });

/** Whether a bare number behind what is worn so is rather a size than a count: `boots 43`, `gloves 9`. */
export function isWornSize(worn: WornAs, figure: number): boolean {
  const [least, most] = believed[worn];
  return figure >= least && figure <= most;
}

/**
 * The size that the name of a piece tells; null where it tells none, or one of another measure than this.
 *
 * @example wornSizeIn('shoe', 'Walking boots size 43') // 43
 * @example wornSizeIn('glove', 'Work gloves L') // 9
 * @example wornSizeIn('shoe', 'Boots UK 9') // null
 */
export function wornSizeIn(worn: WornAs, name: string): number | null {
  if (/(?<!\p{L})(?:uk|us|cm|mm)(?!\p{L})/iu.test(name)) return null;
  const figure = /(?:(?<!\p{L})eur?|(?<![\p{L}\d.,]))(\d{1,2}(?:[.,]5)?)(?![\p{L}\d])/iu.exec(
    name,
  )?.[1];
  if (figure !== undefined) {
    const size = Number(figure.replace(',', '.'));
    return isWornSize(worn, size) ? size : null;
  }
  const letters =
    worn === 'glove' ? /(?<!\p{L})(x{0,2}[sl]|m)$/iu.exec(name.trim())?.[1] : undefined;
  return letters === undefined ? null : (byLetters.get(letters.toLowerCase()) ?? null);
}

/** Whether what is of one size fits who wears another: half a size less, and one more with thicker socks (own). */
export function fitsSize(size: number, own: number): boolean {
  return size >= own - 0.5 && size <= own + 1;
}
