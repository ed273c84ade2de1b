import type { Gear, Supply } from '../gear';
import type { Placement, Shelf } from './bench';
import { isOnBody } from './on-body';
import type { Tree } from './tree';

/** What strains water, and is torn by ice; not a bottle that it is boiled in, drops or a lamp. Taken for one where it is not said what it removes. */
function isStrainer({ supplies, contents }: Gear, { facts }: Supply): boolean {
  if (facts?.of === 'treatment') return facts.removes.includes('sediment');
  return contents === null && !supplies.some(({ job }) => job === 'carry-water');
}

/** Whether a wet filter is torn by the ice of such a night where it lies: only the body keeps it warm. */
export function isTornByFrost(
  { tree, shelf, lowC }: { readonly tree: Tree; readonly shelf: Shelf; readonly lowC: number },
  {
    gear,
    supply,
    placement,
  }: {
    readonly gear: Gear;
    readonly supply: Supply;
    readonly placement: Placement;
  },
): boolean {
  return (
    lowC < 0 &&
    isStrainer(gear, supply) &&
    gear.spoiledBy.includes('frost') &&
    !isOnBody(tree, shelf, placement)
  );
}
