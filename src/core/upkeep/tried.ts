import { kindOf } from '../catalogue';
import { latestChecks, type Gear } from '../gear';
import { gearOf, type Loadout, type Shelf } from '../loadout';

/** What of a kit is made ready and tried, of what there is to make ready and to try. */
export interface Tried {
  readonly ready: number;
  readonly toReady: number;
  readonly tried: number;
  readonly toTry: number;
}

/** What is done before a piece goes along, and how it is tried, as its kind says. */
export function checksOf({ kind }: Pick<Gear, 'kind'>): {
  readonly ready: readonly string[];
  readonly trial: readonly string[];
} {
  const known = kind === null ? undefined : kindOf(kind);
  return { ready: known?.ready ?? [], trial: known?.trial ?? [] };
}

/** How many of the things to make ready and to try in a kit were, and held; each gear once. */
export function triedIn(kit: Loadout, shelf: Shelf): Tried {
  const pieces = new Set(kit.placements.map((placement) => gearOf(shelf, placement)));
  let [ready, toReady, tried, toTry] = [0, 0, 0, 0];
  for (const gear of pieces) {
    const checks = checksOf(gear);
    const latest = latestChecks(gear.checks);
    const passed = (what: string) => latest.get(what)?.passed === true;
    toReady += checks.ready.length;
    toTry += checks.trial.length;
    ready += checks.ready.filter(passed).length;
    tried += checks.trial.filter(passed).length;
  }
  return { ready, toReady, tried, toTry };
}
