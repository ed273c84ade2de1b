import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { Link } from '@/devices/scale/scale';
import { SimulatedLink } from '@/devices/scale/simulated-link';
import { Settler, type Settling } from '@/devices/scale/steady';
import { newId } from '@/store/new-id';

/** The scale as the screen has it: how the line stands, what lies on it, and how to begin anew. */
export function useScale() {
  const scale = useMemo(() => new SimulatedLink(newId()), []);
  const settler = useRef(new Settler());
  const [link, setLink] = useState<Link>('connecting');
  const [settling, setSettling] = useState<Settling>({ state: 'nothing' });
  const [attempt, setAttempt] = useState(0);
  const isInSight = useInSight();
  useEffect(() => {
    // A browser keeps few lines to one server open: a window that nobody looks at lets its own go.
    if (!isInSight) return undefined;
    settler.current.restart();
    return scale.listen({
      onReading: (reading) => setSettling(settler.current.add(reading)),
      onLink: (now) => {
        setLink(now);
        if (now === 'lost') setSettling({ state: 'nothing' });
      },
    });
  }, [scale, attempt, isInSight]);
  const startAnew = useCallback(() => settler.current.restart(), []);
  const connectAgain = useCallback(async () => {
    await scale.plug();
    settler.current.restart();
    setAttempt((count) => count + 1);
  }, [scale]);
  return { scale, link, settling, startAnew, connectAgain };
}

/** Whether somebody can see this window: its tab is not behind another one. */
function useInSight(): boolean {
  return useSyncExternalStore(
    (tell) => {
      document.addEventListener('visibilitychange', tell);
      return () => document.removeEventListener('visibilitychange', tell);
    },
    () => document.visibilityState === 'visible',
    () => true,
  );
}
