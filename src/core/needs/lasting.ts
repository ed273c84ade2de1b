import type { JobId } from '../gear';
import { soonnessFor } from '../scheme/dangers';
import type { Need, NeedId } from './need';
import type { NeedsKit } from './needs-kit';

/** What of a kit answers a need: the lack of these jobs is what hurts; none where nothing hurts in time. */
export const jobsOfNeed: Readonly<Record<NeedId, readonly JobId[]>> = {
  drink: ['water', 'carry-water'],
  carry: ['carry-water'],
  treat: ['treat-water'],
  food: ['food'],
  load: [],
  warmth: ['insulate', 'shell'],
  sleep: ['sleep'],
  ground: ['ground'],
  roof: ['roof'],
  rig: ['cord'],
  fire: ['flame', 'spark', 'sun-fire'],
  fuel: ['fuel'],
  light: ['light'],
  power: ['recharge'],
  guard: ['insect-guard', 'sun-guard'],
  'first aid': ['first-aid'],
  'own musts': [],
  hygiene: [],
  found: ['signal-sound', 'signal-day', 'signal-night', 'call'],
  evening: [],
};

/** How soon the lack of own medicine hurts, in h (own). */
const ownMustsH = 6;

/** So many °C of the bed too thin are the whole of it (own). */
const wholeBedC = 15;

/** Under this share of what is asked nobody would say it (judgement). */
export const worthSaying = 0.1;

/** How much of a need is lacking, from 0 to 1. */
export function shareLacking({ need, standing, supply, demand }: Need): number {
  if (standing === 'met' || standing === 'not known') return 0;
  if (standing === 'none' || demand === null || supply === null) return 1;
  if (need === 'sleep') return Math.min(1, Math.abs(supply - demand) / wholeBedC);
  if (need === 'load') return demand > 0 ? Math.min(1, (supply - demand) / demand) : 1;
  return demand > 0 ? Math.max(0, Math.min(1, 1 - supply / demand)) : 1;
}

/** How long a need lasts and then takes until its lack hurts there, in h; Infinity where nothing says so. */
export function hurtsAfterH(need: Need, soon: (anyOf: readonly JobId[]) => number): number {
  const lastsH = need.days === null || need.standing === 'none' ? 0 : need.days * 24;
  if (need.need === 'own musts') return lastsH + ownMustsH;
  const jobs = jobsOfNeed[need.need];
  return jobs.length === 0 ? Infinity : lastsH + soon(jobs);
}

/** Cold that hurts within so many hours is what one turns back for; in a mild night one is only uncomfortable (own). */
const bitterH = 8;
const coldNeeds: readonly NeedId[] = ['warmth', 'sleep', 'roof'];

/** A bed so many °C too thin spoils a cool night too, though not a warm one (own). */
const thinBedC = 3;
const coolNightC = 15;

/** So much of the clothing is lacking that walking on and wrapping up no longer help, as a share (own). */
const thinClothing = 0.3;

function isThinBed({ need, supply, demand }: Need): boolean {
  if (need !== 'sleep' || supply === null || demand === null) return false;
  return supply - demand >= thinBedC && demand < coolNightC;
}

/** Whether the lack of a need is one to turn back for where they are, once it hurts in time. */
export function turnsBack(
  need: Need,
  afterH: number,
  { shelter, conditions: { highC } }: Pick<NeedsKit, 'shelter' | 'conditions'>,
): boolean {
  // Who sits in a house or a car wraps up, and sees by day.
  if (shelter !== null && (need.need === 'warmth' || need.need === 'light')) return false;
  if (coldNeeds.includes(need.need) && afterH > bitterH && !isThinBed(need)) return false;
  if (need.need === 'warmth' && shareLacking(need) < thinClothing) return false;
  // Somebody is dry at a pinch, or one of them is.
  if (need.need === 'roof' && need.standing !== 'none') return false;
  // What is melted is all there is to drink.
  return need.need !== 'fuel' || (highC !== null && highC.value < 0);
}

/** How long a kit lasts, and which need ends it; nulls where nothing of it runs out or is known. */
export interface Lasting {
  readonly days: number | null;
  readonly first: NeedId | null;
}

/** Needs by which a trip ends; what belongs to another, as the ground to the bed, is told by that. */
const endsTrip: readonly NeedId[] = [
  'drink',
  'food',
  'sleep',
  'warmth',
  'roof',
  'fuel',
  'light',
  'own musts',
];

/** Of these there may be enough for a while: where nothing hurts in time, the one that is used up first is told. */
const usedUp: readonly NeedId[] = ['drink', 'food', 'fuel', 'light'];

/** How long a day out is, in h (own). */
const dayOutH = 12;

/** Days until the first need ends of those whose lack hurts before the trip, and the search after it, ends. */
export function lastingOf(needs: readonly Need[], kit: NeedsKit): Lasting {
  const { brief, conditions, nights } = kit;
  const soon = soonnessFor({ ...brief, schools: {} }, conditions);
  const awayH = nights === null ? Infinity : nights * 24 + dayOutH + (brief.searchHours ?? 0);
  const ending = needs
    .filter((need) => endsTrip.includes(need.need) && shareLacking(need) > worthSaying)
    .map((need) => ({ need, afterH: hurtsAfterH(need, soon) }))
    // Own things that are not used up, as spectacles, end nothing by a day.
    .filter(({ need }) => need.need !== 'own musts' || need.days !== null)
    .filter(({ need, afterH }) => afterH <= awayH && turnsBack(need, afterH, kit))
    .sort(
      (one, other) =>
        one.afterH - other.afterH ||
        endsTrip.indexOf(one.need.need) - endsTrip.indexOf(other.need.need),
    );
  const [first] = ending;
  if (first) return { days: first.need.days ?? 0, first: first.need.need };
  const running = needs
    .filter(({ need, days }) => usedUp.includes(need) && days !== null && days !== Infinity)
    .sort((one, other) => one.days! - other.days!);
  const [least] = running;
  return { days: least?.days ?? null, first: least?.need ?? null };
}
