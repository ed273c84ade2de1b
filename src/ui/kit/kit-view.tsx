'use client';

import { usePathname } from 'next/navigation';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import type { UnitSystem } from '@/core/quantity';
import type { CavityLoad, LaidOut } from '@/core/fit';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { asIfLost, stillThere } from '@/core/kit/as-if';
import {
  kitsByName,
  type Bench,
  type Loadout,
  type LoadoutTotals,
  type Tree,
} from '@/core/loadout';
import { laidOrder, schemeOf, type Cover } from '@/core/scheme';
import { allLost } from '@/core/ways';
import { type Loss } from '@/core/loadout';
import { useBench } from '@/store/bench';
import { usePreferences } from '@/store/preferences';
import { useToday } from '@/store/today';
import { useLaidOut } from './answers';
import { lateJudge } from './judge';
import { eachOf, judgedBy, useJudged, type Judged, type ToJudge } from './judged';
import { isShownAsIf, useWhatIf } from './what-if';

/** The kit on the table, with everything that is worked out from it. */
export interface KitView extends Judged {
  readonly kit: WorkedOutKit;
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
  /** Placements that a finding stops or warns about. */
  readonly amiss: ReadonlySet<string>;
  /** What it is shown without, and under; empty where it is shown whole. What is kept is whole in any case. */
  readonly lost: readonly Loss[];
}

const Context = createContext<KitView | null>(null);

/** Works a kit out once for all that is on screen. There is none while the bench holds no kit. */
export function KitViewProvider({ children }: { readonly children: ReactNode }) {
  const bench = useBench();
  const { kit, scheme, units } = usePreferences();
  const own = (kit !== null && bench.loadouts.get(kit)) || firstKit(bench);
  const laidOut = useLaidOut();
  const judge = lateJudge.use();
  const path = usePathname();
  const day = useToday();
  const whatIf = useWhatIf();
  const isAsIf = own?.id === whatIf.kit && isShownAsIf(path);
  const supposed = isAsIf ? whatIf.losses : noLosses;
  const seen = useMemo(
    () => (own ? seenOf(bench, own, scheme, units, laidOut, supposed, day) : null),
    [bench, own, scheme, units, laidOut, supposed, day],
  );
  const toJudge = useMemo(() => seen && toJudgeOf(seen), [seen]);
  const judged = useJudged(judge, toJudge);
  const view = useMemo(() => seen && judged && withFindings(seen, judged), [seen, judged]);
  return <Context value={view}>{children}</Context>;
}

/** A kit as it is seen before anything is judged. */
type Seen = Omit<KitView, keyof Judged | 'amiss'>;

function toJudgeOf({ kit, cover, units }: Seen): ToJudge {
  return { kit, scheme: cover.scheme, units };
}

/** What is done to a piece before it goes along, what is known, and what may stay at home, marks no piece. */
const unmarked: readonly string[] = [
  'trust/untried',
  'cut/sheath',
  'harm/closed-flame',
  'need/short',
];

function withFindings(seen: Seen, judged: Judged): KitView {
  const costly = eachOf(judged.findings).filter(
    ({ severity, rule }) => severity !== 'note' && !unmarked.includes(rule),
  );
  return { ...seen, ...judged, amiss: new Set(costly.flatMap(({ about }) => about)) };
}

function seenOf(
  bench: Bench,
  own: Loadout,
  scheme: string,
  units: UnitSystem,
  laidOut: LaidOut,
  supposed: readonly Loss[],
  day: string,
): Seen {
  const { kit, lost } = workedOutAsIf(bench, own, laidOut, supposed, day);
  return {
    kit,
    bench,
    loadout: kit.whole,
    own,
    units,
    tree: kit.tree,
    totals: kit.totals,
    cover: kit.cover(laidOrder(schemeOf(bench, scheme), own.brief)),
    loads: kit.loads,
    lost,
  };
}

const noLosses: readonly Loss[] = [];

/** A kit without what is supposed to be lost of it, as far as that is in it. */
function workedOutAsIf(
  bench: Bench,
  own: Loadout,
  laidOut: LaidOut,
  supposed: readonly Loss[],
  day: string,
): { readonly kit: WorkedOutKit; readonly lost: readonly Loss[] } {
  const whole = workedOut(bench, own, day, laidOut);
  const lost = supposed.length === 0 ? noLosses : stillThere(whole.whole, supposed);
  if (lost.length === 0) return { kit: whole, lost };
  const all = allLost(lost);
  const left = asIfLost(bench, own, all);
  return { kit: workedOut(bench, left, day, laidOut, all.conditions), lost };
}

/**
 * A kit as it would be on another bench, worked out as the one on the table is, by what was laid out for it; null where it is
 * not on that.
 */
export function useViewOn(bench: Bench, kit: string, laidOut: LaidOut): KitView | null {
  const { scheme, units } = usePreferences();
  const judge = lateJudge.use();
  const day = useToday();
  return useMemo(() => {
    const own = bench.loadouts.get(kit);
    if (!own) return null;
    const seen = seenOf(bench, own, scheme, units, laidOut, noLosses, day);
    return withFindings(seen, judgedBy(judge, toJudgeOf(seen)));
  }, [bench, kit, scheme, units, laidOut, judge, day]);
}

/** The kit on the table, or null where there is none yet. */
export function useKitView(): KitView | null {
  return useContext(Context);
}

function firstKit(bench: Bench): Loadout | undefined {
  return kitsByName(bench)[0];
}
