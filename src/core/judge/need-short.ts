import { loadBand } from '../models';
import {
  hurtsAfterH,
  needNames,
  shareLacking,
  turnsBack,
  worthSaying,
  type Need,
  type NeedId,
} from '../needs';
import { printNumber, printVolume, type UnitSystem } from '../quantity';
import type { Background } from './background';
import type { Rule, Severity } from './finding';

/** Needs for whose lack one turns back where it hurts in time. Of the others one would change it before setting out. */
const turnsBackFor: readonly NeedId[] = [
  'drink',
  'treat',
  'food',
  'warmth',
  'sleep',
  'roof',
  'light',
  'fuel',
];

/** Good to know, and no more. */
const notedOnly: readonly NeedId[] = ['hygiene', 'evening'];

/** Told by findings of their own: each complaint with its uses, and what somebody cannot be without. */
const toldElsewhere: readonly NeedId[] = ['first aid', 'own musts'];

/** What somebody who is home by night finds on the way. */
const foundInTown: readonly NeedId[] = ['drink', 'carry', 'treat', 'food', 'hygiene', 'power'];

/** What nobody asks of a box at home: they are found where they live. */
const atHome: readonly NeedId[] = ['found', 'evening', 'guard'];

/** A need that is short, and by what. */
export interface NeedShort {
  readonly need: NeedId;
  readonly says: string;
  readonly share: number;
  /** How soon its lack hurts there, in h; null where nothing says so. */
  readonly afterH: number | null;
  readonly supply: number | null;
  readonly demand: number | null;
  readonly unit: string;
}

/** How much of a need there is, in a few words. */
export function shortInWords({ need, supply, demand, unit }: NeedShort, units: UnitSystem): string {
  const name = needNames[need];
  if (supply === null || demand === null || need === 'load') return name;
  if (need === 'sleep') return `${name}: ${celsiusMore(supply - demand, units)} short`;
  if (unit === 'L') {
    const [there, asked] = [supply, demand].map((litres) => printVolume(litres * 1000, units));
    return `${name}: ${there} of ${asked}`;
  }
  const decimals = demand < 10 && unit !== 'people' ? 1 : 0;
  return `${name}: ${printNumber(supply, decimals)} of ${printNumber(demand, decimals)} ${unit}`;
}

/** By how many degrees a bed is too thin. */
function celsiusMore(differenceC: number, units: UnitSystem): string {
  return units === 'us'
    ? `${printNumber(differenceC * 1.8, 0)} °F`
    : `${printNumber(differenceC, 0)} °C`;
}

/** A need that is short by more than a tenth. */
export const needShort: Rule<NeedShort> = {
  id: 'need/short',
  severities: ['stop', 'warn', 'note'],
  speaksWhen:
    'a need is short by more than a tenth: a stop where its lack hurts before the trip, and the search after it, ends',
  mendedBy: 'add to the kit, or make the trip shorter or easier',
  asks: 'a brief',
  because: 'It is what the trip asks for, and it is not there.',
  find: (_kit, background) =>
    background.needs.flatMap((need) => {
      const share = shareLacking(need);
      if (share <= worthSaying || toldElsewhere.includes(need.need)) return [];
      if (background.context === 'town' && foundInTown.includes(need.need)) return [];
      if (background.context === 'home' && atHome.includes(need.need)) return [];
      if (isPetty(need, background)) return [];
      const afterH = hurtsAfterH(need, background.soon);
      return [
        {
          severity: severityOf(need, afterH, background),
          about: need.placements,
          of: need.need,
          figures: {
            need: need.need,
            says: need.says,
            share,
            supply: need.supply,
            demand: need.demand,
            unit: need.unit,
            afterH: Number.isFinite(afterH) ? afterH : null,
          },
        },
      ];
    }),
  says: ({ need, says }) => `${needNames[need]}: ${says}`,
};

/** In nights as warm as this a thin bed is no matter, in °C (own). */
const warmNightC = 18;

/** What is true, and nobody would thank for: a thin bed in a hot night, no soap on a night or two. */
function isPetty({ need, standing, demand }: Need, { nights }: Background): boolean {
  if (need === 'sleep') return (demand ?? 0) >= warmNightC;
  return need === 'hygiene' && (standing !== 'none' || (nights ?? 0) < 2);
}

function severityOf(asked: Need, afterH: number, background: Background): Severity {
  const { needsKit, awayH, tripH } = background;
  const { need } = asked;
  if (notedOnly.includes(need)) return 'note';
  if (need === 'load') {
    const isAllowed = loadBand(asked.demand!) === 'stop';
    return !isAllowed && loadBand(asked.supply!) === 'stop' ? 'stop' : 'warn';
  }
  if (!turnsBackFor.includes(need) || !turnsBack(asked, afterH, needsKit!)) return 'warn';
  return afterH <= (need === 'food' ? tripH : awayH) ? 'stop' : 'warn';
}
