import { trials } from '../catalogue/trials';
import { hasFailed, latestChecks, type Gear } from '../gear';

/** How far a piece is trusted: it failed, there is something that it was not tried at, or it held. */
export type Trust = 'failed' | 'untried' | 'tried';

/** How a piece is tried, as its kind says; nothing where it is like none. */
export function trialOf({ kind }: Pick<Gear, 'kind'>): readonly string[] {
  return kind === null ? [] : (trials.get(kind) ?? []);
}

/** What its kind says it is tried at, and it has not held at yet, or not since it failed. */
export function untriedAt(gear: Pick<Gear, 'kind' | 'checks'>): readonly string[] {
  const latest = latestChecks(gear.checks);
  return trialOf(gear).filter((what) => latest.get(what)?.passed !== true);
}

/** It has a way to be tried that it has not passed yet, or failed since. */
export function isUntried(gear: Pick<Gear, 'kind' | 'checks'>): boolean {
  return untriedAt(gear).length > 0;
}

/** How far a piece is trusted; null where nobody knows how it would be tried, and nobody did. */
export function trustOf(gear: Pick<Gear, 'kind' | 'checks'>): Trust | null {
  if (hasFailed(gear.checks)) return 'failed';
  if (untriedAt(gear).length > 0) return 'untried';
  return gear.checks.some(({ kind }) => kind === 'trial') ? 'tried' : null;
}
