import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { briefRanges, type Route, type RoutePoint } from '../brief';
import { whyNotInRange, type Range } from '../gear';
import { longestName } from '../gear/plain-text';
import { done, plainly, refused, type Outcome } from '../quantity';
import { routeSays } from '../refusals/routes';
import { whyTrackTooLarge } from './limits';
import { measuresOf, thinned, type Measures, type Stretches } from '../brief/route-measures';

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

/**
 * Reads GPX: its tracks, or where it has none its routes, one after another, and the waypoints that name a water. Nothing
 * in it is fetched, and a file that declares entities or a document type is refused.
 */
export function readGpx(text: string): Outcome<ReadRoute> {
  const tooLarge = whyTrackTooLarge(text.length);
  if (tooLarge) return refused(tooLarge);
  if (/<!(?:DOCTYPE|ENTITY)/i.test(text)) return refused(routeSays.trackDeclares());
  const found = XMLValidator.validate(text);
  if (found !== true) return refused(routeSays.trackNoXml(found.err.msg, String(found.err.line)));
  const parsed = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '',
    parseTagValue: false,
    parseAttributeValue: false,
    removeNSPrefix: true,
    isArray: (name) => lists.includes(name),
  }).parse(text) as Node;
  const gpx = parsed.gpx;
  if (typeof gpx !== 'object' || gpx === null) {
    const root = Object.keys(parsed).find((name) => !name.startsWith('?'));
    return gpx === '' ? refused(routeSays.trackNone()) : refused(routeSays.trackNoGpx(root ?? ''));
  }
  return routeIn(gpx as Node);
}

function routeIn(gpx: Node): Outcome<ReadRoute> {
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
  return done(routeOf(nameIn([...tracks, ...routes, gpx]), stretches, waters));
}

function routeOf(name: string, stretches: Stretches, waters: readonly RoutePoint[]): ReadRoute {
  const measures = measuresOf(stretches, waters);
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
  const value = Number(text);
  return text === '' || !Number.isFinite(value) ? null : value;
}

/** The first name that the file gives, as a brief can hold it. */
function nameIn(nodes: readonly Node[]): string {
  const named = nodes.map((node) => textIn(node, 'name')).find((name) => name !== '') ?? '';
  return plainly(named, longestName);
}

function isIn(value: number, range: Range): boolean {
  return whyNotInRange(value, range) === null;
}

function round(value: number, decimals: number): number {
  return Math.round(value * 10 ** decimals) / 10 ** decimals;
}
