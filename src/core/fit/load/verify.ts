import type { Form } from '../../gear';
import {
  blocksOf,
  type Container,
  type Load,
  type LoadItem,
  type PackedForm,
  type SoftForm,
  type Solid,
  type Stowed,
} from './cargo';
import type { Stowage } from './stowage';
import { stancesOf } from './forms';
import { isInside, overlap, touch, volumeOf } from './solid';
import {
  isEvenRound,
  isRing,
  nestCanReach,
  nestsIn,
  slack,
  wrongWithNest,
  type Nest,
} from './verify-nest';
import { canReach } from './way-in';

/**
 * Everything that is wrong with an answer, in words; none where it holds. It knows nothing of how the answer was
 * found: it is laid out in the room that was asked about; each piece is once placed or left, in a size and a stance that
 * its form allows, inside, apart from all others, and could be brought to its place past those before it, those that are
 * in or round another one together with it.
 *
 * @param loads the same pieces in each shape that the room can take; the answer names the one that it took.
 */
export function wrongWith(loads: Load | readonly Load[], stowage: Stowage): readonly string[] {
  const asked = 'container' in loads ? [loads] : loads;
  const load = asked.find(({ container }) => isSameRoom(container, stowage.container));
  if (!load) return ['It is laid out in another room than was asked about.'];
  const items = new Map(load.items.map((item) => [item.id, item]));
  const nests = nestsIn(stowage.placed);
  const wrong = [...wrongWithList(load, stowage)];
  for (const nest of nests.values()) wrong.push(...wrongWithNest(nest, items));
  stowage.placed.forEach((stowed, at) => {
    const item = items.get(stowed.id);
    if (!item) return;
    const host = nests.get(stowed.within?.host ?? '')?.host;
    if (stowed.within && !host) wrong.push(`${stowed.id} is within what is not there.`);
    const isWound = stowed.within?.how === 'around';
    const isOfForm = isWound ? isRing(stowed, item.form, host) : hasItsForm(stowed, item.form);
    if (!isOfForm) wrong.push(`${stowed.id} is not as large as it is.`);
    const blocks = blocksOf(stowed);
    if (!blocks.every((block) => isInside(block, load.container))) {
      wrong.push(`${stowed.id} is not inside.`);
    }
    if (stowed.more && !hangsTogether(blocks, item.form)) {
      wrong.push(`${stowed.id} is not in one piece.`);
    }
    const earlier = stowage.placed.slice(0, at);
    for (const other of earlier) {
      if (isHostOf(stowed, other) || isHostOf(other, stowed)) continue;
      if (blocks.some((block) => blocksOf(other).some((each) => overlap(block, each)))) {
        wrong.push(`${stowed.id} and ${other.id} are in one place.`);
      }
    }
    if (!isReached(load.container, stowage.placed, at, nests, item.form)) {
      wrong.push(`${stowed.id} cannot be brought to its place.`);
    }
  });
  return wrong;
}

/** A piece by itself past those told before it; a nest whole, when its host is told; what is in one goes with it. */
function isReached(
  container: Container,
  placed: readonly Stowed[],
  at: number,
  nests: ReadonlyMap<string, Nest>,
  form: Form,
): boolean {
  const stowed = placed[at]!;
  if (nests.has(stowed.within?.host ?? '')) return true;
  const nest = nests.get(stowed.id);
  const earlier = placed.slice(0, at).filter((other) => !isHostOf(other, stowed));
  const solids = earlier.flatMap(blocksOf);
  return nest ? nestCanReach(container, solids, nest) : canReach(container, solids, stowed, form);
}

function isSameRoom(one: Container, other: Container): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
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

function hasItsForm(stowed: Stowed, form: PackedForm): boolean {
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
    blocks.every(isEvenRound) &&
    Math.min(...blocks.flatMap(({ sizeMm }) => sizeMm)) >= form.thinnestMm - slack &&
    Math.hypot(...stowed.sizeMm) >= form.longestRigidMm - slack &&
    holdsCore(stowed, form)
  );
}

/** What does not bend in it lies along the sides of the block, or flat in the disc, that it was made. */
function holdsCore({ sizeMm, axis, more }: Stowed, { coreMm }: SoftForm): boolean {
  if (!coreMm) return true;
  if (more) return false;
  const [thick, wide, long] = coreMm;
  if (axis === 'z') {
    return thick <= sizeMm[2] + slack && Math.hypot(wide, long) <= sizeMm[0] + slack;
  }
  const sides = [...sizeMm].sort((a, b) => a - b);
  return thick <= sides[0]! + slack && wide <= sides[1]! + slack && long <= sides[2]! + slack;
}
