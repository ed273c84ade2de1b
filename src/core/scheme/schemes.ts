import { igniteJobs, jobIds, type JobId } from '../gear';

/** A name for jobs that belong together. */
export interface Category {
  readonly id: string;
  readonly name: string;
  /** The letter that marks it on the mat. */
  readonly mark: string;
  readonly jobs: readonly JobId[];
  /** What it must be able to do to count as covered: one job of each of these sets. */
  readonly must: readonly (readonly JobId[])[];
}

/** A way to group all jobs: every job is in exactly one of its categories. */
export interface Scheme {
  readonly id: string;
  readonly name: string;
  /** What the categories are called together, for “9 of 10 Cs”. */
  readonly unit: string;
  readonly categories: readonly Category[];
}

export type SchemeId = 'five-cs' | 'ten-cs';

const cutting: Category = {
  id: 'cutting',
  name: 'Cutting',
  mark: 'A',
  jobs: ['cut', 'saw', 'chop', 'snip', 'grip', 'sharpen', 'dig'],
  must: [['cut']],
};

const combustion: Category = {
  id: 'combustion',
  name: 'Combustion',
  mark: 'B',
  jobs: ['flame', 'spark', 'sun-fire', 'tinder', 'stove', 'fuel'],
  must: [igniteJobs],
};

const cover: Category = {
  id: 'cover',
  name: 'Cover',
  mark: 'C',
  jobs: ['roof', 'shell', 'insulate', 'sleep', 'ground', 'raise', 'reflect', 'stake'],
  must: [['roof']],
};

const container: Category = {
  id: 'container',
  name: 'Container',
  mark: 'D',
  jobs: ['carry-water', 'boil', 'treat-water', 'strain', 'eat'],
  must: [['carry-water'], ['boil']],
};

const cordage: Category = {
  id: 'cordage',
  name: 'Cordage',
  mark: 'E',
  jobs: ['cord', 'line', 'fasten', 'wire'],
  must: [['cord']],
};

const furtherFive: readonly Category[] = [
  { id: 'candling', name: 'Candling', mark: 'F', jobs: ['light', 'candle'], must: [['light']] },
  { id: 'cotton', name: 'Cotton', mark: 'G', jobs: ['cloth'], must: [['cloth']] },
  {
    id: 'compass',
    name: 'Compass',
    mark: 'H',
    jobs: ['bearing', 'map', 'position', 'pace'],
    must: [['bearing']],
  },
  { id: 'cargo-tape', name: 'Cargo tape', mark: 'I', jobs: ['tape', 'glue'], must: [['tape']] },
  {
    id: 'canvas-needle',
    name: 'Canvas needle',
    mark: 'J',
    jobs: ['sew', 'thread'],
    must: [['sew'], ['thread']],
  },
];

const fiveCs = [
  cutting,
  combustion,
  cover,
  container,
  { ...cordage, jobs: [...cordage.jobs, 'tape'] as JobId[] },
];
const tenCs = [cutting, combustion, cover, container, cordage, ...furtherFive];

/** The schemes that ship. */
export const schemes: Readonly<Record<SchemeId, Scheme>> = {
  'five-cs': {
    id: 'five-cs',
    name: 'Five Cs',
    unit: 'Cs',
    categories: [...fiveCs, beyond(fiveCs)],
  },
  'ten-cs': { id: 'ten-cs', name: 'Ten Cs', unit: 'Cs', categories: [...tenCs, beyond(tenCs)] },
};

export const schemeIds = Object.keys(schemes) as readonly SchemeId[];

export function isSchemeId(text: string): text is SchemeId {
  return (schemeIds as readonly string[]).includes(text);
}

/** The category of a job; every job has one. */
export function categoryOf(scheme: Scheme, job: JobId): Category {
  const category = scheme.categories.find(({ jobs }) => jobs.includes(job));
  if (!category) throw new Error(`${scheme.name} leaves out the job ${job}`);
  return category;
}

/** The place for all jobs that the others leave out. It must do nothing, so it does not count. */
function beyond(others: readonly Category[]): Category {
  const named = new Set(others.flatMap(({ jobs }) => jobs));
  return {
    id: 'beyond',
    name: 'Beyond',
    mark: '+',
    jobs: jobIds.filter((job) => !named.has(job)),
    must: [],
  };
}
