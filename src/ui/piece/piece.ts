import type { Gear } from '@/core/gear';
import type { Placement } from '@/core/loadout';
import type { KitView } from '@/ui/kit/kit-view';

/** A piece as it is placed in the kit on the table. */
export interface PieceProps {
  readonly view: KitView;
  readonly placement: Placement;
  readonly gear: Gear;
}
