import {
  fitnesses,
  isForCells,
  jobIds,
  jobs,
  massNowG,
  type Demand,
  type Fitness,
  type Gear,
  type JobId,
} from '../gear';
import type { WorkedOutKit } from '../kit';
import type { Placement, Wish } from '../loadout';
import {
  amountOf,
  depthOf,
  nothingLost,
  reliedOn,
  roundsOf,
  withoutPlacement,
  type Left,
  type Lost,
  type Rounds,
  type Way,
  type Ways,
} from '../ways';
import { mustsOf, type Must } from '../scheme/musts';
import { neededIn, type NeededFor } from './needed';

/** What a kit would no longer do, or do less of, without a piece. */
export type Loss =
  /** Nothing does the job any more. */
  | { readonly what: 'job'; readonly job: JobId }
  /** Fewer independent ways than are wanted, where there were enough or more. */
  | {
      readonly what: 'way';
      readonly anyOf: readonly JobId[];
      readonly left: number;
      readonly wanted: number;
    }
  /** What is left does the job, but less well than what goes. */
  | { readonly what: 'fitness'; readonly job: JobId; readonly left: Fitness }
  /** Fewer pieces of what each person needs their own of. */
  | { readonly what: 'pieces'; readonly job: JobId; readonly less: number; readonly left: number }
  /** So much less of what adds up, in the job’s unit. */
  | { readonly what: 'amount'; readonly job: JobId; readonly less: number; readonly left: number }
  /** What is more than a job: somebody’s medicine, a complaint, a need or a rule of the brief. */
  | NeededFor;

/** A placement that could stay at home: what that saves, and what it would cost. */
export interface Spared {
  readonly placement: Placement;
  readonly massG: number;
  readonly priceMinor: number;
  readonly losses: readonly Loss[];
  /** What it relies on that is not here, where it does nothing at all as it is. */
  readonly lacks: readonly Demand[];
}

/**
 * Every piece that could stay at home by itself, those whose going loses nothing first, then by the mass saved.
 * What holds something is left out, as its contents need it, and what is there anyhow, as nothing is saved.
 */
export function sparedBy(kit: WorkedOutKit): readonly Spared[] {
  const { whole, tree, ways, gear } = kit;
  const stand = standOf(ways, kit.asked);
  const neededFor = neededIn(kit);
  const working = new Set(ways.all.map(({ placement }) => placement));
  return whole.placements
    .filter(({ id, isAssumed }) => !isAssumed && tree.within(id).length === 0)
    .map((placement): Spared => {
      const { priceMinor, ...piece } = gear(placement.id);
      const idle = ways.idle.find((each) => each.placement === placement);
      const losses = lossesWithout(placement, ways, stand);
      // Working out every need without a piece takes its time: only where no job says already that it is missed.
      const needed = losses.length === 0 ? neededFor(placement) : null;
      return {
        placement,
        massG: (massNowG(piece) ?? 0) * placement.count,
        priceMinor: (priceMinor ?? 0) * placement.count,
        losses: needed === null ? losses : [needed],
        lacks: working.has(placement) ? [] : (idle?.unmet ?? []),
      };
    })
    .sort(
      (one, other) =>
        Number(one.losses.length > 0) - Number(other.losses.length > 0) || other.massG - one.massG,
    );
}

/** What is looked up for every piece. */
interface Stand {
  /** Of each placement, the numbers of its sources that count. */
  readonly sources: ReadonlyMap<string, readonly number[]>;
  /** What a kit must do, with the placements that any way to it may rely on. */
  readonly musts: readonly (Must & { readonly on: ReadonlySet<string> })[];
  readonly onCells: readonly JobId[];
}

function standOf({ byJob, formula, rounds }: Ways, wishes: readonly Wish[]): Stand {
  const sources = new Map<string, number[]>();
  for (const [at, { placement }] of formula.sources.entries()) {
    if (rounds[at] !== 0) sources.set(placement.id, [...(sources.get(placement.id) ?? []), at]);
  }
  return {
    sources,
    musts: mustsOf(wishes).map((must) => {
      const relied = reliedOn(formula, must.anyOf);
      return { ...must, on: new Set(relied.map((at) => formula.sources[at]!.placement.id)) };
    }),
    onCells: [...byJob].flatMap(([job, ways]) =>
      ways.some(({ supply }) => supply.demands.some(isForCells)) ? [job] : [],
    ),
  };
}

/** What the kit no longer does, or does less of, without a placement. */
function lossesWithout(placement: Placement, ways: Ways, stand: Stand): readonly Loss[] {
  return [...eachLoss([placement], ways, stand)].sort(
    (one, other) => lossOrder.indexOf(one.what) - lossOrder.indexOf(other.what),
  );
}

function* eachLoss(placements: readonly Placement[], ways: Ways, stand: Stand): Generator<Loss> {
  const own = placements.flatMap(({ id }) => stand.sources.get(id) ?? []);
  if (own.length === 0) return;
  const { formula } = ways;
  const lost = placements.reduce((all, { id }) => withoutPlacement(all, id), nothingLost);
  const rounds = roundsWithout(own, ways, lost);
  const touched = new Set<JobId>();
  for (const [at, round] of rounds.entries()) {
    if (round !== 0 || ways.rounds[at] === 0) continue;
    const { job } = formula.sources[at]!.supply;
    touched.add(job);
    if (job === 'cells') stand.onCells.forEach((each) => touched.add(each));
  }
  for (const job of jobIds) {
    if (touched.has(job)) yield* lossesOfJob(job, ways, { lost, rounds });
  }
  for (const { anyOf, wanted, on } of stand.musts) {
    if (!placements.some(({ id }) => on.has(id))) continue;
    const enough = Math.min(ways.depth(anyOf), wanted);
    const left = depthOf(formula, anyOf, lost, enough);
    if (left > 0 && left < enough) yield { what: 'way', anyOf, left, wanted };
  }
}

/**
 * Pieces that do something here, and without which nothing is lost: no job, no way, no complaint, need or rule of the brief.
 * What holds something is left out; pieces whose weight is not counted; what would do more if what it relies on were
 * here, which is lacking; and improvised supplies, as the piece is carried for something that is no job here. A step a piece.
 */
export function* deadWeightIn(kit: WorkedOutKit): Generator<void, readonly Placement[]> {
  const { whole, tree, ways } = kit;
  const neededFor = neededIn(kit);
  const stand = standOf(ways, kit.asked);
  const waiting = new Set(
    ways.idle.flatMap(({ placement, supply, unmet }) =>
      supply.fitness !== 'improvised' && unmet.length > 0 ? [placement.id] : [],
    ),
  );
  const meant = new Set(
    ways.all.flatMap(({ placement, supply }) =>
      supply.fitness === 'improvised' ? [] : [placement.id],
    ),
  );
  const dead: Placement[] = [];
  const byGear = new Map<string, Placement[]>();
  for (const placement of whole.placements) {
    byGear.set(placement.gear, [...(byGear.get(placement.gear) ?? []), placement]);
  }
  for (const placement of whole.placements) {
    // All of a piece at once: whether it was typed as one line or as two says nothing of it.
    const alike = byGear.get(placement.gear)!;
    const isLost = () => eachLoss(alike, ways, stand).next().done !== true;
    if (placement.isAssumed || !meant.has(placement.id) || waiting.has(placement.id)) continue;
    if (isComfort(kit.gear(placement.id))) continue;
    if (tree.within(placement.id).length > 0 || isLost()) continue;
    yield;
    if ((yield* neededFor.steps(...alike)) === null) dead.push(placement);
  }
  return dead;
}

/** Pieces that a kit can do without where something has to go: no job is left undone, and nobody is worse off. */
export function* leavableIn(kit: WorkedOutKit, all: readonly Placement[]): Generator<Placement> {
  const stand = standOf(kit.ways, kit.asked);
  const neededFor = neededIn(kit);
  for (const placement of all) {
    const losses = lossesWithout(placement, kit.ways, stand);
    if (losses.every(({ what }) => what !== 'job') && neededFor(placement) === null)
      yield placement;
  }
}

/** What counts without these sources. What nothing relies on takes nothing else with it. */
function roundsWithout(own: readonly number[], { formula, rounds }: Ways, lost: Lost): Rounds {
  if (own.some((at) => formula.opens[at]!.length > 0)) return roundsOf(formula, lost);
  const left = rounds.slice();
  for (const at of own) left[at] = 0;
  return left;
}

const lossOrder: readonly Loss['what'][] = [
  'own medicine',
  'job',
  'way',
  'fitness',
  'pieces',
  'amount',
  'complaint',
  'need',
  'rule',
];

function lossesOfJob(job: JobId, ways: Ways, left: Left): readonly Loss[] {
  const before = ways.byJob.get(job) ?? [];
  const after = before.filter(({ source }) => left.rounds[source] !== 0);
  if (before.length === 0) return [];
  if (after.length === 0) return [{ what: 'job', job }];
  const losses: Loss[] = [];
  const fitness = bestOf(after);
  if (fitness > bestOf(before)) losses.push({ what: 'fitness', job, left: fitnesses[fitness]! });
  const [had, has] = [before, after].map(piecesOf) as [number, number];
  if (jobs[job].isPerPerson && has < had) {
    losses.push({ what: 'pieces', job, less: had - has, left: has });
  }
  if (jobs[job].tally === 'sum') {
    const was = amountOf(ways, job) ?? 0;
    const is = amountOf(ways, job, left) ?? 0;
    if (is < was) losses.push({ what: 'amount', job, less: was - is, left: is });
  }
  return losses;
}

/** How well it is done at best: the place among the fitnesses. */
function bestOf(ways: readonly Way[]): number {
  return Math.min(...ways.map(({ supply }) => fitnesses.indexOf(supply.fitness)));
}

/** How many pieces do it that are more than makeshift. */
function piecesOf(ways: readonly Way[]): number {
  return ways
    .filter(({ supply }) => supply.fitness !== 'improvised')
    .reduce((sum, { placement }) => sum + placement.count, 0);
}

/** Whether it is there for comfort: who takes it along knows that it does nothing else. */
function isComfort({ supplies }: Gear): boolean {
  return supplies.some(({ job, fitness }) => job === 'morale' && fitness !== 'improvised');
}
