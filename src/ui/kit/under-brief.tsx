'use client';

import {
  createContext,
  startTransition,
  useContext,
  useEffect,
  useState,
  type ReactNode,
} from 'react';
import type { WorkedOutKit } from '@/core/kit';
import type { UnderBrief } from '@/core/kit/under-brief';
import { late } from '../late/late';
import { useKitView } from './kit-view';
import { stepped } from './stepped';
import { afterPaintMs } from './use-after-paint';

type Needs = typeof import('@/core/kit/under-own-brief');

/** What works the needs out: the first screen does not wait for it. */
export const lateNeeds = late<Needs>(() => import('@/core/kit/under-own-brief'));

interface Known {
  readonly of: WorkedOutKit;
  readonly under: UnderBrief | null;
}

const Context = createContext<UnderBrief | null>(null);

/** Works the needs of the kit on the table out once for all that is on screen, a little at a time. */
export function UnderBriefProvider({ children }: { readonly children: ReactNode }) {
  const view = useKitView();
  const needs = lateNeeds.use();
  const [known, setKnown] = useState<Known | null>(null);
  const kit = view?.kit ?? null;
  const units = view?.units ?? 'metric';
  useEffect(() => {
    if (needs === null || kit === null) return undefined;
    // What an edit changes is painted first.
    return stepped(needs.workingUnderOwnBrief(kit, units), {
      waitMs: afterPaintMs,
      onDone: (under) => startTransition(() => setKnown({ of: kit, under })),
    });
  }, [needs, kit, units]);
  const isOfKit = known !== null && known.of.own.id === kit?.own.id;
  return <Context value={isOfKit ? known.under : null}>{children}</Context>;
}

/**
 * The kit on the table under its own brief: a moment after an edit still as it was before. Null while it has no brief, or
 * while that is being worked out.
 */
export function useUnderBrief(): UnderBrief | null {
  return useContext(Context);
}

/** What works out the mass by days; null until it is there, with the needs. */
export function useMassByDays(): Needs['massByDays'] | null {
  return lateNeeds.use()?.massByDays ?? null;
}
