/**
 * How the amounts of several supplies of one job make one figure. `none` where no one figure is honest: warmth
 * is worn by one person and does not add up over two.
 */
export type Tally = 'sum' | 'largest' | 'smallest' | 'none';

interface JobEntry {
  readonly name: string;
  readonly group: string;
  /** The unit of a supply's amount, as printed; null where a job has no amount. */
  readonly unit: string | null;
  readonly tally: Tally;
  /** A job whose loss is a finding of its own. */
  readonly critical: boolean;
  /** Doing it uses up what does it: an opened one does less of it. */
  readonly isUsedUp: boolean;
  /** Each person needs their own, worn or slept in: another of it is no spare. */
  readonly isPerPerson: boolean;
}

function job(group: string, name: string, unit: string | null = null, tally?: Tally): JobEntry {
  return {
    group,
    name,
    unit,
    tally: tally ?? (unit === null ? 'none' : 'sum'),
    critical: false,
    isUsedUp: false,
    isPerPerson: false,
  };
}

function critical(entry: JobEntry): JobEntry {
  return { ...entry, critical: true };
}

function perPerson(entry: JobEntry): JobEntry {
  return { ...entry, isPerPerson: true };
}

function usedUp(entry: JobEntry): JobEntry {
  return { ...entry, isUsedUp: true };
}

/** Everything that a kit may have to be able to do. */
export const jobs = {
  cut: critical(job('cut', 'cut')),
  saw: job('cut', 'saw'),
  chop: job('cut', 'chop'),
  snip: job('cut', 'snip'),
  grip: job('cut', 'grip'),
  sharpen: job('cut', 'sharpen'),
  dig: job('cut', 'dig'),
  turn: job('cut', 'turn screws'),
  pry: job('cut', 'pry'),
  flame: usedUp(job('fire', 'flame', 'lights')),
  spark: usedUp(job('fire', 'spark', 'strikes')),
  'sun-fire': job('fire', 'fire from the sun'),
  strike: job('fire', 'strike a rod'),
  tinder: usedUp(job('fire', 'tinder', 'min')),
  char: job('fire', 'char cloth'),
  stove: job('fire', 'stove'),
  fuel: usedUp(job('fire', 'fuel', 'kJ')),
  water: usedUp(job('water', 'water', 'mL')),
  'carry-water': critical(job('water', 'carry water', 'mL')),
  boil: critical(job('water', 'boil', 'mL', 'largest')),
  'treat-water': usedUp(critical(job('water', 'treat water', 'L'))),
  strain: job('water', 'strain'),
  eat: perPerson(job('water', 'eat')),
  roof: critical(job('cover', 'roof', 'm²')),
  shell: perPerson(job('cover', 'shell')),
  insulate: perPerson(job('cover', 'insulate', 'clo', 'none')),
  sleep: perPerson(job('cover', 'sleep', '°C', 'smallest')),
  ground: perPerson(job('cover', 'ground', 'R')),
  raise: job('cover', 'raise off the ground'),
  reflect: job('cover', 'reflect heat'),
  stake: job('cover', 'stake', 'pegs'),
  cord: usedUp(critical(job('cord', 'cord', 'm'))),
  line: usedUp(job('cord', 'line', 'm')),
  fasten: job('cord', 'fasten'),
  tape: usedUp(job('cord', 'tape', 'm')),
  wire: usedUp(job('cord', 'wire', 'm')),
  light: job('light', 'light', 'lumen-hours'),
  candle: usedUp(job('light', 'candle', 'h')),
  cloth: job('cloth', 'cloth', 'm²'),
  bearing: job('find the way', 'bearing'),
  map: job('find the way', 'map'),
  position: job('find the way', 'position'),
  pace: job('find the way', 'pace'),
  'signal-sound': job('be found', 'signal by sound'),
  'signal-day': job('be found', 'signal by day'),
  'signal-night': job('be found', 'signal by night'),
  mark: job('be found', 'mark'),
  call: job('be found', 'call'),
  sew: job('mend', 'sew'),
  thread: usedUp(job('mend', 'thread', 'm')),
  glue: job('mend', 'glue'),
  spare: job('mend', 'spare part'),
  'first-aid': critical(job('body', 'first aid')),
  'bleed-control': job('body', 'control bleeding'),
  blister: job('body', 'blisters'),
  medicine: job('body', 'medicine'),
  tweeze: job('body', 'tweeze'),
  food: usedUp(job('food', 'food', 'kcal')),
  catch: job('food', 'catch food'),
  electrolyte: job('food', 'electrolyte'),
  hands: perPerson(job('guard', 'guard hands')),
  eyes: perPerson(job('guard', 'guard eyes')),
  'sun-guard': perPerson(job('guard', 'sun guard')),
  'insect-guard': perPerson(job('guard', 'insect guard')),
  'animal-guard': job('guard', 'animal guard'),
  breathe: perPerson(job('guard', 'guard breath')),
  'put-out': job('guard', 'put out fire'),
  toilet: job('clean', 'toilet'),
  wash: job('clean', 'wash'),
  cells: job('power', 'cells', 'Wh'),
  recharge: usedUp(job('power', 'recharge', 'Wh')),
  connect: job('power', 'connect by cable'),
  write: job('mind', 'write'),
  guide: job('mind', 'guide'),
  morale: job('mind', 'morale'),
  'warm-pack': job('mind', 'warm pack'),
  cash: job('means', 'cash'),
  papers: job('means', 'papers'),
  tow: job('vehicle', 'tow'),
  unstick: job('vehicle', 'free a stuck vehicle'),
  throw: job('vehicle', 'throw a line'),
  tyre: job('vehicle', 'mend a tyre'),
  start: job('vehicle', 'start the engine'),
  warn: job('vehicle', 'warn traffic'),
} as const satisfies Record<string, JobEntry>;

export type JobId = keyof typeof jobs;

export const jobIds = Object.keys(jobs) as readonly JobId[];

/** Any of these is a way to ignite; igniting is critical though no single one of them is. */
export const igniteJobs: readonly JobId[] = ['flame', 'spark', 'sun-fire'];

/** Whether two lists name the same jobs, in whatever order. */
export function isSameJobs(one: readonly JobId[], other: readonly JobId[]): boolean {
  return one.length === other.length && one.every((job) => other.includes(job));
}
