import type { Brief } from '../brief';
import type { Complaint, Gear, Sort } from '../gear';
import type { WorkedOutKit } from '../kit';
import { needsKitUnder } from '../kit/under-brief';
import { underOwnBrief } from '../kit/under-own-brief';
import { without } from '../kit/without';
import { tried } from '../kit/worked-out';
import type { Loadout, Placement } from '../loadout';
import { firstAidOf, isWorseOff, needIds, needOf, type ComplaintAid, type NeedId } from '../needs';
import { drained } from '../steps';
import type { Ways } from '../ways';
import { rulesKept } from './brief-rules';

/** Medicine that is somebody’s, or saves a life: one never stands in for another. */
const neverSpared: readonly Sort[] = ['own medicine', 'against allergy', 'adrenaline'];

/** Jobs that a kit is not left without: each loss of them is a finding of its own. */
const vitalJobs: readonly string[] = [
  'cut',
  'first-aid',
  'bleed-control',
  'roof',
  'cord',
  'carry-water',
  'boil',
  'treat-water',
  'flame',
  'spark',
];

/** Medicine of somebody’s own, against an allergy, or a pen. */
export function isOwnMedicine({ supplies }: Gear): boolean {
  return supplies.some(({ sort }) => sort !== null && neverSpared.includes(sort));
}

/** What nobody is told to leave: somebody’s medicine, and the only thing that does what a life can hang on. */
export function isVital({ own, ways, gear }: WorkedOutKit, { id }: Placement): boolean {
  if (isOwnMedicine(gear(id))) return true;
  // With a brief the need of light says whether any is asked.
  return [...vitalJobs, ...(own.brief === null ? ['light'] : [])].some((job) => {
    const does = ways.all.filter((way) => way.job === job && way.supply.fitness !== 'improvised');
    return does.length > 0 && does.every(({ placement }) => placement.id === id);
  });
}

/** How many rules of a brief such pieces break. */
export function brokenRules(kit: WorkedOutKit, pieces: Loadout, brief: Brief): number {
  return brokenIn(tried(kit, { ...pieces, brief }, kit.day));
}

function brokenIn(kit: WorkedOutKit): number {
  return rulesKept(kit, kit.own.brief?.rules ?? []).filter(({ kept }) => kept === false).length;
}

/** For what a kit would be worse off without a piece, beyond the jobs that the piece does. */
export type NeededFor =
  | { readonly what: 'own medicine' }
  /** A complaint that is answered less often; Infinity by a tool that is not used up. */
  | { readonly what: 'complaint'; readonly complaint: Complaint; readonly left: number }
  /** A need of the brief that becomes short, or gives less while it is short. */
  | { readonly what: 'need'; readonly need: NeedId }
  /** A rule of the brief that breaks. */
  | { readonly what: 'rule' };

/** By what the kit can do, which is worked out once for as long as nothing of it changes. */
const known = new WeakMap<Ways, Neededness>();

/** What a kit would be worse off in without a placement, or without several at once. */
interface Neededness {
  (...placements: readonly Placement[]): NeededFor | null;
  /** The same step by step: of a large kit each takes its time. */
  readonly steps: (...placements: readonly Placement[]) => Generator<void, NeededFor | null>;
}

/** Tells of each piece what a kit would be worse off in without it; each is worked out once, and what is asked of the whole kit too. */
export function neededIn(kit: WorkedOutKit): Neededness {
  const before = known.get(kit.ways);
  if (before) return before;
  const answers = new Map<string, NeededFor | null>();
  const work = workedIn(kit);
  function* steps(...placements: readonly Placement[]): Generator<void, NeededFor | null> {
    const ids = placements.map(({ id }) => id).join();
    if (!answers.has(ids)) answers.set(ids, yield* work(...placements));
    return answers.get(ids)!;
  }
  const answer: Neededness = Object.assign(
    (...placements: readonly Placement[]) => drained(steps(...placements)),
    { steps },
  );
  known.set(kit.ways, answer);
  return answer;
}

function workedIn(kit: WorkedOutKit): Neededness['steps'] {
  const { whole, own, bench, day, elsewhere } = kit;
  const { brief } = own;
  const under = underOwnBrief(kit, 'metric');
  const aidOf = (pieces: Loadout) =>
    usesByComplaint(firstAidOf(pieces, bench.shelf, { day, elsewhere }));
  const aid = aidOf(whole);
  const lastDay = under?.kit.day ?? day;
  const broken = brokenIn(tried(kit, whole, lastDay));
  // What is past its date on the last day is asked for by a rule until then.
  const brokenToday = lastDay === day ? broken : brokenIn(tried(kit, whole, day));
  const breaksToday = (left: Loadout) =>
    lastDay !== day && brief!.rules.length > 0 && brokenIn(tried(kit, left, day)) > brokenToday;
  return function* (...placements) {
    const ids = placements.map(({ id }) => id);
    if (ids.some((id) => isOwnMedicine(kit.gear(id)))) return { what: 'own medicine' };
    const left = without(whole, ids);
    const aidLeft = aidOf(left);
    for (const [complaint, uses] of aid) {
      const still = aidLeft.get(complaint) ?? 0;
      if (still < uses) return { what: 'complaint', complaint, left: still };
    }
    if (brief === null || under === null) return null;
    yield;
    const after = tried(kit, left, lastDay);
    const needsKit = needsKitUnder(after.whole, kit, brief, 'metric', after);
    for (const [at, need] of needIds.entries()) {
      yield;
      if (isWorseOff(under.needs[at]!, needOf(needsKit, need))) return { what: 'need', need };
    }
    yield;
    return brokenIn(after) > broken || breaksToday(left) ? { what: 'rule' } : null;
  };
}

function usesByComplaint(aid: readonly ComplaintAid[]): ReadonlyMap<Complaint, number> {
  return new Map(aid.map(({ complaint, uses }) => [complaint, uses]));
}
