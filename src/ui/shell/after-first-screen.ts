import { useEffect } from 'react';
import { fetchActs } from '@/store/acts';
import { lateJudge } from '../kit/judge';
import { lateNeeds } from '../kit/under-brief';
import { fetchAhead } from '../late/late';
import { fetchDialogs } from './dialogs';

/** The mark of the moment at which the first screen stands; what is fetched after it nobody waits for. */
const firstScreen = 'first screen';

/** What is fetched after the first screen, and how long after it, in ms: what is wanted sooner does not wait behind the rest. */
const fetched: readonly (readonly [afterMs: number, fetch: () => void])[] = [
  [0, () => fetchAhead(fetchActs)],
  [120, () => fetchAhead(lateJudge.fetch)],
  [260, () => fetchAhead(lateNeeds.fetch)],
  [2500, fetchDialogs],
  [6000, keepAtHandWhenIdle],
];

/** Once the first screen stands: fetches what it was drawn without, and has the browser keep all of it. */
export function useAfterFirstScreen(): void {
  useEffect(() => {
    performance.mark(firstScreen);
    const timers = fetched.map(([afterMs, fetch]) => setTimeout(fetch, afterMs));
    return () => timers.forEach(clearTimeout);
  }, []);
}

function keepAtHandWhenIdle(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  const keep = () =>
    void import('./keep-at-hand').then(({ keepAtHand }) => keepAtHand()).catch(() => undefined);
  if ('requestIdleCallback' in window) requestIdleCallback(keep, { timeout: 3000 });
  else keep();
}
