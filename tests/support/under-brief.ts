import { emptyBrief, noWeather, somebody, type Brief } from '@/core/brief';
import { gearOfKind, kindOf } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import { workedOut, type WorkedOutKit } from '@/core/kit';
import { underBrief, type UnderBrief } from '@/core/kit/under-brief';
import { newPlacement, type Ground } from '@/core/loadout';
import type { Need, NeedId } from '@/core/needs';
import { benchOf, kit } from './benches';

/** Two grown people for four nights of calm autumn by a lake at 61° N, every figure typed. */
export const autumn: Brief = {
  ...emptyBrief,
  people: [somebody, somebody],
  work: 'moderate',
  workHours: 6,
  place: { name: 'Lake', latitude: 61, longitude: 27.5 },
  altitudeM: 0,
  setting: 'inland',
  country: 'boreal-lakes',
  when: { on: 'days', from: '2027-09-22', to: '2027-09-26' },
  weather: { ...noWeather, lowC: 2, highC: 10, humidityPct: 80, rainDays: 5, windKmh: 0 },
  dryHours: 8,
  waterIsCloudy: false,
  waterThreats: ['protozoa', 'bacteria'],
};

export const today = '2027-09-01';

/** A piece of a kind, so many of it, on the body unless it says where. */
export interface Line {
  readonly kind: string;
  readonly count?: number;
  readonly on?: Ground;
  /** The line, from 0, in whose first room it lies. */
  readonly within?: number;
  readonly differs?: Partial<Gear>;
}

/** A kit of typical pieces of the catalogue under a brief. */
export function judged(
  lines: readonly (string | Line)[],
  differs: Partial<Brief> = {},
  units: 'metric' | 'us' = 'metric',
): UnderBrief {
  const kit = packed(lines, differs);
  return underBrief(kit, kit.own.brief!, units);
}

/** A kit of typical pieces of the catalogue with its brief, worked out; its placements are p0, p1, … */
export function packed(
  lines: readonly (string | Line)[],
  differs: Partial<Brief> = {},
): WorkedOutKit {
  const brief = { ...autumn, ...differs };
  const pieces = lines.map((line) => (typeof line === 'string' ? { kind: line } : line));
  const shelf = pieces.map(({ kind: id, count = 1, differs: figures }, at) => ({
    ...gearOfKind(kindOf(id)!, `${id}-${at}`, kindOf(id)!.name),
    count,
    ...figures,
  }));
  const placements = pieces.map(({ count = 1, on = 'body', within }, at) => {
    const place =
      within === undefined ? { on } : { in: `p${within}`, cavity: shelf[within]!.cavities[0]!.id };
    return newPlacement(`p${at}`, shelf[at]!.id, place, count);
  });
  const own = { ...kit('kit', placements), brief };
  return workedOut(benchOf(shelf, [own]), own, today);
}

export function needOf({ needs }: UnderBrief, id: NeedId): Need {
  return needs.find(({ need }) => need === id)!;
}
