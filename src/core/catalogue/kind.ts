import { clothedClo, isBright, jobs, lightOf, onAny, plainSupply, sleepTempC } from '../gear';
import type {
  Care,
  Cavity,
  CellType,
  Closure,
  Harm,
  Keeping,
  Sort,
  Facts,
  ContentUnit,
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
  Threat,
  WarmStuff,
} from '../gear';
export { box, cylinder } from '../gear';
import { doesNotWorkIn } from './does-not-work-in';
import { bears, cleanOnly, closureOf, mostLoads, noisy } from './handling';
import { readyings } from './readyings';
import { trials } from './trials';

/**
 * A generic entry that gear can start from. Its figures are typical, until the piece is measured. Its care is what is to be done to it on a rhythm while it lies stored (own planning values); its cautions are short and
 * specific: the product’s label, local law and trained people come first.
 */
export interface Kind extends Keeping {
  readonly id: string;
  readonly name: string;
  /** What people call it: one of these must be typed for the kind to be meant. */
  readonly nouns: readonly string[];
  /** Words that tell it from others of the same noun. */
  readonly traits: readonly string[];
  /** One of these must be said for it to be meant; empty where its name is enough. */
  readonly onlyIf: readonly string[];
  /** Words that it can never be: an insulated bottle is no pot. */
  readonly isNever: readonly string[];
  readonly look: Look;
  readonly massG: number;
  readonly form: Form;
  /** Typical price in euro cents. */
  readonly priceMinor: number;
  readonly cavities: readonly Cavity[];
  readonly supplies: readonly Supply[];
  /** What one full one holds of what is used up; null where nothing is. */
  readonly contents: KindContents | null;
  /** What it bears at most when something hangs on it, in N, and carries at most in its cavities, in g. */
  readonly bearsN: number | null;
  readonly mostLoadG: number | null;
  /** What is done to it before it goes along, and how it is tried. */
  readonly ready: readonly string[];
  readonly trial: readonly string[];
}

export interface KindContents {
  readonly unit: ContentUnit;
  readonly full: number;
  /** Of the contents of a full one, in g. */
  readonly massG: number;
}

/** What a kind has beside its figures, its supplies and its cavities. */
interface Beside {
  /** One of these words must be said. */
  readonly only?: string;
  /** Words that it can never be. */
  readonly never?: string;
  readonly contents?: KindContents;
  /** What ruins it while it lies. */
  readonly spoiledBy?: readonly Harm[];
  readonly care?: readonly Care[];
  readonly cautions?: readonly string[];
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
  { only = '', never = '', contents, spoiledBy = [], care = [], cautions = [] }: Beside = {},
): Kind {
  return {
    id,
    name,
    nouns: nouns.split('|'),
    traits: listed(traits),
    onlyIf: listed(only),
    isNever: listed(never),
    look: { silhouette, stuff, colour },
    massG,
    form,
    priceMinor,
    cavities: cavities.map((cavity) => ({
      ...cavity,
      closure: closureOf(id, silhouette, cavity),
    })),
    supplies: withBrightness(supplies, silhouette, colour),
    contents: contents ?? metresOf(supplies, form, massG),
    spoiledBy,
    failsIn: doesNotWorkIn(id),
    care,
    cautions: [...cautions, ...handledSo(id, supplies)],
    bearsN: bears.get(id) ?? null,
    mostLoadG: mostLoads.get(id) ?? null,
    ready: readyings.get(id) ?? [],
    trial: trials.get(id) ?? [],
  };
}

function handledSo(id: string, supplies: readonly Supply[]): readonly string[] {
  // Of what is made to be heard it is no caution.
  const isToBeHeard = supplies.some(({ job }) => job === 'signal-sound' || job === 'warn');
  return [
    ...(noisy.includes(id) && !isToBeHeard ? ['Heard from afar.'] : []),
    ...(cleanOnly.includes(id) ? ['For clean water only.'] : []),
  ];
}

/** Pieces of bright cloth that can be spread or hung out, by how they are drawn. */
const spread: readonly Silhouette[] = [
  'pouch',
  'dry-bag',
  'pack',
  'garment',
  'folded-sheet',
  'roll',
  'hat',
];

/** What is bright and can be spread out is seen by day, and marks a place. */
function withBrightness(
  supplies: readonly Supply[],
  silhouette: Silhouette,
  colour: string,
): readonly Supply[] {
  if (!spread.includes(silhouette) || !isBright(colour)) return supplies;
  const seen = (['signal-day', 'mark'] as const).filter(
    (job) => !supplies.some((supply) => supply.job === job),
  );
  return [...supplies, ...seen.map((job) => makesDo(job))];
}

function listed(words: string): readonly string[] {
  return words === '' ? [] : words.split('|');
}

/** What is counted in metres is used up by the metre; a tenth of a reel’s mass is taken to be what it is wound on. */
function metresOf(supplies: readonly Supply[], form: Form, massG: number): KindContents | null {
  const metres = supplies.find(
    ({ job, amount, fitness }) =>
      jobs[job].unit === 'm' && amount !== null && fitness === 'made-for',
  );
  return metres
    ? { unit: 'm', full: metres.amount!, massG: form.shape === 'soft' ? massG : massG * 0.9 }
    : null;
}

export function holding(unit: ContentUnit, full: number, massG: number): KindContents {
  return { unit, full, massG };
}

export function every(everyMonths: number, act: Care['act']): Care {
  return { act, everyMonths };
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
  return ofSort(cell, supply('made-for', 'cells', energyWh, []));
}

/** A supply of a sort. */
export function ofSort(sort: Sort, supply: Supply): Supply {
  return { ...supply, sort };
}

/** A sheet of these sides, in m, the longer first. */
export function sheet(lengthM: number, widthM: number, supply: Supply): Supply {
  return known({ of: 'sheet', lengthM, widthM }, supply);
}

/** A supply of which more is known. */
export function known(facts: Facts, supply: Supply): Supply {
  return { ...supply, facts };
}

/**
 * A lamp: its light for its power in lm/W, and what it runs on: cells, or a battery of its own in Wh. How much light it gives
 * follows.
 */
export function lamp(
  fitness: Fitness,
  lumensPerWatt: number,
  {
    isHandsFree = false,
    ownWh = null,
  }: { readonly isHandsFree?: boolean; readonly ownWh?: number | null },
  ...demands: Demand[]
): Supply {
  const made = known(
    { of: 'light', isHandsFree, lumensPerWatt, ownWh },
    supply(fitness, 'light', null, demands),
  );
  return { ...made, amount: lightOf(made) };
}

/** Treatment that takes out these threats in so many minutes; null where the device says itself. */
export function treating(removes: readonly Threat[], minutes: number | null, made: Supply): Supply {
  return known({ of: 'treatment', removes, minutes }, made);
}

/** What warms, by what warms in it. */
export function warm(stuff: WarmStuff, made: Supply): Supply {
  return known({ of: 'warmth', stuff }, made);
}

/** How cold it may be under a blanket of so many clo for who sleeps clothed, in whole °C. */
export function clothedSleepC(clo: number): number {
  return Math.round(sleepTempC(clo + clothedClo));
}

/** Cloth so large, in m²; cotton chars and holds water, and warms nobody wet. */
export function clothOf(isCotton: boolean, made: Supply): Supply {
  return known({ of: 'cloth', isCotton }, made);
}

/** Cord that breaks at so many newtons. */
export function breakingAt(breakingN: number, made: Supply): Supply {
  return known({ of: 'cord', breakingN }, made);
}

/**
 * Heated on a fire, bare and of one wall, it boils so many mL; what is boiled is safe of all that lives in it. Below 300 mL nobody
 * treats a day’s water by the cup.
 */
export function boils(fitness: Fitness, mL: number): readonly Supply[] {
  const boiling = supply(fitness, 'boil', mL, [heat]);
  const treats = treating(
    ['protozoa', 'bacteria', 'viruses'],
    1,
    supply(fitness === 'made-for' ? 'serves' : fitness, 'treat-water', null, [heat]),
  );
  return mL >= 300 ? [boiling, treats] : [boiling];
}

/** A supply that one part of the piece does: the lid of a pot is its plate. */
export function byPart(part: string, supply: Supply): Supply {
  return { ...supply, part };
}

/** A supply that is not done with one hand. */
export function twoHanded(supply: Supply): Supply {
  return { ...supply, needsBothHands: true };
}

export function relying(...anyOf: JobId[]): Demand {
  return onAny(...anyOf);
}

/** Something that does a job and is of one of these sorts. */
export function relyingOn(job: JobId, ...sorts: Sort[]): Demand {
  return { on: 'jobs', anyOf: [job], sorts, items: 1 };
}

export function cells(cell: CellType, count: number): Demand {
  return { on: 'jobs', anyOf: ['cells'], sorts: [cell], items: count };
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
    closure = null,
    mouthMm,
  }: CavityExtras & { readonly mouthMm?: number } = {},
): Cavity {
  const mouth: Mouth =
    mouthMm === undefined ? { shape: 'section' } : { shape: 'round', diameterMm: mouthMm };
  return { id, name, inside, mouth, mostMassG: null, waterproof, closure, reach };
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
    closure = null,
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
    closure,
    reach,
  };
}

interface CavityExtras {
  readonly reach?: Reach;
  readonly waterproof?: boolean;
  readonly closure?: Closure | null;
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
  return { ...plainSupply(job, fitness, amount), demands };
}
