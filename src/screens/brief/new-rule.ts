import { addingUp, briefRanges, type BriefRule } from '@/core/brief';
import { igniteJobs, jobIds, jobs, whyNotInRange, type JobId, type Range } from '@/core/gear';
import {
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  type Currency,
} from '@/core/quantity';
import { numberIn } from './number-in';

interface Asked {
  readonly name: string;
  readonly asks: 'nothing' | 'figure' | 'words';
  /** What is to be typed. */
  readonly says: string;
  /** The jobs that it may be about, where it is about one. */
  readonly of?: readonly JobAsked[];
}

/** A job, or any of those that light a fire. */
export type JobAsked = JobId | 'ignite';

const byName = (ids: readonly JobId[]) =>
  [...ids].sort((one, other) => jobs[one].name.localeCompare(jobs[other].name));

const anyJob: readonly JobAsked[] = ['ignite', ...byName(jobIds)];

/** The rules that can be added by hand, and what each asks to be typed. */
export const newRules = {
  'lids close': { name: 'Every lid closes', asks: 'nothing', says: '' },
  'second vessel': { name: 'A second vessel', asks: 'nothing', says: '' },
  'most mass': { name: 'At most so much mass', asks: 'figure', says: 'a mass, as 12 kg' },
  'most share': {
    name: 'At most so much of the bodies',
    asks: 'figure',
    says: 'a share in %, as 20',
  },
  outside: { name: 'No larger outside', asks: 'figure', says: 'a size, as 55x35x20 cm' },
  'most price': { name: 'At most so much money', asks: 'figure', says: 'a price, as 200' },
  girth: { name: 'No more girth', asks: 'figure', says: 'a length, as 90 cm' },
  categories: { name: 'Each of the Ten Cs has something', asks: 'nothing', says: '' },
  'must have': { name: 'Must have', asks: 'words', says: 'what, as compass' },
  'must not have': { name: 'Must not have', asks: 'words', says: 'what, as axe' },
  ways: {
    name: 'So many independent ways',
    asks: 'figure',
    says: 'how many, 1 to 4',
    of: anyJob,
  },
  amount: { name: 'So much of a job', asks: 'figure', says: 'how much', of: byName(addingUp) },
  'without a holder': {
    name: 'Still done when any holder is gone',
    asks: 'nothing',
    says: '',
    of: anyJob,
  },
} as const satisfies Readonly<Record<BriefRule['rule'], Asked>>;

export type NewRule = keyof typeof newRules;

/** The jobs that a rule may be about; none where it is about no job. */
export function jobsAskedBy(which: NewRule): readonly JobAsked[] {
  const asked: Asked = newRules[which];
  return asked.of ?? [];
}

/** What is to be typed for a rule, of an amount with its unit. */
export function typedFor(which: NewRule, job: JobAsked): string {
  const { says } = newRules[which];
  if (which !== 'amount' || job === 'ignite') return says;
  const { unit } = jobs[job];
  return `how much, in ${unit === 'mL' ? 'L' : unit}`;
}

/** A rule from what was typed, about a job where it is about one; null where that is not what it asks. */
export function ruleFrom(
  which: NewRule,
  typed: string,
  currency: Currency,
  job: JobAsked,
): BriefRule | null {
  const anyOf = job === 'ignite' ? igniteJobs : [job];
  switch (which) {
    case 'lids close':
    case 'second vessel':
      return { rule: which };
    case 'must have':
    case 'must not have':
      return { rule: which, what: typed.trim() };
    case 'without a holder':
      return { rule: which, anyOf };
    case 'ways': {
      const ways = numberIn(typed);
      return ways !== null && isIn(ways, briefRanges.ways) ? { rule: which, anyOf, ways } : null;
    }
    case 'amount': {
      const least = job === 'ignite' ? null : amountFrom(typed, job);
      return job !== 'ignite' && least !== null && isIn(least, briefRanges.amount)
        ? { rule: which, job, least }
        : null;
    }
    case 'categories':
      return { rule: 'categories', scheme: 'ten-cs' };
    case 'most price': {
      const price = parseMoney(typed, currency);
      return price.ok && isIn(price.value, briefRanges.priceMinor)
        ? { rule: 'most price', priceMinor: price.value }
        : null;
    }
    case 'girth': {
      const girth = parseLength(typed, 'mm');
      return girth.ok && isIn(girth.value, briefRanges.girthMm)
        ? { rule: 'girth', girthMm: girth.value }
        : null;
    }
    case 'most mass': {
      const mass = parseMass(typed, 'kg');
      return mass.ok && isIn(mass.value, briefRanges.massG)
        ? { rule: 'most mass', massG: mass.value }
        : null;
    }
    case 'most share': {
      const share = numberIn(typed.replace('%', ''));
      return share !== null && isIn(share / 100, briefRanges.share)
        ? { rule: 'most share', share: share / 100 }
        : null;
    }
    case 'outside': {
      const size = parseSize(typed, 'mm');
      if (!size.ok || size.value.sidesMm.length !== 3) return null;
      return { rule: 'outside', sidesMm: size.value.sidesMm };
    }
  }
}

/** So much of a job, of water in litres where no unit is typed; null where it is no such figure. */
function amountFrom(typed: string, job: JobId): number | null {
  if (jobs[job].unit !== 'mL') return numberIn(typed.replace(/\s*[^\d.,]+$/, ''));
  const volume = parseVolume(typed, 'l');
  return volume.ok ? volume.value : null;
}

function isIn(value: number, range: Range): boolean {
  return whyNotInRange(value, range) === null;
}
