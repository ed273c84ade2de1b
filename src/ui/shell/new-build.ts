import { create } from 'zustand';

/** What is known of a build that is newer than this page’s: whether it is ready, and who waits to bring it. */
export const useNewer = create<{
  readonly isReady: boolean;
  readonly worker: ServiceWorker | null;
}>(() => ({ isReady: false, worker: null }));

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
