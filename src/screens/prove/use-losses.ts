'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { mostTogether, type QuestionLost } from '@/core/losses';
import { conditionIds, treeOf, type Loadout, type Loss } from '@/core/loadout';
import { allLost } from '@/core/ways';
import type { KitView } from '@/ui/kit/kit-view';
import { useBeside } from '@/ui/kit/use-beside';
import type { Call } from '@/workers/beside';
import { callLosses } from '@/workers/prove-calls';

/** What was found of what can be lost, and how far it is. */
export interface LossesKnown {
  /** Null until the first answer; of the kit as it was, until the one as it is now was looked at. */
  readonly asked: readonly QuestionLost[] | null;
  /** While it is being worked out: how many questions are answered, of how many. */
  readonly progress: { readonly done: number; readonly outOf: number } | null;
  /** Ends it with what it has. */
  readonly stop: () => void;
  readonly hasFailed: boolean;
  readonly again: () => void;
}

interface Answer {
  readonly kit: string;
  readonly asked: readonly QuestionLost[];
}

/**
 * Every minimal set of losses of the kit on the table, conditions among them, beyond what is supposed to be lost already:
 * worked out beside the page, so that no edit waits for it.
 */
export function useLosses({ bench, own, kit, cover }: KitView, lost: readonly Loss[]): LossesKnown {
  const [progress, setProgress] = useState<{ done: number; outOf: number } | null>(null);
  const running = useRef<Call<Answer> | null>(null);
  const { day } = kit;
  const { scheme } = cover;
  const begin = useCallback((): Call<Answer> => {
    const also = scheme.categories.flatMap(({ must }) => must);
    const search = { upTo: mostTogether, conditions: conditionIds, given: allLost(lost) };
    const call = callLosses(bench, own.id, day, { also, search }, (done, outOf) => {
      if (running.current === mine) setProgress({ done, outOf });
    });
    const mine: Call<Answer> = {
      cancel: call.cancel,
      result: call.result
        .then(({ asked }) => ({ kit: own.id, asked }))
        .finally(() => {
          if (running.current === mine) setProgress(null);
        }),
    };
    running.current = mine;
    return mine;
  }, [bench, own.id, day, scheme, lost]);
  const { value, isCurrent, hasFailed, again } = useBeside(begin);
  const asked = useMemo(() => {
    if (value === null || value.kit !== own.id) return null;
    return isCurrent ? value.asked : withoutWhatIsGone(value.asked, kit.whole);
  }, [value, isCurrent, own.id, kit.whole]);
  return { asked, progress, stop: () => running.current?.cancel(), hasFailed, again };
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
