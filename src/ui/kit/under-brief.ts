'use client';

import { useDeferredValue, useEffect } from 'react';
import { create } from 'zustand';
import type { UnderBrief } from '@/core/kit/under-brief';
import type { KitView } from './kit-view';

type Judged = typeof import('@/core/kit/under-own-brief');

const useLoaded = create<{ readonly judged: Judged | null }>(() => ({ judged: null }));

/** How long after the first screen the needs are fetched, in ms: after the rules. */
const fetchAfterMs = 260;

/** The kit on the table under its own brief; null while it has none, or while what judges it is still under way. */
export function useUnderBrief(shown: KitView | null): UnderBrief | null {
  // What an edit changes is painted first; the needs follow.
  const view = useDeferredValue(shown);
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

/** What works out the mass by days; null until it is there, with the needs. */
export function useMassByDays(): Judged['massByDays'] | null {
  return useLoaded(({ judged }) => judged?.massByDays ?? null);
}
