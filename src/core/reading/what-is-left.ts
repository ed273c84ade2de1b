import type { Gear } from '../gear';

/** Words for how much of one is left, and the share of a full one that they stand for: to the fewer (own). */
const shares: readonly (readonly [RegExp, number])[] = [
  [/(?<!\p{L})three[\s-]quarters?(?:[\s-]full)?(?!\p{L})/iu, 0.75],
  [/(?<!\p{L})half(?:[\s-](?:full|empty|used|a|an|left)|(?=\s+\p{L}))(?!\p{L})/iu, 0.5],
  [/(?<!\p{L})(?:nearly|almost)[\s-](?:empty|used up|finished|gone)(?!\p{L})/iu, 0.1],
  [
    /(?<!\p{L})(?:quarter[\s-](?:full|left)|stubs?|butts?|ends? of|rests? of|remains of|remainder of|left[\s-]?over|(?:part[\s-]?)?used|started|begun)(?!\p{L})/iu,
    0.25,
  ],
];

/**
 * The gear with so much of its contents left as its line says: *half a bar*, *candle stub*, *used gas canister*. Nobody knows
 * how much is left of what was merely used: a quarter is taken, until somebody says more.
 */
export function withWhatIsLeft(gear: Gear, line: string): Gear {
  const { contents } = gear;
  const share = shares.find(([said]) => said.test(line))?.[1];
  if (contents === null || share === undefined) return gear;
  return { ...gear, contents: { ...contents, left: Math.round(contents.full * share * 10) / 10 } };
}
