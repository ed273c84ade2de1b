import type { Form } from '../../gear';
import {
  axes,
  blocksOf,
  hullOf,
  type Container,
  type Load,
  type LoadItem,
  type Solid,
  type Stowed,
} from './cargo';
import type { Stowage } from './stowage';
import { stancesOf } from './forms';
import { isInside, middleOf, overlap, touch, volumeOf } from './solid';
import { canReach } from './way-in';

/** Millimetres, and parts in a million of a volume, that sums of fractions may be out by. */
const slack = 1e-5;

/**
 * Everything that is wrong with an answer, in words; none where it holds. It knows nothing of how the answer was
 * found: each piece is once placed or left, in a size and a stance that its form allows, inside, apart from all
 * others, and could be brought to its place past those before it.
 */
export function wrongWith(load: Load, stowage: Stowage): readonly string[] {
  const items = new Map(load.items.map((item) => [item.id, item]));
  const wrong = [...wrongWithList(load, stowage)];
  stowage.placed.forEach((stowed, at) => {
    const item = items.get(stowed.id);
    if (!item) return;
    const host = stowage.placed.find(({ id }) => id === stowed.within?.host);
    const isWound = stowed.within?.how === 'around';
    const isOfForm = isWound ? isRound(stowed, item.form, host) : hasItsForm(stowed, item.form);
    if (!isOfForm) wrong.push(`${stowed.id} is not as large as it is.`);
    const blocks = blocksOf(stowed);
    if (!blocks.every((block) => isInside(block, stowage.container))) {
      wrong.push(`${stowed.id} is not inside.`);
    }
    if (stowed.more && !hangsTogether(blocks, item.form)) {
      wrong.push(`${stowed.id} is not in one piece.`);
    }
    if (stowed.within?.how === 'inside' && !isInHollow(stowed, host, items.get(host?.id ?? ''))) {
      wrong.push(`${stowed.id} is not in the hollow of ${stowed.within.host}.`);
    }
    const earlier = stowage.placed
      .slice(0, at)
      .filter((other) => !isHostOf(stowed, other) && !isHostOf(other, stowed));
    for (const other of earlier) {
      if (blocks.some((block) => blocksOf(other).some((each) => overlap(block, each)))) {
        wrong.push(`${stowed.id} and ${other.id} are in one place.`);
      }
    }
    if (!canReach(stowage.container, earlier.flatMap(blocksOf), stowed, item.form)) {
      wrong.push(`${stowed.id} cannot be brought to its place.`);
    }
  });
  return wrong;
}

function wrongWithList(load: Load, { fits, placed, left }: Stowage): readonly string[] {
  const wrong: string[] = [];
  const seen = new Map<string, number>();
  for (const { id } of [...placed, ...left]) seen.set(id, (seen.get(id) ?? 0) + 1);
  for (const { id } of load.items as readonly LoadItem[]) {
    if (seen.get(id) !== 1) wrong.push(`${id} is told of ${seen.get(id) ?? 0} times.`);
    seen.delete(id);
  }
  for (const id of seen.keys()) wrong.push(`${id} is not of this load.`);
  if (fits !== (left.length === 0)) wrong.push('Whether all fits is told wrongly.');
  return wrong;
}

/** Blocks that each touch one before them, as wide as the piece is thin, and do not overlap. */
function hangsTogether(blocks: readonly Solid[], form: Form): boolean {
  if (form.shape !== 'soft') return false;
  return blocks.every((block, at) => {
    const before = blocks.slice(0, at);
    return (
      at === 0 ||
      (before.some((other) => touch(block, other, form.thinnestMm)) &&
        !before.some((other) => overlap(block, other)))
    );
  });
}

function isHostOf(inner: Stowed, host: Stowed): boolean {
  return inner.within?.host === host.id;
}

/** Cord round a round piece: a ring of that piece's axis whose room is between tight and loose. */
function isRound(ring: Stowed, form: Form, host: Stowed | undefined): boolean {
  if (form.shape !== 'soft' || !host || host.axis === null || ring.axis !== host.axis) return false;
  const volumeMl = (volumeOf(ring) - volumeOf(host)) / 1000;
  const isMiddled = [0, 1, 2].every(
    (k) => Math.abs(middleOf(ring, k) - middleOf(host, k)) <= slack,
  );
  return (
    isMiddled && volumeMl >= form.tightMl * (1 - slack) && volumeMl <= form.looseMl * (1 + slack)
  );
}

/** Within the hollow of its host as that lies, or standing out of one end of it. */
function isInHollow(inner: Stowed, host: Stowed | undefined, item: LoadItem | undefined): boolean {
  if (!host || !item?.hollow) return false;
  const [, , height] = hullOf(item.hollow);
  // The hollow's own upward axis: a cylinder's, or a side of a box that its hollow goes along.
  const ups = host.axis === null ? [0, 1, 2] : [axes.indexOf(host.axis)];
  return ups.some((up) => {
    const [u, v] = [0, 1, 2].filter((k) => k !== up) as [number, number];
    const hull = hullOf(item.hollow!);
    return [
      [hull[0], hull[1]],
      [hull[1], hull[0]],
    ].some(([first, second]) => {
      const standing: Solid = {
        atMm: [
          inner.atMm[u]! - middleOf(host, u) + first! / 2,
          inner.atMm[v]! - middleOf(host, v) + second! / 2,
          0,
        ],
        sizeMm: [inner.sizeMm[u]!, inner.sizeMm[v]!, 1],
        axis: inner.axis === axes[up] ? 'z' : null,
      };
      const section: Container =
        item.hollow!.shape === 'cylinder'
          ? { ...item.hollow!, heightMm: 1 }
          : { ...item.hollow!, sizeMm: [first!, second!, 1] };
      const floor = host.atMm[up]! + host.sizeMm[up]! - height;
      return isInside(standing, section) && inner.atMm[up]! >= floor - slack;
    });
  });
}

function hasItsForm(stowed: Stowed, form: Form): boolean {
  if (form.shape !== 'soft') {
    return stancesOf(form).some(
      ({ sizeMm, axis }) =>
        axis === stowed.axis && sizeMm.every((mm, k) => Math.abs(mm - stowed.sizeMm[k]!) <= slack),
    );
  }
  const blocks = blocksOf(stowed);
  const volumeMl = blocks.reduce((sum, block) => sum + volumeOf(block), 0) / 1000;
  return (
    volumeMl >= form.tightMl * (1 - slack) &&
    volumeMl <= form.looseMl * (1 + slack) &&
    Math.min(...blocks.flatMap(({ sizeMm }) => sizeMm)) >= form.thinnestMm - slack &&
    Math.hypot(...stowed.sizeMm) >= form.longestRigidMm - slack
  );
}
