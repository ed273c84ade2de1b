import { readyings } from '../catalogue/readyings';
import { latestChecks, type Check, type Gear } from '../gear';
import { gearOf, type Loadout, type Shelf } from '../loadout';
import { trialOf, untriedAt } from './tried';

/** What of a kit is made ready and tried, of what there is to make ready and to try. */
export interface Tried {
  readonly ready: number;
  readonly toReady: number;
  readonly tried: number;
  readonly toTry: number;
}

/** What is done before a piece goes along, and how it is tried, as its kind says; nothing where it is like none. */
export function checksOf({ kind }: Pick<Gear, 'kind'>): {
  readonly ready: readonly string[];
  readonly trial: readonly string[];
} {
  return { ready: kind === null ? [] : (readyings.get(kind) ?? []), trial: trialOf({ kind }) };
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
