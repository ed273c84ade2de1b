import { climateFor, monthOf } from '@/core/brief';
import { dayAfter, daysBetween } from '@/core/quantity';
import { climateOf, type ClimatePlace } from '@/core/models/climate';
import type { ClimateAnswer, ForecastDay } from './climate-service';

/** No forecast is told for longer. */
export const mostDays = 60;

/** What the simulated service answers: the same for the same place and days, every time. */
export function simulatedClimate(
  place: ClimatePlace,
  from: string | null,
  to: string | null,
  today: string,
): ClimateAnswer {
  const count = from === null || to === null ? 0 : Math.min(mostDays, daysBetween(from, to) + 1);
  const days = Array.from({ length: Math.max(0, count) }, (_, at) =>
    dayOf(place, dayAfter(from!, at)),
  );
  return {
    heard: climateFor(place, today),
    days,
    from: 'simulated by a simple model that ships with this application',
  };
}

/** A day drawn about the month’s mean, by a seed of the place and the day. */
function dayOf(place: ClimatePlace, day: string): ForecastDay {
  const { highC, lowC, spreadC, rainDays } = climateOf(place, monthOf(day));
  const { latitude, longitude } = place;
  const random = seeded(`${latitude.toFixed(2)} ${longitude.toFixed(2)} ${day}`);
  const drift = spreadC * normal(random);
  const rains = random() < rainDays / 30.4;
  // Rain clouds keep the day cooler and the night warmer.
  const flat = rains ? (highC - lowC) * 0.15 : 0;
  return { day, highC: tenth(highC + drift - flat), lowC: tenth(lowC + drift + flat), rains };
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}

/** Two uniform draws as one normal one, by Box and Muller, within two and a half spreads. */
function normal(random: () => number): number {
  const drawn = Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  return Math.max(-2.5, Math.min(2.5, drawn));
}

/** Mulberry32 over an FNV-1a hash of the seed. */
function seeded(seed: string): () => number {
  let state = 2166136261;
  for (const letter of seed) state = Math.imul(state ^ letter.charCodeAt(0), 16777619);
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}
