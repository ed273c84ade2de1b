import { casesOfLying } from './rule-cases-of-lying';
import {
  cold,
  dry,
  full,
  inNovember,
  lone,
  off,
  ok,
  unknownCells,
  weekLong,
  type RuleCase,
} from './rule-case';

/** One kit of which each rule speaks, and one like it of which it does not. */
export const ruleCases: Readonly<Record<string, RuleCase>> = {
  'vehicle/tow': {
    speaks: { holds: 'tow-rope @ vehicle', brief: { vehicleKg: 1800 } },
    silent: { holds: 'tow-strap @ vehicle', brief: { vehicleKg: 1800 } },
  },
  'cover/missing': {
    speaks: { holds: 'lighter' },
    silent: { holds: full + ', soft-bottle, filter' },
  },
  'cover/depth': {
    speaks: { holds: 'belt-knife' },
    silent: { holds: 'belt-knife, multi-tool' },
  },
  'cover/all-in-one': {
    speaks: { holds: 'pack, belt-knife @ pack, multi-tool @ pack' },
    silent: { holds: 'pack, belt-knife @ pack, multi-tool' },
  },
  'cover/one-condition': {
    speaks: { holds: 'matchbox, match-case' },
    silent: { holds: 'matchbox, storm-lighter' },
  },
  'cover/what-if': {
    speaks: {
      holds: 'pack, belt-knife @ pack',
      kit: {
        whatIfs: [{ id: 'w', name: 'overboard', losses: [{ kind: 'holder', placement: 'pack' }] }],
      },
    },
    silent: {
      holds: 'pack, belt-knife @ pack, multi-tool',
      kit: {
        whatIfs: [{ id: 'w', name: 'overboard', losses: [{ kind: 'holder', placement: 'pack' }] }],
      },
    },
  },
  'cover/category': { speaks: { holds: 'lighter' }, silent: { holds: full + ', soft-bottle' } },
  'fire/ignite': { speaks: { holds: 'lighter' }, silent: { holds: '3 lighter' } },
  'fire/no-tinder': {
    speaks: { holds: 'ferro-rod, wax-tinder' },
    silent: { holds: 'ferro-rod, tinder-tabs' },
  },
  'fire/wet-tinder': {
    speaks: { holds: 'lighter, jute-twine', ...lone },
    silent: { holds: 'lighter, 3 tinder-tabs', ...lone },
  },
  'fire/no-striker': {
    speaks: { holds: 'mini-ferro-rod, tinder-tabs' },
    silent: { holds: 'mini-ferro-rod, tinder-tabs, belt-knife' },
  },
  'fire/lighter-presses': {
    speaks: { holds: 'lighter' },
    silent: { holds: 'lighter', gear: { lighter: ok('the button kept from being pressed') } },
  },
  'water/no-vessel': { speaks: { holds: 'lighter' }, silent: { holds: 'lighter, pot' } },
  'water/double-wall': {
    speaks: { holds: 'insulated-bottle' },
    silent: { holds: 'insulated-bottle, pot' },
  },
  'water/dose-vessel': {
    speaks: { holds: 'chlorine-tablets' },
    silent: { holds: 'chlorine-tablets, soft-bottle' },
  },
  'water/dirty-clean': {
    speaks: { holds: 'filter, soft-bottle' },
    silent: { holds: 'filter, 2 soft-bottle' },
  },
  'water/strainer': {
    speaks: { holds: 'chlorine-tablets, soft-bottle', brief: { waterIsCloudy: true } },
    silent: { holds: 'chlorine-tablets, soft-bottle, filter-bag', brief: { waterIsCloudy: true } },
  },
  'water/threat-open': {
    speaks: { holds: 'filter, 2 soft-bottle', brief: { waterThreats: ['viruses'] } },
    silent: { holds: 'dioxide-tablets, soft-bottle', brief: { waterThreats: ['viruses'] } },
  },
  'water/straw-only': {
    speaks: { holds: 'straw-filter, soft-bottle' },
    silent: { holds: 'straw-filter, soft-bottle, chlorine-tablets' },
  },
  'water/dry-stretch': {
    speaks: { holds: 'soft-bottle', brief: { dryHours: 24 } },
    silent: { holds: '2 water-drum', brief: { dryHours: 4 } },
  },
  'water/couplings': {
    speaks: { holds: 'filter, plastic-bottle' },
    silent: { holds: 'filter, soft-bottle' },
  },
  'food/needs-water': {
    speaks: {
      holds: '8 trail-meal, pot, lighter, soft-bottle, drinking-water',
      brief: { isFireAllowed: false },
    },
    silent: { holds: '2 oat-bar', brief: {} },
  },
  'food/no-cook': {
    speaks: { holds: 'rice, spoon' },
    silent: { holds: 'rice, pot, lighter, spoon' },
  },
  'food/opener': { speaks: { holds: 'tinned-food' }, silent: { holds: 'tinned-food, belt-knife' } },
  'food/catch': {
    speaks: {
      holds: 'fishing-set, oat-bar',
      brief: { schools: { foodFromLand: 'fish, no traps' } },
    },
    silent: { holds: 'fishing-set, oat-bar', brief: {} },
    hasNoFix: true,
  },
  'sleep/short': {
    speaks: { holds: '2 summer-bag, 4 ground-mat', brief: {} },
    silent: { holds: '2 winter-bag, 4 ground-mat', brief: {} },
  },
  'sleep/ground': {
    speaks: { holds: 'sit-mat', brief: {} },
    silent: { holds: '4 ground-mat', brief: {} },
  },
  'sleep/under-hang': {
    speaks: { holds: 'hammock', brief: {} },
    silent: { holds: 'hammock, under-quilt', brief: {} },
  },
  'sleep/raise': {
    speaks: { holds: 'tarp', brief: { country: 'hot-wet-forest' } },
    silent: { holds: 'tarp, hammock', brief: { country: 'hot-wet-forest' } },
  },
  'warm/day': {
    speaks: { holds: '2 wool-jersey', brief: {} },
    silent: { holds: '2 padded-jacket, 2 wool-jersey, 2 base-top', brief: {} },
  },
  'warm/cotton': {
    speaks: { holds: 't-shirt', ...lone },
    silent: { holds: 't-shirt', brief: dry },
  },
  'warm/dry-set': {
    speaks: { holds: 'pack, wool-jersey @ pack', ...lone },
    silent: { holds: 'pack, dry-bag @ pack, wool-jersey @ dry-bag', ...lone },
  },
  'roof/people': { speaks: { holds: 'lighter', ...lone }, silent: { holds: 'tent', ...lone } },
  'roof/rig': {
    speaks: { holds: 'tarp, 2 rope-20', brief: { ...lone.brief, country: 'mountain' } },
    silent: { holds: 'tarp, 2 rope-20', ...lone },
  },
  'roof/double-duty': {
    speaks: { holds: '2 poncho, cord', ...lone },
    silent: { holds: 'tarp, 2 poncho, cord', ...lone },
  },
  'light/none': {
    speaks: { holds: 'lighter', ...lone },
    silent: { holds: 'rechargeable-headlamp', ...lone },
  },
  'light/needless': {
    speaks: {
      holds: 'rechargeable-headlamp',
      brief: { place: { name: 'North', latitude: 70, longitude: 20 }, when: off, heard: null },
    },
    silent: { holds: 'rechargeable-headlamp', ...lone },
  },
  'light/hands-free': {
    speaks: { holds: 'usb-torch', ...lone },
    silent: { holds: 'rechargeable-headlamp', ...lone },
  },
  'light/cells': {
    speaks: { holds: 'headlamp', gear: { headlamp: unknownCells } },
    silent: { holds: 'headlamp' },
  },
  'light/spares': {
    speaks: { holds: 'headlamp, 4 cell-aa' },
    silent: { holds: 'headlamp, 3 cell-aaa' },
  },
  'light/cold-cells': {
    speaks: { holds: '3 cell-aaa', brief: cold },
    silent: { holds: '3 cell-aaa-lithium', brief: cold },
  },
  'need/short': { speaks: { holds: 'lighter', ...lone }, silent: { holds: 'lighter' } },
  'cover/holder': {
    speaks: { holds: 'pack, steel-bottle @ pack, belt-knife @ pack, lighter @ pack' },
    silent: { holds: 'pack, wool-jersey @ pack, belt-knife, lighter' },
  },
  'seen/dusk': {
    speaks: { holds: 'lighter', brief: { country: 'town', when: inNovember } },
    silent: { holds: 'reflective-armband', brief: { country: 'town', when: inNovember } },
  },
  'way/bearing': {
    speaks: { holds: 'map', ...lone },
    silent: { holds: 'map, compass', ...lone },
  },
  'warm/for-all': {
    speaks: { holds: '1 rain-jacket, 2 warm-mitts', ...lone },
    silent: { holds: '2 rain-jacket, 2 warm-mitts', ...lone },
  },
  'light/switches-on': {
    speaks: { holds: 'headlamp' },
    silent: {
      holds: 'headlamp-18650',
      gear: { 'headlamp-18650': ok('switch locked') },
    },
  },
  'power/plug': {
    speaks: { holds: 'charging-cable' },
    silent: { holds: 'charging-cable, power-bank, phone' },
  },
  'cord/short': {
    speaks: { holds: 'tarp, bootlaces', ...lone },
    silent: { holds: 'tarp, 2 rope-20', ...lone },
  },
  'cut/sharpen': {
    speaks: { holds: 'belt-knife', brief: { when: weekLong } },
    silent: { holds: 'belt-knife, whetstone', brief: { when: weekLong } },
  },
  'cut/sheath': {
    speaks: { holds: 'belt-knife' },
    silent: { holds: 'belt-knife', gear: { 'belt-knife': ok('edge covered') } },
  },
  'mend/needle-thread': {
    speaks: { holds: 'needle-case' },
    silent: { holds: 'needle-case, waxed-thread' },
  },
  'way/map': { speaks: { holds: 'compass', ...lone }, silent: { holds: 'compass, map', ...lone } },
  'way/even': { speaks: { holds: '2 compass' }, silent: { holds: 'compass' } },
  'seen/dull': {
    speaks: { holds: 'wool-jersey', ...lone },
    silent: { holds: 'wool-jersey, signal-mirror', ...lone },
  },
  'seen/mirror-canopy': {
    speaks: { holds: 'signal-mirror', brief: { country: 'hot-wet-forest' } },
    silent: { holds: 'signal-mirror, whistle', brief: { country: 'hot-wet-forest' } },
  },
  'seen/whistle-range': {
    speaks: { holds: 'whistle', brief: { country: 'desert' } },
    silent: { holds: 'whistle, signal-mirror', brief: { country: 'desert' } },
  },
  'seen/noise': {
    speaks: { holds: 'hammer', brief: { schools: { seen: 'unseen until wanted' } } },
    silent: { holds: 'hammer', brief: {} },
  },
  'aid/complaint': { speaks: { holds: 'lighter', ...lone }, silent: { holds: 'lighter' } },
  'aid/grave': { speaks: { holds: 'lighter', ...lone }, silent: { holds: 'tourniquet', ...lone } },
  'aid/training': {
    speaks: { holds: 'tourniquet' },
    silent: { holds: 'tourniquet', gear: { tourniquet: ok('whoever uses it was trained') } },
  },
  'aid/own': {
    speaks: {
      holds: 'lighter',
      brief: {
        people: [
          {
            name: 'One',
            bodyKg: null,
            heightCm: null,
            ageYears: null,
            sex: 'unknown',
            medicines: [],
            graveAllergy: 'wasps',
            wearsSpectacles: false,
            shoeSize: null,
            gloveSize: null,
          },
        ],
      },
    },
    silent: { holds: 'lighter', ...lone },
  },
  'clean/toilet': {
    speaks: { holds: 'lighter', ...lone },
    silent: { holds: 'toilet-roll', ...lone },
  },
  ...casesOfLying,
};
