/** Something that is worked out when it is first asked for, and kept. */
export function once<T>(work: () => T): () => T {
  let kept: { readonly value: T } | null = null;
  return () => (kept ??= { value: work() }).value;
}
