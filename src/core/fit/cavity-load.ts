import { gearOf, groundUnder, placementOf, treeOf, type Loadout, type Shelf } from '../loadout';
import { cavityOf } from '../gear';
import { containersOf } from './containers';
import type { Load, LoadItem, PackedForm } from './load/cargo';
import { outsidesOf } from './outside';
import { itemsIn } from './items';
import type { FitItem } from './question';
import { isUrgent } from './urgent';

/** A piece to pack, as it is laid out. */
export interface CavityItem extends FitItem {
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
  const outsides = outsidesOf(loadout, shelf);
  const items = itemsIn(loadout, shelf, placementId, cavityId).map((item): CavityItem => ({
    ...item,
    form: outsides.get(item.placement) ?? null,
  }));
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

const asked = new WeakMap<Loadout, { shelf: Shelf; questions: readonly CavityQuestion[] }>();

/** Every cavity of a loadout that holds something of a known size, in the order of the placements. */
export function questionsOf(loadout: Loadout, shelf: Shelf): readonly CavityQuestion[] {
  const kept = asked.get(loadout);
  if (kept?.shelf === shelf) return kept.questions;
  const questions = loadout.placements.flatMap((placement) =>
    gearOf(shelf, placement).cavities.flatMap(({ id }) => {
      const question = cavityQuestion(loadout, shelf, placement.id, id);
      return question && question.items.length > question.unmeasured.length ? [question] : [];
    }),
  );
  asked.set(loadout, { shelf, questions });
  return questions;
}
