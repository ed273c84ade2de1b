import type { Ground, Loadout } from './bench';
import type { LoadoutTotals } from './totals';
import { treeOf } from './tree';

/** A vessel of the kit that is full of drinking water when they set out, and on what it stands. */
export interface FilledAtStart {
  readonly placement: string;
  readonly ml: number;
  readonly on: Ground;
}

/** What the brief fills at the start, as far as the vessel is in the kit and nothing lies in it. */
export function filledAtStart(loadout: Loadout): readonly FilledAtStart[] {
  if (!loadout.brief || loadout.brief.filled.length === 0) return [];
  const tree = treeOf(loadout);
  return loadout.brief.filled.flatMap(({ placement, ml }) => {
    let at = tree.byId.get(placement);
    if (!at || tree.within(placement).length > 0) return [];
    while (at && 'in' in at.place) at = tree.byId.get(at.place.in);
    return at && 'on' in at.place ? [{ placement, ml, on: at.place.on }] : [];
  });
}

/** Water that goes along from the start, in g: a mL is a g. */
export function waterG(loadout: Loadout, isCounted: (on: Ground) => boolean): number {
  return filledAtStart(loadout).reduce((sum, { ml, on }) => (isCounted(on) ? sum + ml : sum), 0);
}

/** What the kit weighs when they set out, in g: the most that it ever does, with what is filled at the start. */
export function setsOutG(loadout: Loadout, totals: LoadoutTotals): number {
  return totals.whole.massG + waterG(loadout, () => true);
}
