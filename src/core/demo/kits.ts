import { atTheLanding, juneTraverse, septemberTraverse } from './briefs';
import { newPlacement, type Ground, type Loadout, type Place } from '../loadout';

/** One line of a kit: which gear, how many, where. The placement takes its gear's id, as each is there once. */
type Line = readonly [gear: string, place: Place, count?: number];

/** The limits of a kit and what it is for. */
type About = Pick<Loadout, 'mostMassG' | 'mostPriceMinor'> &
  Partial<Pick<Loadout, 'brief' | 'otherBriefs'>>;

function on(ground: Ground): Place {
  return { on: ground };
}

function inside(holder: string, cavity: string): Place {
  return { in: holder, cavity };
}

function kit(
  id: string,
  name: string,
  purpose: string,
  { brief = null, otherBriefs = [], ...limits }: About,
  lines: readonly Line[],
): Loadout {
  const placements = lines.map(([gear, place, count]) => newPlacement(gear, gear, place, count));
  return {
    id,
    name,
    purpose,
    ...limits,
    wishes: [],
    brief,
    otherBriefs,
    placements,
    modules: [],
    seals: [],
    copyOf: null,
  };
}

const packMain = inside('portage-pack', 'main');
const packLid = inside('portage-pack', 'lid');
const packFront = inside('portage-pack', 'front');
const barrel = inside('barrel', 'inside');
const mending = inside('mend-pouch', 'main');
const boathouse = inside('boathouse-box', 'inside');
const cooking = inside('cook-box', 'inside');
const pouch = inside('float-pouch', 'main');
const pouchFront = inside('float-pouch', 'front');

/** A late-September canoe traverse of the Teal Lakes, 61° N, four nights, two paddlers, cold rain likely. */
// prettier-ignore
export const demoKits: readonly Loadout[] = [
  kit('portage-pack-kit', 'Portage pack', 'Four nights on the Teal Lakes in late September: two paddlers, cold rain likely, everything carried over the portages.',
    { mostMassG: 20_000, mostPriceMinor: 240_000, brief: septemberTraverse, otherBriefs: [juneTraverse] },
    [
      ['belt-knife', on('body')], ['rain-jacket', on('body'), 2], ['compass', on('body')],
      ['portage-pack', on('body')],
      ['tarp', packMain], ['sleeping-bag', packMain, 2], ['bivvy', packMain], ['rain-trousers', packMain, 2],
      ['wool-jersey', packMain, 2], ['pegs', packMain, 8], ['dry-bag-8', packMain], ['pot', packMain],
      ['dry-layers', inside('dry-bag-8', 'inside'), 2], ['socks', inside('dry-bag-8', 'inside'), 4],
      ['map', packLid], ['hat', packLid, 2], ['gloves', packLid, 2], ['head-net', packLid, 2], ['headlamp', packLid], ['torch', packLid], ['cells-aa', packLid, 4],
      ['steel-bottle', inside('portage-pack', 'left')], ['water-bag', inside('portage-pack', 'right')],
      ['filter', inside('portage-pack', 'right')],
      ['first-aid', packFront], ['pressure-bandage', packFront], ['folding-saw', packFront], ['cord-15', packFront], ['paper', packFront, 2], ['trowel', packFront],
      ['barrel', on('vehicle')],
      ['lighter', barrel, 2], ['ferro-rod', barrel], ['match-case', barrel], ['tinder-tin', barrel], ['wax-tinder', barrel], ['candle', barrel, 4], ['twig-stove', barrel],
      ['nesting-mug', barrel, 2], ['spoon', barrel, 2], ['trail-meals', barrel, 10], ['oat-bars', barrel, 16], ['tea', barrel], ['chlorine-tablets', barrel], ['blister-plasters', barrel],
      ['ground-mat', barrel, 2], ['cord-6', barrel, 2], ['bandana', barrel, 2], ['multi-tool', barrel], ['whetstone', on('mat')],
      ['mend-pouch', barrel], ['needles', mending], ['thread', mending], ['tape', mending], ['tarred-line', mending], ['carabiner', mending, 2],
      ['notebook', packLid], ['pencil', packLid], ['contact-card', packLid],
      ['throw-line', on('vehicle')], ['repellent', on('mat')],
    ]),
  kit('float-pouch-kit', 'Float pouch', 'What is left when the canoe is gone: worn on the body at all times on the water.',
    { mostMassG: 800, mostPriceMinor: null },
    [
      ['float-pouch', on('body')], ['float-whistle', on('body')],
      ['float-knife', pouch], ['small-rod', pouch], ['float-sheet', pouch], ['float-cord', pouch], ['float-tablets', pouch], ['float-salts', pouch],
      ['light-sticks', pouch, 2], ['multi-tool', pouch],
      ['mirror', pouchFront], ['button-compass', pouchFront], ['contact-card', pouchFront],
    ]),
  kit('boathouse-box-kit', 'Boathouse box', 'The stored backup at the landing: warms, feeds and waters two people for two days.',
    { mostMassG: 25_000, mostPriceMinor: null, brief: atTheLanding },
    [
      ['boathouse-box', on('house')],
      ['old-saw', boathouse], ['axe', boathouse], ['old-lighter', boathouse], ['candle', boathouse, 2],
      ['old-blanket', boathouse], ['old-tarp', boathouse], ['boathouse-can', boathouse], ['stored-water', boathouse, 12],
      ['old-meals', boathouse, 6], ['cook-box', boathouse], ['old-pot', cooking], ['towel', cooking], ['soap', cooking], ['boathouse-tape', boathouse], ['flares', boathouse, 2],
      ['radio', boathouse], ['hand-warmers', boathouse, 6], ['patches', boathouse], ['glue', boathouse], ['cells-aa', boathouse, 4],
    ]),
];
