import { expose } from 'comlink';
import { sparedBy, type Spared } from '@/core/judge/thrift';
import { workedOut } from '@/core/kit';
import type { Bench } from '@/core/loadout';
import { cancel } from './slices';

/** What the page asks that takes too long for it. */
export const thriftWorker = {
  /** What of a kit could stay at home, as it stands on a day. */
  spared(_id: string, bench: Bench, kit: string, day: string): readonly Spared[] {
    return sparedBy(workedOut(bench, bench.loadouts.get(kit)!, day));
  },

  cancel,
};

export type ThriftWorker = typeof thriftWorker;

expose(thriftWorker);
