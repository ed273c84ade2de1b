/** What the inside or the length of a piece is counted in, where it is used up bit by bit. */
export const contentUnits = [
  'm',
  'tablets',
  'strikes',
  'lights',
  'mL',
  'g',
  'h',
  'Wh',
  'doses',
  'pieces',
] as const;
export type ContentUnit = (typeof contentUnits)[number];

/** What one piece holds of something that is used up, when it is full, and what is left of it now. */
export interface Contents {
  readonly unit: ContentUnit;
  readonly full: number;
  /** From 0, nothing left, to `full`. */
  readonly left: number;
  /** The mass of a full one’s contents in g: that much of the piece’s mass goes as they are used up. */
  readonly massG: number;
}
