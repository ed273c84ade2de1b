/** The words that models are told in: apart from what they work out, as briefs and files are read by them alone. */

export const works = ['easy', 'moderate', 'hard'] as const;
/** How hard somebody moves. */
export type Work = (typeof works)[number];

export const sexes = ['man', 'woman', 'unknown'] as const;
export type Sex = (typeof sexes)[number];

export const terrains = [
  'road',
  'dirt',
  'light brush',
  'heavy brush',
  'bog',
  'sand',
  'firm snow',
] as const;
export type Terrain = (typeof terrains)[number];

export const settings = ['coast', 'inland', 'far inland'] as const;
/** How far from the sea a place is: at it, within some hundred km, or farther. */
export type Setting = (typeof settings)[number];
