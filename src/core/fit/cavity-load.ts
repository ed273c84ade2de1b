import { gearOf, groundUnder, placementOf, treeOf, type Loadout, type Shelf } from '../loadout';
import { cavityOf, type Gear, type JobId } from '../gear';
import { containersOf } from './containers';
import type { Container, Load, LoadItem } from './load';
import { itemsIn, type CavityItem } from './loads';

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
  const all = itemsIn(loadout, shelf, placementId, cavityId);
  const isWorn =
    cavity.inside.shape === 'soft' && groundUnder(treeOf(loadout), placement) === 'body';
  const isFilled = (id: string) => treeOf(loadout).within(id.split('#')[0]!).length > 0;
  const measured = all.flatMap(({ id, form, massG, gear }): readonly LoadItem[] => {
    if (form === null) return [];
    const hollow = isFilled(id) ? null : hollowOf(gear);
    const isCord = gear.supplies.some(
      ({ job, fitness }) => job === 'cord' && fitness === 'made-for',
    );
    const item = { id, form, massG, isUrgent: isUrgent(gear), isCord };
    return [hollow ? { ...item, hollow } : item];
  });
  return {
    placement: placementId,
    cavity: cavityId,
    loads: containersOf(cavity).map((container) => ({
      container,
      items: measured,
      isWorn,
      isSoftInParts: true,
    })),
    items: all,
    unmeasured: all.filter(({ form }) => form === null),
  };
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
