import type { Brief, Conditions } from '../brief';
import { countryOf } from '../brief/country';
import { schoolOf } from '../brief/schools';
import { igniteJobs, isSameJobs } from '../gear';
import type { Wish } from '../loadout';
import { mustsOfAnyKit } from './musts';

/** What a kit is for, as its brief tells: where it stands, how long they are out, and whether wood grows there. */
export type ContextId =
  | 'home'
  | 'vehicle'
  | 'town'
  | 'day walk'
  | 'nights with wood'
  | 'nights without wood'
  | 'frost'
  | 'supplement';

/** Whose independent ways are wanted in a context, by what has to be done. */
interface Wanted {
  readonly ignite: number;
  readonly cut: number;
  readonly carry: number;
  readonly boil: number;
  readonly treat: number;
  readonly roof: number;
  readonly call: number;
}

/**
 * The ways that somebody experienced carries in each context (own planning values). Cord is asked by what is pitched with it, litres
 * at home by the need of drink. What is not in it, as light and calls, are needs and ask what they ask.
 */
const wantedIn: Readonly<Record<ContextId, Wanted>> = {
  home: { ignite: 1, cut: 1, carry: 0, boil: 1, treat: 0, roof: 0, call: 0 },
  vehicle: { ignite: 1, cut: 1, carry: 0, boil: 0, treat: 0, roof: 0, call: 1 },
  town: { ignite: 0, cut: 0, carry: 0, boil: 0, treat: 0, roof: 0, call: 1 },
  'day walk': { ignite: 1, cut: 1, carry: 1, boil: 0, treat: 0, roof: 0, call: 1 },
  'nights with wood': { ignite: 2, cut: 2, carry: 2, boil: 1, treat: 1, roof: 1, call: 1 },
  'nights without wood': { ignite: 1, cut: 1, carry: 2, boil: 1, treat: 1, roof: 1, call: 1 },
  frost: { ignite: 2, cut: 2, carry: 2, boil: 1, treat: 1, roof: 1, call: 1 },
  supplement: { ignite: 2, cut: 1, carry: 1, boil: 1, treat: 1, roof: 0, call: 0 },
};

/** What the context hangs on beside the brief. */
export interface Standing {
  /** A house, or a vehicle that people stay with, that the kit stands in. */
  readonly shelter: 'house' | 'vehicle' | null;
  /** Other kits are there beside it. */
  readonly isSupplement: boolean;
}

/** The context of a brief; null where it does not say where or how long. */
export function contextOf(
  brief: Brief,
  { period, highC }: Pick<Conditions, 'period' | 'highC'>,
  { shelter, isSupplement }: Standing,
): ContextId | null {
  if (isSupplement) return 'supplement';
  if (shelter !== null) return shelter === 'house' ? 'home' : 'vehicle';
  const there = countryOf(brief);
  if (there === null || period === null) return null;
  if (period.nights === 0) return brief.country === 'town' ? 'town' : 'day walk';
  if (highC !== null && highC.value < 0) return 'frost';
  return brief.isFireAllowed && there.firewood !== 'none'
    ? 'nights with wood'
    : 'nights without wood';
}

/** Below this a fire may be what keeps somebody on a day walk warm where no wood grows, in °C (own). */
const coldDayC = 5;

/**
 * What a context asks of a kit otherwise than any kit is asked, as wishes: what the kit itself wishes comes before them. Water that
 * nobody finds is not treated; who goes stripped, or with the bare least, has one way to everything.
 */
export function wishesOf(
  context: ContextId,
  brief: Brief,
  { lowC }: Pick<Conditions, 'lowC'>,
  own: readonly Wish[],
): readonly Wish[] {
  const wanted = wantedIn[context];
  const there = countryOf(brief);
  const howMuch = schoolOf(brief.schools, 'howMuch');
  const isBare = schoolOf(brief.schools, 'doubles') === 'stripped' || howMuch === 'bare least';
  const more = howMuch === 'all that fits' ? 1 : 0;
  const doubled = (ways: number) => (ways < 2 ? ways : isBare ? 1 : ways + more);
  const mayBurn = there?.firewood !== 'none' && brief.isFireAllowed;
  const asksFire = context !== 'day walk' || mayBurn || (lowC !== null && lowC.value < coldDayC);
  const findsWater = there?.water !== 'none';
  const asked: readonly Wish[] = [
    { anyOf: igniteJobs, ways: asksFire ? doubled(wanted.ignite) : 0 },
    { anyOf: ['cut'], ways: doubled(wanted.cut) },
    { anyOf: ['carry-water'], ways: doubled(wanted.carry) },
    { anyOf: ['boil'], ways: wanted.boil },
    { anyOf: ['treat-water'], ways: findsWater ? wanted.treat : 0 },
    { anyOf: ['roof'], ways: wanted.roof },
    { anyOf: ['cord'], ways: 0 },
    { anyOf: ['first-aid'], ways: 1 },
    { anyOf: ['call'], ways: wanted.call },
  ];
  const isWished = ({ anyOf }: Wish) => own.some((wish) => isSameJobs(wish.anyOf, anyOf));
  return [...own, ...asked.filter((wish) => !isWished(wish))];
}

/**
 * Those of the wishes that a scheme’s categories count: what any kit must do, and what this one wishes itself. Where a roof is wanted,
 * cord counts as the scheme says: the need of what is pitched tells how much of it.
 */
export function countedOf(
  context: ContextId,
  asked: readonly Wish[],
  own: readonly Wish[],
): readonly Wish[] {
  const isCounted = ({ anyOf }: Wish) =>
    own.some((wish) => isSameJobs(wish.anyOf, anyOf)) ||
    (mustsOfAnyKit.some((each) => isSameJobs(each, anyOf)) &&
      !(wantedIn[context].roof > 0 && isSameJobs(anyOf, ['cord'])));
  return asked.filter(isCounted);
}
