import { climateLacks, type Brief } from '../brief';

/** What the weather still asks to be known; or, at the end, the figures that may be typed instead. */
export function climateOr(brief: Brief, typed: string): readonly string[] {
  const lacks = climateLacks(brief);
  return [...lacks.slice(0, -1), `${lacks.at(-1)!}, or ${typed}`];
}

/** What daylight still asks to be known. */
export function placeAndWhen({ place, when }: Brief): readonly string[] {
  return [...(place === null ? ['the place'] : []), ...(when === null ? ['when'] : [])];
}
