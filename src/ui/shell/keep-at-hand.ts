import { useEffect } from 'react';
import { create } from 'zustand';
import { build } from './build';

/** What is known of a build that is newer than this page’s: whether it is ready, and who waits to bring it. */
const useNewer = create<{ readonly isReady: boolean; readonly worker: ServiceWorker | null }>(
  () => ({ isReady: false, worker: null }),
);

/** How often a window that stays open asks whether there is a newer build. */
const everyMs = 30 * 60 * 1000;

/** Whether there is a newer build than the one that this page is of. */
export function useNewBuild(): boolean {
  return useNewer((state) => state.isReady);
}

/** Goes on with the newer build: it takes over, and the page is loaded again. */
export function takeNewBuild(): void {
  const { worker } = useNewer.getState();
  if (worker?.state !== 'installed') {
    location.reload();
    return;
  }
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
    once: true,
  });
  worker.postMessage('take over');
}

/**
 * Lets the browser keep the application, a build at a time, so that it opens without a network; and hears of a newer
 * build, which waits until the person takes it on or the last window of this one is closed. It works without this too.
 */
export function useKeptAtHand(): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return undefined;
    holdBuild();
    let timer: ReturnType<typeof setInterval> | undefined;
    let registered: ServiceWorkerRegistration | null = null;
    const ask = () => {
      if (document.visibilityState === 'visible') void registered?.update().catch(() => undefined);
    };
    navigator.serviceWorker
      .register('/sw.js', { updateViaCache: 'none' })
      .then((registration) => {
        registered = registration;
        hear(registration);
        registration.active?.postMessage('here');
        timer = setInterval(ask, everyMs);
        document.addEventListener('visibilitychange', ask);
        addEventListener('online', ask);
      })
      .catch(() => undefined);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', ask);
      removeEventListener('online', ask);
    };
  }, []);
}

/**
 * A worker that waits is of a newer build than this page, or of its own: a page that came from the network is ahead of
 * the worker that it found, and lets its own take over at once. Older windows go on with the files that they know.
 */
function hear(registration: ServiceWorkerRegistration): void {
  const waits = async () => {
    const { waiting } = registration;
    // The first worker of all waits for nobody, and is no news.
    if (!waiting || navigator.serviceWorker.controller === null) return;
    if ((await asked<string>(waiting, 'which build')) === build) waiting.postMessage('take over');
    else useNewer.setState({ isReady: true, worker: waiting });
  };
  void waits();
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', () => void waits());
  });
  let isControlled = navigator.serviceWorker.controller !== null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    const { controller } = navigator.serviceWorker;
    if (isControlled && controller) {
      void asked<string>(controller, 'which build').then((theirs) => {
        if (theirs !== null && theirs !== build) useNewer.setState({ isReady: true, worker: null });
      });
    }
    isControlled = true;
  });
}

/** What a worker answers, or null where it does not within a second. */
function asked<T>(worker: ServiceWorker, question: string): Promise<T | null> {
  const { port1, port2 } = new MessageChannel();
  const told = new Promise<T | null>((resolve) => {
    port1.onmessage = ({ data }: MessageEvent<T>) => resolve(data);
    setTimeout(resolve, 1000, null);
  });
  worker.postMessage(question, [port2]);
  return told;
}

/** Says, for as long as this window is there, which build it is of: what that build keeps stays as long. */
function holdBuild(): void {
  const window = Math.random().toString(36).slice(2);
  void navigator.locks?.request(
    `acorn-window ${build} ${window}`,
    { mode: 'shared' },
    () => new Promise(() => undefined),
  );
}

/** The paths of the windows that are open on this origin, this one’s among them; none where nobody can tell. */
export async function windowsOpen(): Promise<readonly string[]> {
  const controller = navigator.serviceWorker?.controller;
  return (controller && (await asked<readonly string[]>(controller, 'who is here'))) ?? [];
}
