import { useEffect, useState } from 'react';
import type { PlaceOnEarth } from '@/core/brief';

/** The time zone of a place, once its table is here; null until then, or where this browser does not know it. */
export function useTimeZone(place: PlaceOnEarth | null): string | null {
  const [lookup, setLookup] = useState<((latitude: number, longitude: number) => string) | null>(
    null,
  );
  useEffect(() => {
    let isWanted = true;
    // A table that does not come leaves the clock out, and nothing else.
    void import('tz-lookup').then(
      (found) => isWanted && setLookup(() => found.default),
      () => undefined,
    );
    return () => {
      isWanted = false;
    };
  }, []);
  if (lookup === null || place === null) return null;
  const zone = lookup(place.latitude, place.longitude);
  return isKnownZone(zone) ? zone : null;
}

function isKnownZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** A time of day by the clocks of a zone: `07:12`. */
export function clockIn(zone: string, utc: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hour: '2-digit',
    minute: '2-digit',
  }).format(new Date(utc));
}
