'use client';

import { useEffect } from 'react';
import { create } from 'zustand';
import { fetchActs } from '@/store/acts';

export type Judge = typeof import('@/core/judge');

const useLoaded = create<{ readonly judge: Judge | null }>(() => ({ judge: null }));

/** The mark of the moment at which the first screen stands; what is fetched after it nobody waits for. */
const firstScreen = 'first screen';

/** How long after the first screen the rules are fetched, in ms: nothing that it is drawn from waits behind them. */
const fetchAfterMs = 120;

/** The rules and their words. They come right after the first screen, which does not wait for them: null until then. */
export function useJudge(): Judge | null {
  const judge = useLoaded((state) => state.judge);
  useEffect(() => {
    performance.mark(firstScreen);
    void fetchActs().catch(() => undefined);
    const timer = setTimeout(() => {
      void import('@/core/judge').then((loaded) => useLoaded.setState({ judge: loaded }));
    }, fetchAfterMs);
    return () => clearTimeout(timer);
  }, []);
  return judge;
}
