import { gearOfKind, kindsToGet } from '../catalogue';
import { done } from '../quantity';
import { bulkOf, roomMl, type Gear } from '../gear';
import { freeGear, freeId, goesIn, containersOf } from '../fit/laid-out';
import {
  apply,
  gearOf,
  newPlacement,
  placementOf,
  type Bench,
  type Command,
  type Loadout,
} from '../loadout';
import { groundFor } from './ground';
import { packKit, type PackRequest } from './pack-kit';
import type { Packing } from './packing';
import { isMakeshift } from './rooms';

/** What would have to be different for all to go in, found by packing the kit with it. */
export type SmallestChange =
  /** Nothing but that the rest of the kit is packed anew too. */
  | { readonly change: 'anew' }
  /** A piece that was to stay upright lies down. */
  | { readonly change: 'lay down'; readonly gear: string }
  /** A holder of the shelf that is in no kit comes along. */
  | { readonly change: 'take'; readonly gear: string }
  /** A holder that is not on the shelf is got. */
  | { readonly change: 'get'; readonly kind: string };

/** The change with the acts that make it, and what still stays out after it. */
export interface ChangeFound {
  readonly change: SmallestChange;
  /** Null where nothing is done but to pack from nothing. */
  readonly command: Command | null;
  /** How many placements stay out once it is packed so. */
  readonly left: number;
}

/** How many holders of one sort are packed to see whether they help (own). */
const mostTried = 4;

/**
 * The smallest change after which more goes in than in a packing that leaves something out: lay a piece down, take a free
 * holder of the shelf along, get one; the smallest holder first. Each is really packed. Null where none of them helps, or where
 * what is missing is a size. Yields between the bits of work.
 *
 * @param newId names the gear that would be got.
 */
export function* smallestChange(
  bench: Bench,
  loadoutId: string,
  request: PackRequest,
  { left }: Packing,
  newId: () => string,
): Generator<void, ChangeFound | null> {
  const kit = bench.loadouts.get(loadoutId)!;
  const out = left.flatMap(({ placement, why }) =>
    why.left === 'no size' ? [] : [gearOf(bench.shelf, placementOf(kit, placement)!)],
  );
  if (out.length === 0) return null;
  for (const ideas of [
    request.from === 'now' ? [anew] : [],
    laidDown(out),
    taken(bench, kit, out),
    got(bench, kit, out, newId),
  ]) {
    let best: ChangeFound | null = null;
    for (const idea of ideas) {
      const found = yield* packedWith(bench, loadoutId, request, idea, left.length);
      if (found && (best === null || found.left < best.left)) best = found;
      if (best?.left === 0) break;
    }
    if (best !== null) return best;
  }
  return null;
}

type Idea = Omit<ChangeFound, 'left'>;

const anew: Idea = { change: { change: 'anew' }, command: null };

function* packedWith(
  bench: Bench,
  loadoutId: string,
  request: PackRequest,
  idea: Idea,
  before: number,
): Generator<void, ChangeFound | null> {
  const after = idea.command === null ? done(bench) : apply(bench, idea.command);
  if (!after.ok) return null;
  const isAnew = idea.command === null;
  let found: ChangeFound | null = null;
  for (const { packing } of packKit(
    after.value,
    loadoutId,
    isAnew ? { ...request, from: 'nothing' } : request,
  )) {
    yield;
    if (packing === null) continue;
    const left = packing.left.length;
    if (left < before) found = { ...idea, left };
    // A first answer tells; packed anew, what is out at first may be found a place.
    if (left === 0 || !isAnew) break;
  }
  return found;
}

function* laidDown(out: readonly Gear[]): Generator<Idea, void> {
  for (const { id, form } of out) {
    if (form === null || form.shape === 'soft' || !form.upright) continue;
    const command: Command = {
      do: 'change gear',
      id,
      change: { form: { ...form, upright: false } },
    };
    yield { change: { change: 'lay down', gear: id }, command };
  }
}

function* taken(bench: Bench, kit: Loadout, out: readonly Gear[]): Generator<Idea, void> {
  for (const gear of helpful(freeGear(bench, 1), out)) {
    yield { change: { change: 'take', gear: gear.id }, command: alongWith(kit, gear) };
  }
}

function* got(
  bench: Bench,
  kit: Loadout,
  out: readonly Gear[],
  newId: () => string,
): Generator<Idea, void> {
  for (const kind of helpful(kindsToGet, out)) {
    const gear: Gear = { ...gearOfKind(kind, newId(), kind.name), ownership: 'wished' };
    if (bench.shelf.has(gear.id)) continue;
    const command: Command = {
      do: 'together',
      label: `add ${kind.name}`,
      commands: [{ do: 'add gear', gear: [gear] }, alongWith(kit, gear)],
    };
    yield { change: { change: 'get', kind: kind.id }, command };
  }
}

/** Holders that the bulkiest of the pieces goes into, the smallest first, and of those that hold them all before the rest. */
function helpful<T extends Pick<Gear, 'cavities' | 'look' | 'supplies'>>(
  holders: readonly T[],
  out: readonly Gear[],
): readonly T[] {
  const ml = ({ form }: Gear) => (form ? bulkOf(form).tightMl : 0);
  const all = out.reduce((sum, gear) => sum + ml(gear), 0);
  const [bulkiest] = [...out].sort((one, other) => ml(other) - ml(one));
  const roomIn = ({ cavities }: T) => Math.max(...cavities.map(({ inside }) => roomMl(inside)));
  const open = holders
    .filter((holder) => holder.cavities.length > 0 && !isMakeshift(holder))
    .filter(({ cavities }) =>
      cavities.some((cavity) =>
        containersOf(cavity).some((container) => goesIn(container, bulkiest!.form!)),
      ),
    )
    .sort((one, other) => roomIn(one) - roomIn(other));
  const holdingAll = open.filter((holder) => roomIn(holder) >= all);
  return (holdingAll.length > 0 ? holdingAll : [...open].reverse()).slice(0, mostTried);
}

function alongWith(kit: Loadout, gear: Gear): Command {
  const on = groundFor(gear, { on: 'mat' }, kit);
  return {
    do: 'place',
    loadout: kit.id,
    placement: newPlacement(freeId(kit), gear.id, { on }),
  };
}
