import { climateOf, type ClimatePlace } from '@/core/models';

/** A place’s public monthly normals of highs and lows, January and July, in °C. */
export interface Normals {
  readonly name: string;
  readonly place: ClimatePlace;
  readonly january: readonly [highC: number, lowC: number];
  readonly july: readonly [highC: number, lowC: number];
}

type Where = readonly [
  latitude: number,
  longitude: number,
  altitudeM: number,
  setting: ClimatePlace['setting'],
  country: ClimatePlace['country'],
];

function normal(
  name: string,
  [latitude, longitude, altitudeM, setting, country]: Where,
  january: readonly [number, number],
  july: readonly [number, number],
): Normals {
  return { name, place: { latitude, longitude, altitudeM, setting, country }, january, july };
}

/** What the simulated climate is held against. */
// prettier-ignore
export const normals: readonly Normals[] = [
  normal('Singapore', [1.3, 103.8, 10, 'coast', 'hot-wet-forest'], [30, 24], [31, 25]),
  normal('Phoenix', [33.4, -112, 340, 'inland', 'desert'], [20, 8], [41, 29]),
  normal('London', [51.5, -0.1, 20, 'inland', 'temperate-woodland'], [8, 3], [23, 14]),
  normal('Moscow', [55.8, 37.6, 150, 'far inland', 'temperate-woodland'], [-4, -9], [24, 14]),
  normal('Fairbanks', [64.8, -147.7, 135, 'far inland', 'boreal-lakes'], [-17, -27], [23, 12]),
  normal('Reykjavik', [64.1, -21.9, 20, 'coast', 'coast'], [3, -2], [15, 9]),
  normal('Denver', [39.7, -105, 1600, 'far inland', 'steppe'], [8, -8], [32, 15]),
  normal('Sydney', [-33.9, 151.2, 20, 'coast', 'coast'], [27, 20], [17, 8]),
  normal('Nairobi', [-1.3, 36.8, 1660, 'inland', 'savanna'], [26, 12], [22, 11]),
  normal('Ulaanbaatar', [47.9, 106.9, 1350, 'far inland', 'steppe'], [-15, -26], [24, 12]),
];

/** How far the simulated highs and lows lie from the normals, in the mean, in °C. */
export function meanMiss({ place, january, july }: Normals): number {
  const months = [
    [climateOf(place, 1), january],
    [climateOf(place, 7), july],
  ] as const;
  const misses = months.flatMap(([{ highC, lowC }, [high, low]]) => [
    Math.abs(highC - high),
    Math.abs(lowC - low),
  ]);
  return misses.reduce((sum, miss) => sum + miss, 0) / misses.length;
}
