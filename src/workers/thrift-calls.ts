import type { Spared } from '@/core/judge/thrift';
import { benchOfKit, type Bench } from '@/core/loadout';
import { Beside, BesideFailed, type Call } from './beside';
import type { ThriftWorker } from './thrift.worker';

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
