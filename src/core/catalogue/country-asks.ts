import type { JobId } from '../gear';
import type { CountryId } from './country-climates';

/** What this country asks for beyond any kit, and why: so many ways to a job, so much of it for each person, a tool. */
export type CountryAsks = { readonly because: string } & (
  | { readonly asks: 'ways'; readonly anyOf: readonly JobId[]; readonly ways: number }
  | { readonly asks: 'amount'; readonly job: JobId; readonly forEach: number }
  | { readonly asks: 'tool'; readonly what: string }
);

function ways(anyOf: readonly JobId[], many: number, because: string): CountryAsks {
  return { asks: 'ways', anyOf, ways: many, because };
}

/** So much for each person, in the job’s unit. */
function amount(job: JobId, forEach: number, because: string): CountryAsks {
  return { asks: 'amount', job, forEach, because };
}

function tool(what: string, because: string): CountryAsks {
  return { asks: 'tool', what, because };
}

const bearings = ways(['bearing'], 2, 'Flat and closed: nothing far off shows the way.');
const paces = ways(['pace'], 1, 'Where nothing is seen, the way is counted.');
const manyFires = ways(
  ['flame', 'spark', 'sun-fire'],
  3,
  'Wet and cold: the fire has to light at the third try too.',
);
const snowShovel = tool(
  'shovel',
  'Snow is what one digs in for shelter, for water and for whom it buried.',
);

/** What each kind of country asks for: planning values, as those of the countries. */
export const countryAsks: Readonly<Record<CountryId, readonly CountryAsks[]>> = {
  'hot-wet-forest': [
    ways(['chop'], 1, 'Brush has to be opened, day after day.'),
    tool('machete', 'A long blade opens brush where an axe and a knife do not.'),
    amount('cord', 15, 'A bed and a roof hang between trees, off the wet ground.'),
    bearings,
    paces,
    ways(['raise'], 1, 'What crawls there bites: nobody lies on the ground.'),
    manyFires,
  ],
  desert: [
    ways(['carry-water'], 2, 'Room for a day’s water, and not in one vessel.'),
    amount('carry-water', 6000, 'A day in that heat, from one water to the next.'),
    ways(['sun-guard'], 1, 'No shade but what is carried.'),
    ways(['signal-day'], 2, 'Open: one is seen from very far.'),
  ],
  savanna: [
    ways(['carry-water'], 2, 'Waters lie far apart in the dry months.'),
    amount('carry-water', 4000, 'The way from one water to the next, in the dry months.'),
    ways(['raise'], 1, 'What crawls there bites.'),
  ],
  'temperate-woodland': [],
  'boreal-lakes': [
    bearings,
    paces,
    manyFires,
    ways(['insect-guard'], 2, 'Summer evenings are not endured without.'),
  ],
  steppe: [
    ways(['shell'], 1, 'Nothing breaks the wind.'),
    amount('carry-water', 4000, 'Rivers lie a day apart, and lakes are salt.'),
  ],
  mountain: [
    ways(['shell'], 1, 'Wind and wet kill there first.'),
    ways(['sun-guard'], 1, 'Thin air and snow burn.'),
    ways(['stove'], 1, 'No wood: heat comes along.'),
  ],
  coast: [ways(['signal-day', 'signal-night'], 2, 'Boats pass far out.')],
  'rain-coast': [bearings, manyFires],
  arctic: [
    ways(['shell'], 1, 'Nothing breaks the wind.'),
    ways(['stove'], 1, 'No wood: heat, and water out of snow, come along.'),
    snowShovel,
    manyFires,
  ],
  town: [
    ways(['breathe'], 1, 'Dust and smoke.'),
    amount('carry-water', 3000, 'Taps run dry first, and no street has water.'),
    ways(['cash'], 1, 'Without current nothing else pays.'),
    ways(['light'], 2, 'Stairs and cellars are dark by day.'),
  ],
  road: [
    ways(['warn'], 1, 'Who stands at a road is run over.'),
    ways(['call'], 1, 'Help comes by road.'),
  ],
};
