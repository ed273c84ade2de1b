import { lies, stands, type Drawing, type RareSilhouette } from './silhouettes';

/** Our own drawings of what is not in most kits. */
// prettier-ignore
export const rareDrawings: Readonly<Record<RareSilhouette, Drawing>> = {
  'folding-knife': lies(['steel', 'M50 8Q88 6 99 34L52 44Z'], ['own', 'M3 62Q2 34 20 32L96 34Q100 62 92 82Q50 102 16 92Q4 86 3 62Z'], ['light', 'M10 52Q14 42 24 42L88 44V52Q40 50 12 60Z'], ['steel', 'M84 56a6 10 0 1 0 .1 0zM14 60a5 9 0 1 0 .1 0z']),
  axe: lies(['own', 'M0 62Q2 48 10 52L96 58V76L12 74Q1 78 0 62Z'], ['light', 'M4 58L94 61V65L4 64Z'], ['steel', 'M78 50L76 6Q86 0 100 0Q96 30 99 50L98 86H80Z'], ['shine', 'M92 3L99 1Q95 28 97 48L92 46Z']),
  shears: lies(['steel', 'M46 40L99 26L98 34L52 54ZM46 60L99 74L98 66L52 46Z'], ['own', 'M2 24A22 22 0 0 1 44 28L54 46L46 50L36 44A22 22 0 0 1 2 24ZM2 76A22 22 0 0 0 44 72L54 54L46 50L36 56A22 22 0 0 0 2 76Z'], ['paper', 'M10 26A12 10 0 0 1 32 26A12 10 0 0 1 10 26ZM10 74A12 10 0 0 0 32 74A12 10 0 0 0 10 74Z'], ['black', 'M48 47h5v7h-5z']),
  canister: stands(['steel', 'M38 0H62V14H38Z'], ['own', 'M2 34Q4 16 30 12H70Q96 16 98 34V92Q50 104 2 92Z'], ['light', 'M8 36Q14 22 28 20V92Q14 92 8 88Z'], ['paper', 'M2 50H98V72H2Z']),
  'power-bank': lies(['own', 'M6 4H94Q100 6 100 50T94 96H6Q0 94 0 50T6 4Z'], ['light', 'M8 12H92V22H8Z'], ['glow', 'M12 74h5v10h-5zM22 74h5v10h-5zM32 74h5v10h-5z'], ['black', 'M94 40H100V60H94Z']),
  radio: lies(['black', 'M70 8H100V22H70Z'], ['own', 'M2 6H72Q78 8 78 50T72 98H2Q0 50 2 6Z'], ['paper', 'M46 24H68V74H46Z'], ['dark', 'M8 22H12V80H8ZM18 22H22V80H18ZM28 22H32V80H28Z']),
  phone: lies(['black', 'M4 2H96Q100 4 100 50T96 98H4Q0 96 0 50T4 2Z'], ['own', 'M8 8H92V92H8Z'], ['light', 'M8 8H92V26H8Z']),
  whistle: lies(['own', 'M2 14H60Q98 12 99 52Q98 96 62 96Q44 94 38 62L2 58Z'], ['light', 'M6 20H60V30H6Z'], ['black', 'M40 14H52V36H40ZM64 48a10 14 0 1 0 .1 0z']),
  mirror: lies(['own', 'M2 4H98V96H2Z'], ['shine', 'M10 12H90V88H10Z'], ['own', 'M20 80L60 12H74L34 80Z'], ['black', 'M50 42a5 8 0 1 0 .1 0z']),
  flare: lies(['own', 'M16 6H98Q100 50 98 94H16Z'], ['light', 'M18 14H96V30H18Z'], ['dark', 'M0 12Q8 4 16 6V94Q8 96 0 88Z'], ['paper', 'M40 6H60V94H40Z']),
  tube: lies(['black', 'M0 32H14V68H0Z'], ['own', 'M14 22Q26 6 40 6L99 2V98L40 94Q26 94 14 78Z'], ['light', 'M22 28Q30 16 42 16L92 14V30L22 40Z'], ['dark', 'M93 2H99V98H93Z']),
  tweezers: lies(['own', 'M0 40Q2 10 20 12L100 44V50H0ZM0 60Q2 90 20 88L100 56V50H0Z'], ['dark', 'M20 44L84 50L20 56Z']),
  tin: lies(['own', 'M8 2H92Q100 6 100 50T92 98H8Q0 94 0 50T8 2Z'], ['shine', 'M10 10H90V22H10Z'], ['dark', 'M8 8Q50 4 92 8Q97 50 92 92Q50 96 8 92Q3 50 8 8ZM12 14Q8 50 12 86Q50 89 88 86Q92 50 88 14Q50 11 12 14Z']),
  can: stands(['own', 'M2 8Q50 -4 98 8V92Q50 104 2 92Z'], ['shine', 'M12 14H26V94Q16 94 12 92Z'], ['dark', 'M2 30H98V34H2ZM2 48H98V52H2ZM2 66H98V70H2Z'], ['steel', 'M2 8Q50 -4 98 8Q50 20 2 8Z']),
  box: stands(['light', 'M0 4H100V20H0Z'], ['own', 'M4 20H96L92 98H8Z'], ['dark', 'M4 20H96V26H4Z'], ['black', 'M40 12H60V32H40Z'], ['dark', 'M20 32H24V94H20ZM76 32H80V94H76Z']),
  shovel: lies(['wood', 'M0 42Q4 26 10 30L60 42V58L10 70Q4 74 0 58Z'], ['own', 'M56 30Q62 4 84 8Q102 30 99 50Q102 70 84 92Q62 96 56 70Z'], ['light', 'M60 32Q66 12 82 14Q92 26 94 40Q76 34 60 40Z'], ['dark', 'M52 42H66V58H52Z']),
  lantern: stands(['black', 'M30 0Q50 -4 70 0V3Q50 0 34 4L26 14H20Z'], ['dark', 'M18 12H82L88 24H12Z'], ['glow', 'M18 24H82V78H18Z'], ['shine', 'M24 26H34V76H24Z'], ['own', 'M10 78H90L94 98Q50 103 6 98Z'], ['black', 'M46 24h4v54h-4zM12 22h76v4h-76z']),
  jug: stands(['black', 'M18 0H44V10H18Z'], ['own', 'M6 18Q10 8 22 10H92Q99 12 98 22V92Q96 100 88 99H12Q4 99 3 90Z'], ['dark', 'M54 18H86Q90 19 89 24V40H80V28H54Z'], ['light', 'M10 26Q16 18 26 20V92H12Z'], ['dark', 'M6 66H97V70H6Z']),
  bucket: stands(['steel', 'M4 16Q50 -18 96 16H90Q50 -6 10 16Z'], ['own', 'M2 16Q50 6 98 16L88 94Q50 103 12 94Z'], ['light', 'M12 22Q20 19 30 18L34 96Q22 96 18 93Z'], ['dark', 'M2 16Q50 6 98 16Q50 28 2 16Z']),
  cable: lies(['own', 'M10 24Q50 2 88 20Q104 50 86 80Q50 100 12 78Q-4 50 10 24ZM20 34Q10 50 22 68Q50 84 78 70Q88 50 78 32Q50 18 20 34Z'], ['own', 'M26 42Q50 28 72 42Q78 50 70 60Q50 72 28 60Q20 50 26 42ZM36 48Q32 52 38 55Q50 60 62 55Q66 50 60 46Q50 42 36 48Z'], ['black', 'M80 10H98V26H80Z'], ['steel', 'M98 13H100V23H98Z']),
  goggles: lies(['own', 'M0 30Q4 22 14 26Q50 16 86 26Q96 22 100 30L98 44Q96 86 76 88Q58 90 54 60Q50 54 46 60Q42 90 24 88Q4 86 2 44Z'], ['dark', 'M8 38Q26 30 42 40Q42 78 26 80Q10 78 8 38ZM58 40Q74 30 92 38Q90 78 74 80Q58 78 58 40Z'], ['shine', 'M12 42Q20 38 28 40L18 66Q12 58 12 42ZM62 42Q70 38 78 40L68 66Q62 58 62 42Z']),
  book: lies(['dark', 'M2 6H98V98H2Z'], ['paper', 'M6 10H99V92H6Z'], ['own', 'M0 2H94V88H0Z'], ['light', 'M10 8H88V18H10Z'], ['paper', 'M24 30H74V54H24Z'], ['dark', 'M6 2H10V88H6Z']),
  wallet: lies(['dark', 'M4 8H98V96H4Z'], ['own', 'M2 6Q4 2 10 3H90Q97 4 97 12V84Q97 92 90 92H10Q2 92 2 84Z'], ['light', 'M6 10H93V16H6Z'], ['dark', 'M62 38H97V62H62Q56 50 62 38Z'], ['steel', 'M72 45a6 6 0 1 0 .1 0z']),
};
