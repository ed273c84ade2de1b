import {
  gearOf,
  groundUnder,
  placementOf,
  totalsOf,
  treeOf,
  type Loadout,
  type Placement,
  type Shelf,
} from '../loadout';
import { cavityOf, type Gear, type JobId } from '../gear';
import { containersOf } from './containers';
import type { Container, Load, LoadItem, PackedForm } from './load/cargo';
import { outsidesOf } from './outside';
import type { FitItem } from './question';

/** A piece to pack, of which placement it is one, and the gear that it is. */
export interface CavityItem extends FitItem {
  readonly placement: string;
  readonly gear: Gear;
  /** As it is laid out; null where its size is not known. */
  readonly form: PackedForm | null;
}

/** What is in a cavity as a load to lay out. */
export interface CavityQuestion {
  readonly placement: string;
  readonly cavity: string;
  /** One for a rigid cavity; for a soft one, the shapes that it could take, the likeliest first. */
  readonly loads: readonly Load[];
  readonly items: readonly CavityItem[];
  /** Pieces without a size: they are not laid out. */
  readonly unmeasured: readonly CavityItem[];
}

/** Jobs that are wanted at once when they are wanted at all (own). */
const urgentJobs: readonly JobId[] = [
  'bleed-control',
  'first-aid',
  'signal-sound',
  'shell',
  'light',
  'breathe',
];

/** What is in a cavity of a placed holder, to be laid out; null where there is no such cavity. */
export function cavityQuestion(
  loadout: Loadout,
  shelf: Shelf,
  placementId: string,
  cavityId: string,
): CavityQuestion | null {
  const placement = placementOf(loadout, placementId);
  const holder = placement && gearOf(shelf, placement);
  const cavity = holder && cavityOf(holder, cavityId);
  if (!placement || !cavity) return null;
  const items = itemsIn(loadout, shelf, placementId, cavityId);
  const isWorn =
    cavity.inside.shape === 'soft' && groundUnder(treeOf(loadout), placement) === 'body';
  const measured = items.flatMap(toLoad);
  return {
    placement: placementId,
    cavity: cavityId,
    loads: containersOf(cavity).map((container) => ({
      container,
      items: measured,
      isWorn,
      isSoftInParts: true,
    })),
    items,
    unmeasured: items.filter(({ form }) => form === null),
  };
}

/** The pieces in a cavity of a placed holder, each counted one by itself. */
export function itemsIn(
  loadout: Loadout,
  shelf: Shelf,
  placementId: string,
  cavityId: string,
): readonly CavityItem[] {
  return treeOf(loadout)
    .inCavity(placementId, cavityId)
    .flatMap((held) => itemsOf(held, loadout, shelf));
}

/** A placement as pieces to pack, each as it is from outside with what it holds. */
export function itemsOf(
  placement: Placement,
  loadout: Loadout,
  shelf: Shelf,
): readonly CavityItem[] {
  const { id, count } = placement;
  const gear = gearOf(shelf, placement);
  const { form, least } = outsidesOf(loadout, shelf).get(id)!;
  const isFilled = treeOf(loadout).within(id).length > 0;
  const item = {
    placement: id,
    name: gear.name,
    form,
    least,
    massG: totalsOf(loadout, shelf).branches.get(id)!.massG / count,
    hollow: isFilled ? null : hollowOf(gear),
    gear,
  };
  return Array.from({ length: count }, (_, at) => ({
    ...item,
    id: count === 1 ? id : `${id}#${at + 1}`,
  }));
}

function toLoad({ id, form, least, massG, hollow, gear }: CavityItem): readonly LoadItem[] {
  if (form === null) return [];
  const isCord = gear.supplies.some(({ job, fitness }) => job === 'cord' && fitness === 'made-for');
  const item: LoadItem = { id, form, massG, isUrgent: isUrgent(gear), isCord };
  return [
    {
      ...item,
      ...(hollow && { hollow }),
      ...(least !== null && least !== form && { least }),
    },
  ];
}

/** The empty room of a rigid piece that is open as wide as it is; null for others. */
function hollowOf({ form, cavities: [cavity, ...others] }: Gear): Container | null {
  if (!cavity || others.length > 0 || form === null || form.shape === 'soft') return null;
  if (cavity.inside.shape === 'soft' || cavity.mouth.shape !== 'section') return null;
  return containersOf(cavity)[0]!;
}

export function isUrgent(gear: Gear): boolean {
  return gear.supplies.some(
    ({ job, fitness }) => fitness === 'made-for' && urgentJobs.includes(job),
  );
}
