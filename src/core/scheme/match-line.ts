import { byName } from '../quantity';
import type { Kind } from '../catalogue';
import { kindMeantBy } from '../reading';
import { igniteJobs, jobIds, jobs, type JobId } from '../gear';
import type { ListLine } from '../loadout';

/** Words that lists use for needs rather than things. A word of a job's own name needs no entry. */
const wordJobs = byName<readonly JobId[]>({
  shelter: ['roof'],
  cover: ['roof'],
  fire: igniteJobs,
  ignition: igniteJobs,
  combustion: igniteJobs,
  warm: ['insulate', 'sleep'],
  warmth: ['insulate', 'sleep'],
  clothing: ['insulate', 'shell'],
  clothes: ['insulate', 'shell'],
  bedding: ['sleep'],
  water: ['carry-water'],
  container: ['carry-water'],
  purification: ['treat-water'],
  cooking: ['boil', 'stove'],
  cordage: ['cord', 'line'],
  navigation: ['bearing', 'map', 'position'],
  signalling: ['signal-sound', 'signal-day', 'signal-night'],
  signaling: ['signal-sound', 'signal-day', 'signal-night'],
  signal: ['signal-sound', 'signal-day', 'signal-night'],
  communication: ['call'],
  lighting: ['light', 'candle'],
  illumination: ['light', 'candle'],
  candling: ['light', 'candle'],
  cutting: ['cut'],
  tools: ['cut', 'saw', 'chop', 'grip'],
  repair: ['sew', 'tape', 'glue', 'spare'],
  repairs: ['sew', 'tape', 'glue', 'spare'],
  hygiene: ['wash', 'toilet'],
  sanitation: ['toilet'],
  medical: ['first-aid'],
  nutrition: ['food'],
  snacks: ['food'],
  fishing: ['catch'],
  energy: ['recharge', 'cells'],
  power: ['recharge', 'cells'],
  batteries: ['cells'],
  money: ['cash'],
  documents: ['papers'],
  entertainment: ['morale'],
  insects: ['insect-guard'],
  sun: ['sun-guard'],
});

/** Words that tell nothing of what a line asks for. */
const idle = new Set([
  'a',
  'an',
  'and',
  'or',
  'the',
  'for',
  'of',
  'to',
  'with',
  'some',
  'something',
  'from',
  'by',
  'off',
  'in',
]);

/** A line of a list, matched: to the catalogue kind that it names, or else to the jobs that its words speak of. */
export function matchLine(text: string): ListLine {
  const kind = kindMeantBy(text);
  if (kind) return { text, kind: kind.id, jobs: jobsOfKind(kind) };
  return { text, kind: null, jobs: jobsInText(text) };
}

/** What a kind is there for: what it is made for, or where that is nothing, what it serves. */
export function jobsOfKind({ supplies }: Pick<Kind, 'supplies'>): readonly JobId[] {
  for (const fitness of ['made-for', 'serves', 'improvised'] as const) {
    const own = supplies.filter((supply) => supply.fitness === fitness).map(({ job }) => job);
    if (own.length > 0) return own;
  }
  return [];
}

function jobsInText(text: string): readonly JobId[] {
  const words = text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '' && !idle.has(word));
  const named = jobIds.filter((job) => wordsOf(job).every((word) => words.includes(word)));
  if (named.length > 0) return named;
  return [...new Set(words.flatMap((word) => wordJobs.get(word) ?? []))];
}

function wordsOf(job: JobId): readonly string[] {
  return jobs[job].name.split(' ').filter((word) => !idle.has(word));
}
