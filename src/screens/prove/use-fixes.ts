'use client';

import { useEffect, useState } from 'react';
import type { Fix } from '@/core/judge';
import { newId } from '@/store/new-id';
import type { ToldFinding } from '@/ui/kit/judged';
import type { KitView } from '@/ui/kit/kit-view';
import { stepped } from '@/ui/kit/stepped';
import { late } from '@/ui/late/late';

const lateMending = late(() => import('@/core/judge/mending'));

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
    let leave = () => undefined as void;
    let isStale = false;
    lateMending.fetch().then(
      ({ fixesOf }) => {
        if (isStale) return;
        const fixes: Fix[] = [];
        const tell = (isDone: boolean) =>
          setFound({ of: finding, tried: { fixes: [...fixes], isDone } });
        leave = stepped(fixesOf(kit, finding, { newId, scheme }), {
          onStep: (fix) => {
            if (!fix) return;
            fixes.push(fix);
            tell(false);
          },
          onDone: () => tell(true),
        });
      },
      () => undefined,
    );
    return () => {
      isStale = true;
      leave();
    };
  }, [kit, finding, scheme, isAsked]);
  return found !== null && found.of === finding ? found.tried : null;
}
