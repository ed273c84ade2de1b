import { useEffect } from 'react';
import { useBenchState } from '@/store/bench';

/** Has the browser ask before a window is closed whose bench is not on the disk. */
export function useAskBeforeLeaving(): void {
  const isAtRisk = useBenchState(
    ({ saving, history }) =>
      saving.state === 'saving' ||
      saving.state === 'failed' ||
      saving.state === 'gone' ||
      (saving.state === 'not kept' && history.entries.length > 0),
  );
  useEffect(() => {
    if (!isAtRisk) return undefined;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, [isAtRisk]);
}
