import { askWorker } from './ask-worker';
import { build } from './build';
import { useNewer } from './new-build';

/** How often a window that stays open asks whether there is a newer build. */
const everyMs = 30 * 60 * 1000;

/**
 * Lets the browser keep the application, a build at a time, so that it opens without a network; and hears of a newer
 * build, which waits until the person takes it on or the last window of this one is closed. It works without this too.
 */
export async function keepAtHand(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' });
  hear(registration);
  registration.active?.postMessage('here');
  const ask = () => {
    if (document.visibilityState === 'visible') void registration.update().catch(() => undefined);
  };
  setInterval(ask, everyMs);
  document.addEventListener('visibilitychange', ask);
  addEventListener('online', ask);
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
    if ((await askWorker<string>(waiting, 'which build')) === build)
      waiting.postMessage('take over');
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
      void askWorker<string>(controller, 'which build').then((theirs) => {
        if (theirs !== null && theirs !== build) useNewer.setState({ isReady: true, worker: null });
      });
    }
    isControlled = true;
  });
}
