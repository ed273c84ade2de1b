import { setsOutG } from '../loadout';
import { shareLeft } from '../gear';
import { food } from './food';
import { fuel } from './fuel';
import { total, type Given, type NeedsKit } from './needs-kit';
import { filledHere, filledMl } from './filled';
import { waterPerDay } from './water';

/** What a kit weighs on the way, in g. */
export interface MassByDays {
  /** When they set out, with what is filled then: the most that it ever weighs. */
  readonly setsOutG: number;
  /** Each morning, the first being when they set out. */
  readonly morningsG: readonly number[];
  /** On the last evening: what was to be eaten, drunk and burnt is gone, and the vessels are empty. */
  readonly comesHomeG: number;
}

/**
 * The mass by days: less by each day’s share of what is eaten, burnt and drunk of what is carried. Vessels are filled anew each
 * morning. Wrappings count as eaten. Null while nobody said when.
 */
export function massByDays(kit: NeedsKit): MassByDays | null {
  const { days } = kit;
  if (days === null) return null;
  const out = setsOutG(kit.loadout, kit.totals);
  const goes = [
    going(kit.given('food'), food(kit).days, eatenG),
    going(kit.given('fuel'), fuel(kit).days, contentsG),
    going(kit.given('water'), daysOfWater(kit), contentsG),
  ];
  const gone = (day: number) => goes.reduce((sum, goneBy) => sum + goneBy(day), 0);
  return {
    setsOutG: out,
    morningsG: Array.from({ length: days }, (_, day) => out - gone(day)),
    comesHomeG: out - gone(days) - filledMl(filledHere(kit)),
  };
}

/** What is gone of some pieces after so many days, in g, if they last so long and are used alike each day. */
function going(
  given: readonly Given[],
  lastDays: number | null,
  usedUpG: (gear: Given['gear']) => number,
): (day: number) => number {
  const massG = given.reduce((sum, { gear, count }) => sum + usedUpG(gear) * count, 0);
  if (lastDays === null || lastDays === Infinity) return () => 0;
  return (day) => (lastDays <= 0 ? 0 : massG * Math.min(1, day / lastDays));
}

/** What is left of a piece’s contents, in g; nothing of one whose contents nobody told apart, as it may be all vessel. */
function contentsG({ contents }: Given['gear']): number {
  return contents === null ? 0 : contents.massG * shareLeft({ contents });
}

/** Food that has no contents told apart is eaten whole. */
function eatenG(gear: Given['gear']): number {
  return gear.contents === null ? (gear.massG ?? 0) : contentsG(gear);
}

function daysOfWater(kit: NeedsKit): number | null {
  const perDay = waterPerDay(kit);
  return perDay === null || perDay === 0 ? null : total(kit.given('water')) / 1000 / perDay;
}
