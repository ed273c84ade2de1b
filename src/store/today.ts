import { useEffect } from 'react';
import { create } from 'zustand';
import { localDay } from '@/core/quantity';

const useDay = create<{ readonly day: string }>(() => ({ day: today() }));

/** The day it is now, as the person’s own calendar has it, YYYY-MM-DD: for what is done. */
export function today(): string {
  return localDay(new Date());
}

/** The same for what is shown: one day for the whole window, also where it stays open over midnight. */
export function useToday(): string {
  return useDay(({ day }) => day);
}

/** Keeps the day of this window right: at midnight, and when the window is seen again after a sleep. */
export function useDayKept(): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const look = () => {
      clearTimeout(timer);
      const day = today();
      if (day !== useDay.getState().day) useDay.setState({ day });
      timer = setTimeout(look, msToMidnight(new Date()));
    };
    look();
    document.addEventListener('visibilitychange', look);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
}

function msToMidnight(now: Date): number {
  const next = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 1);
  return next.getTime() - now.getTime() + 1000;
}
