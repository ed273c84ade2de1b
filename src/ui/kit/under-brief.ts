'use client';

import { startTransition, useEffect, useState } from 'react';
import { create } from 'zustand';
import type { UnderBrief } from '@/core/kit/under-brief';
import type { KitView } from './kit-view';
import { afterPaintMs } from './use-after-paint';

type Judged = typeof import('@/core/kit/under-own-brief');

const useLoaded = create<{ readonly judged: Judged | null }>(() => ({ judged: null }));

/** How long after the first screen the needs are fetched, in ms: after the rules. */
const fetchAfterMs = 260;

/** The kit on the table under its own brief; null while it has none, or while what judges it is still under way. */
export function useUnderBrief(shown: KitView | null): UnderBrief | null {
  const view = useOncePainted(shown);
  const judged = useLoaded((state) => state.judged);
  useEffect(() => {
    if (judged !== null) return;
    const timer = setTimeout(() => {
      void import('@/core/kit/under-own-brief').then((loaded) =>
        useLoaded.setState({ judged: loaded }),
      );
    }, fetchAfterMs);
    return () => clearTimeout(timer);
  }, [judged]);
  return judged === null || view === null ? null : judged.underOwnBrief(view.kit, view.units);
}

/** What an edit changes is painted first: the kit of before it until then. Another kit is taken at once. */
function useOncePainted(shown: KitView | null): KitView | null {
  const [painted, setPainted] = useState(shown);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setPainted(shown)), afterPaintMs);
    return () => clearTimeout(timer);
  }, [shown]);
  return painted?.own.id === shown?.own.id ? painted : shown;
}

/** What works out the mass by days; null until it is there, with the needs. */
export function useMassByDays(): Judged['massByDays'] | null {
  return useLoaded(({ judged }) => judged?.massByDays ?? null);
}
