import { igniteJobs, jobIds, type JobId } from '../gear';
import { beyondId, shippedSchemes } from '../loadout';

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

export type SchemeId = (typeof shippedSchemes)[number];

/** A category before it has its letter. */
type Unmarked = Omit<Category, 'mark'>;

const cutting: Unmarked = {
  id: 'cutting',
  name: 'Cutting',
  jobs: ['cut', 'saw', 'chop', 'snip', 'grip', 'sharpen', 'dig', 'turn', 'pry'],
  must: [['cut']],
};

const combustion: Unmarked = {
  id: 'combustion',
  name: 'Combustion',
  jobs: ['flame', 'spark', 'sun-fire', 'strike', 'tinder', 'char', 'stove', 'fuel'],
  must: [igniteJobs],
};

const cover: Unmarked = {
  id: 'cover',
  name: 'Cover',
  jobs: ['roof', 'shell', 'insulate', 'sleep', 'ground', 'raise', 'reflect', 'stake'],
  must: [['roof']],
};

const container: Unmarked = {
  id: 'container',
  name: 'Container',
  jobs: ['water', 'carry-water', 'boil', 'treat-water', 'strain', 'eat'],
  must: [['carry-water'], ['boil']],
};

const cordage: Unmarked = {
  id: 'cordage',
  name: 'Cordage',
  jobs: ['cord', 'line', 'fasten', 'wire'],
  must: [['cord']],
};

const fiveCs: readonly Unmarked[] = [
  cutting,
  combustion,
  cover,
  container,
  { ...cordage, jobs: [...cordage.jobs, 'tape'] },
];

const tenCs: readonly Unmarked[] = [
  cutting,
  combustion,
  cover,
  container,
  cordage,
  { id: 'candling', name: 'Candling', jobs: ['light', 'candle'], must: [['light']] },
  { id: 'cotton', name: 'Cotton', jobs: ['cloth'], must: [['cloth']] },
  {
    id: 'compass',
    name: 'Compass',
    jobs: ['bearing', 'map', 'position', 'pace'],
    must: [['bearing']],
  },
  { id: 'cargo-tape', name: 'Cargo tape', jobs: ['tape', 'glue'], must: [['tape']] },
  {
    id: 'canvas-needle',
    name: 'Canvas needle',
    jobs: ['sew', 'thread'],
    must: [['sew'], ['thread']],
  },
];

const signals: readonly JobId[] = ['signal-sound', 'signal-day', 'signal-night', 'call', 'mark'];
const wayFinding: readonly JobId[] = ['bearing', 'map', 'position', 'pace'];
const mending: readonly JobId[] = ['sew', 'thread', 'glue', 'spare', 'tape'];
const cords: readonly JobId[] = ['cord', 'line', 'fasten', 'wire'];

/** How long a person goes without: minutes for breath and blood, hours in the cold, days without water. */
const ruleOfThrees: readonly Unmarked[] = [
  {
    id: 'three-minutes',
    name: 'Three minutes',
    jobs: [
      'bleed-control',
      'first-aid',
      'breathe',
      'animal-guard',
      'eyes',
      'hands',
      'put-out',
      'warn',
    ],
    must: [['bleed-control'], ['first-aid']],
  },
  {
    id: 'three-hours',
    name: 'Three hours',
    jobs: [...cover.jobs, ...combustion.jobs, 'warm-pack', 'sun-guard'],
    must: [['roof'], igniteJobs, ['insulate', 'sleep']],
  },
  {
    id: 'three-days',
    name: 'Three days',
    jobs: ['water', 'carry-water', 'boil', 'treat-water', 'strain', 'electrolyte'],
    must: [['carry-water'], ['treat-water', 'boil']],
  },
  {
    id: 'three-weeks',
    name: 'Three weeks',
    jobs: ['food', 'catch', 'eat'],
    must: [['food', 'catch']],
  },
  {
    id: 'getting-home',
    name: 'Getting home',
    jobs: [...signals, ...wayFinding, 'light', 'candle'],
    must: [signals, ['bearing', 'map', 'position'], ['light']],
  },
  {
    id: 'making-do',
    name: 'Making do',
    jobs: [...cutting.jobs, ...cords, ...mending, 'cloth'],
    must: [['cut'], ['cord']],
  },
];

const whatHurtsFirst: readonly Unmarked[] = [
  {
    id: 'first-aid',
    name: 'First aid',
    jobs: ['first-aid', 'bleed-control', 'blister', 'medicine', 'tweeze', 'breathe'],
    must: [['first-aid']],
  },
  {
    id: 'shelter',
    name: 'Shelter',
    jobs: [
      ...cover.jobs,
      'hands',
      'eyes',
      'sun-guard',
      'insect-guard',
      'animal-guard',
      'warm-pack',
    ],
    must: [['roof'], ['insulate', 'sleep']],
  },
  { id: 'fire', name: 'Fire', jobs: combustion.jobs, must: [igniteJobs] },
  {
    id: 'water',
    name: 'Water',
    jobs: ['water', 'carry-water', 'boil', 'treat-water', 'strain', 'electrolyte'],
    must: [['carry-water'], ['treat-water', 'boil']],
  },
  { id: 'signal', name: 'Signal', jobs: [...signals, 'light', 'candle'], must: [signals] },
  {
    id: 'find-the-way',
    name: 'Find the way',
    jobs: wayFinding,
    must: [['bearing', 'map', 'position']],
  },
  { id: 'food', name: 'Food', jobs: ['food', 'catch', 'eat'], must: [['food', 'catch']] },
  {
    id: 'tools',
    name: 'Tools',
    jobs: [...cutting.jobs, ...cords, ...mending, 'cloth'],
    must: [['cut'], ['cord']],
  },
];

/** The schemes that ship. */
export const schemes: Readonly<Record<SchemeId, Scheme>> = {
  'five-cs': schemeWith('five-cs', 'Five Cs', 'Cs', fiveCs),
  'ten-cs': schemeWith('ten-cs', 'Ten Cs', 'Cs', tenCs),
  'rule-of-threes': schemeWith('rule-of-threes', 'Rule of threes', 'spans', ruleOfThrees),
  'what-hurts-first': schemeWith('what-hurts-first', 'What hurts first', 'needs', whatHurtsFirst),
};

export const schemeIds: readonly SchemeId[] = shippedSchemes;

export function isSchemeId(text: string): text is SchemeId {
  return (schemeIds as readonly string[]).includes(text);
}

/** The category of a job; every job has one. */
export function categoryOf(scheme: Scheme, job: JobId): Category {
  const category = scheme.categories.find(({ jobs }) => jobs.includes(job));
  if (!category) throw new Error(`${scheme.name} leaves out the job ${job}`);
  return category;
}

/** A scheme of these categories, each with a letter, and one beyond them for all jobs that they leave out. */
export function schemeWith(
  id: string,
  name: string,
  unit: string,
  named: readonly Unmarked[],
): Scheme {
  const gathered = new Set(named.flatMap(({ jobs }) => jobs));
  const beyond: Category = {
    id: beyondId,
    name: 'Beyond',
    mark: '+',
    jobs: jobIds.filter((job) => !gathered.has(job)),
    must: [],
  };
  const marked = named.map((category, at) => ({ ...category, mark: letterAt(at) }));
  return { id, name, unit, categories: beyond.jobs.length === 0 ? marked : [...marked, beyond] };
}

/** A to Z, then a to z. */
function letterAt(at: number): string {
  return String.fromCharCode((at < 26 ? 65 : 71) + at);
}
