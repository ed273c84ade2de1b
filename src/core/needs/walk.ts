import { bearingKg } from '../brief';
import { walkingHours, type Terrain } from '../models';
import { carriedG, type NeedsKit } from './needs-kit';

/** Hours on the move in a day: by the route where there is one, else as the brief says. Food, drink and the evening ask it alike. */
export function hoursADay({ brief, days }: Pick<NeedsKit, 'brief' | 'days'>): number {
  const { route, workHours } = brief;
  if (route === null || route.distanceKm === 0) return workHours;
  const hours = walkingHours(route.distanceKm, route.ascentM, route.terrain);
  return Math.min(16, hours / Math.max(1, days ?? 1));
}

/** How somebody walks under this kit: hours a day, speed and power. */
export interface Walk {
  readonly hours: number;
  /** Of what a body bears, see {@link bearingKg}. */
  readonly loadShare: number;
  readonly speedKmh: number;
  readonly gradePct: number;
  readonly terrain: Terrain;
}

/** What walking a day comes to: by the route where there is one, else by the hours and how hard they are. */
export function walkOf(kit: NeedsKit): Walk {
  const { brief, people } = kit;
  const bearing = people.reduce((sum, somebody) => sum + bearingKg(somebody), 0);
  const loadShare = bearing === 0 ? 0 : carriedG(kit) / 1000 / bearing;
  const { route } = brief;
  const hours = hoursADay(kit);
  if (route && route.distanceKm > 0) {
    return {
      hours,
      loadShare,
      speedKmh: route.distanceKm / walkingHours(route.distanceKm, route.ascentM, route.terrain),
      gradePct: (route.ascentM / (route.distanceKm * 1000)) * 100,
      terrain: route.terrain,
    };
  }
  const speedKmh = { easy: 3, moderate: 4, hard: 5 }[brief.work];
  return { hours, loadShare, speedKmh, gradePct: 0, terrain: 'dirt' };
}
