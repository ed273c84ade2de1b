import { conditionsOf, type Brief, type Conditions } from '../brief';
import { dayAfter } from '../quantity';
import type { Need, NeedId } from '../needs';
import type { UnitSystem } from '../quantity';
import { needsKitUnder, needsUnder } from './under-brief';
import type { WorkedOutKit } from './worked-out';

/** How a need stands if one figure of the brief were otherwise. */
export interface HangsOn {
  /** What is otherwise, as `5 °C colder`. */
  readonly if: string;
  readonly after: Need;
  /** How much worse: by the share of what is asked that is lacking, or of the days. */
  readonly share: number;
}

/** A figure of a brief a step to the worse; null where the brief does not say it. */
type Step = readonly [inWords: string, worse: (brief: Brief, told: Conditions) => Brief | null];

const steps: readonly Step[] = [
  [
    '5 °C colder',
    (brief, { lowC }) => lowC && withWeather(brief, { lowC: Math.max(-80, lowC.value - 5) }),
  ],
  [
    '5 °C hotter',
    (brief, { highC }) => highC && withWeather(brief, { highC: Math.min(58, highC.value + 5) }),
  ],
  ['one night more', oneNightMore],
  [
    'two hours more on the move',
    (brief) => ({ ...brief, workHours: Math.min(16, brief.workHours + 2) }),
  ],
  [
    'four hours more between waters',
    (brief, { dryHours }) => dryHours && { ...brief, dryHours: Math.min(720, dryHours.value + 4) },
  ],
  [
    'cloudy water',
    (brief, { waterIsCloudy }) =>
      waterIsCloudy?.value === true ? null : { ...brief, waterIsCloudy: true },
  ],
  [
    'wind 20 km/h stronger',
    (brief, { windKmh }) => windKmh && withWeather(brief, { windKmh: windKmh.value + 20 }),
  ],
  [
    'rain on most days',
    (brief, { rainDays }) =>
      (rainDays?.value ?? 0) >= 20 ? null : withWeather(brief, { rainDays: 20 }),
  ],
  ['no open fire', (brief) => (brief.isFireAllowed ? { ...brief, isFireAllowed: false } : null)],
  [
    'a day later until a search',
    (brief) =>
      brief.searchHours === null
        ? null
        : { ...brief, searchHours: Math.min(2000, brief.searchHours + 24) },
  ],
];

/**
 * The figures of the brief that each need hangs on most: each is made a step worse by itself, and what that does is told, the
 * worst first. A figure that does nothing to a need is not told for it.
 */
export function hangsOn(
  kit: WorkedOutKit,
  brief: Brief,
  units: UnitSystem,
  most = 3,
): ReadonlyMap<NeedId, readonly HangsOn[]> {
  const under = (other: Brief) => needsUnder(needsKitUnder(kit.whole, kit, other, units)).needs;
  const before = new Map(under(brief).map((need) => [need.need, need]));
  const told = conditionsOf(brief, kit.day);
  const found = new Map<NeedId, HangsOn[]>();
  for (const [inWords, worse] of steps) {
    const other = worse(brief, told);
    if (!other) continue;
    for (const after of under(other)) {
      const share = worseBy(before.get(after.need)!, after);
      if (share < 0.005) continue;
      found.set(after.need, [...(found.get(after.need) ?? []), { if: inWords, after, share }]);
    }
  }
  return new Map(
    [...found].map(([need, all]) => [
      need,
      all.sort((one, other) => other.share - one.share).slice(0, most),
    ]),
  );
}

/** By what share a need is worse off: of its days, or of what it asks; 0 where it is no worse. */
function worseBy(before: Need, after: Need): number {
  if (before.days !== null && after.days !== null && before.days !== after.days) {
    if (before.days === Infinity) return 1;
    const less = 1 - after.days / before.days;
    if (less > 0) return less;
  }
  const [was, is] = [lackShare(before), lackShare(after)];
  return was === null || is === null ? 0 : Math.max(0, is - was);
}

/** What is asked against what is given, in shares; temperatures in degrees to a tenth. */
function lackShare({ demand, supply, unit }: Need): number | null {
  if (demand === null || supply === null || supply === Infinity) return null;
  return unit === '°C'
    ? (supply - demand) / 10
    : (demand - supply) / Math.max(Math.abs(supply), Math.abs(demand), 1e-9);
}

function withWeather(brief: Brief, weather: Partial<Brief['weather']>): Brief {
  const next = { ...brief.weather, ...weather };
  const { lowC, highC } = next;
  return {
    ...brief,
    weather: lowC !== null && highC !== null && lowC > highC ? { ...next, lowC: highC } : next,
  };
}

function oneNightMore(brief: Brief): Brief | null {
  const { when } = brief;
  if (when === null) return null;
  return {
    ...brief,
    when:
      when.on === 'days'
        ? { ...when, to: dayAfter(when.to, 1) }
        : { ...when, nights: when.nights + 1 },
  };
}
