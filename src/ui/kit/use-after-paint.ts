import { useEffect, useState } from 'react';

/** Time for what an edit changes to be painted first, in ms. */
export const afterPaintMs = 60;

/** What takes long to work out, worked out once what is on screen stands; null until then. */
export function useAfterPaint<K extends object, T>(of: K, work: (of: K) => T): T | null {
  const [found, setFound] = useState<{ readonly of: K; readonly value: T } | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setFound({ of, value: work(of) }), afterPaintMs);
    return () => clearTimeout(timer);
  }, [of, work]);
  return found?.of === of ? found.value : null;
}
