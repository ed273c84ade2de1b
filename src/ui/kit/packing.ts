import { create } from 'zustand';
import type { Loadout } from '@/core/loadout';
import type { ChangeFound, PackedFrom, Packing } from '@/core/pack';
import { benchNow } from '@/store/bench';
import type { Call } from '@/workers/beside';
import { today } from '@/store/today';

/** A packing that was asked for, as far as it has come. It is nobody's data until it is done to the kit. */
export interface PackingNow {
  /** The kit as it was when it was asked for: what is found holds for that alone. */
  readonly of: Loadout;
  readonly from: PackedFrom;
  /** `looking`: packed to the end, and looking for what would help; `failed`: nothing works beside the page here. */
  readonly state: 'packing' | 'looking' | 'ended' | 'stopped' | 'failed';
  /** The best so far; null before the first. */
  readonly packing: Packing | null;
  readonly steps: number;
  /** What would make more go in, where something stays out. */
  readonly change: ChangeFound | null;
}

const usePackingNow = create<{ readonly now: PackingNow | null }>(() => ({ now: null }));

export function usePacking(): PackingNow | null {
  return usePackingNow(({ now }) => now);
}

/** Of the orders that are tried: always the same, so that the same kit is packed the same. */
const seed = 1;

let running: Call<ChangeFound | null> | null = null;

/** Packs a kit, as it is now, beside the page; what is found is told bit by bit. */
export async function beginPacking(kit: string, from: PackedFrom): Promise<void> {
  const bench = benchNow();
  const own = bench.loadouts.get(kit);
  if (!own) return;
  running?.cancel();
  running = null;
  let now: PackingNow = { of: own, from, state: 'packing', packing: null, steps: 0, change: null };
  const isCurrent = () => usePackingNow.getState().now === now;
  const go = (next: Partial<PackingNow>) => {
    if (!isCurrent()) return;
    now = { ...now, ...next };
    usePackingNow.setState({ now });
  };
  usePackingNow.setState({ now });
  try {
    const [{ callPack }, { benchForPacking }] = await Promise.all([
      import('@/workers/stow-calls'),
      import('@/core/pack/for-packing'),
    ]);
    if (!isCurrent()) return;
    const request = { from, seed, today: today() };
    const call = callPack(benchForPacking(bench, kit), kit, request, (told) => {
      const { packing, steps, isWhole } = told;
      // What is told may come after the end.
      const state = isWhole && now.state === 'packing' ? 'looking' : now.state;
      go({ steps, state, ...(packing && { packing }) });
    });
    running = call;
    const change = await call.result;
    go({ change, state: 'ended' });
  } catch {
    go({ state: 'failed' });
  }
}

/** Ends packing; what it has found stays. */
export function stopPacking(): void {
  const { now } = usePackingNow.getState();
  if (!now) return;
  running?.cancel();
  usePackingNow.setState({ now: { ...now, state: 'stopped' } });
}

/** Lets go of what was found. */
export function dropPacking(): void {
  running?.cancel();
  running = null;
  usePackingNow.setState({ now: null });
}
