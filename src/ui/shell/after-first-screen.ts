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
  [120, () => void fetchJudging().catch(() => undefined)],
  [2500, fetchDialogs],
  [4500, keepAtHandWhenIdle],
];

/** Fetches what works out needs and findings, one after the other: each is made ready in one go, and the page answers between. */
async function fetchJudging(): Promise<void> {
  await import('@/core/catalogue/kinds');
  await new Promise((resolve) => setTimeout(resolve));
  await lateNeeds.fetch();
  await new Promise((resolve) => setTimeout(resolve));
  await lateJudge.fetch();
}

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
