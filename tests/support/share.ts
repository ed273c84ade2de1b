/**
 * What is a proof by sheer number is tried in part by `npm test`, the same part every time, and in full by
 * `npm run explore`, which says so here.
 */
export const triesAll = process.env.ACORN_ALL === '1';

/** How many of `all` are tried: a tenth where nothing else is said, and all of them by `npm run explore`. */
export function tried(all: number, share = 0.1): number {
  return triesAll ? all : Math.ceil(all * share);
}

/** The same as the length of a property test. */
export function runs(all: number, share?: number): { readonly numRuns: number } {
  return { numRuns: tried(all, share) };
}
