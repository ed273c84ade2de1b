import { countryOf } from '../brief';
import { igniteJobs, serves, type Demand, type JobId, type JobsDemand, type Sort } from '../gear';
import { boilEnergyKj, efficiency, type Stove } from '../models';
import { airInside } from './shelter';
import { isRelied, type Given, type NeedsKit } from './needs-kit';

/** What burns each sort of fuel, by how much of its heat goes into the water. */
const stoveOf: Partial<Readonly<Record<Sort, Stove>>> = {
  gas: 'canister',
  petrol: 'canister',
  spirit: 'alcohol',
  tablet: 'tablet',
};

/** What a burner without a fuel of its own takes beside wood: under a cup on its stand burns a tablet. */
const looseFuels: readonly Sort[] = ['tablet', 'wood'];

/** Below this a canister gives no gas to rely on, in °C (own): what fails in frost is counted out. */
const gasFailsBelowC = -5;

/** What dead wood is cut with in winter. */
const woodTools: readonly JobId[] = ['saw', 'chop'];

/** Fuel that is carried and burns here. */
export interface Burning {
  readonly given: Given;
  readonly stove: Stove;
  /** What of its heat goes into the water, in kJ. */
  readonly heatKj: number;
}

/** What there is to boil with: wood that grows there, and fuel that a stove here burns in that cold. */
export interface Hearth {
  /** What wood burns in; null where none grows, no fire is allowed, or nothing lights one. */
  readonly onWood: Stove | null;
  readonly burning: readonly Burning[];
  /** Fuel that no stove here burns, or that fails in that cold. */
  readonly idle: readonly Given[];
}

/** What a kit boils with where its brief leads. */
export function hearthOf(kit: NeedsKit): Hearth {
  const { brief, conditions } = kit;
  const stoves = kit.given('stove').filter(isRelied);
  const isFrozen =
    conditions.lowC !== null && airInside(kit.shelter, conditions.lowC.value) < gasFailsBelowC;
  const burning: Burning[] = [];
  const idle: Given[] = [];
  for (const given of kit.given('fuel')) {
    const { sort } = given.supply;
    const stove = sort === null ? undefined : stoveOf[sort];
    const burns = stoves.some(({ supply }) => isBurntBy(sort, supply.demands));
    if (!stove || !burns || (isFrozen && given.gear.failsIn.includes('frost'))) idle.push(given);
    else
      burning.push({
        given,
        stove,
        heatKj: (given.amount ?? 0) * given.count * efficiency[stove],
      });
  }
  const isLit = igniteJobs.some((job) => kit.given(job).some(isRelied));
  const hasWood = brief.isFireAllowed && (countryOf(brief)?.firewood ?? 'none') !== 'none';
  // What lies under snow is wet or buried: dead wood that stands is cut.
  const isSnow = conditions.highC !== null && conditions.highC.value < 0;
  const canCut = woodTools.some((job) => kit.given(job).some(isRelied));
  const isTwigStove = stoves.some(({ gear }) => gear.kind === 'twig-stove');
  return {
    onWood: hasWood && isLit && (!isSnow || canCut) ? (isTwigStove ? 'twig' : 'open fire') : null,
    burning,
    idle,
  };
}

function isBurntBy(sort: Sort | null, demands: readonly Demand[]): boolean {
  const asks = demands.find(
    (demand): demand is JobsDemand => demand.on === 'jobs' && demand.anyOf.includes('fuel'),
  );
  return asks ? serves(sort, asks.sorts) : sort !== null && looseFuels.includes(sort);
}

/** The stove that most of the carried heat goes through; wood’s where none is carried. */
export function mainStove({ burning, onWood }: Hearth): Stove {
  const heat = new Map<Stove, number>();
  for (const { stove, heatKj } of burning) heat.set(stove, (heat.get(stove) ?? 0) + heatKj);
  const [most] = [...heat].sort(([one, a], [other, b]) => b - a || one.localeCompare(other));
  return most?.[0] ?? onWood ?? 'open fire';
}

/** What is carried, as kJ of fuel in the stove that most of it goes through: what burns worse counts less. */
export function carriedKj(hearth: Hearth): number {
  const share = efficiency[mainStove(hearth)];
  return hearth.burning.reduce((sum, { heatKj }) => sum + heatKj / share, 0);
}

/** How a litre is brought to the boil there: from the water’s warmth, or from snow. */
export interface Boil {
  readonly startC: number;
  readonly altitudeM: number;
  readonly snow: 'yes' | 'no';
}

/** Litres that a kit can bring to the boil; Infinity on wood that grows there. */
export function boilableL(hearth: Hearth, boil: Boil): number {
  if (hearth.onWood !== null) return Infinity;
  const stove = mainStove(hearth);
  return carriedKj(hearth) / boilEnergyKj({ ...boil, litres: 1, stove });
}
