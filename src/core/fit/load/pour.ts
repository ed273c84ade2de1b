import {
  hullOf,
  volumeMm3,
  type Container,
  type Load,
  type Sides,
  type SoftForm,
  type Solid,
} from './cargo';
import type { Put } from './placer';
import { pourInParts } from './pour-in-parts';
import { isWithin, sliceOf, type SoftPiece } from './slices';
import { Spaces } from './spaces';

/** Between pressed tight and as it lies; the first that all go in at is taken. */
const pressings = [1, 0.5, 0];

const hair = 1e-6;

/** How the sides of the squares and oblongs laid in a round room stand to each other: their angle's sine and cosine. */
const oblongs = [15, 30, 45, 60, 75].map((degrees) => (degrees * Math.PI) / 180);

export interface Poured {
  readonly puts: readonly Put[];
  /** Indices of soft pieces that found no room. */
  readonly left: readonly number[];
}

/**
 * Puts the soft pieces of a load into the room that its rigid ones leave, each as a block of its own: as they lie,
 * if all go in so, and otherwise pressed.
 */
export function pourSoft(load: Load, rigid: readonly Put[]): Poured {
  const soft = load.items
    .flatMap(({ form }, item) => (form.shape === 'soft' ? [{ item, form }] : []))
    .sort((one, other) => other.form.tightMl - one.form.tightMl);
  if (soft.length === 0) return { puts: [], left: [] };
  const taken = rigid.reduce(
    (sum, { solid }) => sum + solid.sizeMm[0] * solid.sizeMm[1] * solid.sizeMm[2],
    0,
  );
  const room = volumeMm3(load.container) - taken * 0.7;
  let best: Poured | null = null;
  for (const pressing of pressings) {
    const volumes = soft.map(({ form }) => volumeAt(form, pressing));
    const isHopeless = pressing > 0 && volumes.reduce((sum, each) => sum + each, 0) > room;
    if (isHopeless) continue;
    for (const style of stylesFor(load, soft.length, pressing)) {
      const poured = pour(load.container, rigid, soft, pressing, style);
      if (poured.left.length === 0) return poured;
      if (!best || poured.left.length < best.left.length) best = poured;
    }
  }
  const isOnlySoftLeft = rigid.length + soft.length === load.items.length;
  return isOnlySoftLeft ? leftFirst(load.container, rigid, soft, best!) : best!;
}

/** How often what found no room is poured before the others, where little did not. */
const mostRepours = 6;
const fewLeft = 3;

/** Pressed tight, with what found no room put before the others, and so again: the way that leaves least outside. */
function leftFirst(
  container: Container,
  rigid: readonly Put[],
  soft: readonly SoftPiece[],
  found: Poured,
): Poured {
  const tightMl = new Map(soft.map(({ item, form }) => [item, form.tightMl]));
  const leftMl = ({ left }: Poured) => left.reduce((sum, item) => sum + tightMl.get(item)!, 0);
  let best = found;
  let last = found;
  let order = soft;
  for (let round = 0; round < mostRepours && last.left.length <= fewLeft; round += 1) {
    const left = new Set(last.left);
    order = [
      ...order.filter(({ item }) => left.has(item)),
      ...order.filter(({ item }) => !left.has(item)),
    ];
    last = pour(container, rigid, order, 0, 'slices');
    if (leftMl(last) < leftMl(best)) best = last;
    if (last.left.length === 0) break;
  }
  return best;
}

/**
 * As pillows, low and about as long as wide, as they lie when there is room; as slices that leave the rest of a
 * space in one; as slices with the last of them as discs over all that is in a round room; or, where slices find no
 * room, in several blocks that touch.
 */
type Style = 'pillows' | 'slices' | 'discs' | 'parts';

/** More soft pieces than this are only tried as slices: each try takes long. */
const mostPillows = 60;

function stylesFor(load: Load, pieces: number, pressing: number): readonly Style[] {
  const isFew = pieces <= mostPillows;
  return [
    ...(isFew ? (['pillows'] as const) : []),
    'slices',
    ...(load.container.shape === 'cylinder' ? (['discs'] as const) : []),
    ...(isFew && pressing === 0 && load.isSoftInParts ? (['parts'] as const) : []),
  ];
}

/** In mm³; no less than its thinnest side allows. */
function volumeAt({ tightMl, looseMl, thinnestMm }: SoftForm, pressing: number): number {
  const volume = 1000 * (tightMl + (looseMl - tightMl) * pressing);
  return Math.min(Math.max(volume, thinnestMm ** 3), looseMl * 1000);
}

function pour(
  container: Container,
  rigid: readonly Put[],
  soft: readonly SoftPiece[],
  pressing: number,
  style: Style,
): Poured {
  const leastSide = Math.min(...soft.map(({ form }) => form.thinnestMm));
  const leastVolume =
    style === 'parts'
      ? leastSide ** 3
      : Math.min(...soft.map(({ form }) => volumeAt(form, pressing)));
  const spaces = emptySpaces(container, rigid, new Spaces(leastSide - hair, 0, leastVolume - hair));
  const puts: Put[] = [];
  const left: SoftPiece[] = [];
  for (const piece of soft) {
    const volume = volumeAt(piece.form, pressing);
    const put =
      pourOne(spaces, piece, volume, style) ??
      (style === 'parts' ? pourInParts(spaces, piece, volume) : null);
    for (const block of put ? [put.solid, ...(put.more ?? [])] : []) {
      cut(spaces, block.atMm, block.sizeMm);
    }
    if (put) puts.push(put);
    else left.push(piece);
  }
  return style === 'discs' && container.shape === 'cylinder'
    ? withDiscs(container, rigid, puts, left, pressing)
    : { puts, left: left.map(({ item }) => item) };
}

function emptySpaces(container: Container, rigid: readonly Put[], spaces: Spaces): Spaces {
  const [l, w, h] = hullOf(container);
  if (container.shape === 'box') spaces.add(0, 0, 0, l, w, h);
  else {
    for (const angle of oblongs) {
      const halfX = (l / 2) * Math.cos(angle);
      const halfY = (w / 2) * Math.sin(angle);
      spaces.add(l / 2 - halfX, w / 2 - halfY, 0, l / 2 + halfX, w / 2 + halfY, h);
    }
  }
  for (const { solid } of rigid) cut(spaces, solid.atMm, solid.sizeMm);
  return spaces;
}

function cut(spaces: Spaces, [x, y, z]: Sides, [dx, dy, dz]: Sides): void {
  spaces.cutOut(x, y, z, x + dx, y + dy, z + dz);
}

/** Pillows into the lowest space that has room, slices into the smallest. */
function pourOne(
  spaces: Spaces,
  { item, form }: SoftPiece,
  volume: number,
  style: Style,
): Put | null {
  let best: Omit<Solid, 'axis'> | null = null;
  let bestKeys: readonly [number, number] = [Infinity, Infinity];
  for (let at = 0; at < spaces.count; at += 1) {
    const [x0, y0, z0, x1, y1, z1] = spaces.corners.subarray(at * 6, at * 6 + 6) as unknown as [
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const sides: Sides = [x1 - x0, y1 - y0, z1 - z0];
    const room = sides[0] * sides[1] * sides[2];
    if (room < volume - hair) continue;
    const keys = style === 'pillows' ? ([z0, room] as const) : ([room, z0] as const);
    const apart =
      Math.abs(keys[0] - bestKeys[0]) > 1 ? keys[0] - bestKeys[0] : keys[1] - bestKeys[1];
    if (!(apart < 0) && best !== null) continue;
    const sizeMm =
      style === 'pillows' ? pillowOf(sides, volume, form) : sliceOf(sides, volume, form);
    if (!sizeMm) continue;
    best = { atMm: [x0, y0, z0], sizeMm };
    bestKeys = keys;
  }
  return best && { item, solid: { ...best, axis: null } };
}

/** How thick a pillow is against a cube of its volume, and how thick at most where a space is narrow (own). */
const pillowShare = 0.62;
const mostPillowShare = 1.1;

/** A block lying flat, about as long as wide, thicker only where the space is too small for that. */
function pillowOf([x, y, z]: Sides, volume: number, form: SoftForm): Sides | null {
  const cube = Math.cbrt(volume);
  const wished = Math.max(form.thinnestMm, pillowShare * cube, volume / (x * y));
  if (wished > Math.min(z, Math.max(mostPillowShare * cube, form.thinnestMm)) + hair) return null;
  const area = volume / wished;
  const long = Math.max(form.longestRigidMm, Math.sqrt(area), area / Math.min(x, y));
  const isAlongX = x >= y;
  const length = Math.min(isAlongX ? x : y, long);
  const size: Sides = isAlongX ? [length, area / length, wished] : [area / length, length, wished];
  if (isWithin(size, [x, y, z], form)) return size;
  return form.coreMm ? sliceOf([x, y, z], volume, form) : null;
}

/** In a round room, those that no block had room for lie as discs over all that is in. */
function withDiscs(
  container: Container & { readonly shape: 'cylinder' },
  rigid: readonly Put[],
  poured: readonly Put[],
  rest: readonly SoftPiece[],
  pressing: number,
): Poured {
  const d = container.diameterMm;
  const area = (Math.PI / 4) * d * d;
  let level = 0;
  for (const { solid } of [...rigid, ...poured]) {
    level = Math.max(level, solid.atMm[2] + solid.sizeMm[2]);
  }
  const puts = [...poured];
  const left: number[] = [];
  for (const { item, form } of rest) {
    const height = Math.max(form.thinnestMm, volumeAt(form, pressing) / area);
    const isIn =
      level + height <= container.heightMm + hair &&
      height * area <= form.looseMl * 1000 + hair &&
      Math.hypot(d, height) >= form.longestRigidMm &&
      isInDisc(form.coreMm, d, height);
    if (isIn) {
      puts.push({ item, solid: { atMm: [0, 0, level], sizeMm: [d, d, height], axis: 'z' } });
      level += height;
    } else left.push(item);
  }
  return { puts, left };
}

/** Whether what does not bend goes flat into a disc. */
function isInDisc(coreMm: Sides | undefined, diameterMm: number, heightMm: number): boolean {
  if (!coreMm) return true;
  const [thick, wide, long] = coreMm;
  return thick <= heightMm + hair && Math.hypot(wide, long) <= diameterMm + hair;
}
