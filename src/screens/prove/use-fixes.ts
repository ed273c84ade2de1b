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

/** What tells a finding from all others of a kit. */
export function keyOf({ rule, of }: Pick<ToldFinding, 'rule' | 'of'>): string {
  return `${rule} ${of}`;
}

const noneYet: ReadonlyMap<string, Fix | null> = new Map();

/**
 * What mends each of a few findings best, tried one finding after the other in between what the page has to do: null where nothing
 * does; what is not there is still to be tried.
 */
export function useBestFixes(
  { judged: kit, cover }: KitView,
  findings: readonly ToldFinding[],
): ReadonlyMap<string, Fix | null> {
  const [found, setFound] = useState<{
    readonly of: unknown;
    readonly best: ReadonlyMap<string, Fix | null>;
  } | null>(null);
  const { scheme } = cover;
  const keys = findings.map(keyOf).join();
  useEffect(() => {
    let leave = () => undefined as void;
    let isStale = false;
    lateMending.fetch().then(
      ({ fixesOf }) => {
        if (isStale) return;
        const best = new Map<string, Fix | null>();
        leave = stepped(
          bestOf(findings, (each) => fixesOf(kit, each, { newId, scheme })),
          {
            onStep: (step) => {
              if (step === null) return;
              best.set(step.key, step.fix);
              setFound({ of: kit, best: new Map(best) });
            },
            onDone: () => undefined,
          },
        );
      },
      () => undefined,
    );
    return () => {
      isStale = true;
      leave();
    };
    // The findings are those of the kit: they are others when it is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [kit, scheme, keys]);
  return found !== null && found.of === kit ? found.best : noneYet;
}

interface Best {
  readonly key: string;
  readonly fix: Fix | null;
}

function* bestOf(
  findings: readonly ToldFinding[],
  fixesOf: (finding: ToldFinding) => Generator<Fix | null, void>,
): Generator<Best | null, void> {
  for (const finding of findings) {
    let best: Fix | null = null;
    for (const fix of fixesOf(finding)) {
      best = fix;
      if (fix !== null) break;
      yield null;
    }
    yield { key: keyOf(finding), fix: best };
  }
}
