import { countryOf, makeDoThere, schoolOf, type Brief, type Conditions } from '../brief';
import type { MakeDo } from '../catalogue/make-do';
import { igniteJobs, type JobId } from '../gear';
import { printNumber } from '../quantity';

/** How soon the lack of something tells there, in h, and why. */
export interface Danger {
  readonly jobs: readonly JobId[];
  readonly hours: number;
  readonly because: string;
}

/** How soon what cannot be made there tells, against what is easily made: by its hardness from 0 to 3 (own). */
const byHardness = [4, 2, 1, 0.7] as const;

const coverJobs: readonly JobId[] = [
  'roof',
  'shell',
  'insulate',
  'sleep',
  'ground',
  'reflect',
  'warm-pack',
];
const waterJobs: readonly JobId[] = [
  'water',
  'carry-water',
  'boil',
  'treat-water',
  'strain',
  'electrolyte',
];
const signalJobs: readonly JobId[] = ['signal-sound', 'signal-day', 'signal-night', 'call', 'mark'];

/**
 * What tells how soon, in this place and season: planning values of this project, in hours of somebody caught there without
 * it. They order, and say nothing of how long anybody lives.
 */
export function dangersOf(brief: Brief, conditions: Conditions): readonly Danger[] {
  return [
    {
      jobs: ['bleed-control', 'first-aid', 'breathe'],
      hours: 1,
      because: 'a bleeding does not wait',
    },
    ...coldDangers(conditions, brief),
    ...waterDangers(conditions),
    ...darkDangers(conditions),
    ...wayDangers(brief),
    ...groundDangers(brief, conditions),
    { jobs: ['cut', 'saw', 'chop'], hours: 20, because: 'what is made there is made with a blade' },
    { jobs: ['cord', 'line', 'fasten'], hours: 24, because: 'a roof hangs on it' },
    { jobs: ['stake', 'raise'], hours: 30, because: 'a roof stands on it' },
    { jobs: ['tape', 'glue', 'cloth'], hours: 60, because: 'it mends what breaks on the way' },
    { jobs: ['sew', 'thread'], hours: 90, because: 'a torn seam lets the weather in, later' },
    { jobs: ['eat'], hours: 120, because: 'it is eaten from a lid too' },
    foodDanger(conditions),
  ];
}

function coldDangers({ lowC, isWet }: Conditions, brief: Brief): readonly Danger[] {
  const cold = lowC?.value ?? null;
  const wet = isWet === true;
  const hours =
    cold === null
      ? 12
      : cold < -10
        ? 1.5
        : cold < 5 || (wet && cold < 12)
          ? 3
          : cold < 12
            ? 8
            : wet
              ? 14
              : 30;
  const because =
    cold === null
      ? 'nobody said how cold it gets'
      : `a night of ${printNumber(cold, 0).replace(/^-0$/, '0')} °C${wet ? ', and wet' : ''}`;
  const fireHours = brief.isFireAllowed ? hours * 1.5 : 72;
  return [
    { jobs: coverJobs, hours, because },
    {
      jobs: [...igniteJobs, 'tinder', 'strike', 'char'],
      hours: fireHours,
      because: brief.isFireAllowed ? because : 'no open fire is allowed',
    },
    { jobs: ['stove', 'fuel'], hours: 40, because: 'the fire can do it where wood grows' },
  ];
}

function waterDangers({ dryHours, wbgtC, waterThreats }: Conditions): readonly Danger[] {
  const heat = wbgtC?.value ?? 18;
  const dry = dryHours?.value ?? 4;
  const hours = Math.max(2, (heat >= 28 ? 10 : heat >= 22 ? 24 : 48) * (dry >= 12 ? 0.5 : 1));
  const why = [
    heat >= 22 ? `heat of WBGT ${printNumber(heat, 0)} °C` : '',
    dry >= 6 ? `${printNumber(dry, 0)} h from water to water` : '',
  ].filter((part) => part !== '');
  const because = why.length === 0 ? 'days without water' : why.join(', ');
  const ill = (waterThreats?.value.length ?? 0) > 0;
  return [
    { jobs: ['water', 'carry-water'], hours, because },
    {
      jobs: waterJobs.filter((job) => job !== 'water' && job !== 'carry-water'),
      hours: hours * 1.5,
      because: ill ? 'the water there makes ill' : because,
    },
  ];
}

function darkDangers({ dark }: Conditions): readonly Danger[] {
  const h = dark?.longestH ?? null;
  const because =
    h === null
      ? 'nobody said how long the night is'
      : h < 0.5
        ? 'it does not get dark'
        : `${printNumber(h, 0)} h of dark`;
  const hours = h === null ? 24 : h < 0.5 ? 400 : h < 6 ? 60 : h < 13 ? 24 : 8;
  return [{ jobs: ['light', 'candle'], hours, because }];
}

function wayDangers(brief: Brief): readonly Danger[] {
  const { country, searchHours } = brief;
  const view = countryOf(brief)?.view ?? 'broken';
  const home = country === 'town' || country === 'road';
  return [
    {
      jobs: ['bearing', 'map', 'position', 'pace'],
      hours: home ? 200 : { closed: 12, broken: 20, open: 30 }[view],
      because: home
        ? 'the way is known'
        : {
            closed: 'nothing far off shows the way',
            broken: 'the way is not always seen',
            open: 'the way is seen from afar',
          }[view],
    },
    {
      jobs: signalJobs,
      hours: home ? 30 : (searchHours ?? 24) >= 24 ? 16 : 26,
      because:
        searchHours === null
          ? 'nobody said when a search starts'
          : `a search starts after ${printNumber(searchHours, 0)} h`,
    },
  ];
}

function groundDangers(brief: Brief, { lowC, highC }: Conditions): readonly Danger[] {
  const there = countryOf(brief);
  const isWarm = (lowC?.value ?? 5) > 3;
  const bites = there !== null && isWarm && (there.groundBites || there.insects === 'many');
  const glare = there?.glare === true || ((highC?.value ?? 0) >= 30 && there?.view !== 'closed');
  return [
    {
      jobs: ['insect-guard', 'animal-guard', 'tweeze'],
      hours: bites ? 9 : 100,
      because: bites ? 'what lives there bites' : 'little bites there then',
    },
    {
      jobs: ['sun-guard', 'eyes'],
      hours: glare ? 8 : 100,
      because: glare ? 'the sun burns there' : 'the sun is low or shade is near',
    },
  ];
}

function foodDanger({ period }: Conditions): Danger {
  const nights = period?.nights ?? 1;
  return {
    jobs: ['food', 'catch'],
    hours: nights >= 5 ? 80 : nights >= 2 ? 160 : 500,
    because: `${nights} ${nights === 1 ? 'night' : 'nights'} without food weaken, and kill nobody by themselves`,
  };
}

/** How soon the lack of a job tells; Infinity where no danger is known to ask for it. */
export interface Urgency {
  readonly job: JobId;
  readonly hours: number;
  readonly danger: Danger | null;
  /** How hard it is to make do, from 0 to 3; null where the country is not said. */
  readonly hardness: MakeDo['hardness'] | null;
}

/** How soon a job tells there, with how hard it is to make do. */
export function urgencyOf(job: JobId, dangers: readonly Danger[], brief: Brief): Urgency {
  const danger = dangers.find(({ jobs }) => jobs.includes(job)) ?? null;
  const hardness = makeDoThere(brief, job)?.hardness ?? null;
  const hours =
    danger === null ? Infinity : danger.hours * (hardness === null ? 1 : byHardness[hardness]);
  return { job, hours, danger, hardness };
}

/** How soon the lack of any of these jobs tells for a kit, in h; what its school puts first comes before all hours. */
export function soonnessFor(
  brief: Brief,
  conditions: Conditions,
): (anyOf: readonly JobId[]) => number {
  const dangers = dangersOf(brief, conditions);
  const lifted = liftedBy(brief);
  return (anyOf) => {
    const lift = lifted.findIndex((jobs) => jobs.some((job) => anyOf.includes(job)));
    if (lift >= 0) return lift - lifted.length;
    return Math.min(...anyOf.map((job) => urgencyOf(job, dangers, brief).hours));
  };
}

/** What a school lifts to the front, in its order; by the dangers nothing is. */
export function liftedBy({ schools }: Brief): readonly (readonly JobId[])[] {
  switch (schoolOf(schools, 'first')) {
    case 'blade first':
      return [['cut']];
    case 'water first':
      return [['carry-water', 'water']];
    case 'warmth first':
      return [['roof', 'insulate', 'sleep'], igniteJobs];
    case 'roof, fire, food, water':
      return [['roof'], igniteJobs, ['food'], ['carry-water']];
    case 'by the dangers of the brief':
      return [];
  }
}
