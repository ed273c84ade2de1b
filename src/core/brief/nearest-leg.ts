import type { RoutePoint } from './brief';

/** The mean radius of the earth, in km. */
export const earthKm = 6371.0088;

const kmPerDegree = (Math.PI / 180) * earthKm;

/** One step of a line, and how far along it begins and ends. Longitudes go on over 180°, so that none is further than it is. */
export interface Leg {
  readonly from: RoutePoint;
  readonly to: RoutePoint;
  readonly fromKm: number;
  readonly toKm: number;
}

/** Where on a line a point is nearest: how far along it, and how far off. */
export interface Nearest {
  readonly atKm: number;
  readonly offKm: number;
}

/** Legs that follow one another, in the box that holds them; a long run is two shorter ones. */
export interface Run {
  readonly south: number;
  readonly north: number;
  readonly west: number;
  readonly east: number;
  readonly of: readonly Leg[] | readonly [Run, Run];
}

/** So few legs are looked at one by one. */
const mostInRun = 8;

/** The legs of a line as runs within runs, so that a point looks only at those near it; null where there is none. */
export function runOf(legs: readonly Leg[]): Run | null {
  return legs.length === 0 ? null : runBetween(legs, 0, legs.length);
}

function runBetween(legs: readonly Leg[], from: number, to: number): Run {
  if (to - from > mostInRun) {
    const middle = (from + to) >> 1;
    const halves = [runBetween(legs, from, middle), runBetween(legs, middle, to)] as const;
    return boxed(halves, halves);
  }
  const few = legs.slice(from, to);
  return boxed(
    few,
    few.map(({ from: [a, b], to: [c, d] }) => ({
      south: Math.min(a, c),
      north: Math.max(a, c),
      west: Math.min(b, d),
      east: Math.max(b, d),
    })),
  );
}

function boxed(of: Run['of'], boxes: readonly Omit<Run, 'of'>[]): Run {
  let [south, north, west, east] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const box of boxes) {
    south = Math.min(south, box.south);
    north = Math.max(north, box.north);
    west = Math.min(west, box.west);
    east = Math.max(east, box.east);
  }
  return { south, north, west, east, of };
}

/**
 * Where on a line a point is nearest, on a plane about the point; null where it is nowhere within `mostKm`. Of places as
 * near, the first.
 */
export function nearestWithin(run: Run, point: RoutePoint, mostKm: number): Nearest | null {
  const about = { point, kmPerEast: kmPerDegree * Math.cos((point[0] * Math.PI) / 180) };
  return nearer(run, about, mostKm, null);
}

interface About {
  readonly point: RoutePoint;
  /** How long a degree of longitude is there, in km. */
  readonly kmPerEast: number;
}

function nearer(run: Run, about: About, mostKm: number, found: Nearest | null): Nearest | null {
  if (gapKm(run, about) > (found?.offKm ?? mostKm)) return found;
  let best = found;
  for (const part of run.of) {
    if ('of' in part) best = nearer(part, about, mostKm, best);
    else {
      const near = nearestOn(part, about);
      if (best === null ? near.offKm <= mostKm : near.offKm < best.offKm) best = near;
    }
  }
  return best;
}

/** A point is no nearer to any leg of a run than this. */
function gapKm({ south, north, west, east }: Run, { point, kmPerEast }: About): number {
  const northward = Math.max(south - point[0], point[0] - north, 0) * kmPerDegree;
  const past = modulo(point[1] - west, 360);
  const wide = east - west;
  const eastward = past <= wide ? 0 : Math.min(past - wide, 360 - past) * kmPerEast;
  return Math.max(northward, eastward);
}

function nearestOn({ from, to, fromKm, toKm }: Leg, { point, kmPerEast }: About): Nearest {
  const ax = (modulo(from[1] - point[1] + 180, 360) - 180) * kmPerEast;
  const ay = (from[0] - point[0]) * kmPerDegree;
  const [dx, dy] = [(to[1] - from[1]) * kmPerEast, (to[0] - from[0]) * kmPerDegree];
  const long = dx * dx + dy * dy;
  const share = long === 0 ? 0 : Math.min(1, Math.max(0, -(ax * dx + ay * dy) / long));
  return {
    atKm: fromKm + share * (toKm - fromKm),
    offKm: Math.hypot(ax + share * dx, ay + share * dy),
  };
}

function modulo(value: number, by: number): number {
  return ((value % by) + by) % by;
}
