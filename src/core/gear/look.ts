/** The outlines gear can be drawn with; every one has a drawing of that name. */
// prettier-ignore
export const silhouettes = [
  'knife', 'folding-knife', 'saw', 'axe', 'stone', 'shears', 'trowel', 'multi-tool',
  'lighter', 'rod', 'match-case', 'tinder', 'stove', 'canister', 'candle',
  'bottle', 'water-bag', 'mug', 'pot', 'filter', 'tablets', 'spoon',
  'roll', 'folded-sheet', 'garment', 'mat', 'peg', 'gloves', 'hat',
  'hank', 'reel', 'tape', 'carabiner',
  'torch', 'headlamp', 'cell', 'power-bank', 'radio', 'phone',
  'compass', 'map', 'whistle', 'mirror', 'flare',
  'needle-case', 'tube', 'first-aid', 'bandage', 'tweezers', 'spray',
  'food-pouch', 'bar', 'paper-roll', 'notebook', 'pencil', 'card',
  'tin', 'can', 'pouch', 'pack', 'dry-bag', 'barrel', 'box',
  'shovel', 'lantern', 'jug', 'bucket', 'cable', 'goggles', 'net', 'book', 'wallet',
  'piece',
] as const;
export type Silhouette = (typeof silhouettes)[number];

/** What a piece is mostly made of, as far as it shows. */
// prettier-ignore
export const stuffs = [
  'steel', 'aluminium', 'titanium', 'brass', 'wood', 'cloth', 'wool', 'cotton', 'down', 'leather', 'rope', 'plastic', 'paper', 'wax',
  'glass', 'ceramic', 'rubber',
] as const;
export type Stuff = (typeof stuffs)[number];

/** Metals that stand a fire bare. */
export const metals: readonly Stuff[] = ['steel', 'aluminium', 'titanium', 'brass'];

/** How a piece is drawn. The colour is `#rrggbb`, as the real piece has it. */
export interface Look {
  readonly silhouette: Silhouette;
  readonly stuff: Stuff;
  readonly colour: string;
}

/**
 * Whether a colour is seen from afar where nothing grows in it: red, orange, yellow or lime, full and neither dark nor pale (own
 * judgement).
 */
export function isBright(colour: string): boolean {
  const [red, green, blue] = [1, 3, 5].map(
    (at) => parseInt(colour.slice(at, at + 2), 16) / 255,
  ) as [number, number, number];
  const most = Math.max(red, green, blue);
  const least = Math.min(red, green, blue);
  const light = (most + least) / 2;
  if (most === least || light < 0.38 || light > 0.72) return false;
  const full = (most - least) / (1 - Math.abs(2 * light - 1));
  const sixth =
    most === red
      ? (green - blue) / (most - least)
      : most === green
        ? 2 + (blue - red) / (most - least)
        : 4 + (red - green) / (most - least);
  const hue = (sixth * 60 + 360) % 360;
  return full > 0.6 && (hue <= 75 || hue >= 345);
}

/** A colour as {@link Look} has it. */
export const colourPattern = /^#[0-9a-f]{6}$/i;

/** What is put on: a garment, a hat, gloves; not what is lain in or under. */
export function isClothes({ look }: { readonly look: Look }): boolean {
  return ['garment', 'hat', 'gloves'].includes(look.silhouette);
}
