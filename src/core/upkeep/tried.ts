import { readyings, trials } from '../catalogue/handling';
import { hasFailed, latestChecks, type Check, type Gear } from '../gear';
import { gearOf, type Loadout, type Shelf } from '../loadout';

/** What of a kit is made ready and tried, of what there is to make ready and to try. */
export interface Tried {
  readonly ready: number;
  readonly toReady: number;
  readonly tried: number;
  readonly toTry: number;
}

/** How far a piece is trusted: it failed, there is something that it was not tried at, or it held. */
export type Trust = 'failed' | 'untried' | 'tried';

/** What is done before a piece goes along, and how it is tried, as its kind says; nothing where it is like none. */
export function checksOf({ kind }: Pick<Gear, 'kind'>): {
  readonly ready: readonly string[];
  readonly trial: readonly string[];
} {
  if (kind === null) return { ready: [], trial: [] };
  return { ready: readyings.get(kind) ?? [], trial: trials.get(kind) ?? [] };
}

/** What its kind says it is tried at, and it has not held at yet, or not since it failed. */
export function untriedAt(gear: Pick<Gear, 'kind' | 'checks'>): readonly string[] {
  const latest = latestChecks(gear.checks);
  return checksOf(gear).trial.filter((what) => latest.get(what)?.passed !== true);
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

/** All that was made ready and tried at a piece, the latest first. */
export function logOf({ checks }: Pick<Gear, 'checks'>): readonly Check[] {
  return [...checks].reverse().sort((one, other) => other.on.localeCompare(one.on));
}

/** How many of the things to make ready and to try in a kit were, and held; each gear once. */
export function triedIn(kit: Loadout, shelf: Shelf): Tried {
  const pieces = new Set(kit.placements.map((placement) => gearOf(shelf, placement)));
  let [ready, toReady, tried, toTry] = [0, 0, 0, 0];
  for (const gear of pieces) {
    const checks = checksOf(gear);
    const latest = latestChecks(gear.checks);
    toReady += checks.ready.length;
    toTry += checks.trial.length;
    ready += checks.ready.filter((what) => latest.get(what)?.passed === true).length;
    tried += checks.trial.length - untriedAt(gear).length;
  }
  return { ready, toReady, tried, toTry };
}
