import { drained } from '../steps';
import { mostLinePoints } from './bounds';
import type { RoutePoint } from './brief';
import { earthKm, nearestWithin, runOf, type Leg, type Nearest } from './nearest-leg';

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

/** How many waters were looked at. */
export interface MeasuringProgress {
  readonly looked: number;
  readonly outOf: number;
}

/** So many waters are looked at before it is told how far it is. */
const watersAStep = 50;

/** Measures a line, with the waters that somebody marked about it. Between two stretches nothing is counted. */
export function measuresOf(stretches: Stretches, waters: readonly RoutePoint[]): Measures {
  return drained(measuringRoute(stretches, waters));
}

/** As {@link measuresOf}, step by step, so that it can be told how far it is, and left. */
export function* measuringRoute(
  stretches: Stretches,
  waters: readonly RoutePoint[],
): Generator<MeasuringProgress, Measures> {
  const legs = legsOf(stretches);
  const run = runOf(legs);
  const distanceKm = legs.at(-1)?.toKm ?? 0;
  const on: Nearest[] = [];
  for (const [at, water] of waters.entries()) {
    const near = run && nearestWithin(run, water, onTheWayKm);
    if (near) on.push(near);
    if ((at + 1) % watersAStep === 0) yield { looked: at + 1, outOf: waters.length };
  }
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
    watersOff: waters.length - on.length,
  };
}

function legsOf(stretches: Stretches): readonly Leg[] {
  let km = 0;
  return stretches.flatMap((points) => {
    let east = points[0]?.[1] ?? 0;
    return points.slice(1).map((to, at): Leg => {
      const from = points[at]!;
      const [fromKm, west] = [km, east];
      km += kmBetween(from, to);
      east += ((to[1] - from[1] + 540) % 360) - 180;
      return {
        from: [from[0], west, from[2]],
        to: [to[0], east, to[2]],
        fromKm,
        toKm: km,
      };
    });
  });
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

function longestGap(alongKm: readonly number[], distanceKm: number): number {
  const at = [0, ...alongKm, distanceKm].sort((one, other) => one - other);
  return at.slice(1).reduce((most, km, before) => Math.max(most, km - at[before]!), 0);
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
