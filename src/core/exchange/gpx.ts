import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { briefRanges, type Route, type RoutePoint } from '../brief';
import { whyNotInRange, type Range } from '../gear';
import { longestName, whyNotName } from '../gear/plain-text';
import { done, refused, type Outcome } from '../quantity';
import { routeSays } from '../refusals/routes';
import { whyTrackTooLarge } from './limits';
import {
  measuringRoute,
  thinned,
  type Measures,
  type MeasuringProgress,
  type Stretches,
} from '../brief/route-measures';

/** A way out of a file, and what was measured on it. */
export interface ReadRoute {
  readonly route: Route;
  readonly measures: Measures;
}

/** As a point stands in the file: whatever a writer put there. */
interface Node {
  readonly [name: string]: unknown;
}

const lists = ['trk', 'trkseg', 'trkpt', 'rte', 'rtept', 'wpt'];

/** The most waters that are marked about one line: each is looked for along all of it. */
const mostWaters = 5000;

/**
 * Reads GPX: its tracks, or where it has none its routes, one after another, and the waypoints that name a water. Nothing
 * in it is fetched, and a file that declares entities or a document type is refused. Step by step, so that it can be left.
 */
export function* readingGpx(text: string): Generator<MeasuringProgress, Outcome<ReadRoute>> {
  const tooLarge = whyTrackTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  if (/<!(?:DOCTYPE|ENTITY)/i.test(text)) return refused(routeSays.trackDeclares());
  const found = XMLValidator.validate(text);
  if (found !== true) return refused(routeSays.trackNoXml(found.err.msg, String(found.err.line)));
  let parsed: Node;
  try {
    parsed = parser.parse(text) as Node;
  } catch {
    // It throws where something is nested too deep, or called as what every object inherits.
    return refused(routeSays.trackUnreadable());
  }
  const gpx = parsed.gpx;
  if (typeof gpx !== 'object' || gpx === null) {
    const root = Object.keys(parsed).find((name) => !name.startsWith('?'));
    return gpx === '' ? refused(routeSays.trackNone()) : refused(routeSays.trackNoGpx(root ?? ''));
  }
  const marked = markedIn(gpx as Node);
  if (!marked.ok) return marked;
  const { name, stretches, waters } = marked.value;
  return done(routeOf(name, stretches, yield* measuringRoute(stretches, waters)));
}

const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '',
  parseTagValue: false,
  parseAttributeValue: false,
  removeNSPrefix: true,
  isArray: (name) => lists.includes(name),
});

/** A line and the waters about it, as the file marks them. */
interface Marked {
  readonly name: string;
  readonly stretches: Stretches;
  readonly waters: readonly RoutePoint[];
}

function markedIn(gpx: Node): Outcome<Marked> {
  const tracks = nodesIn(gpx, 'trk');
  const routes = nodesIn(gpx, 'rte');
  const written =
    tracks.length > 0
      ? tracks.map((track) => nodesIn(track, 'trkseg').flatMap((part) => nodesIn(part, 'trkpt')))
      : routes.map((route) => nodesIn(route, 'rtept'));
  if (written.length === 0) return refused(routeSays.trackNone());
  const waters: RoutePoint[] = [];
  const stretches: RoutePoint[][] = [];
  let count = 0;
  for (const points of written) {
    const stretch: RoutePoint[] = [];
    for (const node of points) {
      const point = pointOf(node, (count += 1));
      if (!point.ok) return point;
      stretch.push(point.value);
      if (isWater(node) && tracks.length === 0) waters.push(point.value);
    }
    stretches.push(stretch);
  }
  if (!stretches.some((points) => points.length > 1)) return refused(routeSays.trackShort());
  for (const [at, node] of nodesIn(gpx, 'wpt').entries()) {
    if (!isWater(node)) continue;
    const point = pointOf(node, at + 1);
    if (!point.ok) return point;
    waters.push(point.value);
  }
  const apart = [...new Map(waters.map((water) => [placeOf(water), water])).values()];
  if (apart.length > mostWaters) return refused(routeSays.trackWaters(apart.length, mostWaters));
  return done({ name: nameIn([...tracks, ...routes, gpx]), stretches, waters: apart });
}

/** Where a point is, to a metre: one that is marked twice is one. */
function placeOf([latitude, longitude]: RoutePoint): string {
  return `${round(latitude, 5)} ${round(longitude, 5)}`;
}

function routeOf(name: string, stretches: Stretches, measures: Measures): ReadRoute {
  const { distanceKm, ascentM, dryKm } = measures;
  const { distanceKm: km, ascentM: m } = briefRanges;
  return {
    measures,
    route: {
      name,
      distanceKm: Math.min(km.most, round(distanceKm, 2)),
      ascentM: Math.min(m.most, round(ascentM ?? 0, 0)),
      terrain: 'dirt',
      dryKm: dryKm === null ? null : Math.min(km.most, round(dryKm, 2)),
      line: thinned(stretches).map(([latitude, longitude, height]) => [
        round(latitude, 5),
        round(longitude, 5),
        height === null ? null : round(height, 0),
      ]),
    },
  };
}

/** What a waypoint that marks a water is called, or what sort its writer says it is of. */
const waterWords =
  /\b(?:water|drinking|spring|well|stream|river|brook|creek|burn|lake|pond|tarn|tap|fountain|ford|cistern)s?\b/i;

function isWater(node: Node): boolean {
  return ['name', 'type', 'sym', 'desc', 'cmt'].some((field) =>
    waterWords.test(textIn(node, field)),
  );
}

function pointOf(node: Node, at: number): Outcome<RoutePoint> {
  const latitude = numberIn(node, 'lat');
  const longitude = numberIn(node, 'lon');
  if (latitude === null || !isIn(latitude, briefRanges.latitude)) {
    return refused(routeSays.trackPoint(at, 'latitude', textIn(node, 'lat')));
  }
  if (longitude === null || !isIn(longitude, briefRanges.longitude)) {
    return refused(routeSays.trackPoint(at, 'longitude', textIn(node, 'lon')));
  }
  const height = numberIn(node, 'ele');
  const isHeight = height !== null && isIn(height, briefRanges.altitudeM);
  return done([latitude, longitude, isHeight ? height : null]);
}

function nodesIn(node: Node, name: string): readonly Node[] {
  const found = node[name];
  return Array.isArray(found) ? found.map((each) => (isNode(each) ? each : {})) : [];
}

function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null;
}

function textIn(node: Node, name: string): string {
  const found = node[name];
  return typeof found === 'string' ? found.trim() : '';
}

function numberIn(node: Node, name: string): number | null {
  const text = textIn(node, name);
  return /^[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?$/i.test(text) ? Number(text) : null;
}

/** The first name that the file gives, where a brief can hold it; the rest of it is no worse without. */
function nameIn(nodes: readonly Node[]): string {
  const named = nodes.map((node) => textIn(node, 'name')).find((name) => name !== '') ?? '';
  const short = [...named.replace(/\s+/g, ' ')].slice(0, longestName).join('');
  return whyNotName(short) === null ? short : '';
}

function isIn(value: number, range: Range): boolean {
  return whyNotInRange(value, range) === null;
}

function round(value: number, decimals: number): number {
  return Math.round(value * 10 ** decimals) / 10 ** decimals;
}
