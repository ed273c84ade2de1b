import { useEffect, useState } from 'react';
import { climateHeard, climatePlaceOf, type Brief } from '@/core/brief';
import { climateOverNetwork } from '@/devices/climate/climate-over-network';

/** How the brief stands to the climate service. */
export type Asking =
  | { readonly state: 'needs a place' }
  | { readonly state: 'asking' }
  | { readonly state: 'heard' }
  | { readonly state: 'not reached'; readonly why: string };

/** Asks the climate service whenever the place is another than the one last heard of, and hands on what it says. */
export function useClimate(
  brief: Brief,
  onHeard: (heard: NonNullable<Brief['heard']>) => void,
): Asking {
  const place = climatePlaceOf(brief);
  const isHeard = climateHeard(brief) !== null;
  const key = place === null ? null : Object.values(place).join(' ');
  const [failed, setFailed] = useState<{ readonly key: string; readonly why: string } | null>(null);
  useEffect(() => {
    if (place === null || key === null || isHeard) return;
    let isCurrent = true;
    climateOverNetwork
      .ask(place, null, null)
      .then(({ heard }) => {
        if (isCurrent) onHeard(heard);
      })
      .catch((error: unknown) => {
        if (isCurrent)
          setFailed({ key, why: error instanceof Error ? error.message : String(error) });
      });
    return () => {
      isCurrent = false;
    };
    // The place is what its key says; the rest is made anew at each drawing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, isHeard]);
  if (place === null) return { state: 'needs a place' };
  if (isHeard) return { state: 'heard' };
  return failed?.key === key ? { state: 'not reached', why: failed.why } : { state: 'asking' };
}
