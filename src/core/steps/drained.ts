/** What a work in steps comes to, done in one go. */
export function drained<T>(work: Iterator<unknown, T>): T {
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}
