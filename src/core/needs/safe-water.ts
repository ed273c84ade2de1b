import type { Threat } from '../gear';
import { fromTheLandL } from './land';
import { hearthOf, boilableL, type Boil } from './hearth';
import { filledHere, filledMl } from './filled';
import { total, type Given, type NeedsKit } from './needs-kit';
import { threatsThere } from './threats';
import { methodBy } from './wait';
import { removes, treatments, waterPerDay, waterTempC } from './water';

/** What of a trip’s water is made safe, and how. Litres are of the whole trip. */
export interface SafeWater {
  /** Drunk and in the meals. */
  readonly askedL: number;
  /** In bottles and full vessels when they set out. */
  readonly aboardL: number;
  /** What is to be made safe: what is drunk of the land, as far as it is found and carried there. */
  readonly toTreatL: number;
  /** What can be, by the threat of this place that is closed for the fewest litres; Infinity where nothing runs out. */
  readonly safeL: number;
  /** Threats that are closed for no litre. */
  readonly open: readonly Threat[];
  /** What has to be boiled, as no other way makes it safe; where all is frozen, all of it. */
  readonly toBoilL: number;
  /** All of it is melted first. */
  readonly isMelted: boolean;
}

/** Whether the water there is ice by day too: what is drunk is melted. */
export function isMelted({ conditions: { highC } }: NeedsKit): boolean {
  return highC !== null && highC.value < 0;
}

/** How a litre is boiled there; null where the low and the high are not known. */
export function boilThere(kit: NeedsKit): Boil | null {
  const startC = waterTempC(kit);
  if (startC === null) return null;
  return { startC, altitudeM: kit.brief.altitudeM ?? 0, snow: isMelted(kit) ? 'yes' : 'no' };
}

/**
 * The water of a trip, by threat: litres are safe only where something closes every threat of the place for them, so that two
 * tablets make two litres safe of viruses, however much a filter gives. Null where the heat, the days or the water are not known.
 */
export function safeWaterOf(kit: NeedsKit): SafeWater | null {
  const perDay = waterPerDay(kit);
  const threats = threatsThere(kit);
  if (perDay === null || kit.days === null || threats === null) return null;
  const askedL = perDay * kit.days;
  const aboardL = (total(kit.given('water')) + filledMl(filledHere(kit))) / 1000;
  const toTreatL = Math.min(fromTheLandL(kit), Math.max(0, askedL - aboardL));
  const ways = treatments(kit);
  const isClear = !threats.includes('sediment');
  const boiling = ways.filter(isBoiling);
  const others = ways.filter((way) => !isBoiling(way) && (isClear || !wantsClear(way)));
  const boil = boilThere(kit);
  const boilable =
    boiling.length === 0 ? 0 : boil === null ? Infinity : boilableL(hearthOf(kit), boil);
  const litresAgainst = (threat: Threat) => ({
    boiled: boiling.some((way) => removes(way).includes(threat)) ? boilable : 0,
    otherwise: litresOf(others.filter((way) => removes(way).includes(threat))),
  });
  // Sediment harms nobody: what is dosed or lit waits until it is strained, and what boils or filters does not.
  const closed = threats
    .filter((threat) => threat !== 'sediment')
    .map((threat) => ({ threat, ...litresAgainst(threat) }));
  const least = (litres: readonly number[]) => Math.min(Infinity, ...litres);
  const otherwiseL = least(
    closed.filter(({ boiled }) => boiled > 0).map(({ otherwise }) => otherwise),
  );
  return {
    askedL,
    aboardL,
    toTreatL,
    safeL: ways.length === 0 ? 0 : least(closed.map(({ boiled, otherwise }) => boiled + otherwise)),
    open: closed
      .filter(({ boiled, otherwise }) => boiled + otherwise === 0)
      .map(({ threat }) => threat),
    toBoilL: isMelted(kit) ? toTreatL : Math.max(0, toTreatL - otherwiseL),
    isMelted: isMelted(kit),
  };
}

/** Boiling is bounded by what there is to boil with, and by nothing of the pot’s own. */
export function isBoiling({ amount, supply: { facts } }: Given): boolean {
  return amount === null && facts?.of === 'treatment' && facts.minutes === 1;
}

/** Tablets, drops and light do not reach into cloudy water. */
function wantsClear(way: Given): boolean {
  return methodBy(way) !== null;
}

function litresOf(ways: readonly Given[]): number {
  return ways.some(({ amount }) => amount === null) ? Infinity : total(ways);
}
