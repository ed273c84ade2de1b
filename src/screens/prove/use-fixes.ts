'use client';

import { useEffect, useState } from 'react';
import type { Fix } from '@/core/judge';
import { newId } from '@/store/new-id';
import type { ToldFinding } from '@/ui/kit/judged';
import type { KitView } from '@/ui/kit/kit-view';

/** What mends a finding, as far as it was tried. */
export interface FixesTried {
  readonly fixes: readonly Fix[];
  readonly isDone: boolean;
}

/** Tries what may mend a finding, one after the other in between what the page has to do; null until it is asked for. */
export function useFixes(
  { judged: kit, cover }: KitView,
  finding: ToldFinding,
  isAsked: boolean,
): FixesTried | null {
  const [found, setFound] = useState<{ readonly of: unknown; readonly tried: FixesTried } | null>(
    null,
  );
  const { scheme } = cover;
  useEffect(() => {
    if (!isAsked) return undefined;
    let isStale = false;
    void import('@/core/judge/mending').then(({ fixesOf }) => {
      const trying = fixesOf(kit, finding, { newId, scheme });
      const fixes: Fix[] = [];
      const step = () => {
        if (isStale) return;
        const next = trying.next();
        if (!next.done && next.value) fixes.push(next.value);
        const tried = { fixes: [...fixes], isDone: next.done === true };
        setFound({ of: finding, tried });
        if (!next.done) setTimeout(step, 0);
      };
      step();
    });
    return () => {
      isStale = true;
    };
  }, [kit, finding, scheme, isAsked]);
  return found !== null && found.of === finding ? found.tried : null;
}
