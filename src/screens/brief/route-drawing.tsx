import { Box } from '@chakra-ui/react';
import type { RoutePoint } from '@/core/brief';
import { kmBetween } from '@/core/brief/route-measures';
import { printNumber } from '@/core/quantity';

const wide = 640;
const high = 150;

/** A way as it lies, north up, and as it rises along its kilometres. */
export function RouteDrawing({ line }: { readonly line: readonly RoutePoint[] }) {
  const heights = line.flatMap(([, , height]) => (height === null ? [] : [height]));
  return (
    <Box display="flex" flexWrap="wrap" gap="4" marginTop="3">
      <Box flex="0 1 150px">
        <svg
          viewBox="-6 -6 112 112"
          width="100%"
          role="img"
          aria-label="The way, north up"
          style={{ maxHeight: 150 }}
        >
          <path d={pathOf(lyingOf(line))} {...stroke} />
          <Ends points={lyingOf(line)} />
        </svg>
      </Box>
      {heights.length > 1 && (
        <Box flex="1 1 260px" minWidth="0">
          <Profile line={line} heights={heights} />
        </Box>
      )}
    </Box>
  );
}

const stroke = {
  fill: 'none',
  stroke: 'currentColor',
  strokeWidth: 1.6,
  strokeLinejoin: 'round',
} as const;

/** Points in a square of 100, in true proportion. */
function lyingOf(line: readonly RoutePoint[]): readonly (readonly [number, number])[] {
  const east = Math.cos((line[0]![0] * Math.PI) / 180);
  const flat = line.map(([latitude, longitude]) => [longitude * east, -latitude] as const);
  const [xs, ys] = [flat.map(([x]) => x), flat.map(([, y]) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const side = Math.max(Math.max(...xs) - left, Math.max(...ys) - top) || 1;
  return flat.map(([x, y]) => [((x - left) / side) * 100, ((y - top) / side) * 100]);
}

function pathOf(points: readonly (readonly [number, number])[]): string {
  return points
    .map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`)
    .join('');
}

function Ends({ points }: { readonly points: readonly (readonly [number, number])[] }) {
  const [x, y] = points[0]!;
  const [endX, endY] = points.at(-1)!;
  return (
    <>
      <circle cx={x} cy={y} r="3.2" {...stroke} />
      <path d={`M${endX - 3.4} ${endY - 3.4}h6.8v6.8h-6.8z`} fill="currentColor" />
    </>
  );
}

function Profile({
  line,
  heights,
}: {
  readonly line: readonly RoutePoint[];
  readonly heights: readonly number[];
}) {
  const [low, top] = [Math.min(...heights), Math.max(...heights)];
  const rise = Math.max(20, top - low);
  const points: [number, number][] = [];
  let km = 0;
  for (const [at, point] of line.entries()) {
    if (at > 0) km += kmBetween(line[at - 1]!, point);
    if (point[2] !== null) points.push([km, high - 18 - ((point[2] - low) / rise) * (high - 42)]);
  }
  const placed = points.map(([x, y]) => [(x / (km || 1)) * wide, y] as const);
  const edge = pathOf(placed);
  return (
    <svg
      viewBox={`0 0 ${wide} ${high}`}
      width="100%"
      role="img"
      aria-label={`The way rises between ${printNumber(low, 0)} and ${printNumber(top, 0)} m`}
    >
      <path
        d={`${edge}L${placed.at(-1)![0].toFixed(1)} ${high - 18}L${placed[0]![0].toFixed(1)} ${high - 18}z`}
        fill="currentColor"
        opacity="0.14"
      />
      <path d={edge} {...stroke} />
      <text x="0" y="14" fontSize="14" fill="currentColor">{`${printNumber(top, 0)} m`}</text>
      <text x="0" y={high - 3} fontSize="14" fill="currentColor">{`${printNumber(low, 0)} m`}</text>
      <text x={wide} y={high - 3} fontSize="14" textAnchor="end" fill="currentColor">
        {`${printNumber(km, 1)} km`}
      </text>
    </svg>
  );
}
