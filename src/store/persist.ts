let isAsked = false;

/**
 * Asks the browser, once and with the first act, not to throw the bench away when it wants room. It may say no: then
 * what is kept is kept as far as room allows.
 */
export function askToPersist(): void {
  if (isAsked || typeof navigator === 'undefined') return;
  isAsked = true;
  void navigator.storage?.persist?.().catch(() => undefined);
}
