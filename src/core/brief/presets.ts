import { emptyBrief, somebody, type Brief } from './brief';
import { dayAfter } from '../quantity';

/** A usual kind of kit to start a brief from: what it fills in, and the words that say so. */
export interface Preset {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly fills: Partial<Brief>;
  /** Nights away from the day on which it is taken; null where it waits for no day. */
  readonly nights: number | null;
}

const twoPeople = [somebody, somebody];

/** The presets, the smallest kit first. Figures are planning values of this project. */
export const presets: readonly Preset[] = [
  {
    id: 'pocket-tin',
    name: 'Pocket tin',
    says: 'One person, one night that was not planned; at most 250 g, and the lid closes.',
    fills: {
      work: 'easy',
      workHours: 4,
      searchHours: 12,
      rules: [
        { rule: 'most mass', massG: 250 },
        { rule: 'lids close' },
        { rule: 'outside', sidesMm: [120, 85, 35] },
      ],
    },
    nights: 1,
  },
  {
    id: 'everyday-bag',
    name: 'Everyday bag',
    says: 'One person in town, home by night; at most 5 kg.',
    fills: {
      work: 'easy',
      workHours: 4,
      country: 'town',
      isFireAllowed: false,
      rules: [{ rule: 'most mass', massG: 5000 }, { rule: 'lids close' }],
    },
    nights: 0,
  },
  {
    id: 'day-walk',
    name: 'Day walk',
    says: 'One person, eight hours on foot; a search starts after twelve; a tenth of the body’s mass.',
    fills: {
      work: 'moderate',
      workHours: 8,
      searchHours: 12,
      rules: [{ rule: 'most share', share: 0.1 }],
    },
    nights: 0,
  },
  {
    id: 'grab-bag',
    name: 'Grab bag',
    says: 'Three days away from home for one, from any month, stored ready; at most a fifth of the body’s mass.',
    fills: {
      work: 'moderate',
      workHours: 4,
      when: { on: 'months', fromMonth: 1, toMonth: 12, nights: 3 },
      searchHours: 72,
      isFireAllowed: false,
      rules: [{ rule: 'most share', share: 0.2 }, { rule: 'second vessel' }],
    },
    nights: null,
  },
  {
    id: 'overnight',
    name: 'Overnight',
    says: 'One night outside, six hours on foot each day; a fifth of the body’s mass.',
    fills: {
      work: 'moderate',
      workHours: 6,
      searchHours: 24,
      rules: [{ rule: 'most share', share: 0.2 }, { rule: 'lids close' }],
    },
    nights: 1,
  },
  {
    id: 'hunting-trip',
    name: 'Hunting trip',
    says: 'Two nights for two, hard going, out of the way; two ways to fire when a bag is gone.',
    fills: {
      people: twoPeople,
      work: 'hard',
      workHours: 7,
      searchHours: 36,
      rules: [
        { rule: 'without a holder', anyOf: ['flame', 'spark', 'sun-fire'] },
        { rule: 'must have', what: 'compass' },
      ],
    },
    nights: 2,
  },
  {
    id: 'paddling-trip',
    name: 'Paddling trip',
    says: 'Four nights for two on the water, wet; fire and warmth survive the loss of a bag.',
    fills: {
      people: twoPeople,
      work: 'moderate',
      workHours: 6,
      dryHours: 2,
      searchHours: 48,
      rules: [
        { rule: 'without a holder', anyOf: ['flame', 'spark', 'sun-fire'] },
        { rule: 'without a holder', anyOf: ['cut'] },
      ],
    },
    nights: 4,
  },
  {
    id: 'vehicle-box',
    name: 'Vehicle box',
    says: 'Two people held up for a night by the road, any month; kept in the vehicle, hot and cold.',
    fills: {
      people: twoPeople,
      work: 'easy',
      workHours: 2,
      country: 'road',
      when: { on: 'months', fromMonth: 1, toMonth: 12, nights: 1 },
      storedIn: 'vehicle',
      searchHours: 12,
      rules: [{ rule: 'must have', what: 'warning triangle' }],
    },
    nights: null,
  },
  {
    id: 'home-box',
    name: 'Home box',
    says: 'Three days at home without current or water for two, any month.',
    fills: {
      people: twoPeople,
      work: 'easy',
      workHours: 2,
      country: 'town',
      when: { on: 'months', fromMonth: 1, toMonth: 12, nights: 3 },
      isFireAllowed: false,
      storedIn: 'house',
      rules: [],
    },
    nights: null,
  },
];

/**
 * A brief with what a preset fills in; what is there already of place and weather stays.
 *
 * @param today YYYY-MM-DD: the day it starts, where the preset is for a trip of some nights.
 */
export function withPreset(brief: Brief | null, preset: Preset, today: string): Brief {
  const before = brief ?? emptyBrief;
  const when =
    preset.nights === null
      ? before.when
      : { on: 'days' as const, from: today, to: dayAfter(today, preset.nights) };
  return { ...before, when, ...preset.fills, preset: preset.id };
}
