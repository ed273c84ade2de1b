import { climateOf, type ClimatePlace } from '@/core/models';

/** What sort of country a place stands for where lows are held together: hills and mountains lean otherwise than the plain. */
export const groups = ['woodland', 'hills', 'mountains', 'deserts', 'others'] as const;
export type Group = (typeof groups)[number];

/** A place’s public monthly normals of highs and lows, January and July, in °C, as recalled: to about 1 °C. */
export interface Normals {
  readonly name: string;
  readonly group: Group;
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
  group: Group,
  name: string,
  [latitude, longitude, altitudeM, setting, country]: Where,
  january: readonly [number, number],
  july: readonly [number, number],
): Normals {
  return {
    name,
    group,
    place: { latitude, longitude, altitudeM, setting, country },
    january,
    july,
  };
}

/** What the simulated climate is held against. */
// prettier-ignore
export const normals: readonly Normals[] = [
  normal('others', 'Singapore', [1.3, 103.8, 10, 'coast', 'hot-wet-forest'], [30, 24], [31, 25]),
  normal('others', 'Fairbanks', [64.8, -147.7, 135, 'far inland', 'boreal-lakes'], [-17, -27], [23, 12]),
  normal('others', 'Reykjavik', [64.1, -21.9, 20, 'coast', 'coast'], [3, -2], [15, 9]),
  normal('others', 'Denver', [39.7, -105, 1600, 'far inland', 'steppe'], [8, -8], [32, 15]),
  normal('others', 'Sydney', [-33.9, 151.2, 20, 'coast', 'coast'], [27, 20], [17, 8]),
  normal('others', 'Nairobi', [-1.3, 36.8, 1660, 'inland', 'savanna'], [26, 12], [22, 11]),
  normal('others', 'Ulaanbaatar', [47.9, 106.9, 1350, 'far inland', 'steppe'], [-15, -26], [24, 12]),

  normal('woodland', 'London', [51.5, -0.1, 20, 'inland', 'temperate-woodland'], [8, 3], [23, 14]),
  normal('woodland', 'Moscow', [55.8, 37.6, 150, 'far inland', 'temperate-woodland'], [-4, -9], [24, 14]),
  normal('woodland', 'New Forest', [50.9, -1.6, 30, 'inland', 'temperate-woodland'], [8, 1.5], [22, 12]),
  normal('woodland', 'Orleans', [47.9, 1.9, 125, 'inland', 'temperate-woodland'], [6.5, 1], [25.5, 13.5]),
  normal('woodland', 'Kassel', [51.3, 9.5, 230, 'inland', 'temperate-woodland'], [3, -2], [24, 13]),
  normal('woodland', 'Lindenberg', [52.2, 14.1, 100, 'inland', 'temperate-woodland'], [2.5, -2.5], [25, 14]),
  normal('woodland', 'Bialystok', [53.1, 23.2, 150, 'far inland', 'temperate-woodland'], [-0.5, -6], [24, 12.5]),
  normal('woodland', 'Allentown', [40.7, -75.4, 120, 'inland', 'temperate-woodland'], [4, -6], [29.5, 18]),
  normal('woodland', 'Hamilton', [-37.8, 175.3, 50, 'inland', 'temperate-woodland'], [24, 13], [13.5, 4]),
  normal('woodland', 'Launceston', [-41.5, 147.1, 170, 'inland', 'temperate-woodland'], [24, 10.5], [11.5, 1.5]),
  normal('woodland', 'Temuco', [-38.8, -72.6, 100, 'inland', 'temperate-woodland'], [24, 9.5], [12, 4]),

  normal('hills', 'Braunlage', [51.7, 10.6, 607, 'inland', 'temperate-woodland'], [1.5, -4], [20, 10.5]),
  normal('hills', 'Freudenstadt', [48.5, 8.4, 797, 'inland', 'temperate-woodland'], [1.5, -3.5], [21, 11.5]),
  normal('hills', 'Braemar', [57, -3.4, 340, 'inland', 'temperate-woodland'], [5, -2], [18.5, 8.5]),
  normal('hills', 'Churanov', [49.1, 13.6, 1118, 'inland', 'temperate-woodland'], [0, -5.5], [18.5, 10]),
  normal('hills', 'Elkins', [38.9, -79.9, 600, 'inland', 'temperate-woodland'], [5, -6.5], [27.5, 15.5]),
  normal('hills', 'Armidale', [-30.5, 151.6, 1080, 'inland', 'temperate-woodland'], [27, 13.5], [12.5, 0.5]),

  normal('mountains', 'Davos', [46.8, 9.8, 1590, 'inland', 'mountain'], [0, -9.5], [18.5, 7]),
  normal('mountains', 'Finse', [60.6, 7.5, 1210, 'inland', 'mountain'], [-6.5, -13], [11.5, 5]),
  normal('mountains', 'Zugspitze', [47.4, 11, 2964, 'inland', 'mountain'], [-8, -13], [5.5, 0.5]),
  normal('mountains', 'Mount Washington', [44.3, -71.3, 1917, 'inland', 'mountain'], [-10.5, -20], [12, 6]),
  normal('mountains', 'Leadville', [39.3, -106.3, 3030, 'far inland', 'mountain'], [-0.5, -16.5], [21.5, 3.5]),
  normal('mountains', 'El Alto', [-16.5, -68.2, 4060, 'inland', 'mountain'], [14.5, 4.5], [13.5, -4]),
  normal('mountains', 'Lhasa', [29.7, 91.1, 3650, 'far inland', 'mountain'], [8, -8], [23.5, 10.5]),
  normal('mountains', 'Thredbo', [-36.5, 148.3, 1380, 'inland', 'mountain'], [21, 7], [5.5, -4]),
  normal('mountains', 'Mount Cook', [-43.7, 170.1, 765, 'inland', 'mountain'], [20, 9], [7.5, -1.5]),

  normal('deserts', 'Phoenix', [33.4, -112, 340, 'inland', 'desert'], [20, 8], [41, 29]),
  normal('deserts', 'Alice Springs', [-23.8, 133.9, 545, 'far inland', 'desert'], [36.5, 21.5], [20, 4]),
  normal('deserts', 'Kuwait', [29.2, 48, 50, 'inland', 'desert'], [19, 8.5], [46.5, 30.5]),
  normal('deserts', 'Death Valley', [36.5, -116.9, -60, 'inland', 'desert'], [19.5, 4.5], [47, 31]),
  normal('deserts', 'Las Vegas', [36.1, -115.2, 660, 'inland', 'desert'], [14.5, 4], [40.5, 27.5]),
  normal('deserts', 'Tamanrasset', [22.8, 5.4, 1360, 'far inland', 'desert'], [20, 5], [35, 22]),
  normal('deserts', 'Ghardaia', [32.4, 3.8, 460, 'far inland', 'desert'], [16, 5], [41, 27]),
  normal('deserts', 'Upington', [-28.4, 21.3, 840, 'far inland', 'desert'], [36, 20.5], [21, 4]),
];

/** By how much the simulated lows of some places are too warm, in °C: below 0 too cold. */
export function lowsTooWarm(places: readonly Normals[]): readonly number[] {
  return places.flatMap(({ place, january, july }) => [
    climateOf(place, 1).lowC - january[1],
    climateOf(place, 7).lowC - july[1],
  ]);
}

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
