import type { JobId, Threat } from '../gear';
import type { CountryId } from './country-climates';
import { makeDoAnywhere, type MakeDo } from './make-do';

/** So many ways to a job that this country asks for, and why. */
export interface CountryAsks {
  readonly anyOf: readonly JobId[];
  readonly ways: number;
  readonly because: string;
}

/** What a kind of country is like for who has to live in it: planning values of this project, each to be corrected. */
export interface Country {
  readonly name: string;
  /** How far one sees and is seen. */
  readonly view: 'closed' | 'broken' | 'open';
  /** How many insects bite in the warm months, and whether what crawls on the ground does. */
  readonly insects: 'few' | 'some' | 'many';
  readonly groundBites: boolean;
  /** What is most often wrong with its water, where nothing better is known. */
  readonly waterThreats: readonly Threat[];
  readonly waterIsCloudy: boolean;
  /** Waking hours between one water and the next, where nothing better is known. */
  readonly dryHours: number;
  /** Wood that burns: everywhere, here and there, or none. */
  readonly firewood: 'plenty' | 'some' | 'none';
  /** Tinder and wood are mostly wet. */
  readonly isWet: boolean;
  /** Shade is rare, or snow and water throw the light back. */
  readonly glare: boolean;
  /** What is otherwise than anywhere about making do. */
  readonly makeDo: Readonly<Partial<Record<JobId, MakeDo>>>;
  readonly asks: readonly CountryAsks[];
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

const bearings: CountryAsks = {
  anyOf: ['bearing'],
  ways: 2,
  because: 'Flat and closed: nothing far off shows the way.',
};
const paces: CountryAsks = {
  anyOf: ['pace'],
  ways: 1,
  because: 'Where nothing is seen, the way is counted.',
};
const manyFires: CountryAsks = {
  anyOf: ['flame', 'spark', 'sun-fire'],
  ways: 3,
  because: 'Wet and cold: the fire has to light at the third try too.',
};

/** The kinds of country: every figure is a planning value that a practitioner can correct. */
export const countries: Readonly<Record<CountryId, Country>> = {
  'hot-wet-forest': {
    name: 'Hot wet lowland forest',
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
    asks: [
      { anyOf: ['chop'], ways: 1, because: 'Brush: a long blade opens the way.' },
      bearings,
      paces,
      { anyOf: ['raise'], ways: 1, because: 'What crawls there bites: nobody lies on the ground.' },
      manyFires,
    ],
  },
  desert: {
    name: 'Dry desert',
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
    asks: [
      {
        anyOf: ['carry-water'],
        ways: 2,
        because: 'Room for a day’s water, and not in one vessel.',
      },
      { anyOf: ['sun-guard'], ways: 1, because: 'No shade but what is carried.' },
      { anyOf: ['signal-day'], ways: 2, because: 'Open: one is seen from very far.' },
    ],
  },
  savanna: {
    name: 'Savanna',
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
    asks: [
      { anyOf: ['carry-water'], ways: 2, because: 'Waters lie far apart in the dry months.' },
      { anyOf: ['raise'], ways: 1, because: 'What crawls there bites.' },
    ],
  },
  'temperate-woodland': {
    name: 'Temperate woodland',
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
    asks: [],
  },
  'boreal-lakes': {
    name: 'Boreal lake land',
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
    asks: [
      bearings,
      paces,
      manyFires,
      { anyOf: ['insect-guard'], ways: 2, because: 'Summer evenings are not endured without.' },
    ],
  },
  steppe: {
    name: 'Cold steppe',
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
    asks: [{ anyOf: ['shell'], ways: 1, because: 'Nothing breaks the wind.' }],
  },
  mountain: {
    name: 'High mountain',
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
    asks: [
      { anyOf: ['shell'], ways: 1, because: 'Wind and wet kill there first.' },
      { anyOf: ['sun-guard'], ways: 1, because: 'Thin air and snow burn.' },
      { anyOf: ['stove'], ways: 1, because: 'No wood: heat comes along.' },
    ],
  },
  coast: {
    name: 'Coast',
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
    asks: [{ anyOf: ['signal-day', 'signal-night'], ways: 2, because: 'Boats pass far out.' }],
  },
  'rain-coast': {
    name: 'Rain-forest coast',
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
    asks: [bearings, manyFires],
  },
  arctic: {
    name: 'Arctic',
    view: 'open',
    insects: 'some',
    groundBites: false,
    waterThreats: living,
    waterIsCloudy: false,
    dryHours: 5,
    firewood: 'none',
    isWet: true,
    glare: true,
    makeDo: { ...treeless, roof: hard(2, 180) },
    asks: [
      { anyOf: ['shell'], ways: 1, because: 'Nothing breaks the wind.' },
      { anyOf: ['stove'], ways: 1, because: 'No wood: heat, and water out of snow, come along.' },
      manyFires,
    ],
  },
  town: {
    name: 'Town',
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
    asks: [
      { anyOf: ['breathe'], ways: 1, because: 'Dust and smoke.' },
      { anyOf: ['cash'], ways: 1, because: 'Without current nothing else pays.' },
      { anyOf: ['light'], ways: 2, because: 'Stairs and cellars are dark by day.' },
    ],
  },
  road: {
    name: 'Road',
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
    asks: [
      { anyOf: ['warn'], ways: 1, because: 'Who stands at a road is run over.' },
      { anyOf: ['call'], ways: 1, because: 'Help comes by road.' },
    ],
  },
};

/** How hard a job is to make do from the land of a country, and how long that takes; nobody makes a vessel. */
export function makeDoIn(country: CountryId, job: JobId): MakeDo {
  return countries[country].makeDo[job] ?? makeDoAnywhere[job] ?? never;
}
