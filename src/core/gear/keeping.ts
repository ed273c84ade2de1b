/** What harms things, in the store or in use. */
export const harms = [
  'frost',
  'heat',
  'wet',
  'sun',
  'knocks',
  'salt',
  'fuel and solvents',
] as const;
export type Harm = (typeof harms)[number];

export const careActs = [
  'inspect',
  'rotate',
  'recharge',
  'replace',
  'test',
  'clean',
  'dry',
] as const;
export type CareAct = (typeof careActs)[number];

/** One act of care, every so many months. */
export interface Care {
  readonly act: CareAct;
  readonly everyMonths: number;
}

/** How often care is taken at most and at least, in months. */
export const mostMonths = 600;

/** How many harms, acts of care and cautions one piece has at most, and how long a caution is. */
export const mostCares = careActs.length;
export const mostCautions = 20;
export const longestCaution = 300;

/** How a piece is kept: copied from its kind when it is made, and its owner's to change. */
export interface Keeping {
  /** What ruins it while it lies. */
  readonly spoiledBy: readonly Harm[];
  /** In what it does not work, though it may afterwards. */
  readonly failsIn: readonly Harm[];
  readonly care: readonly Care[];
  readonly cautions: readonly string[];
}

/** Nothing is known of how it is kept. */
export const noKeeping: Keeping = { spoiledBy: [], failsIn: [], care: [], cautions: [] };
