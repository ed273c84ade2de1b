import { expose } from 'comlink';
import type { Brief } from '@/core/brief';
import type { Finding } from '@/core/judge';
import { fixesOfEach, type FixTried } from '@/core/judge/mending';
import { seasonSwap, type SeasonSwap } from '@/core/judge/season-swap';
import { sparedBy, type Spared } from '@/core/judge/thrift';
import { workedOut } from '@/core/kit';
import { notLaidOut } from '@/core/fit';
import type { Bench, ConditionId } from '@/core/loadout';
import { lossesOfKit, questionsOf, type LossSearch, type QuestionLost } from '@/core/losses';
import type { JobId } from '@/core/gear';
import type { UnitSystem } from '@/core/quantity';
import type { Scheme } from '@/core/scheme';
import { newId } from '@/store/new-id';
import { cancel, inSlices } from './slices';

/** How often the page is told, at most. */
const tellMs = 150;

/** What the page asks that takes too long for it. */
export const proveWorker = {
  /** What of a kit could stay at home, as it stands on a day. */
  spared(_id: string, bench: Bench, kit: string, day: string): readonly Spared[] {
    return sparedBy(workedOut(bench, bench.loadouts.get(kit)!, day));
  },

  /** What of a kit another brief does not ask for, and what it lacks there. */
  swap(_id: string, bench: Bench, kit: string, day: string, asked: SwapAsked): SeasonSwap {
    return swapOf(bench, kit, day, asked);
  },

  /** Every minimal set of losses that leaves undone what is asked of a kit; as far as it came where it is cancelled. */
  async losses(
    id: string,
    bench: Bench,
    kit: string,
    day: string,
    { also, search }: LossesAsked,
    tell: (done: number, outOf: number) => void,
  ): Promise<LossesFound> {
    const { ways, asked: musts } = workedOut(bench, bench.loadouts.get(kit)!, day);
    const questions = questionsOf(ways, musts, also);
    const asked: QuestionLost[] = [];
    let told = performance.now();
    await inSlices(id, lossesOfKit(ways.formula, questions, search), Infinity, (found) => {
      asked.push(found);
      if (performance.now() - told < tellMs) return;
      told = performance.now();
      tell(asked.length, questions.length);
    });
    return { asked, outOf: questions.length };
  },

  /** What mends findings of a kit, told as it is found; as far as it came where it is cancelled. */
  async fixes(
    id: string,
    bench: Bench,
    kit: string,
    day: string,
    asked: FixesAsked,
    tell: (tried: FixTried) => void,
  ): Promise<void> {
    await inSlices(id, fixesTried(bench, kit, day, asked), Infinity, (tried) => {
      if (tried !== null) tell(tried);
    });
  },

  cancel,
};

/** Which findings are to be mended, by the grouping and under the conditions that the kit is looked at. */
export interface FixesAsked {
  readonly findings: readonly Finding[];
  /** How many fixes of each are asked for. */
  readonly most: number;
  readonly scheme: Scheme;
  readonly holding: ReadonlySet<ConditionId>;
}

function fixesTried(bench: Bench, kit: string, day: string, asked: FixesAsked) {
  const { findings, most, scheme, holding } = asked;
  const worked = workedOut(bench, bench.loadouts.get(kit)!, day, notLaidOut, holding);
  return fixesOfEach(worked, findings, most, { newId, scheme });
}

/** What is asked about losses: beside what a kit must do and does, these; and which losses are looked at. */
export interface LossesAsked {
  readonly also: readonly (readonly JobId[])[];
  readonly search: LossSearch;
}

export interface LossesFound {
  readonly asked: readonly QuestionLost[];
  /** How many questions there were; more than were answered where it was stopped. */
  readonly outOf: number;
}

/** The briefs that a kit goes from and to, and in which units that is told. */
export interface SwapAsked {
  readonly from: Brief;
  readonly to: Brief;
  readonly units: UnitSystem;
}

function swapOf(
  bench: Bench,
  kit: string,
  day: string,
  { from, to, units }: SwapAsked,
): SeasonSwap {
  return seasonSwap(workedOut(bench, bench.loadouts.get(kit)!, day), from, to, units);
}

export type ProveWorker = typeof proveWorker;

expose(proveWorker);
