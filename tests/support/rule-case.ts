import { kindOf } from '@/core/catalogue';
import { isForCells, type Gear } from '@/core/gear';
import type { KindKit } from './kits-of-kinds';

/** A kit of which a rule speaks, and one like it of which it does not. */
export interface RuleCase {
  readonly speaks: KindKit;
  readonly silent: KindKit;
  /** Fixes are expected where nothing is said; some rules only caution, or lead somewhere else. */
  readonly hasNoFix?: true;
}

export const off = { on: 'days', from: '2027-06-20', to: '2027-06-24' } as const;
/** A day in the dark months, and a week away. */
export const inNovember = { on: 'days', from: '2027-11-09', to: '2027-11-09' } as const;
export const weekLong = { on: 'days', from: '2027-09-17', to: '2027-09-24' } as const;
/** A lamp of which nobody knows the cells. */
export const unknownCells: Partial<Gear> = {
  supplies: kindOf('headlamp')!.supplies.map((supply) => ({
    ...supply,
    demands: supply.demands.map((demand) =>
      isForCells(demand) ? { ...demand, sorts: null } : demand,
    ),
  })),
};
export const lone = { brief: {} } as const;
export const cold = {
  weather: { lowC: -10, highC: -2, humidityPct: 60, rainDays: 4, windKmh: 10 },
} as const;
export const dry = {
  weather: { lowC: 12, highC: 30, humidityPct: 20, rainDays: 0, windKmh: 10 },
} as const;
export const ok = (what: string, kind: 'ready' | 'trial' = 'ready') => ({
  checks: [{ what, kind, on: '2027-08-01', passed: true }],
});
export const full =
  'lighter, ferro-rod, match-case, tinder-tabs, steel-bottle, belt-knife, tarp, cord, first-aid-pouch';
