import { getPosition, getTimes } from 'suncalc';
import { answer, latitudes, longitudes, modelOf } from './model';

/** The light of one day at a place. Times as ISO in UTC, null where the sun does not rise or set, or dusk does not come. */
export interface Daylight {
  readonly sunriseUtc: string | null;
  readonly sunsetUtc: string | null;
  readonly dawnUtc: string | null;
  readonly duskUtc: string | null;
  /** With civil twilight, which counts as light. */
  readonly dayHours: number;
  readonly darkHours: number;
}

const hourMs = 3_600_000;

/** Civil twilight reaches to a sun this far below the horizon, in degrees. */
const civilDeg = -6;

/** The light of a day by the sun of its place; polar day and polar night are days like others. */
export function daylightOf(latitude: number, longitude: number, day: string): Daylight {
  const times = timesOf(latitude, longitude, day);
  const lightHours =
    between(times.dawn, times.dusk) ??
    alwaysOrNever(latitude, longitude, times.solarNoon, civilDeg);
  return {
    sunriseUtc: iso(times.sunrise),
    sunsetUtc: iso(times.sunset),
    dawnUtc: iso(times.dawn),
    duskUtc: iso(times.dusk),
    dayHours: lightHours,
    darkHours: 24 - lightHours,
  };
}

/** How long the sun itself is up on a day, in h: what lights a solar panel or a burning lens. */
export function sunHours(latitude: number, longitude: number, day: string): number {
  const times = timesOf(latitude, longitude, day);
  return (
    between(times.sunrise, times.sunset) ?? alwaysOrNever(latitude, longitude, times.solarNoon, 0)
  );
}

/** The times of the solar day whose noon is on this day of the place. */
function timesOf(latitude: number, longitude: number, day: string) {
  const noon = new Date(Date.parse(`${day}T12:00:00Z`) - (longitude / 15) * hourMs);
  return getTimes(noon, latitude, longitude);
}

function between(rise: Date | null, set: Date | null): number | null {
  if (rise === null || set === null) return null;
  const hours = (set.getTime() - rise.getTime()) / hourMs;
  return hours < 0 ? hours + 24 : Math.min(hours, 24);
}

function alwaysOrNever(latitude: number, longitude: number, noon: Date, aboveDeg: number): number {
  return getPosition(noon, latitude, longitude).altitude > aboveDeg ? 24 : 0;
}

function iso(time: Date | null): string | null {
  return time === null ? null : `${time.toISOString().slice(0, 19)}Z`;
}

export const daylight = modelOf({
  name: 'daylight',
  unit: 'times in UTC, h',
  formula:
    'light from civil dawn to civil dusk (sun 6° below the horizon); dark is the rest of 24 h',
  source: 'Meeus, Astronomical Algorithms, as the package suncalc works it out; level horizon',
  inputs: { latitude: latitudes, longitude: longitudes, date: { of: 'day' } },
  work: ({ latitude, longitude, date }) => {
    const light = daylightOf(latitude, longitude, date);
    return answer(light, polarNote(light));
  },
});

function polarNote({ sunriseUtc, dayHours }: Daylight): string | null {
  if (dayHours === 24)
    return sunriseUtc === null
      ? 'polar day: the sun does not set'
      : 'a white night: it does not get dark';
  if (dayHours === 0) return 'polar night: it does not get light';
  return sunriseUtc === null ? 'polar night: twilight at noon, no sun' : null;
}
