/** Why the browser’s storage did not do what it should, in words for the person. */
export function whyFailed(error: unknown): string {
  const { name, message } = named(error);
  switch (name) {
    case 'QuotaExceededError':
      return 'There is no room left: the disk is full, or the browser gives this site no more.';
    case 'SecurityError':
      return 'The browser’s settings keep this site from keeping anything.';
    case 'AbortError':
      return 'The browser broke off while it was writing.';
    case 'UnknownError':
      return 'The browser could not read or write its own storage.';
    default:
      return message === '' ? name : `The browser says: ${message.slice(0, 160)}`;
  }
}

/** What a failure is called: failures of storage are told by their name alone, whatever they are made of. */
export function named(error: unknown): { readonly name: string; readonly message: string } {
  if (typeof error !== 'object' || error === null) return { name: 'Error', message: String(error) };
  const { name = 'Error', message = '' } = error as Partial<Record<'name' | 'message', unknown>>;
  return { name: String(name), message: String(message) };
}
