import { useEffect } from 'react';

/** Lets the browser keep the application, so that it opens without a network. It works without this too. */
export function useKeptAtHand(): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, []);
}
