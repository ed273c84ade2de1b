import { contentsLike, gearOfKind, kindOf } from '../catalogue';
import {
  box,
  cylinder,
  inFields,
  lotOf,
  plainSupply,
  type Form,
  type Gear,
  type Lot,
  type Supply,
} from '../gear';
import { demoRoundOn } from './opens-on';

type Differences = Partial<Omit<Gear, 'id' | 'name' | 'kind'>>;

/** A made-up piece of a kind: weighed and measured at home unless it says otherwise. */
function piece(kindId: string, id: string, name: string, differs: Differences = {}): Gear {
  const kind = kindOf(kindId);
  if (!kind) throw new Error(`the demo names a kind ${kindId} that is not in the catalogue`);
  const paid = { massTrust: 'weighed', formTrust: 'stated', priceTrust: 'stated' } as const;
  const made = { ...gearOfKind(kind, id, name), ...paid, ...differs };
  return differs.contents === undefined ? { ...made, contents: contentsLike(kind, made) } : made;
}

function soft(looseMl: number, tightMl: number, thinnestMm: number): Form {
  return { shape: 'soft', looseMl, tightMl, thinnestMm, longestRigidMm: 0 };
}

/** The same supplies with other amounts, by job. */
function amounts(kindId: string, byJob: Readonly<Record<string, number>>): readonly Supply[] {
  return kindOf(kindId)!.supplies.map((supply) => ({
    ...supply,
    amount: byJob[supply.job] ?? supply.amount,
  }));
}

const typical: Differences = {
  massTrust: 'typical',
  formTrust: 'typical',
  priceTrust: 'typical',
};
const wished: Differences = { ...typical, ownership: 'wished' };

/** So many that lie in the boathouse box, seen when it was last looked through. */
function seen(count: number, known: Partial<Lot> = {}): Differences {
  const lies = { kit: 'boathouse-box-kit', checkedOn: demoRoundOn };
  return { count, lots: [inFields({ ...lotOf(count, { ...lies, ...known }), id: 'all' })] };
}

/** Everything owned and wished for at the boathouse of the Teal Lakes. */
// prettier-ignore
export const demoShelf: readonly Gear[] = [
  // The float pouch, worn on the body.
  piece('belt-pouch', 'float-pouch', 'Float pouch', { massG: 152 }),
  piece('folding-knife', 'float-knife', 'Rescue folding knife', { massG: 96, form: box(112, 31, 17) }),
  piece('ferro-rod', 'small-rod', 'Small ferro rod', { massG: 26, form: box(78, 18, 12), priceMinor: 700 }),
  piece('whistle', 'float-whistle', 'Pealess whistle', { massG: 8.5 }),
  piece('signal-mirror', 'mirror', 'Signal mirror', { massG: 27 }),
  piece('button-compass', 'button-compass', 'Button compass', { massG: 5.5 }),
  piece('chem-light', 'light-sticks', 'Light stick, green', { count: 4, massG: 24, goodUntil: '2028-05-31' }),
  piece('reflective-sheet', 'float-sheet', 'Reflective sheet, orange back', { massG: 64, look: { silhouette: 'folded-sheet', stuff: 'plastic', colour: '#dd7a2b' } }),
  piece('chlorine-tablets', 'float-tablets', 'Chlorine tablets, half a card', { massG: 8, form: box(48, 60, 7), supplies: amounts('chlorine-tablets', { 'treat-water': 15 }), goodUntil: '2029-01-31' }),
  piece('salts', 'float-salts', 'Rehydration salts, one bag', { massG: 22, form: soft(32, 24, 6), priceMinor: 150, goodUntil: '2027-10-31' }),
  piece('cord', 'float-cord', 'Cord 6 m', { massG: 39, form: soft(104, 68, 25), priceMinor: 400, supplies: amounts('cord', { cord: 6, thread: 6 }) }),
  piece('contact-card', 'contact-card', 'Contact card', { count: 2, massG: 4.5 }),

  // The portage pack and what rides in it.
  piece('pack', 'portage-pack', 'Portage pack 45 L', { massG: 1685 }),
  piece('barrel', 'barrel', 'Barrel 30 L', { massG: 2080 }),
  piece('belt-knife', 'belt-knife', 'Belt knife', { massG: 172 }),
  piece('folding-saw', 'folding-saw', 'Folding saw', { massG: 238 }),
  piece('whetstone', 'whetstone', 'Pocket whetstone', { massG: 64 }),
  piece('multi-tool', 'multi-tool', 'Multi-tool', { massG: 228 }),
  piece('lighter', 'lighter', 'Gas lighter', { count: 3, massG: 19.5 }),
  piece('ferro-rod', 'ferro-rod', 'Ferro rod', { massG: 49 }),
  piece('match-case', 'match-case', 'Storm matches in a case', { massG: 41 }),
  piece('tinder-tin', 'tinder-tin', 'Birch bark in a tin', { massG: 61 }),
  piece('wax-tinder', 'wax-tinder', 'Waxed tinder sticks', { massG: 68 }),
  piece('candle', 'candle', 'Candle', { count: 6, massG: 57 }),
  piece('twig-stove', 'twig-stove', 'Folding twig stove', { massG: 415 }),
  piece('tarp', 'tarp', 'Tarp 3 × 3 m', { massG: 634 }),
  piece('peg', 'pegs', 'Tarp peg', { count: 12, massG: 12.5 }),
  piece('sleeping-bag', 'sleeping-bag', 'Sleeping bag, three-season', { count: 2, massG: 1180, supplies: amounts('sleeping-bag', { sleep: 5 }) }),
  piece('bivvy', 'bivvy', 'Bivvy bag', { count: 1, massG: 472 }),
  piece('ground-mat', 'ground-mat', 'Closed-cell ground mat', { count: 2, massG: 405 }),
  piece('wool-blanket', 'wool-blanket', 'Wool blanket', { massG: 1620 }),
  piece('rain-jacket', 'rain-jacket', 'Rain jacket', { count: 2, massG: 431 }),
  piece('rain-trousers', 'rain-trousers', 'Rain trousers', { count: 2, massG: 286 }),
  piece('wool-jersey', 'wool-jersey', 'Wool jersey', { count: 2, massG: 545 }),
  piece('dry-layers', 'dry-layers', 'Dry underlayers', { count: 2, massG: 372 }),
  piece('socks', 'socks', 'Wool socks', { count: 4, massG: 92 }),
  piece('hat', 'hat', 'Wool hat', { count: 2, massG: 68 }),
  piece('gloves', 'gloves', 'Leather work gloves', { count: 2, massG: 124 }),
  piece('head-net', 'head-net', 'Insect head net', { count: 2, massG: 27 }),
  piece('steel-bottle', 'steel-bottle', 'Steel bottle 1 L', { massG: 214 }),
  piece('nesting-mug', 'nesting-mug', 'Nesting mug', { count: 2, massG: 141 }),
  piece('water-bag', 'water-bag', 'Water bag 2 L', { massG: 37 }),
  piece('pot', 'pot', 'Pot 1.4 L', { massG: 338 }),
  piece('spoon', 'spoon', 'Long spoon', { count: 2, massG: 17 }),
  piece('filter', 'filter', 'Hollow-fibre filter', { massG: 96 }),
  piece('chlorine-tablets', 'chlorine-tablets', 'Chlorine tablets', { massG: 14, goodUntil: '2028-08-31' }),
  piece('cord', 'cord-15', 'Cord 15 m', { massG: 98 }),
  piece('cord', 'cord-6', 'Cord 6 m hank', { count: 2, massG: 39, form: soft(104, 68, 25), priceMinor: 400, supplies: amounts('cord', { cord: 6, thread: 6 }) }),
  piece('tarred-line', 'tarred-line', 'Tarred line 60 m', { massG: 112 }),
  piece('tape-roll', 'tape', 'Cloth tape, flat roll', { massG: 60 }),
  piece('needle-case', 'needles', 'Sail needles in a case', { massG: 15.5 }),
  piece('waxed-thread', 'thread', 'Waxed thread 30 m', { massG: 27 }),
  piece('tow-line', 'throw-line', 'Floating throw line 15 m', { massG: 655 }),
  piece('carabiner', 'carabiner', 'Carabiner', { count: 4, massG: 31 }),
  piece('headlamp', 'headlamp', 'Headlamp', { massG: 53 }),
  piece('torch', 'torch', 'Pocket torch', { massG: 72 }),
  piece('cell-aa', 'cells-aa', 'AA alkaline cell', { count: 8, massG: 23, goodUntil: '2031-06-30' }),
  piece('bandana', 'bandana', 'Cotton bandana', { count: 2, massG: 41 }),
  piece('compass', 'compass', 'Baseplate compass', { massG: 37 }),
  piece('map', 'map', 'Lake map in a case', { massG: 126 }),
  piece('first-aid-pouch', 'first-aid', 'First-aid set for two', { massG: 324, goodUntil: '2028-04-30' }),
  piece('pressure-bandage', 'pressure-bandage', 'Pressure bandage', { massG: 70, goodUntil: '2029-12-31' }),
  piece('blister-plasters', 'blister-plasters', 'Blister plasters', { massG: 13 }),
  piece('insect-spray', 'repellent', 'Insect repellent', { massG: 108 }),
  piece('toilet-roll', 'paper', 'Flattened paper roll', { count: 2, massG: 58 }),
  piece('trowel', 'trowel', 'Trowel', { massG: 57 }),
  piece('trail-meal', 'trail-meals', 'Trail meal, bean stew', { count: 10, massG: 146, goodUntil: '2028-02-28' }),
  piece('oat-bar', 'oat-bars', 'Oat bar', { count: 24, massG: 61, goodUntil: '2027-12-31' }),
  piece('tea', 'tea', 'Tea and sugar', { massG: 93 }),
  piece('notebook', 'notebook', 'Waterproof notebook', { massG: 66 }),
  piece('pencil', 'pencil', 'Pencil', { count: 2, massG: 5 }),
  piece('dry-bag', 'dry-bag-8', 'Dry bag 8 L', { count: 2, massG: 108 }),
  piece('accessory-pouch', 'mend-pouch', 'Mending pouch', { massG: 46 }),

  // The boathouse box, fed by what the other kits hand down.
  piece('box', 'boathouse-box', 'Boathouse box 45 L', { massG: 2440 }),
  piece('folding-saw', 'old-saw', 'Folding saw, handed down', { ...seen(1), massG: 256, tier: 'backup', look: { silhouette: 'saw', stuff: 'wood', colour: '#8a4a33' }, priceMinor: 0 }),
  piece('camp-axe', 'axe', 'Camp axe', { ...seen(1), massG: 915 }),
  piece('lighter', 'old-lighter', 'Gas lighter, half full', { massG: 19.25, priceMinor: 0, tier: 'backup', contents: { unit: 'lights', full: 1000, left: 500, massG: 4.5 } }),
  piece('wool-blanket', 'old-blanket', 'Wool blanket, mended', { ...seen(1), massG: 1710, tier: 'backup', priceMinor: 0 }),
  piece('tarp', 'old-tarp', 'Tarp 3 × 4 m, patched', { massG: 980, form: soft(4600, 3100, 70), supplies: amounts('tarp', { roof: 11.2 }), priceMinor: 0 }),
  piece('small-ammo-box', 'cook-box', 'Cook box', { massG: 652 }),
  piece('pot', 'old-pot', 'Pot 1.4 L, sooted', { massG: 341, tier: 'backup', form: { ...cylinder(152, 92), upright: true }, priceMinor: 0 }),
  piece('food-can', 'boathouse-can', 'Lidded can 0.8 L', { massG: 99 }),
  piece('drinking-water', 'stored-water', 'Drinking water, sealed pouch', { ...seen(12, { cameOn: '2021-04-10', goodUntil: '2026-03-31' }), massG: 509, supplies: [...kindOf('drinking-water')!.supplies, plainSupply('carry-water', 'serves', 500)] }),
  piece('trail-meal', 'old-meals', 'Trail meal, lentils', { ...seen(6, { cameOn: '2025-04-12', goodUntil: '2026-11-30' }), massG: 150 }),
  piece('towel', 'towel', 'Cotton towel', { massG: 112 }),
  piece('soap', 'soap', 'Hard soap', { massG: 44 }),
  piece('tape-roll', 'boathouse-tape', 'Cloth tape, full roll', { massG: 310, form: cylinder(125, 50), supplies: amounts('tape-roll', { tape: 25 }), priceMinor: 900 }),
  piece('flare', 'flares', 'Hand flare', { ...seen(2, { goodUntil: '2027-06-30' }), massG: 212 }),
  piece('radio', 'radio', 'Hand radio', { ...seen(1), massG: 244 }),
  piece('hand-warmer', 'hand-warmers', 'Hand warmer', { count: 6, massG: 47, goodUntil: '2027-09-30' }),
  piece('repair-patch', 'patches', 'Repair patches', { massG: 18.5 }),
  piece('glue', 'glue', 'Repair glue', { massG: 35, goodUntil: '2027-08-31' }),

  // Not in any kit, and wishes.
  piece('plastic-bottle', 'plastic-bottle', 'Plastic bottle 1 L', { massTrust: 'typical' }),
  piece('fishing-set', 'fishing-set', 'Hooks and line', { massTrust: 'typical' }),
  piece('storage-tin', 'pocket-tin', 'Pocket tin', { massG: 41 }),
  piece('power-bank', 'power-bank', 'Power bank', { massTrust: 'typical', lentTo: 'a neighbour', awaySince: '2026-08-20', backBy: '2026-09-15' }),
  piece('cell-aaa', 'wished-aaa', 'AAA alkaline cell', { ...wished, count: 6 }),
  piece('fire-lens', 'wished-lens', 'Fire lens', wished),
  piece('gas-stove', 'wished-stove', 'Gas stove', wished),
];
