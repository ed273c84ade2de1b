let last = 0;

/**
 * An id for something new, of the kind that files allow: nine digits of the time it was made at, then eight at random.
 * Records are kept in the order of their ids, so that what is read again lies in the order in which it was made: of two
 * versions of one day, the later one is the last. Many at once each take a millisecond of their own.
 *
 * @example `newId()` → `'0mig7w3k29f0c41ab'`
 */
export function newId(): string {
  last = Math.max(Date.now(), last + 1);
  const [random] = crypto.getRandomValues(new Uint32Array(1));
  return last.toString(36).padStart(9, '0') + random!.toString(16).padStart(8, '0');
}
