import type {
  Cavity,
  CellType,
  Demand,
  Fitness,
  Form,
  Inside,
  JobId,
  Look,
  Mouth,
  Reach,
  Silhouette,
  Stuff,
  Supply,
} from '../gear';

/** A generic entry that gear can start from. Its figures are typical, until the piece is measured. */
export interface Kind {
  readonly id: string;
  readonly name: string;
  /** What people call it: one of these must be typed for the kind to be meant. */
  readonly nouns: readonly string[];
  /** Words that tell it from others of the same noun. */
  readonly traits: readonly string[];
  readonly look: Look;
  readonly massG: number;
  readonly form: Form;
  /** Typical price in euro cents. */
  readonly priceMinor: number;
  readonly cavities: readonly Cavity[];
  readonly supplies: readonly Supply[];
}

/** The table's columns in the order in which they are written there. */
export function kind(
  id: string,
  name: string,
  nouns: string,
  traits: string,
  [silhouette, stuff, colour]: readonly [Silhouette, Stuff, string],
  massG: number,
  form: Form,
  priceMinor: number,
  supplies: readonly Supply[],
  cavities: readonly Cavity[] = [],
): Kind {
  return {
    id,
    name,
    nouns: nouns.split('|'),
    traits: traits === '' ? [] : traits.split('|'),
    look: { silhouette, stuff, colour },
    massG,
    form,
    priceMinor,
    cavities,
    supplies,
  };
}

/** Sides in mm. */
export function box(lengthMm: number, widthMm: number, heightMm: number): Form {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

/** Diameter and height in mm. */
export function cylinder(diameterMm: number, heightMm: number): Form {
  return { shape: 'cylinder', diameterMm, heightMm, upright: false };
}

/** Loose and tightest volume in mL, the thinnest side and the longest rigid part in mm. */
export function soft(
  looseMl: number,
  tightMl: number,
  thinnestMm: number,
  longestRigidMm = 0,
): Form {
  return { shape: 'soft', looseMl, tightMl, thinnestMm, longestRigidMm };
}

export function madeFor(job: JobId, amount: number | null = null, ...demands: Demand[]): Supply {
  return supply('made-for', job, amount, demands);
}

export function serves(job: JobId, amount: number | null = null, ...demands: Demand[]): Supply {
  return supply('serves', job, amount, demands);
}

export function makesDo(job: JobId, amount: number | null = null, ...demands: Demand[]): Supply {
  return supply('improvised', job, amount, demands);
}

/** One cell of a type holding `energyWh`. */
export function cellOf(cell: CellType, energyWh: number): Supply {
  return { ...supply('made-for', 'cells', energyWh, []), cell };
}

export function relying(...anyOf: JobId[]): Demand {
  return { on: 'jobs', anyOf };
}

export function cells(cell: CellType, count: number): Demand {
  return { on: 'cells', cell, count };
}

export const sun: Demand = { on: 'sun' };

/** Anything that makes a fire or heats a pot. */
export const heat: Demand = relying('flame', 'spark', 'sun-fire');

/** A cavity with rigid walls, open over its whole section unless `mouthMm` is the width of a round mouth. */
export function rigidCavity(
  id: string,
  name: string,
  inside: Exclude<Inside, { shape: 'soft' }>,
  {
    reach = 'main',
    waterproof = false,
    mouthMm,
  }: CavityExtras & { readonly mouthMm?: number } = {},
): Cavity {
  const mouth: Mouth =
    mouthMm === undefined ? { shape: 'section' } : { shape: 'round', diameterMm: mouthMm };
  return { id, name, inside, mouth, mostMassG: null, waterproof, reach };
}

/** A cavity with soft walls: volume in mL, longest side in mm. */
export function softCavity(
  id: string,
  name: string,
  volumeMl: number,
  longestMm: number,
  {
    reach = 'main',
    waterproof = false,
    bulgeShare = 0,
  }: CavityExtras & { readonly bulgeShare?: number } = {},
): Cavity {
  return {
    id,
    name,
    inside: { shape: 'soft', volumeMl, longestMm, bulgeShare },
    mouth: { shape: 'section' },
    mostMassG: null,
    waterproof,
    reach,
  };
}

interface CavityExtras {
  readonly reach?: Reach;
  readonly waterproof?: boolean;
}

export function insideBox(lengthMm: number, widthMm: number, heightMm: number) {
  return { shape: 'box', lengthMm, widthMm, heightMm } as const;
}

export function insideCylinder(diameterMm: number, heightMm: number) {
  return { shape: 'cylinder', diameterMm, heightMm } as const;
}

function supply(
  fitness: Fitness,
  job: JobId,
  amount: number | null,
  demands: readonly Demand[],
): Supply {
  return { job, fitness, amount, demands, cell: null };
}
