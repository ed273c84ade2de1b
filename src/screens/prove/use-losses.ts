'use client';

import { useEffect, useMemo, useState } from 'react';
import { mostTogether, type QuestionLost } from '@/core/losses';
import { conditionIds, treeOf, type Loadout, type Loss } from '@/core/loadout';
import { allLost } from '@/core/ways';
import type { KitView } from '@/ui/kit/kit-view';
import { callLosses } from '@/workers/prove-calls';

/** What was found of what can be lost, and how far it is. */
export interface LossesKnown {
  /** Null until the first answer; of the kit as it was, until the one as it is now was looked at. */
  readonly asked: readonly QuestionLost[] | null;
  /** While it is being worked out: how many questions are answered, of how many. */
  readonly progress: { readonly done: number; readonly outOf: number } | null;
  /** Ends it with what it has. */
  readonly stop: () => void;
}

interface Known {
  readonly of: { readonly own: { readonly id: string } };
  readonly asked: readonly QuestionLost[];
}

/**
 * Every minimal set of losses of the kit on the table, conditions among them, beyond what is supposed to be lost already:
 * worked out beside the page, so that no edit waits for it.
 */
export function useLosses({ bench, own, kit, cover }: KitView, lost: readonly Loss[]): LossesKnown {
  const [known, setKnown] = useState<Known | null>(null);
  const [running, setRunning] = useState<{ done: number; outOf: number; stop: () => void } | null>(
    null,
  );
  const { day } = kit;
  const { scheme } = cover;
  const asks = useMemo(() => ({ bench, own, day, scheme, lost }), [bench, own, day, scheme, lost]);
  useEffect(() => {
    let isStale = false;
    const also = asks.scheme.categories.flatMap(({ must }) => must);
    const search = { upTo: mostTogether, conditions: conditionIds, given: allLost(asks.lost) };
    const call = callLosses(asks.bench, asks.own.id, asks.day, { also, search }, (done, outOf) => {
      if (!isStale) setRunning({ done, outOf, stop: call.cancel });
    });
    call.result
      .then(({ asked }) => {
        if (isStale) return;
        setKnown({ of: asks, asked });
        setRunning(null);
      })
      .catch(() => undefined);
    return () => {
      isStale = true;
      call.cancel();
    };
  }, [asks]);
  const asked = useMemo(() => {
    if (known === null || known.of.own.id !== own.id) return null;
    return known.of === asks ? known.asked : withoutWhatIsGone(known.asked, kit.whole);
  }, [known, asks, own.id, kit.whole]);
  return { asked, progress: running, stop: () => running?.stop() };
}

/** What was found before an edit, as far as what it is about is still there. */
function withoutWhatIsGone(
  asked: readonly QuestionLost[],
  whole: Loadout,
): readonly QuestionLost[] {
  const { byId } = treeOf(whole);
  return asked.map(({ sets, ...of }) => ({
    ...of,
    sets: sets.filter((set) =>
      set.every((loss) => loss.kind === 'condition' || byId.has(loss.placement)),
    ),
  }));
}
