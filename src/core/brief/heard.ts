import type { ClimatePlace } from '../models';
import type { Brief, HeardClimate } from './brief';

/** The place as a climate is asked for; null while something of it is not known. */
export function climatePlaceOf({ place, altitudeM, setting, country }: Brief): ClimatePlace | null {
  if (place === null || altitudeM === null || setting === null || country === null) return null;
  const { latitude, longitude } = place;
  return { latitude, longitude, altitudeM, setting, country };
}

/** The climate as it was heard, while it is of this place. */
export function climateHeard(brief: Brief): HeardClimate | null {
  const { heard } = brief;
  const place = climatePlaceOf(brief);
  if (heard === null || place === null) return null;
  const isThere = (Object.keys(place) as (keyof ClimatePlace)[]).every(
    (field) => place[field] === heard[field],
  );
  return isThere ? heard : null;
}
