import {
  hullOf,
  volumeMm3,
  type Container,
  type CylinderForm,
  type PackedForm,
  type Sides,
} from './cargo';
import { leastVolumeMm3, sidesInOrder } from './forms';
import { hair } from './solid';
import { longestWithin } from './too-large';

/** How fine the angles are that are tried, as parts of a right angle. */
const angleSteps = 30;

/** Whether a rigid form goes in by itself at some angle: tried along the diagonals and at angles three degrees apart, so it may miss a few. */
export function goesInTilted(container: Container, form: PackedForm): boolean {
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
