import type { Outcome } from '@/core/quantity';
import { refused } from '@/core/quantity';
import type { Bench } from '@/core/loadout';
import { picturesOf } from '@/store/pictures';
import { whyFailed } from '@/store/why-failed';
import { callBackUp } from '@/workers/exchange-calls';

/** All of a bench with its pictures as a zip; refused, and why, where it could not be made. */
export async function zipOfBench(bench: Bench): Promise<Outcome<Uint8Array<ArrayBuffer>>> {
  try {
    return await callBackUp(bench, await picturesOf(bench)).result;
  } catch (error) {
    return refused(`The back-up was not made: ${whyFailed(error)}.`);
  }
}
