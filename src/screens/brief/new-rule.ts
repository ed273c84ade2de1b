import type { BriefRule } from '@/core/brief';
import { briefRanges } from '@/core/brief';
import { igniteJobs, whyNotInRange, type Range } from '@/core/gear';
import { parseLength, parseMass, parseMoney, parseSize, type Currency } from '@/core/quantity';
import { numberIn } from './number-in';

interface Asked {
  readonly name: string;
  readonly asks: 'nothing' | 'figure' | 'words';
  /** What is to be typed. */
  readonly says: string;
}

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
  'fire without a holder': { name: 'Fire when any holder is gone', asks: 'nothing', says: '' },
  'blade without a holder': { name: 'A blade when any holder is gone', asks: 'nothing', says: '' },
  'three fires': { name: 'Three ways to ignite', asks: 'nothing', says: '' },
} as const satisfies Readonly<Record<string, Asked>>;

export type NewRule = keyof typeof newRules;

/** A rule from what was typed; null where that is not what it asks. */
export function ruleFrom(which: NewRule, typed: string, currency: Currency): BriefRule | null {
  switch (which) {
    case 'lids close':
    case 'second vessel':
      return { rule: which };
    case 'must have':
    case 'must not have':
      return { rule: which, what: typed.trim() };
    case 'fire without a holder':
      return { rule: 'without a holder', anyOf: igniteJobs };
    case 'blade without a holder':
      return { rule: 'without a holder', anyOf: ['cut'] };
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
    case 'three fires':
      return { rule: 'ways', anyOf: igniteJobs, ways: 3 };
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

function isIn(value: number, range: Range): boolean {
  return whyNotInRange(value, range) === null;
}
