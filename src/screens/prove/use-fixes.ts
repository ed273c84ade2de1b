'use client';

import { useEffect, useState } from 'react';
import type { Fix } from '@/core/judge';
import type { ToldFinding } from '@/ui/kit/judged';
import type { KitView } from '@/ui/kit/kit-view';
import { late } from '@/ui/late/late';

const lateCalls = late(() => import('@/workers/prove-calls'));

/** What mends a finding, as far as it was tried. */
export interface FixesTried {
  readonly fixes: readonly Fix[];
  readonly isDone: boolean;
}

/** How many fixes of one finding are offered. */
const mostOfOne = 4;

/** What tells a finding from all others of a kit. */
export function keyOf({ rule, of }: Pick<ToldFinding, 'rule' | 'of'>): string {
  return `${rule} ${of}`;
}

/** Tries what may mend a finding, beside the page; null until it is asked for. */
export function useFixes(view: KitView, finding: ToldFinding, isAsked: boolean): FixesTried | null {
  const tried = useTried(view, isAsked ? [finding] : noFindings, mostOfOne);
  return isAsked ? (tried.get(keyOf(finding)) ?? null) : null;
}

const noFindings: readonly ToldFinding[] = [];

/** What mends each of a few findings best: null where nothing does; what is not there is still to be tried. */
export function useBestFixes(
  view: KitView,
  findings: readonly ToldFinding[],
): ReadonlyMap<string, Fix | null> {
  const tried = useTried(view, findings, 1);
  const best = new Map<string, Fix | null>();
  for (const [key, { fixes, isDone }] of tried) {
    if (fixes[0] || isDone) best.set(key, fixes[0] ?? null);
  }
  return best;
}

type Tried = ReadonlyMap<string, FixesTried>;

const noneYet: Tried = new Map();

function useTried(view: KitView, findings: readonly ToldFinding[], most: number): Tried {
  const { judged: kit, cover } = view;
  const [found, setFound] = useState<{ readonly of: unknown; readonly tried: Tried } | null>(null);
  const { scheme } = cover;
  const keys = findings.map(keyOf).join();
  useEffect(() => {
    if (findings.length === 0) return undefined;
    let stop = () => undefined as void;
    let isStale = false;
    lateCalls.fetch().then(
      ({ callFixes }) => {
        if (isStale) return;
        const tried = new Map<string, FixesTried>();
        const { bench, own, day, holding } = kit;
        const call = callFixes(
          bench,
          own.id,
          day,
          { findings, most, scheme, holding },
          ({ at, fix }) => {
            if (isStale) return;
            const key = keyOf(findings[at]!);
            const { fixes } = tried.get(key) ?? { fixes: [] };
            tried.set(key, {
              fixes: fix === null ? fixes : [...fixes, fix],
              isDone: fix === null,
            });
            setFound({ of: kit, tried: new Map(tried) });
          },
        );
        stop = call.cancel;
        call.result.catch(() => undefined);
      },
      () => undefined,
    );
    return () => {
      isStale = true;
      stop();
    };
    // The findings are those of the kit: they are others when it is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [kit, scheme, keys, most]);
  return found !== null && found.of === kit ? found.tried : noneYet;
}
