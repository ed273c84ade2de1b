/** What a worker answers, or null where it does not within a second. */
export function askWorker<T>(worker: ServiceWorker, question: string): Promise<T | null> {
  const { port1, port2 } = new MessageChannel();
  const told = new Promise<T | null>((resolve) => {
    port1.onmessage = ({ data }: MessageEvent<T>) => resolve(data);
    setTimeout(resolve, 1000, null);
  });
  worker.postMessage(question, [port2]);
  return told;
}

/** The paths of the windows that are open on this origin, this one’s among them; none where nobody can tell. */
export async function windowsOpen(): Promise<readonly string[]> {
  const controller = navigator.serviceWorker?.controller;
  return (controller && (await askWorker<readonly string[]>(controller, 'who is here'))) ?? [];
}
