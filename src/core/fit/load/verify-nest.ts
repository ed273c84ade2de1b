import type { Form } from '../../gear';
import {
  axes,
  blocksOf,
  hullOf,
  type Container,
  type LoadItem,
  type Sides,
  type Solid,
  type Stowed,
} from './cargo';
import { hollowAt, openEnded, standingSides } from './hollow';
import { isInside, middleOf, overlap, shaftAbove, volumeOf } from './solid';
import { turns } from './turns';
import { canReach, isFullyOpen } from './way-in';

/** Millimetres, and parts in a million of a volume, that sums of fractions may be out by. */
export const slack = 1e-5;

/** A piece with what goes in its hollow or round it: put in as one. */
export interface Nest {
  readonly host: Stowed;
  readonly inner: readonly Stowed[];
}

/** The nests of an answer, by host; what is within no piece, or within one that is not there, is in none. */
export function nestsIn(placed: readonly Stowed[]): ReadonlyMap<string, Nest> {
  const byId = new Map(placed.map((stowed) => [stowed.id, stowed]));
  const nests = new Map<string, { host: Stowed; inner: Stowed[] }>();
  for (const stowed of placed) {
    const host = byId.get(stowed.within?.host ?? '');
    if (!host) continue;
    const nest = nests.get(host.id) ?? { host, inner: [] };
    nest.inner.push(stowed);
    nests.set(host.id, nest);
  }
  return nests;
}

/** What is wrong with how pieces lie in or round another, each in its own order. */
export function wrongWithNest(
  { host, inner }: Nest,
  items: ReadonlyMap<string, LoadItem>,
): readonly string[] {
  if (host.within) return [`${host.id} is in another itself, and holds others.`];
  const item = items.get(host.id);
  const inside = inner.filter(({ within }) => within!.how === 'inside');
  const misplaced = inside.filter(() => !item?.hollow);
  if (item?.hollow && !turnsOf(item.form, host).some((turn) => areIn(inside, turn))) {
    misplaced.push(...inside);
  }
  return misplaced.map(({ id }) => `${id} is not in the hollow of ${host.id}.`);

  /** Looked at with the host standing as it was measured: between its walls, and put in past those before. */
  function areIn(pieces: readonly Stowed[], turn: readonly number[]): boolean {
    const room = openEnded(item!.hollow!);
    const [, , height] = hullOf(item!.hollow!);
    const at = hollowAt(item!);
    const own = pieces.map((piece) => blocksOf(piece).map((block) => inOwn(block, host, turn, at)));
    return own.every((blocks, index) => {
      const earlier = own.slice(0, index).flat();
      const form = items.get(pieces[index]!.id)?.form;
      return blocks.every(
        (block) =>
          isInside(block, room) &&
          block.atMm[2] < height - slack &&
          (form === undefined || canReach(openTopped(room), earlier, block, form)),
      );
    });
  }
}

/** What a piece lies along, when the piece that it is in stands, and begins at the floor of its hollow. */
function inOwn(
  { atMm, sizeMm, axis }: Solid,
  host: Stowed,
  turn: readonly number[],
  from: Sides,
): Solid {
  const at = [0, 0, 0];
  const size = [0, 0, 0];
  for (const [k, own] of turn.entries()) {
    at[own] = atMm[k]! - host.atMm[k]! - from[own]!;
    size[own] = sizeMm[k]!;
  }
  return {
    atMm: at as unknown as Sides,
    sizeMm: size as unknown as Sides,
    axis: axis === null ? null : axes[turn[axes.indexOf(axis)]!]!,
  };
}

/** The ways in which a rigid piece may have come to lie as it does: which own side lies along x, y and z. */
function turnsOf(form: Form, { sizeMm, axis }: Stowed): readonly (readonly number[])[] {
  if (form.shape === 'soft') return [];
  const own = standingSides(form);
  return turns.filter(
    (turn) =>
      turn.every((side, k) => Math.abs(own[side]! - sizeMm[k]!) <= slack) &&
      (axis === null || turn[axes.indexOf(axis)] === 2),
  );
}

/** A hollow is open as wide as it is. */
function openTopped(room: Container): Container {
  return { ...room, mouth: { shape: 'section' } };
}

/** Whether a nest can be brought to its place, whole, past what is in already. */
export function nestCanReach(
  container: Container,
  earlier: readonly Solid[],
  { host, inner }: Nest,
): boolean {
  const members = [host, ...inner].flatMap(blocksOf);
  if (isFullyOpen(container)) {
    const top = hullOf(container)[2];
    return members.every((member) => {
      const shaft = shaftAbove(member, top);
      return earlier.every((each) => !overlap(shaft, each));
    });
  }
  const hull = hullRound(members, host.axis);
  return canReach(container, earlier, hull, formOf(hull));
}

/** The box round solids, or the cylinder along an axis round them. */
function hullRound(solids: readonly Solid[], axis: Solid['axis']): Solid {
  const low = [0, 1, 2].map((k) => Math.min(...solids.map(({ atMm }) => atMm[k]!)));
  const high = [0, 1, 2].map((k) => Math.max(...solids.map((s) => s.atMm[k]! + s.sizeMm[k]!)));
  return {
    atMm: low as unknown as Sides,
    sizeMm: high.map((mm, k) => mm - low[k]!) as unknown as Sides,
    axis,
  };
}

function formOf({ sizeMm, axis }: Solid): Form {
  const [lengthMm, widthMm, heightMm] = sizeMm;
  if (axis === null) return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
  const along = axes.indexOf(axis);
  const across = Math.max(...sizeMm.filter((_, k) => k !== along));
  return { shape: 'cylinder', diameterMm: across, heightMm: sizeMm[along]!, upright: false };
}

/**
 * Cord round a round piece: a ring of that piece’s axis in its middle, as long as it, that is wider than it by what the
 * cord takes between tight and loose.
 */
export function isRing(ring: Stowed, form: Form, host: Stowed | undefined): boolean {
  if (form.shape !== 'soft' || !host || host.axis === null || ring.axis !== host.axis) return false;
  const along = axes.indexOf(host.axis);
  const isFitted = [0, 1, 2].every((k) => {
    const wider = ring.sizeMm[k]! - host.sizeMm[k]!;
    const isMiddled = Math.abs(middleOf(ring, k) - middleOf(host, k)) <= slack;
    return isMiddled && (k === along ? Math.abs(wider) <= slack : wider >= -slack);
  });
  if (!isFitted || !isEvenRound(ring)) return false;
  const volumeMl = (volumeOf(ring) - volumeOf(host)) / 1000;
  return volumeMl >= form.tightMl * (1 - slack) && volumeMl <= form.looseMl * (1 + slack);
}

/** Whether what lies along an axis is as wide one way as the other. */
export function isEvenRound({ sizeMm, axis }: Solid): boolean {
  if (axis === null) return true;
  const [one, other] = sizeMm.filter((_, k) => k !== axes.indexOf(axis));
  return Math.abs(one! - other!) <= slack;
}
