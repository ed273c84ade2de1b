'use client';

import { useEffect } from 'react';
import type { KitView } from '@/ui/kit/kit-view';
import { wantKit } from '@/ui/kit/stowings';

/** How long after a change its rooms are laid out anew, in ms: the change itself shows first. */
const layOutAfterMs = 150;

/** Has every room of the kit laid out beside the page; from then on all screens say what was found. */
export function useLayingOut({ loadout, bench }: KitView): void {
  const { shelf } = bench;
  useEffect(() => {
    const timer = setTimeout(() => wantKit(loadout, shelf), layOutAfterMs);
    return () => clearTimeout(timer);
  }, [loadout, shelf]);
}
