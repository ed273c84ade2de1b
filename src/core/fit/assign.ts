import { cavityOf, isHolder, reaches, roomMl, type Gear, type JobId, type Reach } from '../gear';
import {
  apply,
  branchOf,
  gearOf,
  isOfModule,
  placementOf,
  totalsOf,
  treeOf,
  withModules,
  type Bench,
  type Loadout,
  type MoveCommand,
  type Placement,
  type Shelf,
} from '../loadout';
import { cavityQuestion, isUrgent } from './cavity-load';
import { stowWithin } from './load';
import { whyNeverIn } from './load/never';
import { roomsTouched, type InCavity } from './rooms-touched';

/** Where the pieces that lie outside go, found by packing; and those that found no place. */
export interface Assignment {
  readonly moves: readonly MoveCommand[];
  /** Placements for which no cavity had room. */
  readonly homeless: readonly string[];
}

const steps = 16;
const budgetMs = 250;

/** Jobs of things that spoil what does the jobs beside them (own): fuel and sprays go with no food. */
const apart: readonly (readonly [readonly JobId[], readonly JobId[]])[] = [
  [
    ['fuel', 'insect-guard'],
    ['food', 'treat-water'],
  ],
];

/**
 * Proposes a cavity for each piece that lies on the mat, and for each placement of `leftOut`, so that all cavities still
 * hold all that is in them, kits that go along counted in: what is wanted at once where a hand comes to it first, the
 * rest deep; within the mass that a cavity may carry; and fuel and sprays apart from food. A holder on the mat is room
 * like any other, whether it finds a place itself or stays there. Whatever else is in the kit stays where it is, and so
 * does what is `pinned`. Yields after each piece; the last yield is the answer.
 */
export function* assign(
  bench: Bench,
  loadoutId: string,
  leftOut: readonly string[],
  pinned: ReadonlySet<string>,
): Generator<Assignment, void> {
  let sofar = bench;
  const kit = () => withModules(sofar, sofar.loadouts.get(loadoutId)!);
  const moves: MoveCommand[] = [];
  const homeless: string[] = [];
  const own = bench.loadouts.get(loadoutId)!;
  for (const placement of outside(bench, own, leftOut, pinned)) {
    const move = cavitiesFor(sofar, kit(), placement)
      .map((to): MoveCommand => ({
        do: 'move',
        loadout: loadoutId,
        placement: placement.id,
        to,
      }))
      .find((each) => isRoomFor(sofar, each));
    const moved = move && apply(sofar, move);
    if (move && moved?.ok) {
      sofar = moved.value;
      moves.push(move);
    } else if (!isHolder(gearOf(bench.shelf, placement)) || leftOut.includes(placement.id)) {
      homeless.push(placement.id);
    }
    yield { moves: [...moves], homeless: [...homeless] };
  }
}

/** What is to be placed, the bulkiest first. */
function outside(
  bench: Bench,
  loadout: Loadout,
  leftOut: readonly string[],
  pinned: ReadonlySet<string>,
): readonly Placement[] {
  const totals = totalsOf(loadout, bench.shelf);
  const bulkMl = ({ id }: Placement) => totals.branches.get(id)!.bulk.tightMl;
  const ids = new Set(leftOut);
  return loadout.placements
    .filter(({ id, place }) => ids.has(id) || ('on' in place && place.on === 'mat'))
    .filter(({ id }) => !pinned.has(id))
    .sort((one, other) => bulkMl(other) - bulkMl(one));
}

/** Cavities in the order in which they suit a piece. */
function cavitiesFor(bench: Bench, loadout: Loadout, placement: Placement): readonly InCavity[] {
  const { shelf } = bench;
  const tree = treeOf(loadout);
  const own = new Set(branchOf(tree, placement.id).map(({ id }) => id));
  const gear = gearOf(shelf, placement);
  const wish = reaches.indexOf(wishedReach(gear));
  const open = loadout.placements.flatMap((holder) => {
    if (own.has(holder.id) || isOfModule(holder.id) || holder.count > 1) return [];
    return gearOf(shelf, holder).cavities.flatMap((cavity) => {
      const inside = tree.inCavity(holder.id, cavity.id);
      if (inside.some((other) => areApart(gear, gearOf(shelf, other)))) return [];
      const off = Math.abs(reaches.indexOf(cavity.reach) - wish);
      return [{ place: { in: holder.id, cavity: cavity.id }, off, room: roomMl(cavity.inside) }];
    });
  });
  return open
    .filter(({ place }) => JSON.stringify(place) !== JSON.stringify(placement.place))
    .sort((one, other) => one.off - other.off || other.room - one.room)
    .map(({ place }) => place);
}

function wishedReach(gear: Gear): Reach {
  return isUrgent(gear) ? 'outside pocket' : 'main';
}

function areApart(one: Gear, other: Gear): boolean {
  const does = (gear: Gear, jobs: readonly JobId[]) =>
    gear.supplies.some(({ job, fitness }) => fitness !== 'improvised' && jobs.includes(job));
  return apart.some(
    ([spoils, spoilt]) =>
      (does(one, spoils) && does(other, spoilt)) || (does(other, spoils) && does(one, spoilt)),
  );
}

function isRoomFor(bench: Bench, move: MoveCommand): boolean {
  const after = apply(bench, move);
  const { to } = move;
  if (!after.ok || 'on' in to) return false;
  const { shelf } = after.value;
  const whole = withModules(after.value, after.value.loadouts.get(move.loadout)!);
  return roomsTouched(whole, shelf, to).every((room) => holdsAll(whole, shelf, room));
}

function holdsAll(whole: Loadout, shelf: Shelf, room: InCavity): boolean {
  const { mostMassG } = cavityOf(gearOf(shelf, placementOf(whole, room.in)!), room.cavity)!;
  const question = cavityQuestion(whole, shelf, room.in, room.cavity)!;
  const massG = question.items.reduce((sum, item) => sum + item.massG, 0);
  if (mostMassG !== null && massG > mostMassG) return false;
  const open = question.loads.filter(({ container, items }) =>
    items.every((item) => whyNeverIn(container, item) === null),
  );
  return open.length > 0 && stowWithin(open, { seed: 1, steps, budgetMs }).fits;
}
