import type { HeardClimate } from '@/core/brief/brief';
import type { ClimatePlace } from '@/core/models/climate';

/** One day of a forecast. */
export interface ForecastDay {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly highC: number;
  readonly lowC: number;
  readonly rains: boolean;
}

/** What a service says of a place: its months, and the days that were asked for. */
export interface ClimateAnswer {
  readonly heard: HeardClimate;
  readonly days: readonly ForecastDay[];
  /** Where it is from, in its own words: a stand-in says that it is one. */
  readonly from: string;
}

/** A service that knows the climate of places, whatever it is and wherever it stands. */
export interface ClimateService {
  /** Throws where it cannot be reached. */
  ask(place: ClimatePlace, from: string | null, to: string | null): Promise<ClimateAnswer>;
}
