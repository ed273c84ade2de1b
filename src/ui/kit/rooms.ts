import { canBeLaidOut, type CavityLoad, type FitAnswer } from '@/core/fit';
import { isOnGround } from '@/core/loadout';
import type { KitView } from './kit-view';

/** Whether something in a room stays outside, proven or not. */
export function isAmissIn({ verdict }: FitAnswer): boolean {
  return verdict === 'does not fit' || verdict === 'no place found';
}

/** Whether every room that holds something of a known size was laid out. */
export function areLaidOut(loads: readonly CavityLoad[]): boolean {
  return loads.every(({ answer }) => answer.laidOut !== null || !canBeLaidOut(answer));
}

/** The rooms of what stands on a ground itself. */
export function outermostLoads({ tree, loads }: Pick<KitView, 'tree' | 'loads'>) {
  return loads.filter(({ placement }) => isOnGround(tree.byId.get(placement)!.place));
}
