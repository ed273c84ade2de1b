import { printLength, printVolume, type UnitSystem } from '../../quantity';
import { openingInWords, tooWideFor } from '../mouth';
import {
  hullOf,
  volumeMm3,
  type BoxForm,
  type Container,
  type CylinderForm,
  type LoadItem,
  type PackedForm,
  type Sides,
  type SoftForm,
} from './cargo';
import { leastVolumeMm3, sidesInOrder, stancesOf, type Stance } from './forms';
import { hair, isInside } from './solid';
import { canReach } from './way-in';

/** Why a piece stays outside. Lengths in mm, volumes in mL. */
export type Why =
  /** It stands out of the top, so that the lid does not close. */
  | { readonly why: 'lid'; readonly byMm: number; readonly isUpright: boolean }
  | { readonly why: 'too long'; readonly byMm: number }
  | {
      readonly why: 'mouth';
      readonly needsMm: readonly number[];
      readonly mouthMm: readonly number[];
    }
  /** It may not be turned; laid down it would go in by itself. */
  | { readonly why: 'upright'; readonly byMm: number; readonly isLid: boolean }
  /** By itself it goes in at an angle, but not along the sides. */
  | { readonly why: 'at an angle' }
  /** It passes the mouth, but cannot be turned inside. */
  | { readonly why: 'no turning' }
  /** Pressed as tight as it goes, it takes more than there is. */
  | { readonly why: 'pressed'; readonly needsMl: number; readonly roomMl: number }
  /** It is thinner than it may be made. */
  | { readonly why: 'too thick'; readonly byMm: number }
  /** Filled as it was laid out it does not go in; filled another way it might. */
  | { readonly why: 'filled'; readonly so: Why }
  /** All pieces together take more than there is. */
  | { readonly why: 'too much'; readonly byMl: number }
  /** Nothing speaks against it, and no place was found. */
  | { readonly why: 'no place found' }
  /** An answer was found that did not hold when it was looked at once more: a fault of this program. */
  | { readonly why: 'fault'; readonly wrong: string };

/** Whether nothing speaks against a reason: no other arrangement does away with it. */
export function isCertain({ why }: Why | { readonly why: string }): boolean {
  return !uncertain.has(why);
}

const uncertain: ReadonlySet<string> = new Set<Why['why']>([
  'no place found',
  'no turning',
  'at an angle',
  'filled',
  'too much',
  'fault',
]);

/** Why a piece does not go into an empty container, filled as it is; null where it does. */
export function whyNeverIn(container: Container, { form, least }: LoadItem): Why | null {
  const why = whyNever(container, form);
  if (!why || !least) return why;
  return whyNever(container, least) ?? { why: 'filled', so: why };
}

/** Why a form does not go into an empty container at all; null where it does. Proven but for `no turning`. */
export function whyNever(container: Container, form: PackedForm): Why | null {
  if (form.shape === 'soft') return whySoftNever(container, form);
  const stances = stancesOf(form);
  const inside = stances.filter((stance) => isInside(inTheMiddle(container, stance), container));
  const reached = inside.some((stance) =>
    canReach(container, [], inTheMiddle(container, stance), form),
  );
  if (reached) return null;
  const mouth = tooWideFor(form, { inside: insideOf(container), mouth: container.mouth });
  if (mouth && container.mouth.shape !== 'section') return { why: 'mouth', ...mouth };
  if (inside.length > 0) return { why: 'no turning' };
  const tooLarge = whyTooLarge(container, form, stances);
  if (form.upright && whyNever(container, { ...form, upright: false }) === null) {
    return { why: 'upright', byMm: tooLarge.byMm, isLid: tooLarge.why === 'lid' };
  }
  return goesInTilted(container, form) ? { why: 'at an angle' } : tooLarge;
}

/** Why, in a sentence without the piece's name. */
export function whyInWords(why: Why, units: UnitSystem): string {
  switch (why.why) {
    case 'lid':
      return why.isUpright
        ? `stays upright, and stands ${printLength(why.byMm, units)} out of the top, so that the lid does not close`
        : `stands ${printLength(why.byMm, units)} out of the top, so that the lid does not close`;
    case 'upright':
      return why.isLid
        ? `stays upright, and stands ${printLength(why.byMm, units)} out of the top, so that the lid does not close; laid down it goes in`
        : `stays upright, and is ${printLength(why.byMm, units)} too wide for that; laid down it goes in`;
    case 'too long':
      return `${printLength(why.byMm, units)} too long, and it does not go in corner to corner either`;
    case 'mouth':
      return `needs ${openingInWords(why.needsMm, units)} and the mouth is ${openingInWords(why.mouthMm, units)}`;
    case 'at an angle':
      return 'goes in only on the diagonal, corner to corner, by itself; that takes the room of the others and is not laid out';
    case 'no turning':
      return 'passes the mouth, but no way was found to turn it below it to where it would lie';
    case 'pressed':
      return `pressed as tight as it goes it takes ${printVolume(why.needsMl, units)}, and the room is ${printVolume(why.roomMl, units)}`;
    case 'too thick':
      return `cannot be made thin enough, by ${printLength(why.byMm, units)}`;
    case 'filled':
      return `as it is filled, ${whyInWords(why.so, units)}; filled another way it might go in`;
    case 'too much':
      return `no room: all pieces together, pressed tight, are ${printVolume(why.byMl, units)} more than there is`;
    case 'fault':
      return `not laid out: an answer was found that does not hold (${why.wrong.replace(/\.$/, '')}). A fault of this program; nothing is claimed of this room`;
    case 'no place found':
      return 'no place found beside the others; not proven that there is none';
  }
}

/**
 * What all pieces together take too much, pressed tight and with all hollows full, in mL; 0 or less where the sum does
 * not speak against it.
 */
export function tooMuchMl(container: Container, items: readonly LoadItem[]): number {
  const sum = items.reduce(
    (taken, { form, least, hollow }) =>
      taken + leastVolumeMm3(least ?? form) - (hollow ? volumeMm3(hollow) : 0),
    0,
  );
  return (sum - volumeMm3(container)) / 1000;
}

function whySoftNever(container: Container, form: SoftForm): Why | null {
  const hull = hullOf(container);
  const roomMl = volumeMm3(container) / 1000;
  if (form.tightMl > roomMl + hair) return { why: 'pressed', needsMl: form.tightMl, roomMl };
  const byMm = form.longestRigidMm - longestWithin(container);
  if (byMm > hair) return { why: 'too long', byMm };
  const mouth = tooWideFor(form, { inside: insideOf(container), mouth: container.mouth });
  if (mouth) return { why: 'mouth', ...mouth };
  const thick = form.thinnestMm - Math.min(...hull);
  if (thick > hair) return { why: 'too thick', byMm: thick };
  return form.coreMm ? whyNever(container, coreOf(form.coreMm)) : null;
}

/** What does not bend in a soft piece, as a box that may be turned. */
function coreOf([heightMm, widthMm, lengthMm]: Sides): BoxForm {
  return { shape: 'box', lengthMm, widthMm, heightMm, upright: false };
}

type TooLarge = Why & { readonly why: 'lid' | 'too long' };

/** The way of standing that is out by least, and by how much. */
function whyTooLarge(container: Container, form: PackedForm, stances: readonly Stance[]): TooLarge {
  const hull = hullOf(container);
  const isRound = container.shape === 'cylinder';
  let least: TooLarge = { why: 'too long', byMm: Infinity };
  let leastMm = Infinity;
  for (const { sizeMm, axis } of stances) {
    const aside =
      isRound && axis !== 'z'
        ? Math.hypot(sizeMm[0], sizeMm[1]) - hull[0]
        : Math.max(sizeMm[0] - hull[0], sizeMm[1] - hull[1]);
    const above = sizeMm[2] - hull[2];
    const byMm = Math.max(aside, above);
    const isLid = aside <= hair;
    if (byMm > leastMm + hair || (byMm > leastMm - hair && !isLid)) continue;
    leastMm = byMm;
    const isUpright = form.shape !== 'soft' && form.upright;
    least = isLid ? { why: 'lid', byMm, isUpright } : { why: 'too long', byMm };
  }
  return least;
}

function inTheMiddle(container: Container, { sizeMm, axis }: Stance) {
  const hull = hullOf(container);
  return {
    atMm: [(hull[0] - sizeMm[0]) / 2, (hull[1] - sizeMm[1]) / 2, 0] as unknown as Sides,
    sizeMm,
    axis,
  };
}

function insideOf(container: Container) {
  return container.shape === 'box'
    ? {
        shape: 'box' as const,
        lengthMm: container.sizeMm[0],
        widthMm: container.sizeMm[1],
        heightMm: container.sizeMm[2],
      }
    : container;
}

function longestWithin(container: Container): number {
  return container.shape === 'box'
    ? Math.hypot(...container.sizeMm)
    : Math.hypot(container.diameterMm, container.heightMm);
}

/** How fine the angles are that are tried, as parts of a right angle. */
const angleSteps = 30;

/** Whether a rigid form goes in by itself at some angle: tried along the diagonals and at angles three degrees apart, so it may miss a few. */
function goesInTilted(container: Container, form: PackedForm): boolean {
  if (form.shape === 'soft' || form.upright) return false;
  const [a, b, c] = sidesInOrder(form);
  const longest = longestWithin(container);
  // It holds a ball as wide as its shortest side, which no turning makes narrower.
  if (c > longest || a > Math.min(...hullOf(container)) + hair) return false;
  if (leastVolumeMm3(form) > volumeMm3(container)) return false;
  const [l, w, h] = hullOf(container);
  const yaws = [Math.atan2(w, l), ...quarters];
  const pitches = [
    Math.asin(h / Math.hypot(l, w, h)),
    Math.atan2(h, l),
    Math.atan2(h, w),
    ...quarters,
  ];
  for (const yaw of yaws) {
    for (const pitch of pitches) {
      if (!mayLieAlong([l, w, h], c, a, yaw, pitch)) continue;
      const isIn =
        form.shape === 'cylinder'
          ? isRodInside(container, form, yaw, pitch)
          : rolls.some((roll) => isBlockInside(container, [a, b, c], yaw, pitch, roll));
      if (isIn) return true;
    }
  }
  return false;
}

/** Whether something `long` along a direction, and nowhere thinner than `thin`, is within a hull's sides at all. */
function mayLieAlong(hull: Sides, long: number, thin: number, yaw: number, pitch: number): boolean {
  const cp = Math.cos(pitch);
  return [cp * Math.cos(yaw), cp * Math.sin(yaw), Math.sin(pitch)].every(
    (part, k) => long * part + thin * Math.sqrt(Math.max(0, 1 - part * part)) <= hull[k]! + hair,
  );
}

const rolls = Array.from({ length: 15 }, (_, at) => (at * Math.PI) / 14);

const quarters = Array.from(
  { length: angleSteps + 1 },
  (_, step) => (step * Math.PI) / 2 / angleSteps,
);

function isRodInside(
  container: Container,
  { diameterMm, heightMm }: CylinderForm,
  yaw: number,
  pitch: number,
): boolean {
  const along = [Math.cos(pitch) * Math.cos(yaw), Math.cos(pitch) * Math.sin(yaw), Math.sin(pitch)];
  const extents = along.map(
    (part) => heightMm * part + diameterMm * Math.sqrt(Math.max(0, 1 - part * part)),
  );
  const hull = hullOf(container);
  if (container.shape === 'box') return extents.every((mm, k) => mm <= hull[k]! + hair);
  // The rims' circles, seen from above, within a circle: the far point of each rim.
  const aside = (heightMm * Math.cos(pitch)) / 2 + (diameterMm * Math.sin(pitch)) / 2;
  return (
    extents[2]! <= hull[2] + hair &&
    Math.hypot(aside, diameterMm / 2) <= container.diameterMm / 2 + hair
  );
}

/** The longest side along a direction, the others turned about it. */
function isBlockInside(
  container: Container,
  [a, b, c]: Sides,
  yaw: number,
  pitch: number,
  roll: number,
): boolean {
  const [cy, sy, cp, sp] = [Math.cos(yaw), Math.sin(yaw), Math.cos(pitch), Math.sin(pitch)];
  const [cr, sr] = [Math.cos(roll), Math.sin(roll)];
  const long = [cp * cy, cp * sy, sp];
  const level = [-sy, cy, 0];
  const steep = [-sp * cy, -sp * sy, cp];
  const first = level.map((part, k) => part * cr + steep[k]! * sr);
  const second = level.map((part, k) => -part * sr + steep[k]! * cr);
  const reach = (k: number) =>
    c * Math.abs(long[k]!) + b * Math.abs(first[k]!) + a * Math.abs(second[k]!);
  const hull = hullOf(container);
  if (reach(2) > hull[2] + hair) return false;
  if (container.shape === 'box') return reach(0) <= hull[0] + hair && reach(1) <= hull[1] + hair;
  return [-1, 1].every((i) =>
    [-1, 1].every((j) => {
      const corner = [0, 1].map((k) => c * long[k]! + i * b * first[k]! + j * a * second[k]!);
      return Math.hypot(corner[0]!, corner[1]!) <= container.diameterMm + hair;
    }),
  );
}
