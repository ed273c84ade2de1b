import { useMemo } from 'react';
import type { Bench } from '@/core/loadout';
import { dueListOf, type DueList } from '@/core/upkeep';
import { useBench } from '@/store/bench';
import { useToday } from '@/store/today';

export interface DueView {
  readonly bench: Bench;
  readonly today: string;
  readonly list: DueList;
}

/** All that is to be done on this bench, as of today. */
export function useDue(): DueView {
  const bench = useBench();
  const today = useToday();
  return useMemo(() => ({ bench, today, list: dueListOf(bench, today) }), [bench, today]);
}
