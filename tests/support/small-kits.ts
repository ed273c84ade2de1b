import { findingInWords } from '@/core/judge';
import { workedOut } from '@/core/kit';
import { underOwnBrief } from '@/core/kit/under-own-brief';
import type { Need, NeedId } from '@/core/needs';
import { everyFinding } from './every-finding';
import { judgedKit } from './judged-kit';

/** Where a small kit goes: the brief, but for what a row changes. */
const briefs = {
  /** A night on foot in September woods. */
  woods: {
    people: [{ bodyKg: 75, heightCm: 178 }],
    work: 'moderate',
    workHours: 5,
    place: { name: 'Ridge', latitude: 51.7, longitude: 10.6 },
    altitudeM: 550,
    setting: 'inland',
    country: 'temperate-woodland',
    when: { on: 'days', from: '2027-09-17', to: '2027-09-19' },
    weather: { lowC: 7, highC: 15, humidityPct: 80, rainDays: 8, windKmh: 10 },
    dryHours: 3,
    searchHours: 24,
    noteLeftWith: 'Sister',
  },
  walk: {
    people: [{ bodyKg: 75, heightCm: 178 }],
    work: 'moderate',
    workHours: 6,
    place: { name: 'Hills', latitude: 51, longitude: 10 },
    altitudeM: 300,
    setting: 'inland',
    country: 'temperate-woodland',
    when: { on: 'days', from: '2027-10-09', to: '2027-10-09' },
    weather: { lowC: 5, highC: 12, humidityPct: 80, rainDays: 8, windKmh: 10 },
    dryHours: 6,
    searchHours: 12,
    noteLeftWith: 'Sister',
  },
  town: {
    people: [{ bodyKg: 64, heightCm: 168 }],
    work: 'easy',
    workHours: 3,
    place: { name: 'River town', latitude: 53.5, longitude: 10 },
    altitudeM: 10,
    setting: 'coast',
    country: 'town',
    when: { on: 'days', from: '2027-11-09', to: '2027-11-09' },
    weather: { lowC: 3, highC: 8, humidityPct: 88, rainDays: 15, windKmh: 15 },
    isFireAllowed: false,
    noteLeftWith: '',
  },
  desert: {
    people: [{ bodyKg: 78, heightCm: 180 }],
    work: 'moderate',
    workHours: 5,
    place: { name: 'Dry hills', latitude: 30.5, longitude: 34.8 },
    altitudeM: 600,
    setting: 'inland',
    country: 'desert',
    when: { on: 'days', from: '2027-10-12', to: '2027-10-14' },
    weather: { lowC: 14, highC: 30, humidityPct: 35, rainDays: 0, windKmh: 15 },
    dryHours: 12,
    searchHours: 24,
    noteLeftWith: 'Village',
  },
  hot: {
    people: [{ bodyKg: 70, heightCm: 175 }],
    work: 'moderate',
    workHours: 5,
    place: { name: 'River forest', latitude: 4.5, longitude: 115 },
    altitudeM: 150,
    setting: 'inland',
    country: 'hot-wet-forest',
    when: { on: 'days', from: '2027-03-10', to: '2027-03-13' },
    weather: { lowC: 23, highC: 31, humidityPct: 88, rainDays: 20, windKmh: 4 },
    dryHours: 2,
    searchHours: 48,
    noteLeftWith: 'Guide',
  },
  snow: {
    people: [{ bodyKg: 82, heightCm: 184 }],
    work: 'hard',
    workHours: 5,
    place: { name: 'Fell', latitude: 66, longitude: 25 },
    altitudeM: 250,
    setting: 'inland',
    country: 'boreal-lakes',
    when: { on: 'days', from: '2027-02-12', to: '2027-02-15' },
    weather: { lowC: -18, highC: -8, humidityPct: 80, rainDays: 9, windKmh: 12 },
    searchHours: 48,
    noteLeftWith: 'Hut',
  },
  car: {
    people: [{ bodyKg: 80, heightCm: 180 }],
    work: 'easy',
    workHours: 1,
    place: { name: 'Pass road', latitude: 47.3, longitude: 12.5 },
    altitudeM: 900,
    setting: 'inland',
    country: 'road',
    when: { on: 'months', fromMonth: 12, toMonth: 2, nights: 1 },
    weather: { lowC: -12, highC: -2, humidityPct: 80, rainDays: 12, windKmh: 10 },
    storedIn: 'vehicle',
    searchHours: 12,
    vehicleKg: 1900,
  },
  home: {
    people: [{ bodyKg: 82, heightCm: 182 }],
    work: 'easy',
    workHours: 1,
    place: { name: 'Flat', latitude: 51.2, longitude: 6.8 },
    altitudeM: 60,
    setting: 'inland',
    country: 'town',
    when: { on: 'months', fromMonth: 1, toMonth: 12, nights: 10 },
    isFireAllowed: false,
    storedIn: 'house',
    waterThreats: ['bacteria', 'viruses'],
  },
} as const;

export type Where = keyof typeof briefs;

export interface Told {
  readonly need: (id: NeedId) => Need;
  /** All that is found, parts too: the severity, the rule, what it is of, and the sentence. */
  readonly says: readonly string[];
}

/** Works out a few typed lines under one of the briefs. */
export function told(where: Where, lines: readonly string[], otherwise: object = {}): Told {
  const brief = JSON.stringify({ ...briefs[where], ...otherwise });
  const text = `name: Small\npurpose: One thing.\ntoday: 2027-03-01\nbrief: ${brief}\nlines:\n`;
  const judged = judgedKit('small', text + lines.join('\n'));
  expect(judged.notes).toEqual([]);
  const kit = workedOut(judged.bench, judged.bench.loadouts.get('kit')!, judged.today);
  const { needs } = underOwnBrief(kit, 'metric')!;
  return {
    need: (id) => needs.find(({ need }) => need === id)!,
    says: everyFinding(kit).map(
      (each) => `${each.severity} ${each.rule} ${each.of}: ${findingInWords(each, kit, 'metric')}`,
    ),
  };
}
