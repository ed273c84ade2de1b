import type { Silhouette } from '@/core/gear';

/**
 * How a part of a drawing is coloured: the piece's own colour, lighter or darker, or a stuff that many
 * pieces have a part of.
 */
export type Tone =
  'own' | 'light' | 'dark' | 'steel' | 'shine' | 'black' | 'wood' | 'paper' | 'glow';

export type Layer = readonly [tone: Tone, path: string];

/**
 * A drawing in a box of 100 × 100, stretched to the piece's true size. `lies` has its longest side from left
 * to right; `stands` has its height upwards; `round` is seen from above.
 */
export interface Drawing {
  readonly pose: 'lies' | 'stands' | 'round';
  readonly layers: readonly Layer[];
}

export function lies(...layers: readonly Layer[]): Drawing {
  return { pose: 'lies', layers };
}

export function stands(...layers: readonly Layer[]): Drawing {
  return { pose: 'stands', layers };
}

export function round(...layers: readonly Layer[]): Drawing {
  return { pose: 'round', layers };
}

export const disc = 'M50 1A49 49 0 1 1 50 99A49 49 0 1 1 50 1Z';
export const bundle = 'M4 22Q16 2 50 4Q86 2 96 24Q101 50 95 78Q84 99 50 96Q14 99 5 76Q-1 50 4 22Z';

/** How the drawings lie that come later: what is drawn is as large from the start. */
export const rarePoses = {
  'folding-knife': 'lies',
  axe: 'lies',
  shears: 'lies',
  canister: 'stands',
  'power-bank': 'lies',
  radio: 'lies',
  phone: 'lies',
  whistle: 'lies',
  mirror: 'lies',
  flare: 'lies',
  tube: 'lies',
  tweezers: 'lies',
  tin: 'lies',
  can: 'stands',
  box: 'stands',
  shovel: 'lies',
  lantern: 'stands',
  jug: 'stands',
  bucket: 'stands',
  cable: 'lies',
  goggles: 'lies',
  book: 'lies',
  wallet: 'lies',
} as const satisfies Partial<Record<Silhouette, Drawing['pose']>>;

export type RareSilhouette = keyof typeof rarePoses;
export type CommonSilhouette = Exclude<Silhouette, RareSilhouette>;

/** Our own drawings of what most kits hold; those of the rest come right after the first screen. */
// prettier-ignore
export const commonDrawings: Readonly<Record<CommonSilhouette, Drawing>> = {
  // Cutting.
  knife: lies(['steel', 'M44 30L90 32Q99 40 100 58Q80 76 44 74Z'], ['shine', 'M44 32L88 34Q95 40 97 48L44 44Z'], ['black', 'M40 20H46V84H40Z'], ['own', 'M2 36Q4 18 14 20L40 26V78L14 82Q1 82 2 36Z'], ['light', 'M6 34Q8 26 15 27L38 32V42L8 44Z'], ['steel', 'M12 46h4v10h-4zM28 46h4v10h-4z']),
  saw: lies(['steel', 'M44 26L98 34Q100 46 98 60L94 70L90 60L86 70L82 60L78 70L74 60L70 70L66 60L62 70L58 60L54 70L50 62L44 66Z'], ['shine', 'M44 30L97 37V44L44 40Z'], ['own', 'M2 40Q0 16 12 18L44 22Q52 40 46 70L40 62Q26 80 10 92Q-1 90 2 40Z'], ['light', 'M6 38Q6 26 14 27L42 30L43 38L8 46Z'], ['black', 'M40 40a4 8 0 1 0 .1 0z']),
  stone: lies(['own', 'M2 16Q50 4 98 14Q100 50 97 88Q50 98 3 86Q0 50 2 16Z'], ['light', 'M5 22Q50 12 94 20V36Q50 30 5 40Z'], ['dark', 'M5 62H96V70H5Z']),
  trowel: lies(['own', 'M42 10Q88 4 99 50Q88 96 42 90Z'], ['light', 'M46 30Q84 26 94 48L46 46Z'], ['dark', 'M0 36Q4 30 10 34L44 40V60L10 66Q4 70 0 64Z']),
  'multi-tool': lies(['steel', 'M60 26L88 34Q99 40 99 48H60ZM60 74L88 66Q99 60 99 52H60Z'], ['own', 'M2 12H62Q68 26 66 46H4Q0 30 2 12ZM2 88H62Q68 74 66 54H4Q0 70 2 88Z'], ['shine', 'M8 18H58V24H8ZM8 82H58V76H8Z'], ['black', 'M60 44a6 7 0 1 0 .1 0z']),
  // Fire.
  lighter: lies(['own', 'M2 14Q30 8 78 12V88Q30 92 2 86Q0 50 2 14Z'], ['light', 'M6 20Q40 16 76 20V34H6Z'], ['steel', 'M78 10H96Q99 30 98 60H90V90H78Z'], ['black', 'M84 66H99V88H84Z'], ['dark', 'M70 12H74V88H70Z']),
  rod: lies(['black', 'M34 32H98Q100 50 98 68H34Z'], ['shine', 'M36 38H97V44H36Z'], ['own', 'M2 12Q20 2 38 22V78Q20 98 2 88Q-1 50 2 12Z'], ['paper', 'M10 42a6 9 0 1 0 .1 0z']),
  'match-case': lies(['own', 'M28 6H96Q100 50 96 94H28Z'], ['light', 'M30 14H96V34H30Z'], ['dark', 'M2 12Q8 2 28 4V96Q8 98 2 88Z'], ['black', 'M12 8h3v84h-3zM20 6h3v88h-3z']),
  tinder: round(['own', disc], ['steel', 'M50 8A42 42 0 1 1 50 92A42 42 0 1 1 50 8Z'], ['wood', 'M50 16A34 34 0 1 1 50 84A34 34 0 1 1 50 16Z'], ['paper', 'M24 50Q36 30 50 44Q62 28 78 46Q66 60 70 70Q54 60 44 74Q40 58 24 50Z']),
  stove: lies(['own', 'M4 4H96V96H4Z'], ['light', 'M10 10H90V20H10Z'], ['black', 'M18 32h12v12h-12zM44 32h12v12h-12zM70 32h12v12h-12zM18 58h12v12h-12zM44 58h12v12h-12zM70 58h12v12h-12z'], ['dark', 'M4 84H96V96H4Z']),
  candle: stands(['black', 'M48 0H53V14H48Z'], ['own', 'M6 14Q50 4 94 14V94Q50 104 6 94Z'], ['light', 'M16 18Q24 14 34 14V94Q24 96 16 92Z'], ['shine', 'M6 14Q50 6 94 14Q50 26 6 14Z']),
  // Water and cooking.
  bottle: lies(['black', 'M0 30Q0 26 4 26H13V74H4Q0 74 0 70Z'], ['own', 'M13 34H18Q22 8 36 3H92Q100 8 100 50T92 97H36Q22 92 18 66H13Z'], ['shine', 'M24 26Q30 14 40 13H92V30H24Z'], ['dark', 'M24 80Q30 90 40 90H92Q97 84 98 74H22Z']),
  'water-bag': lies(['black', 'M0 40H10V60H0Z'], ['own', 'M10 38Q18 30 22 12Q30 2 60 3Q90 2 98 12Q102 50 98 88Q90 98 60 97Q30 98 22 88Q18 70 10 62Z'], ['light', 'M28 20Q60 8 92 18V34Q60 24 28 36Z'], ['dark', 'M86 8L90 8V92L86 92Z']),
  mug: stands(['steel', 'M78 22Q102 20 100 50Q100 80 76 80V70Q88 70 88 50Q88 34 78 34Z'], ['own', 'M2 6Q40 -2 80 6V92Q40 103 2 92Z'], ['shine', 'M10 12Q18 8 26 8V94Q16 94 10 90Z'], ['dark', 'M2 6Q40 -2 80 6Q40 18 2 6Z']),
  pot: stands(['black', 'M40 0H60V10H40Z'], ['steel', 'M4 10Q50 2 96 10V22H4Z'], ['own', 'M6 22H94V90Q50 104 6 90Z'], ['shine', 'M14 24H26V94Q18 92 14 88Z'], ['black', 'M0 30H8V46H0ZM92 30H100V46H92Z']),
  filter: lies(['dark', 'M0 38H16V62H0ZM86 36H100V64H86Z'], ['own', 'M14 10Q18 2 28 4H74Q86 4 88 12V88Q86 96 74 96H28Q18 98 14 90Z'], ['light', 'M20 16H82V34H20Z'], ['paper', 'M34 46H68V74H34Z']),
  tablets: lies(['own', 'M1 4H99V96H1Z'], ['light', 'M1 4H99V18H1Z'], ['shine', 'M16 30a8 10 0 1 0 .1 0zM39 30a8 10 0 1 0 .1 0zM62 30a8 10 0 1 0 .1 0zM85 30a8 10 0 1 0 .1 0zM16 62a8 10 0 1 0 .1 0zM39 62a8 10 0 1 0 .1 0zM62 62a8 10 0 1 0 .1 0zM85 62a8 10 0 1 0 .1 0z']),
  spoon: lies(['own', 'M0 42Q2 34 8 38L70 44Q76 8 90 6Q102 20 100 50Q102 80 90 94Q76 92 70 56L8 62Q2 66 0 58Z'], ['dark', 'M78 50Q80 24 90 22Q96 34 95 50Q96 66 90 78Q80 76 78 50Z']),
  // Cover and cloth.
  roll: lies(['own', 'M8 4H92Q100 4 100 50T92 96H8Q0 96 0 50T8 4Z'], ['light', 'M10 12H90V30H10Z'], ['dark', 'M84 6Q98 14 98 50T84 94Q78 76 78 50T84 6Z'], ['shine', 'M90 30Q95 40 95 50T90 70Q86 60 86 50T90 30Z'], ['black', 'M22 3h4v94h-4zM58 3h4v94h-4z']),
  'folded-sheet': lies(['dark', 'M4 14L98 8Q101 50 97 94L8 97Q1 60 4 14Z'], ['own', 'M2 8Q50 1 95 5Q98 46 93 84Q46 90 4 88Q0 40 2 8Z'], ['light', 'M6 14Q50 8 90 11V20Q50 18 6 26Z'], ['dark', 'M4 46Q50 42 94 45V49Q50 47 4 51Z']),
  garment: lies(['dark', 'M8 12Q50 4 92 12L98 90Q50 99 3 92Z'], ['own', 'M30 4Q50 14 70 4L96 16Q100 40 92 52L86 48Q88 76 84 92Q50 98 16 92Q12 76 14 48L8 52Q0 40 4 16Z'], ['light', 'M30 6Q50 18 70 6L66 14Q50 24 34 14Z'], ['dark', 'M48 22h4v70h-4z']),
  mat: lies(['own', 'M7 2H93Q100 2 100 50T93 98H7Q0 98 0 50T7 2Z'], ['dark', 'M12 10H76V14H12ZM10 28H76V32H10ZM10 48H76V52H10ZM10 68H76V72H10ZM12 86H76V90H12Z'], ['light', 'M88 4Q99 14 99 50T88 96Q78 82 78 50T88 4Z'], ['dark', 'M88 24Q94 34 94 50T88 76Q83 66 83 50T88 24ZM88 40Q90 44 90 50T88 60Q86 56 86 50T88 40Z']),
  peg: lies(['own', 'M2 10H10V34L100 50L10 66V90H2Q-1 50 2 10Z'], ['light', 'M10 38L94 50L10 46Z']),
  gloves: lies(['own', 'M2 26L34 20Q36 6 46 4Q52 6 50 16L92 12Q100 16 98 24L96 84Q70 96 44 88L4 84Z'], ['light', 'M6 30L36 26L92 20V30L6 42Z'], ['dark', 'M2 26L18 23V86L4 84Z']),
  hat: stands(['own', 'M8 74Q4 8 50 4Q96 8 92 74Z'], ['light', 'M18 66Q16 22 40 14Q26 34 28 68Z'], ['dark', 'M2 70Q50 58 98 70V92Q50 102 2 92Z']),
  // Cord and fastening.
  hank: lies(['own', bundle], ['light', 'M6 26Q50 10 94 28V34Q50 18 6 34ZM4 52Q50 38 96 52V58Q50 46 4 60ZM8 76Q50 66 94 76V82Q50 74 10 84Z'], ['dark', 'M42 2Q58 0 60 4V96Q56 100 42 98Z'], ['light', 'M42 18H60V24H42ZM42 40H60V46H42ZM42 62H60V68H42ZM42 82H60V88H42Z']),
  reel: stands(['wood', 'M0 0H100V14H0ZM0 86H100V100H0Z'], ['own', 'M8 14H92V86H8Z'], ['light', 'M8 20H92V25H8ZM8 34H92V39H8ZM8 48H92V53H8ZM8 62H92V67H8ZM8 76H92V80H8Z']),
  tape: lies(['own', 'M14 3H86Q99 6 99 50T86 97H14Q1 94 1 50T14 3Z'], ['light', 'M16 12H84V26H16Z'], ['dark', 'M28 36H72Q78 38 78 50T72 64H28Q22 62 22 50T28 36Z']),
  carabiner: lies(['own', 'M22 4H80Q100 10 98 50Q100 92 78 96H24Q2 92 2 50Q2 10 22 4ZM24 20Q16 24 16 50Q16 76 26 80H76Q86 76 85 50Q86 24 78 20Z'], ['steel', 'M26 80H72V96H26Z']),
  // Light and power.
  torch: lies(['own', 'M0 22Q0 18 4 18H66L76 4H96Q100 4 100 50T96 96H76L66 82H4Q0 82 0 78Z'], ['light', 'M6 26H66L78 12H94V24H78L66 38H6Z'], ['glow', 'M95 6Q100 8 100 50T95 94Z'], ['black', 'M14 18h3v64h-3zM22 18h3v64h-3zM30 18h3v64h-3zM48 44h10v12h-10z']),
  headlamp: lies(['dark', 'M0 40Q10 20 24 24V76Q10 80 0 60ZM100 40Q90 20 76 24V76Q90 80 100 60Z'], ['own', 'M20 14Q50 4 80 14Q88 50 80 86Q50 96 20 86Q12 50 20 14Z'], ['glow', 'M50 24A26 26 0 1 1 50 76A26 26 0 1 1 50 24Z'], ['shine', 'M50 34A16 16 0 1 1 50 66A16 16 0 1 1 50 34Z']),
  cell: lies(['black', 'M0 4H66V96H0Z'], ['own', 'M66 4H94V96H66Z'], ['steel', 'M94 34H100V66H94Z'], ['shine', 'M2 14H92V28H2Z']),
  // Finding the way and being found.
  compass: lies(['paper', 'M2 6Q50 0 98 6Q100 50 98 94Q50 100 2 94Q0 50 2 6Z'], ['own', 'M8 14H92V22H8Z'], ['black', 'M30 18A26 38 0 1 1 30 92A26 38 0 1 1 30 18Z'], ['paper', 'M30 26A20 30 0 1 1 30 84A20 30 0 1 1 30 26Z'], ['glow', 'M30 30L36 56H24Z'], ['dark', 'M30 80L36 56H24ZM66 40H92V44H66ZM66 60H92V64H66Z']),
  map: lies(['own', 'M0 4L33 9L67 3L100 8V96L67 92L33 98L0 93Z'], ['paper', 'M6 16L33 20L67 14L94 18V86L67 82L33 88L6 84Z'], ['glow', 'M14 40Q24 24 40 36Q56 46 50 60Q36 74 22 64Q10 56 14 40Z'], ['dark', 'M33 9h2v89h-2zM66 3h2v89h-2z']),
  // Mending and the body.
  'needle-case': lies(['own', 'M2 14Q10 2 20 4H96Q100 50 96 96H20Q10 98 2 86Z'], ['light', 'M8 18H96V34H8Z'], ['dark', 'M64 4h4v92h-4z']),
  'first-aid': lies(['own', 'M4 14Q6 4 20 4H80Q94 4 96 14Q102 50 96 88Q94 97 80 97H20Q6 97 4 88Q-2 50 4 14Z'], ['light', 'M8 14H92V22H8Z'], ['paper', 'M22 58Q18 42 30 40H70Q82 42 78 58Q82 74 70 76H30Q18 74 22 58Z'], ['wood', 'M40 46H60V70H40Z'], ['black', 'M4 24H96V27H4Z']),
  bandage: lies(['own', 'M8 6H92Q101 10 100 50T92 94H8Q-1 90 0 50T8 6Z'], ['dark', 'M8 30H78V33H8ZM8 50H78V53H8ZM8 70H78V73H8Z'], ['light', 'M86 8Q98 16 98 50T86 92Q80 76 80 50T86 8Z'], ['glow', 'M20 6h8v88h-8z']),
  spray: lies(['black', 'M0 32H10V68H0ZM10 22H20V78H10Z'], ['own', 'M20 10Q26 4 34 4H94Q100 8 100 50T94 96H34Q26 96 20 90Z'], ['light', 'M26 16H94V32H26Z'], ['paper', 'M48 40H84V78H48Z']),
  // Food, cleaning and writing.
  'food-pouch': stands(['own', 'M6 0H94L98 14Q102 60 94 96Q50 104 6 96Q-2 60 2 14Z'], ['light', 'M10 18Q20 14 28 16Q24 60 30 94L14 92Q4 60 10 18Z'], ['dark', 'M4 6H96V11H4Z'], ['paper', 'M30 36Q50 28 72 36V66Q50 76 30 66Z']),
  bar: lies(['own', 'M0 20L6 10L8 22H92L94 10L100 20V80L94 90L92 78H8L6 90L0 80Z'], ['light', 'M12 28H88V42H12Z'], ['paper', 'M28 50H72V68H28Z']),
  'paper-roll': lies(['own', 'M6 10Q50 0 94 10Q102 50 94 90Q50 100 6 90Q-2 50 6 10Z'], ['dark', 'M30 34Q50 28 70 34Q74 50 70 66Q50 72 30 66Q26 50 30 34Z'], ['light', 'M8 20Q50 10 92 20V28Q50 20 8 30Z']),
  notebook: lies(['own', 'M4 2H98V98H4Z'], ['light', 'M14 10H94V20H14Z'], ['paper', 'M24 34H84V62H24Z'], ['black', 'M0 10H8V16H0ZM0 28H8V34H0ZM0 46H8V52H0ZM0 64H8V70H0ZM0 82H8V88H0Z']),
  pencil: lies(['glow', 'M0 10H10V90H0Z'], ['own', 'M10 10H82V90H10Z'], ['light', 'M10 10H82V36H10Z'], ['wood', 'M82 10L100 50L82 90Z'], ['black', 'M94 36L100 50L94 64Z']),
  card: lies(['own', 'M4 3H96Q100 4 100 50T96 97H4Q0 96 0 50T4 3Z'], ['light', 'M6 10H94V26H6Z'], ['dark', 'M12 44H70V50H12ZM12 62H86V68H12Z']),
  // Holders.
  pouch: lies(['own', 'M6 14Q8 4 20 4H80Q92 4 94 14Q104 60 92 94Q50 102 8 94Q-4 60 6 14Z'], ['dark', 'M8 32Q50 40 92 32V38Q50 46 8 38Z'], ['light', 'M14 10H86V18H14Z'], ['steel', 'M86 30H94V46H86Z'], ['dark', 'M20 56H80V84Q50 92 20 84Z']),
  pack: stands(['dark', 'M0 34Q2 26 12 28V80Q2 80 0 70ZM100 34Q98 26 88 28V80Q98 80 100 70Z'], ['own', 'M14 20Q18 2 50 2Q82 2 86 20Q96 60 90 96Q50 102 10 96Q4 60 14 20Z'], ['light', 'M14 22Q18 6 50 5Q82 6 86 22Q50 32 14 22Z'], ['dark', 'M22 52Q50 46 78 52V90Q50 96 22 90Z'], ['light', 'M26 58H74V62H26Z'], ['black', 'M34 24h4v22h-4zM62 24h4v22h-4z']),
  'dry-bag': stands(['black', 'M20 4H80V12H20Z'], ['dark', 'M14 10H86V20H14Z'], ['own', 'M12 20H88Q98 60 92 96Q50 103 8 96Q2 60 12 20Z'], ['light', 'M20 26H32Q28 60 30 94L18 92Q12 60 20 26Z']),
  barrel: stands(['black', 'M10 2Q50 -3 90 2V10H10Z'], ['steel', 'M4 9H96V17H4Z'], ['own', 'M6 17H94Q102 56 94 96Q50 103 6 96Q-2 56 6 17Z'], ['light', 'M16 19H28Q22 56 28 97L18 96Q10 56 16 19Z'], ['dark', 'M2 44H98V48H2ZM2 72H98V76H2Z'], ['black', 'M0 34H8V60H0ZM92 34H100V60H92Z']),
  // Camp and vehicle.
  net: lies(['own', 'M6 18Q50 -6 94 18Q104 50 92 82Q50 106 8 82Q-4 50 6 18Z'], ['light', 'M8 24L92 78L90 82L6 28ZM30 8L96 52L94 56L26 10ZM4 48L70 92L66 94L4 54Z'], ['dark', 'M92 24L8 78L6 74L90 20ZM70 8L4 52L4 46L66 6ZM96 48L30 92L26 90L96 42Z']),
  piece: lies(['own', 'M8 4H92Q100 8 100 50T92 96H8Q0 92 0 50T8 4Z'], ['light', 'M10 12H90V26H10Z']),
};
