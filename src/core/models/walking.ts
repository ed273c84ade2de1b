import { answer, from, modelOf, noAnswer, oneOf, personKg, upToMost } from './model';
import { terrains, type Terrain } from './words';

/** How much harder than a road the ground is to walk on. */
export const slowing: Readonly<Record<Terrain, number>> = {
  road: 1,
  dirt: 1.1,
  'light brush': 1.2,
  'heavy brush': 1.5,
  bog: 1.8,
  sand: 2.1,
  'firm snow': 1.6,
};

/** What walking takes, in W. Downhill is taken as level. */
export function walkingWatts({
  bodyKg,
  loadKg,
  speedKmh,
  gradePct,
  terrain,
}: {
  readonly bodyKg: number;
  readonly loadKg: number;
  readonly speedKmh: number;
  readonly gradePct: number;
  readonly terrain: Terrain;
}): number {
  const speed = speedKmh / 3.6;
  const both = bodyKg + loadKg;
  const moving = 1.5 * speed * speed + 0.35 * speed * Math.max(0, gradePct);
  return 1.5 * bodyKg + 2 * both * (loadKg / bodyKg) ** 2 + slowing[terrain] * both * moving;
}

/** What nobody keeps up on foot, in km/h, and what no path climbs, in %. */
const mostKmh = 12;
const mostPct = 60;

export const loadCarriage = modelOf({
  name: 'load-carriage',
  unit: 'W',
  formula: '1.5 W + 2.0 (W + L)(L/W)² + η (W + L)(1.5 V² + 0.35 V G), V in m/s, G in %',
  source:
    'Pandolf, Givoni and Goldman 1977; η by Soule and Goldman 1972, firm snow a planning value of this project; downhill is taken as level',
  inputs: {
    bodyKg: personKg,
    loadKg: upToMost(300, 'kg'),
    speedKmh: upToMost(40, 'km/h'),
    gradePct: from(-100, 100, '%'),
    terrain: oneOf(...terrains),
  },
  work: (walk) => {
    if (walk.speedKmh > mostKmh) return noAnswer(`above ${mostKmh} km/h nobody walks`);
    if (walk.gradePct > mostPct) return noAnswer(`steeper than ${mostPct} % is climbing`);
    return answer(walkingWatts(walk), walk.gradePct < 0 ? 'downhill is taken as level' : null);
  },
});

/** On a road without a climb, in km/h, and how much of a climb takes an hour, in m. */
const roadKmh = 5;
const climbMPerH = 600;

/** How long a way takes on foot, in h. */
export function walkingHours(distanceKm: number, ascentM: number, terrain: Terrain): number {
  return (distanceKm / roadKmh) * slowing[terrain] + ascentM / climbMPerH;
}

export const walkingTime = modelOf({
  name: 'walking-time',
  unit: 'h',
  formula: 'distance/5 × η + ascent/600',
  source: 'Naismith 1892; slowed by the ground’s η: planning value of this project',
  inputs: {
    distanceKm: upToMost(10_000, 'km'),
    ascentM: upToMost(500_000, 'm'),
    terrain: oneOf(...terrains),
  },
  work: ({ distanceKm, ascentM, terrain }) => answer(walkingHours(distanceKm, ascentM, terrain)),
});

export type LoadBand = 'light' | 'comfortable for days' | 'heavy' | 'stop';

/** What a share of the body’s own mass means to carry. */
export function loadBand(share: number): LoadBand {
  if (share <= 0.1) return 'light';
  if (share <= 0.2) return 'comfortable for days';
  return share <= 0.3 ? 'heavy' : 'stop';
}

export const loadShare = modelOf({
  name: 'load-share',
  unit: 'share of the body’s mass',
  formula: 'load/body; up to 0.10 light, 0.20 comfortable for days, 0.30 heavy, above: stop',
  source: 'planning values of this project; sources vary',
  inputs: { loadKg: upToMost(300, 'kg'), bodyKg: personKg },
  work: ({ loadKg, bodyKg }) => answer(loadKg / bodyKg, loadBand(loadKg / bodyKg)),
});
