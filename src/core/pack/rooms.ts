import { roomMl, type Cavity, type Gear } from '../gear';
import { gearOf, isOfModule, treeOf, type Loadout, type Place, type Shelf } from '../loadout';

export type InCavity = Exclude<Place, { readonly on: unknown }>;

/** One cavity of a placed holder, as room for others. */
export interface Room extends InCavity {
  readonly key: string;
  readonly holder: Gear;
  readonly space: Cavity;
  readonly ml: number;
  /** It is first of all something else (a bottle, a pot): filled with gear it does not do that. */
  readonly isMakeshift: boolean;
}

export type Rooms = ReadonlyMap<string, Room>;

export function keyOfRoom({ in: holder, cavity }: InCavity): string {
  return `${holder} ${cavity}`;
}

/** Drawn so, something with a cavity is no holder in the first place. */
const otherwise: readonly string[] = [
  'bottle',
  'mug',
  'pot',
  'roll',
  'water-bag',
  'lantern',
  'jug',
  'stove',
];

/**
 * Whether a piece with a cavity is first of all something else: a vessel, or a tin that is sold with its tinder. A pack that holds
 * a drinking bladder too is a pack.
 */
export function isMakeshift({
  cavities,
  supplies,
  look,
}: Pick<Gear, 'cavities' | 'supplies' | 'look'>): boolean {
  if (cavities.length !== 1) return false;
  return (
    otherwise.includes(look.silhouette) || supplies.some(({ fitness }) => fitness === 'made-for')
  );
}

/**
 * The rooms of a kit, those of kits that go along not counted: their owner packs them. Makeshift ones only where something
 * lies in them already, or where there are no others; never a vessel that is full of water at the start.
 */
export function roomsOf(loadout: Loadout, shelf: Shelf): Rooms {
  const tree = treeOf(loadout);
  const filled = new Set(loadout.brief?.filled.map(({ placement }) => placement) ?? []);
  const rooms = loadout.placements.flatMap((placement): readonly Room[] => {
    const { id, count } = placement;
    if (isOfModule(id) || count > 1 || filled.has(id)) return [];
    const holder = gearOf(shelf, placement);
    const makeshift = isMakeshift(holder);
    return holder.cavities.map((space) => ({
      in: id,
      cavity: space.id,
      key: keyOfRoom({ in: id, cavity: space.id }),
      holder,
      space,
      ml: roomMl(space.inside),
      isMakeshift: makeshift,
    }));
  });
  const made = rooms.filter((room) => !room.isMakeshift);
  const open =
    made.length === 0
      ? rooms
      : rooms.filter((room) => !room.isMakeshift || tree.within(room.in).length > 0);
  return new Map(open.map((room) => [room.key, room]));
}
