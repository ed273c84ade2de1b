import { cavityOf } from '@/core/gear';
import { gearOf, placementOf } from '@/core/loadout';
import type { KitView } from '@/ui/kit/kit-view';

/** The page of one cavity. */
export function insidePath(placement: string, cavity: string): string {
  return `/stow/inside?${new URLSearchParams({ in: placement, cavity }).toString()}`;
}

interface CavityPlace {
  readonly placement: string;
  readonly cavity: string;
}

/** `Portage pack 45 L, Main`; the holder alone where it has only one room. */
export function roomName({ loadout, bench }: KitView, room: CavityPlace): string {
  const holder = gearOf(bench.shelf, placementOf(loadout, room.placement)!);
  const cavity = cavityOf(holder, room.cavity)!;
  return holder.cavities.length > 1 ? `${holder.name}, ${cavity.name}` : holder.name;
}
