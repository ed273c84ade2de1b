import { askWorker } from './ask-worker';
import { build } from './build';
import { useNewer } from './new-build';

/** How often a window that stays open asks whether there is a newer build. */
const everyMs = 30 * 60 * 1000;
/** How often it asks again, and how soon, where the server does not answer: it may just be started anew. */
const mostTries = 10;
const soonMs = 3000;
/** How long after a window came it says once more that it is here. */
const hereAgainMs = 10_000;
/** How long after one could not be installed it is tried again. */
const lateMs = 60_000;

/**
 * Lets the browser keep the application, a build at a time, so that it opens without a network; and hears of a newer
 * build, which waits until the person takes it on or the last window of this one is closed. It works without this too.
 */
export async function keepAtHand(): Promise<void> {
  // What is on its way to the page comes first.
  if (document.readyState !== 'complete') {
    await new Promise((resolve) => addEventListener('load', resolve, { once: true }));
  }
  let registration = await registered();
  // One that could not be installed whole, as when one of its files was not to be had, is asked for again.
  const again = () => void registered().then((next) => hear((registration = next), later));
  const later = () => setTimeout(again, lateMs);
  hear(registration, later);
  hearTakeOver();
  registration.active?.postMessage('here');
  // Once more: while another window was still going, what it had kept was not let go.
  setTimeout(() => registration.active?.postMessage('here'), hereAgainMs);
  const ask = () => {
    if (document.visibilityState === 'visible') void askedSurely(registration);
  };
  setInterval(ask, everyMs);
  document.addEventListener('visibilitychange', ask);
  addEventListener('online', ask);
}

function registered(): Promise<ServiceWorkerRegistration> {
  return navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' });
}

/** Asks whether there is a newer build; where the server lets the question fall, soon once more. */
async function askedSurely(registration: ServiceWorkerRegistration): Promise<void> {
  for (let tries = 1; tries <= mostTries; tries += 1) {
    try {
      await registration.update();
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, soonMs));
    }
  }
}

/**
 * A worker that waits is of a newer build than this page, which is news; or it is of its own, where the page came from
 * the network and is ahead of the worker that it found. That one waits, as workers do, until all windows are closed: to
 * take over by itself would hold up what another window has on its way.
 */
function hear(registration: ServiceWorkerRegistration, onFailed: () => void): void {
  const waits = async () => {
    const { waiting } = registration;
    // The first worker of all waits for nobody, and is no news.
    if (!waiting || navigator.serviceWorker.controller === null) return;
    if ((await buildOf(waiting)) !== build) useNewer.setState({ isReady: true, worker: waiting });
  };
  const follow = () => {
    const { installing } = registration;
    if (!installing || heard.has(installing)) return;
    heard.add(installing);
    let isInstalled = false;
    installing.addEventListener('statechange', () => {
      isInstalled ||= installing.state === 'installed';
      if (installing.state === 'redundant' && !isInstalled) onFailed();
      void waits();
    });
  };
  follow();
  void waits();
  if (heard.has(registration)) return;
  heard.add(registration);
  registration.addEventListener('updatefound', follow);
}

/** What is listened to already: the browser gives the same ones again. */
const heard = new WeakSet<ServiceWorker | ServiceWorkerRegistration>();

function hearTakeOver(): void {
  let isControlled = navigator.serviceWorker.controller !== null;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    const { controller } = navigator.serviceWorker;
    if (isControlled && controller) {
      controller.postMessage('here');
      void buildOf(controller).then((theirs) => {
        if (theirs !== null && theirs !== build) useNewer.setState({ isReady: true, worker: null });
      });
    }
    isControlled = true;
  });
}

function buildOf(worker: ServiceWorker): Promise<string | null> {
  return askWorker<string>(worker, 'which build');
}
