import type { Form, Mouth } from '../../gear';
import { hullOf, type Container, type Sides, type SoftForm, type Solid } from './cargo';
import { stancesOf } from './forms';
import { hair, isInside, middleOf, overlap, shaftAbove } from './solid';

/** Whether a mouth is as wide as the room under it, so that everything goes straight down. */
export function isFullyOpen({ mouth }: Container): boolean {
  return mouth.shape === 'section';
}

/**
 * Whether a piece can be brought to its place past all that are in already.
 *
 * Under a full opening it goes straight down. Through a narrow mouth, in the middle of the top, it comes down in
 * the mouth's column, is moved sideways at one level, and goes down; where its section only passes when turned,
 * it must have room below the mouth to be swung round. Soft pieces are fed past what is there.
 */
export function canReach(
  container: Container,
  earlier: readonly Solid[],
  solid: Solid,
  form: Form,
): boolean {
  const top = hullOf(container)[2];
  if (isFullyOpen(container)) {
    if (form.shape === 'soft') return true;
    const shaft = shaftAbove(solid, top);
    return earlier.every((each) => !overlap(shaft, each));
  }
  if (form.shape === 'soft') return passesFlat(form, container.mouth);
  const isFree = (region: Solid) => earlier.every((each) => !overlap(region, each));
  const levels = [top - solid.sizeMm[2], solid.atMm[2]];
  if (passes(solid.sizeMm, solid.axis, container.mouth)) {
    return levels.some(
      (level) =>
        isFree(columnOf(container, solid, level, top)) && slides(container, solid, level, isFree),
    );
  }
  return stancesOf({ ...form, upright: false }).some(
    (stance) =>
      passes(stance.sizeMm, stance.axis, container.mouth) &&
      swings(container, solid, stance.sizeMm, isFree),
  );
}

/** Whether something of these sides, its z side upright, passes a mouth as it stands. */
function passes([dx, dy]: Sides, axis: Solid['axis'], mouth: Mouth): boolean {
  switch (mouth.shape) {
    case 'section':
      return true;
    case 'round':
      return (axis === 'z' ? dx : Math.hypot(dx, dy)) <= mouth.diameterMm + hair;
    case 'slot': {
      const { lengthMm, widthMm } = mouth;
      const [long, short] = dx > dy ? [dx, dy] : [dy, dx];
      return (
        long <= Math.max(lengthMm, widthMm) + hair && short <= Math.min(lengthMm, widthMm) + hair
      );
    }
  }
}

function passesFlat({ thinnestMm }: SoftForm, mouth: Mouth): boolean {
  switch (mouth.shape) {
    case 'section':
      return true;
    case 'round':
      return thinnestMm <= mouth.diameterMm + hair;
    case 'slot':
      return thinnestMm <= Math.min(mouth.lengthMm, mouth.widthMm) + hair;
  }
}

/** The room under the mouth that a piece comes down in, from `level` up. */
function columnOf(
  container: Container,
  { sizeMm, axis }: Solid,
  level: number,
  top: number,
): Solid {
  const [l, w] = hullOf(container);
  return {
    atMm: [(l - sizeMm[0]) / 2, (w - sizeMm[1]) / 2, level],
    sizeMm: [sizeMm[0], sizeMm[1], top - level],
    axis: axis === 'z' ? 'z' : null,
  };
}

/** From the middle at a level to above its place, along one side and then the other, and down. */
function slides(
  container: Container,
  solid: Solid,
  level: number,
  isFree: (region: Solid) => boolean,
): boolean {
  const [l, w] = hullOf(container);
  const { atMm, sizeMm, axis } = solid;
  const from = [(l - sizeMm[0]) / 2, (w - sizeMm[1]) / 2];
  const lowered: Solid = {
    atMm,
    sizeMm: [sizeMm[0], sizeMm[1], level - atMm[2] + sizeMm[2]],
    axis: axis === 'z' ? 'z' : null,
  };
  if (!isFree(lowered)) return false;
  const alongX = swept(from[0]!, atMm[0], sizeMm[0]);
  const alongY = swept(from[1]!, atMm[1], sizeMm[1]);
  const strip = (x: readonly [number, number], y: readonly [number, number]): Solid => ({
    atMm: [x[0], y[0], level],
    sizeMm: [x[1], y[1], sizeMm[2]],
    axis: null,
  });
  const xFirst =
    isFree(strip(alongX, [from[1]!, sizeMm[1]])) && isFree(strip([atMm[0], sizeMm[0]], alongY));
  return (
    xFirst ||
    (isFree(strip([from[0]!, sizeMm[0]], alongY)) && isFree(strip(alongX, [atMm[1], sizeMm[1]])))
  );
}

function swept(from: number, to: number, side: number): readonly [number, number] {
  return [Math.min(from, to), Math.abs(from - to) + side];
}

/**
 * Comes in end on, is laid over about one level side below the mouth, and is then moved to its place. Either all of
 * it is in first and swings in a room as high as its diagonal, or it slides in aslant: at the flattest slant at
 * which its thickness passes the mouth, sin = thickness / mouth, all of its length must be below the lid.
 */
function swings(
  container: Container,
  solid: Solid,
  asItComes: Sides,
  isFree: (region: Solid) => boolean,
): boolean {
  const [l, w, top] = hullOf(container);
  const long = asItComes[2];
  const thick = solid.sizeMm[2];
  return [0, 1].some((k) => {
    const broad = solid.sizeMm[1 - k]!;
    if (Math.abs(solid.sizeMm[k]! - long) > hair) return false;
    const diagonal = Math.hypot(long, thick);
    const slant = thick / widthPast(container.mouth, broad);
    const rooms = [[diagonal, diagonal]];
    if (slant <= 1) rooms.push([long, long * slant + thick * Math.sqrt(1 - slant * slant)]);
    return rooms.some(([length, height]) => {
      const sizeMm: Sides = k === 0 ? [length!, broad, height!] : [broad, length!, height!];
      const room: Solid = {
        atMm: [(l - sizeMm[0]) / 2, (w - sizeMm[1]) / 2, top - height!],
        sizeMm,
        axis: null,
      };
      if (!isInside(room, container) || !isFree(room)) return false;
      return [top - thick, top - height!].some(
        (level) => level >= solid.atMm[2] - hair && slides(container, solid, level, isFree),
      );
    });
  });
}

/** How wide a mouth is for something `broad` across it, in mm. */
function widthPast(mouth: Mouth, broad: number): number {
  switch (mouth.shape) {
    case 'section':
      return Infinity;
    case 'round':
      return Math.sqrt(Math.max(0, mouth.diameterMm ** 2 - broad ** 2));
    case 'slot':
      return Math.max(
        broad <= mouth.lengthMm ? mouth.widthMm : 0,
        broad <= mouth.widthMm ? mouth.lengthMm : 0,
      );
  }
}

/** Pieces in an order in which they go in straight down: by how high their middle is. */
export function fromBelow<T extends Solid>(solids: readonly T[]): readonly T[] {
  return [...solids].sort(
    (one, other) =>
      middleOf(one, 2) - middleOf(other, 2) ||
      one.atMm[1] - other.atMm[1] ||
      one.atMm[0] - other.atMm[0],
  );
}
