import { proxy } from 'comlink';
import type { SeasonSwap } from '@/core/judge/season-swap';
import type { Spared } from '@/core/judge/thrift';
import { benchOfKit, type Bench } from '@/core/loadout';
import { Beside, BesideFailed, type Call } from './beside';

import type { FixTried } from '@/core/judge/mending';
import { newId } from '@/store/new-id';
import type { FixesAsked, LossesAsked, LossesFound, ProveWorker, SwapAsked } from './prove.worker';

const prove = new Beside<ProveWorker>(
  () => new Worker(new URL('./prove.worker.ts', import.meta.url), { type: 'module' }),
);

/**
 * What of a kit could stay at home, beside the page; on the page itself where the browser starts nothing beside it.
 *
 * @param day YYYY-MM-DD.
 */
export function callSpared(bench: Bench, kit: string, day: string): Call<readonly Spared[]> {
  const own = benchOfKit(bench, kit);
  const call = prove.call<readonly Spared[]>((remote, id) => remote.spared(id, own, kit, day));
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
  const call = prove.call<SeasonSwap>((remote, id) => remote.swap(id, bench, kit, day, asked));
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

/**
 * Every minimal set of losses that leaves undone what a kit must do and does; on the page itself, in one go, where the browser
 * starts nothing beside it.
 *
 * @param tell how many of the questions are answered, now and then.
 */
export function callLosses(
  bench: Bench,
  kit: string,
  day: string,
  asked: LossesAsked,
  tell: (done: number, outOf: number) => void,
): Call<LossesFound> {
  const own = benchOfKit(bench, kit);
  const call = prove.call<LossesFound>((remote, id) =>
    remote.losses(id, own, kit, day, asked, proxy(tell)),
  );
  const lossesHere = async (error: unknown): Promise<LossesFound> => {
    if (!(error instanceof BesideFailed)) throw error;
    const [{ lossesOfKit, questionsOf }, { workedOut }] = await Promise.all([
      import('@/core/losses'),
      import('@/core/kit'),
    ]);
    const { ways, asked: musts } = workedOut(own, own.loadouts.get(kit)!, day);
    const questions = questionsOf(ways, musts, asked.also);
    const found = [...lossesOfKit(ways.formula, questions, asked.search)];
    return { asked: found, outOf: questions.length };
  };
  return { ...call, result: call.result.catch(lossesHere) };
}

/**
 * What mends findings of a kit, told as it is found; on the page itself, in one go, where the browser starts nothing beside it. The
 * whole bench goes along, as what mends may come from the shelf.
 *
 * @param tell each fix with the place of its finding, and null once no more of that is tried.
 */
export function callFixes(
  bench: Bench,
  kit: string,
  day: string,
  asked: FixesAsked,
  tell: (tried: FixTried) => void,
): Call<void> {
  const call = prove.call<void>((remote, id) =>
    remote.fixes(id, bench, kit, day, asked, proxy(tell)),
  );
  const fixesHere = async (error: unknown): Promise<void> => {
    if (!(error instanceof BesideFailed)) throw error;
    const [{ fixesOfEach }, { workedOut }, { notLaidOut }] = await Promise.all([
      import('@/core/judge/mending'),
      import('@/core/kit'),
      import('@/core/fit'),
    ]);
    const { findings, most, scheme, holding } = asked;
    const worked = workedOut(bench, bench.loadouts.get(kit)!, day, notLaidOut, holding);
    for (const tried of fixesOfEach(worked, findings, most, { newId, scheme })) {
      if (tried !== null) tell(tried);
    }
  };
  return { ...call, result: call.result.catch(fixesHere) };
}
