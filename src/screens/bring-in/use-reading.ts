import { useEffect, useMemo, useRef, useState } from 'react';
import type { GearRead, RowsProgress } from '@/core/exchange/gear-read';
import type { Call } from '@/workers/beside';

/** As many rows or lines are read on the page itself, at once; more are read beside it. */
export const mostHere = 300;

/** Rows or lines, as they are read now. */
export interface RowsReading {
  readonly read: GearRead;
  /** How far it has come, while it is read beside the page. */
  readonly progress: RowsProgress | null;
  readonly stop: () => void;
}

const nothing: GearRead = { gear: [], unsure: [], notUnderstood: [] };

/**
 * Reads rows or lines: a few on the page, many beside it, where it can be stopped. Both ways must hang on what they read
 * alone, so that they are the same functions while that is the same.
 */
export function useReading(
  here: (() => GearRead) | null,
  beside: ((tell: (progress: RowsProgress) => void) => Call<GearRead | null>) | null,
): RowsReading {
  const readHere = useMemo(() => here?.() ?? null, [here]);
  const [found, setFound] = useState<{
    readonly of: typeof beside;
    readonly read: GearRead | null;
    readonly progress: RowsProgress | null;
  }>({ of: null, read: null, progress: null });
  const call = useRef<Call<GearRead | null> | null>(null);
  useEffect(() => {
    if (!beside) return undefined;
    let isStale = false;
    const asked = beside((progress) => {
      if (!isStale) setFound({ of: beside, read: null, progress });
    });
    call.current = asked;
    void asked.result
      .catch(() => null)
      .then((read) => {
        if (!isStale) setFound({ of: beside, read: read ?? nothing, progress: null });
      });
    return () => {
      isStale = true;
      asked.cancel();
    };
  }, [beside]);
  if (readHere) return { read: readHere, progress: null, stop: () => undefined };
  const isOfThis = found.of === beside;
  return {
    read: (isOfThis && found.read) || nothing,
    progress: isOfThis ? found.progress : beside && { read: 0, outOf: 0 },
    stop: () => call.current?.cancel(),
  };
}
