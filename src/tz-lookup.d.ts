declare module 'tz-lookup' {
  /** The name of the time zone at a place, as the tables of zones write it. Throws where the coordinates are none. */
  export default function tzLookup(latitude: number, longitude: number): string;
}
