import type { JobId, Threat } from '../gear';
import type { CountryId } from './country-climates';
import type { swarms, views, waters, woods } from './country-words';
import { makeDoAnywhere, type MakeDo } from './make-do';

/** What a kind of country is like for who has to live in it: planning values of this project, each to be corrected. */
export interface Country {
  readonly name: string;
  /** How far one sees and is seen. */
  readonly view: (typeof views)[number];
  /** How many insects bite in the warm months, and whether what crawls on the ground does. */
  readonly insects: (typeof swarms)[number];
  readonly groundBites: boolean;
  /** What is most often wrong with its water, where nothing better is known. */
  readonly waterThreats: readonly Threat[];
  readonly waterIsCloudy: boolean;
  /** Water that one may come to: everywhere, here and there, or none that anybody should count on. */
  readonly water: (typeof waters)[number];
  /** Waking hours between one water and the next, where nothing better is known. */
  readonly dryHours: number;
  /** Wood that burns: everywhere, here and there, or none. */
  readonly firewood: (typeof woods)[number];
  /** Tinder and wood are mostly wet. */
  readonly isWet: boolean;
  /** Shade is rare, or snow and water throw the light back. */
  readonly glare: boolean;
  /** What is otherwise than anywhere about making do. */
  readonly makeDo: Readonly<Partial<Record<JobId, MakeDo>>>;
}

const living: readonly Threat[] = ['protozoa', 'bacteria'];
const dirty: readonly Threat[] = ['sediment', 'protozoa', 'bacteria'];
const lived: readonly Threat[] = ['sediment', 'protozoa', 'bacteria', 'viruses'];
const built: readonly Threat[] = ['bacteria', 'viruses', 'chemicals'];

/** So hard from 0 (easy) to 3 (cannot), in so many minutes. */
function hard(hardness: MakeDo['hardness'], minutes: number | null = null): MakeDo {
  return { hardness, minutes };
}

const never = hard(3);

const woodless = {
  fuel: hard(2, 120),
  stake: hard(2, 15),
  ground: hard(2, 60),
  raise: never,
  'signal-night': hard(2, 60),
} as const;

const treeless = { ...woodless, fuel: never, tinder: never, roof: hard(3), stove: never } as const;

/** The kinds of country: every figure is a planning value that a practitioner can correct. */
export const countries: Readonly<Record<CountryId, Country>> = {
  'hot-wet-forest': {
    name: 'Hot wet lowland forest',
    water: 'everywhere',
    view: 'closed',
    insects: 'many',
    groundBites: true,
    waterThreats: lived,
    waterIsCloudy: true,
    dryHours: 4,
    firewood: 'plenty',
    isWet: true,
    glare: false,
    makeDo: { roof: hard(0, 60), cord: hard(0, 5), tinder: hard(2, 60), raise: hard(1, 90) },
  },
  desert: {
    name: 'Dry desert',
    water: 'none',
    view: 'open',
    insects: 'few',
    groundBites: true,
    waterThreats: dirty,
    waterIsCloudy: true,
    dryHours: 24,
    firewood: 'none',
    isWet: false,
    glare: true,
    makeDo: {
      ...woodless,
      roof: hard(2, 120),
      cord: never,
      tinder: hard(1, 30),
      'sun-guard': hard(2, 20),
      ground: hard(1, 15),
    },
  },
  savanna: {
    name: 'Savanna',
    water: 'here and there',
    view: 'broken',
    insects: 'some',
    groundBites: true,
    waterThreats: lived,
    waterIsCloudy: true,
    dryHours: 10,
    firewood: 'some',
    isWet: false,
    glare: true,
    makeDo: { roof: hard(1, 120), cord: hard(1, 10) },
  },
  'temperate-woodland': {
    name: 'Temperate woodland',
    water: 'here and there',
    view: 'closed',
    insects: 'some',
    groundBites: false,
    waterThreats: living,
    waterIsCloudy: false,
    dryHours: 6,
    firewood: 'plenty',
    isWet: false,
    glare: false,
    makeDo: {},
  },
  'boreal-lakes': {
    name: 'Boreal lake land',
    water: 'everywhere',
    view: 'closed',
    insects: 'many',
    groundBites: false,
    waterThreats: living,
    waterIsCloudy: false,
    dryHours: 3,
    firewood: 'plenty',
    isWet: true,
    glare: false,
    makeDo: { roof: hard(0, 90), ground: hard(0, 45), tinder: hard(1, 20) },
  },
  steppe: {
    name: 'Cold steppe',
    water: 'here and there',
    view: 'open',
    insects: 'few',
    groundBites: false,
    waterThreats: dirty,
    waterIsCloudy: true,
    dryHours: 16,
    firewood: 'none',
    isWet: false,
    glare: false,
    makeDo: { ...woodless, roof: hard(2, 180), cord: never },
  },
  mountain: {
    name: 'High mountain',
    water: 'everywhere',
    view: 'open',
    insects: 'few',
    groundBites: false,
    waterThreats: living,
    waterIsCloudy: false,
    dryHours: 5,
    firewood: 'none',
    isWet: true,
    glare: true,
    makeDo: { ...treeless, roof: hard(2, 180), stake: hard(1, 5) },
  },
  coast: {
    name: 'Coast',
    water: 'here and there',
    view: 'open',
    insects: 'some',
    groundBites: false,
    waterThreats: dirty,
    waterIsCloudy: false,
    dryHours: 8,
    firewood: 'some',
    isWet: false,
    glare: true,
    makeDo: { roof: hard(1, 150), cord: hard(1, 15) },
  },
  'rain-coast': {
    name: 'Rain-forest coast',
    water: 'everywhere',
    view: 'closed',
    insects: 'some',
    groundBites: false,
    waterThreats: living,
    waterIsCloudy: false,
    dryHours: 3,
    firewood: 'plenty',
    isWet: true,
    glare: false,
    makeDo: { tinder: hard(2, 60), roof: hard(0, 90) },
  },
  arctic: {
    name: 'Arctic',
    water: 'everywhere',
    view: 'open',
    insects: 'many',
    groundBites: false,
    waterThreats: living,
    waterIsCloudy: false,
    dryHours: 5,
    firewood: 'none',
    isWet: true,
    glare: true,
    makeDo: { ...treeless, roof: hard(2, 180) },
  },
  town: {
    name: 'Town',
    water: 'none',
    view: 'broken',
    insects: 'few',
    groundBites: false,
    waterThreats: built,
    waterIsCloudy: false,
    dryHours: 8,
    firewood: 'none',
    isWet: false,
    glare: false,
    makeDo: {
      roof: hard(0, 15),
      cord: hard(1, 15),
      'carry-water': hard(0, 15),
      ground: hard(0, 15),
      fuel: hard(1, 45),
      light: hard(1, 30),
    },
  },
  road: {
    name: 'Road',
    water: 'none',
    view: 'broken',
    insects: 'few',
    groundBites: false,
    waterThreats: built,
    waterIsCloudy: false,
    dryHours: 12,
    firewood: 'some',
    isWet: false,
    glare: false,
    makeDo: { roof: hard(0, 5), ground: hard(0, 5) },
  },
};

/** How hard a job is to make do from the land of a country, and how long that takes; nobody makes a vessel. */
export function makeDoIn(country: Country, job: JobId): MakeDo {
  return country.makeDo[job] ?? makeDoAnywhere[job] ?? never;
}
