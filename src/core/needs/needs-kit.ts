import { bodyOf, personName, type Brief, type Conditions, type Person } from '../brief';
import { amountNow, fitnesses, jobs, type Gear, type JobId, type Supply } from '../gear';
import {
  carriedMassG,
  gearOf,
  type ConditionId,
  type Loadout,
  type LoadoutTotals,
  type Placement,
  type Shelf,
} from '../loadout';
import { models } from '../models/models';
import type { InputValue, Model } from '../models/model';
import { workedBy, type Worked } from '../models/run-model';
import type { Body } from '../models';
import { printLength, printMass, printNumber, printVolume, type UnitSystem } from '../quantity';
import type { LotsElsewhere } from '../upkeep';
import type { Ways } from '../ways';
import { shelterOf, type Shelter } from './shelter';

/** A piece’s supply of a job that counts on the last day, with all it relies on met. */
export interface Given {
  readonly placement: Placement;
  readonly gear: Gear;
  readonly supply: Supply;
  /** How many of the piece count. */
  readonly count: number;
  /** What one of them does now, in the job’s unit; null where that is not known. */
  readonly amount: number | null;
  readonly isToBeEmptied: boolean;
}

/** One of the people with what nobody said taken for what is usual. */
export interface Somebody extends Body {
  readonly person: Person;
  readonly name: string;
}

/** A kit under its brief, as the needs look at it. */
export interface NeedsKit {
  readonly loadout: Loadout;
  readonly shelf: Shelf;
  readonly brief: Brief;
  readonly conditions: Conditions;
  /** As on the trip’s last day. */
  readonly ways: Ways;
  readonly totals: LoadoutTotals;
  /** That last day, or today where the brief has no days. */
  readonly day: string;
  /** The conditions under which it is looked at; none but where somebody asks what is left then. */
  readonly holding: ReadonlySet<ConditionId>;
  /** Who else wants the lots that it has. */
  readonly elsewhere: LotsElsewhere;
  /** What they are in, where the kit stands in it; null on their feet. */
  readonly shelter: Shelter | null;
  readonly people: readonly Somebody[];
  /** Days away, the first and the last counted in; null while nobody said when. */
  readonly days: number | null;
  readonly nights: number | null;
  readonly given: (job: JobId) => readonly Given[];
  /** Pieces that do nothing on their own account but are there: by their kind. */
  readonly ofKind: (...kinds: readonly string[]) => readonly Given['placement'][];
  readonly gear: (placement: Placement) => Gear;
  readonly print: Prints;
}

/** Figures as the person reads them. */
export interface Prints {
  readonly litres: (litres: number) => string;
  readonly mass: (massG: number) => string;
  readonly metres: (m: number) => string;
  readonly celsius: (tempC: number) => string;
  readonly degrees: (differenceC: number) => string;
  readonly number: (value: number, decimals?: number) => string;
  readonly days: (days: number) => string;
}

export function needsKitOf(
  loadout: Loadout,
  shelf: Shelf,
  brief: Brief,
  conditions: Conditions,
  {
    ways,
    totals,
    day,
    units,
    holding,
    elsewhere,
  }: {
    readonly ways: Ways;
    readonly totals: LoadoutTotals;
    readonly day: string;
    readonly units: UnitSystem;
    readonly holding: ReadonlySet<ConditionId>;
    readonly elsewhere: LotsElsewhere;
  },
): NeedsKit {
  const nights = conditions.period?.nights ?? null;
  return {
    loadout,
    shelf,
    brief,
    conditions,
    ways,
    totals,
    day,
    holding,
    elsewhere,
    shelter: shelterOf(loadout, shelf, brief),
    people: brief.people.map(somebodyOf),
    nights,
    days: nights === null ? null : nights + 1,
    given: (job) => givenBy(ways, job),
    ofKind: (...kinds) =>
      loadout.placements.filter((placement) => {
        const { kind } = gearOf(shelf, placement);
        return kind !== null && kinds.includes(kind) && !ways.absences.has(placement.id);
      }),
    gear: (placement) => gearOf(shelf, placement),
    print: printsIn(units),
  };
}

function somebodyOf(person: Person, at: number, all: readonly Person[]): Somebody {
  return { person, name: personName(person, at, all.length), ...bodyOf(person) };
}

/** Each piece once for a job, by what does it best. */
function givenBy(ways: Ways, job: JobId): readonly Given[] {
  const byPlacement = new Map<string, Given>();
  for (const { placement, gear, supply, source, isToBeEmptied } of ways.byJob.get(job) ?? []) {
    const amount = amountNow(gear, supply);
    const before = byPlacement.get(placement.id);
    if (before && !isBetter(job, { supply, amount }, before)) continue;
    const count = ways.formula.sources[source]!.items;
    byPlacement.set(placement.id, { placement, gear, supply, count, amount, isToBeEmptied });
  }
  return [...byPlacement.values()];
}

/** What is carried on somebody’s own feet, in g. */
export function carriedG({ loadout, totals, shelf }: NeedsKit): number {
  return carriedMassG(loadout, totals, shelf);
}

/** Made for it before improvised, and then by the amount: of a temperature slept through the lower is the better. */
function isBetter(
  job: JobId,
  one: Pick<Given, 'supply' | 'amount'>,
  other: Pick<Given, 'supply' | 'amount'>,
): boolean {
  const [rank, than] = [one, other].map(({ supply }) => fitnesses.indexOf(supply.fitness));
  if (rank !== than) return rank! < than!;
  const [amount, before] = [one.amount ?? 0, other.amount ?? 0];
  return jobs[job].tally === 'smallest' ? amount < before : amount > before;
}

/** A model’s figure with its inputs, for who wants to work it again. */
export function work(name: string, inputs: Readonly<Record<string, InputValue>>): Worked {
  return workedBy(models.find((model) => model.name === name) as Model, inputs);
}

export function idsOf(given: readonly { readonly placement: Placement }[]): readonly string[] {
  return [...new Set(given.map(({ placement }) => placement.id))];
}

export function total(given: readonly Given[]): number {
  return given.reduce((sum, { amount, count }) => sum + (amount ?? 0) * count, 0);
}

/** What nobody would stake a night on does not count here. */
export function isRelied({ supply }: Given): boolean {
  return supply.fitness !== 'improvised';
}

function printsIn(units: UnitSystem): Prints {
  const isUs = units === 'us';
  return {
    litres: (litres) => printVolume(litres * 1000, units),
    mass: (massG) => printMass(massG, units),
    metres: (m) => printLength(m * 1000, units),
    celsius: (tempC) => (isUs ? `${round(tempC * 1.8 + 32)} °F` : `${round(tempC)} °C`),
    degrees: (differenceC) =>
      isUs ? `${round(differenceC * 1.8)} °F` : `${round(differenceC)} °C`,
    number: (value, decimals = 0) => printNumber(value, decimals),
    days: (days) =>
      days === Infinity
        ? 'does not run out'
        : `${printNumber(days, 1)} ${days === 1 ? 'day' : 'days'}`,
  };
}

function round(value: number): string {
  return printNumber(value, 0).replace(/^-0$/, '0');
}
