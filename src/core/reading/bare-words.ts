import { byName } from '../quantity';

/**
 * What one bare word means where several kinds are called by it and nothing tells which. Null asks: the word alone says too
 * little, above all where one of them would boil, treat, feed or heal. A word of one kind only needs no line here, unless it is
 * also the name of things that are no gear at all.
 */
// prettier-ignore
export const bareWords = byName<string | null>({
  knife: 'belt-knife', blade: null, saw: 'folding-saw', axe: 'camp-axe', stone: null, sharpener: null, file: null, scissors: 'small-scissors',
  awl: null, mask: null, sheath: null, rod: null, lens: null, magnifier: 'burning-glass', drill: null, bit: null, driver: null, razor: null,
  multitool: 'multi-tool', pliers: 'multi-tool', spade: 'folding-shovel', shovel: 'folding-shovel', trowel: 'trowel', hammer: 'hammer', bar: null,
  lighter: 'lighter', match: 'matchbox', ferro: 'ferro-rod', ferrorod: 'ferro-rod', firesteel: 'ferro-rod', tinder: null, candle: 'candle', emergencycandle: null, stove: null, burner: null, cooker: null,
  firestarter: null, tablet: null, cube: null, canister: null, cartridge: null, gascanister: 'gas-canister', gascartridge: 'gas-canister', fuelcanister: 'gas-canister',
  isobutanecanister: 'gas-canister', isobutane: null, butanecanister: 'gas-canister', propanecanister: 'gas-canister', paraffin: null, petrol: null, spirit: null, cotton: null, magnesium: null,
  grill: null, tripod: null, foil: 'foil', fungus: null, bellows: null, char: null, butane: null, lint: null, petrolbottle: null,
  bottle: 'plastic-bottle', flask: null, mug: null, cup: null, pot: 'pot', billy: 'pot', kettle: 'kettle', pan: 'frying-pan', bowl: 'bowl', plate: 'bowl', canteen: 'plastic-canteen', bladder: 'drinking-bladder',
  filter: null, straw: null, purifier: null, drop: null, iodine: null, bleach: null, water: 'drinking-water', salts: null, jug: 'water-can', hose: null, drum: null, bucket: 'lidded-bucket', waterpouch: null,
  watercan: 'water-can', watercontainer: 'water-can', waterfilter: 'filter', cookingpot: 'pot', jerrycan: null, siphon: null, watertablet: 'chlorine-tablets', electrolyte: 'salts',
  tarp: 'tarp', sheet: null, poncho: 'poncho', blanket: null, bivvy: 'bivvy', tent: 'tent', net: null, quilt: 'sleeping-bag', sleepingbag: 'sleeping-bag', liner: null, mat: null, pad: null, sleepingpad: 'ground-mat',
  sleepingmat: 'ground-mat', peg: 'peg', stake: 'peg', tentpeg: 'peg', anchor: null, pole: null, clip: null, jacket: null, trousers: 'trousers', pants: 'trousers', shirt: 'shirt', glove: 'gloves', mitt: 'warm-mitts', mitten: 'warm-mitts',
  hat: 'hat', cap: null, scarf: 'shemagh', tube: null, towel: 'towel', warmer: null, lantern: null, groundsheet: 'groundsheet', belt: 'belt', boot: 'boots', shoe: 'trainers', spike: null, hammock: 'hammock', wedge: null, seat: null,
  cord: 'cord', rope: 'rope-20', line: null, strap: null, sling: null, twine: 'jute-twine', string: 'jute-twine', elastic: null, bungee: 'hooked-bungee', bungeecord: 'shock-cord', band: null, tie: null, carabiner: 'carabiner', pin: null,
  tape: null, ducttape: 'tape-roll', clothtape: 'tape-roll', wire: 'wire', needle: 'needle-case', thread: 'waxed-thread', glue: 'glue', adhesive: 'glue', putty: null, patch: null, buckle: 'spare-buckles', lace: 'bootlaces',
  screw: 'mixed-hardware', nail: 'mixed-hardware', hardware: null, ratchet: null, floss: 'dental-floss', guyline: 'thin-cord', snare: 'snares', sewing: null, webbing: 'webbing', epoxy: 'epoxy-putty',
  headlamp: 'headlamp', torch: 'torch', light: null, lamp: null, battery: null, cell: null, bank: null, panel: null, cable: null, charger: null, powerbank: 'power-bank', batterybank: 'power-bank', batterypack: 'power-bank', lightstick: 'chem-light',
  rechargeablebattery: null, buttoncell: 'cell-cr2032',
  compass: 'compass', map: 'map', bead: null, watch: 'wrist-watch', mirror: 'signal-mirror', whistle: 'whistle', horn: null, flare: null, smoke: null, ribbon: null, radio: null, phone: 'phone', mobile: null, messenger: null, beacon: null,
  transceiver: 'radio', gps: 'satnav', laser: null, strobe: 'strobe', barometer: 'altimeter', chalk: 'chalk', reflector: null, receiver: null,
  bandage: null, gauze: 'plain-gauze', dressing: null, plaster: 'plasters', wipe: null, gel: null, splint: 'splint', medicine: null, med: null, prescription: null, pen: 'pen', repellent: 'insect-spray', spray: null, balm: null, glasses: null,
  goggles: 'safety-glasses', plug: null, soap: 'soap', paper: null, toilet: null, saline: 'eye-wash', firstaidkit: 'first-aid-pouch', firstaidset: 'first-aid-pouch', firstaid: 'first-aid-pouch', sanitiser: 'hand-gel', thermometer: 'thermometer', insectrepellent: 'insect-spray',
  meal: null, tin: 'storage-tin', can: null, stew: 'tinned-food', bean: null, biscuit: 'biscuits', ration: null, nut: 'nuts', rice: 'rice', oat: 'oats', soup: 'instant-soup', sugar: 'sugar', honey: 'honey', oil: 'oil', stock: null,
  salt: 'salt-and-spice', tea: 'tea', coffee: 'coffee', gum: null, sweet: 'sweets', mint: null, hook: null, fishing: null, canopener: 'tin-opener', tinopener: 'tin-opener', opener: null, cheese: 'hard-cheese', fish: null, tuna: 'tinned-fish',
  notebook: 'paper-notebook', marker: 'permanent-marker', card: null, deck: null, guide: null, manual: null, book: null, photo: null, toy: null, coin: 'coins', key: 'spare-keys', keys: 'spare-keys', stick: null, lock: null, copy: null, papers: null, document: 'document-copies', change: null,
  starter: null, booster: null, foam: null, pump: null, triangle: null, vest: null, lead: null, fuse: 'fuses', bulb: 'fuses', shackle: 'shackle', jack: null, sand: 'sandbag', grit: 'sandbag', stool: 'folding-chair', chair: 'folding-chair', money: 'cash', cash: 'cash', die: null,
  throwline: 'tow-line', fluid: null, extinguisher: 'fire-extinguisher', diary: 'paper-notebook', journal: 'paper-notebook',
  pouch: 'belt-pouch', bag: null, box: null, case: null, sack: 'stuff-sack', roll: null, wallet: 'wallet', pack: 'pack', backpack: 'pack', rucksack: 'pack', daypack: 'pack-30', duffel: 'duffel', drybag: 'dry-bag', barrel: 'barrel', crate: 'vehicle-crate',
  tote: 'small-tote', trunk: null, jar: 'wide-jar', organiser: null, capsule: 'capsule', cooler: 'cooler', satchel: 'haversack', toolbox: 'tool-case', storagebox: 'box', plasticbox: 'box', lunchbox: 'lunch-box', matchcase: 'capsule',
});
