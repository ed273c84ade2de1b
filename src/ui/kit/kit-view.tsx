'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { UnitSystem } from '@/core/quantity';
import { loadsOf, type CavityLoad } from '@/core/fit';
import { findingsOf, type Finding } from '@/core/judge';
import {
  totalsOf,
  treeOf,
  withModules,
  type Bench,
  type Loadout,
  type LoadoutTotals,
  type Tree,
} from '@/core/loadout';
import { coverOf, schemeOf, type Cover } from '@/core/scheme';
import { useBench } from '@/store/bench';
import { usePreferences } from '@/store/preferences';

/** The kit on the table, with everything that is worked out from it. */
export interface KitView {
  readonly bench: Bench;
  /** With the kits that go along in it laid into it. */
  readonly loadout: Loadout;
  /** The kit as it is kept: what can be changed. */
  readonly own: Loadout;
  readonly units: UnitSystem;
  readonly tree: Tree;
  readonly totals: LoadoutTotals;
  readonly cover: Cover;
  readonly loads: readonly CavityLoad[];
  readonly findings: readonly Finding[];
  /** Placements that a finding stops or warns about. */
  readonly amiss: ReadonlySet<string>;
}

const Context = createContext<KitView | null>(null);

/** Works a kit out once for all that is on screen. There is none while the bench holds no kit. */
export function KitViewProvider({ children }: { readonly children: ReactNode }) {
  const bench = useBench();
  const { kit, scheme, units } = usePreferences();
  const own = (kit !== null && bench.loadouts.get(kit)) || firstKit(bench);
  const view = useMemo((): KitView | null => {
    if (!own) return null;
    const loadout = withModules(bench, own);
    const findings = findingsOf({ bench, loadout, today: localDay(new Date()), units });
    const costly = findings.filter(({ severity }) => severity !== 'note');
    return {
      bench,
      loadout,
      own,
      units,
      tree: treeOf(loadout),
      totals: totalsOf(loadout, bench.shelf),
      cover: coverOf(loadout, bench.shelf, schemeOf(bench, scheme)),
      loads: loadsOf(loadout, bench.shelf),
      findings,
      amiss: new Set(costly.flatMap(({ placements }) => placements)),
    };
  }, [bench, own, scheme, units]);
  return <Context value={view}>{children}</Context>;
}

/** The kit on the table, or null where there is none yet. */
export function useKitView(): KitView | null {
  return useContext(Context);
}

/** A day as the person's own calendar has it, YYYY-MM-DD. */
export function localDay(moment: Date): string {
  const month = String(moment.getMonth() + 1).padStart(2, '0');
  const day = String(moment.getDate()).padStart(2, '0');
  return `${moment.getFullYear()}-${month}-${day}`;
}

function firstKit(bench: Bench): Loadout | undefined {
  return [...bench.loadouts.values()].sort((one, other) => one.name.localeCompare(other.name))[0];
}
