import { expose } from 'comlink';
import type { Brief } from '@/core/brief';
import { seasonSwap, type SeasonSwap } from '@/core/judge/season-swap';
import { sparedBy, type Spared } from '@/core/judge/thrift';
import { workedOut } from '@/core/kit';
import type { Bench } from '@/core/loadout';
import type { UnitSystem } from '@/core/quantity';
import { cancel } from './slices';

/** What the page asks that takes too long for it. */
export const thriftWorker = {
  /** What of a kit could stay at home, as it stands on a day. */
  spared(_id: string, bench: Bench, kit: string, day: string): readonly Spared[] {
    return sparedBy(workedOut(bench, bench.loadouts.get(kit)!, day));
  },

  /** What of a kit another brief does not ask for, and what it lacks there. */
  swap(_id: string, bench: Bench, kit: string, day: string, asked: SwapAsked): SeasonSwap {
    return swapOf(bench, kit, day, asked);
  },

  cancel,
};

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

export type ThriftWorker = typeof thriftWorker;

expose(thriftWorker);
