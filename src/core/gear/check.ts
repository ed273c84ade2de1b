/** One thing that was made ready or tried at a piece, on a day, and whether it held. */
export interface Check {
  /** What was done, as its kind or its owner calls it: `0.5 L boils`. */
  readonly what: string;
  readonly kind: 'ready' | 'trial';
  /** YYYY-MM-DD. */
  readonly on: string;
  readonly passed: boolean;
  /** Where it was, and how it went, in its owner’s words. */
  readonly where?: string;
  readonly note?: string;
}

/** How many checks one piece keeps, and how much is written of one. */
export const mostChecks = 60;
export const longestWhere = 60;
export const longestHow = 300;

/** The latest check of each thing. */
export function latestChecks(checks: readonly Check[]): ReadonlyMap<string, Check> {
  const latest = new Map<string, Check>();
  for (const check of checks) {
    const before = latest.get(check.what);
    if (!before || before.on <= check.on) latest.set(check.what, check);
  }
  return latest;
}

/** Whether a trial failed and was not passed since: what failed is not relied on. */
export function hasFailed(checks: readonly Check[]): boolean {
  return [...latestChecks(checks).values()].some(({ kind, passed }) => kind === 'trial' && !passed);
}
