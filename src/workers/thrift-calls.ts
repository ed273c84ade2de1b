import type { SeasonSwap } from '@/core/judge/season-swap';
import type { Spared } from '@/core/judge/thrift';
import { benchOfKit, type Bench } from '@/core/loadout';
import { Beside, BesideFailed, type Call } from './beside';
import type { SwapAsked, ThriftWorker } from './thrift.worker';

const thrift = new Beside<ThriftWorker>(
  () => new Worker(new URL('./thrift.worker.ts', import.meta.url), { type: 'module' }),
);

/**
 * What of a kit could stay at home, beside the page; on the page itself where the browser starts nothing beside it.
 *
 * @param day YYYY-MM-DD.
 */
export function callSpared(bench: Bench, kit: string, day: string): Call<readonly Spared[]> {
  const own = benchOfKit(bench, kit);
  const call = thrift.call<readonly Spared[]>((remote, id) => remote.spared(id, own, kit, day));
  return { ...call, result: call.result.catch((error: unknown) => here(error, own, kit, day)) };
}

async function here(
  error: unknown,
  bench: Bench,
  kit: string,
  day: string,
): Promise<readonly Spared[]> {
  if (!(error instanceof BesideFailed)) throw error;
  const [{ sparedBy }, { workedOut }] = await Promise.all([
    import('@/core/judge/thrift'),
    import('@/core/kit'),
  ]);
  return sparedBy(workedOut(bench, bench.loadouts.get(kit)!, day));
}

/**
 * What of a kit another brief does not ask for, and what it lacks there. The whole bench goes along, as what mends it comes
 * from the shelf.
 */
export function callSwap(
  bench: Bench,
  kit: string,
  day: string,
  asked: SwapAsked,
): Call<SeasonSwap> {
  const call = thrift.call<SeasonSwap>((remote, id) => remote.swap(id, bench, kit, day, asked));
  const swapHere = async (error: unknown): Promise<SeasonSwap> => {
    if (!(error instanceof BesideFailed)) throw error;
    const [{ seasonSwap }, { workedOut }] = await Promise.all([
      import('@/core/judge/season-swap'),
      import('@/core/kit'),
    ]);
    const { from, to, units } = asked;
    return seasonSwap(workedOut(bench, bench.loadouts.get(kit)!, day), from, to, units);
  };
  return { ...call, result: call.result.catch(swapHere) };
}
