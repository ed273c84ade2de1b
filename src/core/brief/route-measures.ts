import { mostLinePoints } from './bounds';
import type { RoutePoint } from './brief';

/** The line of a way as it was drawn: stretches of points, each walked from end to end. */
export type Stretches = readonly (readonly RoutePoint[])[];

/** What a line comes to. */
export interface Measures {
  readonly distanceKm: number;
  /** All that it rises; null where nothing tells how high its points are. */
  readonly ascentM: number | null;
  /** The longest stretch between two waters, its start and its end being such; null where no water lies on it. */
  readonly dryKm: number | null;
  /** How many waters lie on the way, and how many too far off it to count. */
  readonly watersOn: number;
  readonly watersOff: number;
}

const earthKm = 6371.0088;

/** The way over the ground between two points, in km (haversine, mean radius). */
export function kmBetween(one: RoutePoint, other: RoutePoint): number {
  const [a, b] = [radians(one[0]), radians(other[0])];
  const half =
    Math.sin((b - a) / 2) ** 2 +
    Math.cos(a) * Math.cos(b) * Math.sin(radians(other[1] - one[1]) / 2) ** 2;
  return 2 * earthKm * Math.asin(Math.min(1, Math.sqrt(half)));
}

/** A rise or fall smaller than this is what a receiver sways by, in m (own). */
const swayM = 5;

/** A water farther off than this is not on the way, in km (own). */
const onTheWayKm = 0.5;

/** Measures a line, with the waters that somebody marked about it. Between two stretches nothing is counted. */
export function measuresOf(stretches: Stretches, waters: readonly RoutePoint[]): Measures {
  const legs = legsOf(stretches);
  const distanceKm = legs.at(-1)?.toKm ?? 0;
  const along = waters.map((water) => nearestOn(legs, water));
  const on = along.filter(({ offKm }) => offKm <= onTheWayKm);
  return {
    distanceKm,
    ascentM: ascentOf(stretches),
    dryKm:
      on.length === 0
        ? null
        : longestGap(
            on.map(({ atKm }) => atKm),
            distanceKm,
          ),
    watersOn: on.length,
    watersOff: along.length - on.length,
  };
}

/** One step of a line, and how far along it begins and ends. */
interface Leg {
  readonly from: RoutePoint;
  readonly to: RoutePoint;
  readonly fromKm: number;
  readonly toKm: number;
}

function legsOf(stretches: Stretches): readonly Leg[] {
  let km = 0;
  return stretches.flatMap((points) =>
    points.slice(1).map((to, at) => {
      const from = points[at]!;
      const fromKm = km;
      km += kmBetween(from, to);
      return { from, to, fromKm, toKm: km };
    }),
  );
}

/** What all rises come to, each counted from its foot to its top. */
function ascentOf(stretches: Stretches): number | null {
  let ascent = 0;
  let isKnown = false;
  for (const points of stretches) {
    const heights = points.flatMap(([, , height]) => (height === null ? [] : [height]));
    let [low, top] = [heights[0] ?? 0, heights[0] ?? 0];
    for (const height of heights) {
      isKnown = true;
      if (height > top) top = height;
      else if (top - height >= swayM) {
        if (top - low >= swayM) ascent += top - low;
        [low, top] = [height, height];
      } else if (height < low) [low, top] = [height, height];
    }
    if (top - low >= swayM) ascent += top - low;
  }
  return isKnown ? ascent : null;
}

/** Where on the line a point is nearest, on a plane about it. */
function nearestOn(legs: readonly Leg[], point: RoutePoint): { atKm: number; offKm: number } {
  let best = { atKm: 0, offKm: Infinity };
  for (const { from, to, fromKm, toKm } of legs) {
    const [ax, ay] = planeKm(from, point);
    const [bx, by] = planeKm(to, point);
    const [dx, dy] = [bx - ax, by - ay];
    const long = dx * dx + dy * dy;
    const share = long === 0 ? 0 : Math.min(1, Math.max(0, -(ax * dx + ay * dy) / long));
    const offKm = Math.hypot(ax + share * dx, ay + share * dy);
    if (offKm < best.offKm) best = { atKm: fromKm + share * (toKm - fromKm), offKm };
  }
  return best;
}

/** A point in km east and north of another. */
function planeKm([latitude, longitude]: RoutePoint, about: RoutePoint): [number, number] {
  const east = ((longitude - about[1] + 540) % 360) - 180;
  const perDegree = (Math.PI / 180) * earthKm;
  return [east * perDegree * Math.cos(radians(about[0])), (latitude - about[0]) * perDegree];
}

function longestGap(alongKm: readonly number[], distanceKm: number): number {
  const at = [0, ...alongKm, distanceKm].sort((one, other) => one - other);
  return Math.max(...at.slice(1).map((km, before) => km - at[before]!));
}

/** A line of so few points that a brief holds it: of each part of the way its lowest and its highest, in their order. */
export function thinned(stretches: Stretches, most = mostLinePoints): readonly RoutePoint[] {
  const points = stretches.flat();
  if (points.length <= most) return points;
  const parts = Math.floor((most - 2) / 2);
  const kept = new Set([0, points.length - 1]);
  for (let part = 0; part < parts; part += 1) {
    const from = Math.floor((part * points.length) / parts);
    const to = Math.floor(((part + 1) * points.length) / parts);
    let [lowest, highest] = [from, from];
    for (let at = from; at < to; at += 1) {
      if (heightOf(points[at]!) < heightOf(points[lowest]!)) lowest = at;
      if (heightOf(points[at]!) > heightOf(points[highest]!)) highest = at;
    }
    kept.add(lowest).add(highest);
  }
  return [...kept].sort((one, other) => one - other).map((at) => points[at]!);
}

function heightOf([, , height]: RoutePoint): number {
  return height ?? 0;
}

function radians(degrees: number): number {
  return (degrees * Math.PI) / 180;
}
