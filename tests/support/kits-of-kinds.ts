import { emptyBrief, climateFor, somebody, type Brief } from '@/core/brief';
import { gearOfKind, kindOf } from '@/core/catalogue';
import { newPlacement, type Bench, type Loadout, type Place, type Placement } from '@/core/loadout';
import type { Gear } from '@/core/gear';
import { benchOf, kit } from './benches';

/** A bench with one kit `k`, and what else is on its shelf. */
export interface KindKit {
  /** Pieces as `2 lighter`, `lighter @ pack.main`, `filter @ vehicle`; on the body where nothing is said. */
  readonly holds: string;
  readonly brief?: Partial<Brief> | null;
  /** Pieces of the shelf that are in no kit. */
  readonly shelf?: string;
  /** Changes of gear, by its kind. */
  readonly gear?: Readonly<Record<string, Partial<Gear>>>;
  readonly kit?: Partial<Loadout>;
  readonly bench?: (bench: Bench) => Bench;
}

const line = /^(?:(\d+) )?([a-z0-9-]+)(?: @ ([a-z0-9-]+)(?:\.([a-z0-9-]+))?)?$/;

/** The bench that is told by kinds: gear and placements have their kind for an id. */
export function benchOfKinds({
  holds,
  brief = null,
  shelf = '',
  gear = {},
  ...more
}: KindKit): Bench {
  const pieces = new Map<string, Gear>();
  const add = (id: string, count: number): Gear => {
    const made = { ...gearOfKind(kindOf(id)!, id), count, ...gear[id] };
    pieces.set(id, made);
    return made;
  };
  const placements = linesOf(holds).map(([count, id, at, cavity]): Placement => {
    add(id, count);
    const isGround = at === 'body' || at === 'vehicle' || at === 'house' || at === 'mat';
    const holder = isGround ? undefined : pieces.get(at);
    const place: Place = isGround
      ? { on: at }
      : { in: at, cavity: cavity ?? holder!.cavities[0]!.id };
    return newPlacement(id, id, place, count);
  });
  for (const [count, id] of linesOf(shelf)) add(id, count);
  const own: Loadout = {
    ...kit('k', placements),
    brief: brief === null ? null : briefWith(brief),
    ...more.kit,
  };
  const bench = benchOf([...pieces.values()], [own]);
  return more.bench?.(bench) ?? bench;
}

function linesOf(text: string) {
  return text
    .split(',')
    .map((each) => each.trim())
    .filter((each) => each !== '')
    .map((each) => {
      const found = line.exec(each);
      if (!found || !kindOf(found[2]!)) throw new Error(`no line of a kit of kinds: ${each}`);
      return [Number(found[1] ?? 1), found[2]!, found[3] ?? 'body', found[4]] as const;
    });
}

/** Two people, four nights in wet autumn woods, all that is asked said; changed as told. */
export function briefWith(change: Partial<Brief> = {}): Brief {
  const place = {
    place: { name: 'Somewhere', latitude: 60, longitude: 20 },
    altitudeM: 100,
    setting: 'inland',
    country: 'temperate-woodland',
  } as const;
  return {
    ...emptyBrief,
    ...place,
    people: [
      { ...somebody, name: 'One' },
      { ...somebody, name: 'Two' },
    ],
    when: { on: 'days', from: '2027-09-20', to: '2027-09-24' },
    heard: climateFor({ ...place.place, ...place }, '2027-09-01'),
    weather: { lowC: 5, highC: 14, humidityPct: 80, rainDays: 15, windKmh: 10 },
    dryHours: 2,
    waterIsCloudy: false,
    noteLeftWith: 'Aunt',
    ...change,
  };
}
