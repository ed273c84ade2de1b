import { personName, type Brief } from '../brief';
import { branchOf, staysOn, type Loadout, type Placement } from '../loadout';
import type { Lasting, Need } from '../needs';
import type { UnitSystem } from '../quantity';
import { needsKitUnder, needsUnder } from './under-brief';
import type { WorkedOutKit } from './worked-out';

/** What is left when the rest is: on the body and in its pockets; with the bags on the back; with vehicle and house. */
export const layers = ['on the body', 'body and bag', 'all of it'] as const;
export type Layer = (typeof layers)[number];

/** How long a layer lasts by itself, and how its needs stand. */
export interface LayerLasts {
  readonly layer: Layer;
  readonly pieces: number;
  readonly lasts: Lasting;
  readonly needs: readonly Need[];
}

/** Whom a layer is to keep: all who go, or one of them who came away with it alone. */
export interface KeptByLayer {
  /** Its place in the brief’s people; null for all of them. */
  readonly person: number | null;
  readonly name: string;
}

/** All who go together, and each of them alone where they are more than one. */
export function keptByLayers({ people }: Brief): readonly KeptByLayer[] {
  const all = { person: null, name: 'All who go' };
  if (people.length < 2) return [all];
  return [
    all,
    ...people.map((each, at) => ({ person: at, name: personName(each, at, people.length) })),
  ];
}

/**
 * How long the kit lasts by layers: what somebody has who comes away with no more than that.
 *
 * @param person who has it alone, by place in the brief’s people; all who go where it is null.
 */
export function lastingByLayers(
  kit: WorkedOutKit,
  brief: Brief,
  units: UnitSystem,
  person: number | null = null,
): readonly LayerLasts[] {
  const { whole } = kit;
  const theirs = person === null ? brief : { ...brief, people: [brief.people[person]!] };
  return layers.map((layer) => {
    const pieces = inLayer(kit, layer);
    const { lasts, needs } = needsUnder(needsKitUnder(pieces, kit, theirs, units));
    return {
      layer,
      pieces: pieces === whole ? whole.placements.length : pieces.placements.length,
      lasts,
      needs,
    };
  });
}

function inLayer(kit: WorkedOutKit, layer: Layer): Loadout {
  const { whole, tree } = kit;
  if (layer === 'all of it') return whole;
  const isIn = (root: Placement) =>
    layer === 'on the body'
      ? isOn(root, 'body') && staysOn(kit.gear(root.id))
      : isOn(root, 'body') || isOn(root, 'mat');
  const kept = new Set(
    whole.placements.filter(isIn).flatMap((root) => branchOf(tree, root.id).map(({ id }) => id)),
  );
  return { ...whole, placements: whole.placements.filter(({ id }) => kept.has(id)) };
}

function isOn({ place }: Placement, ground: 'body' | 'mat'): boolean {
  return 'on' in place && place.on === ground;
}
