import { readFileSync } from 'node:fs';
import { findingInWords, findingsOf } from '@/core/judge';
import { fixesOf } from '@/core/judge/mending';
import { menders } from '@/core/judge/mending/menders';
import { rules } from '@/core/judge/rules';
import { workedOut } from '@/core/kit';
import { apply, versionOf, type Bench } from '@/core/loadout';
import { lotOf } from '@/core/gear';
import { benchOfKinds, type KindKit } from '../../support/kits-of-kinds';
import { benchOf, gear as pieceOf, kit as kitOf } from '../../support/benches';

const today = '2027-09-01';
const off = { on: 'days', from: '2027-06-20', to: '2027-06-24' } as const;
const lone = { brief: {} } as const;
const cold = {
  weather: { lowC: -10, highC: -2, humidityPct: 60, rainDays: 4, windKmh: 10 },
} as const;
const dry = {
  weather: { lowC: 12, highC: 30, humidityPct: 20, rainDays: 0, windKmh: 10 },
} as const;
const ok = (what: string, kind: 'ready' | 'trial' = 'ready') => ({
  checks: [{ what, kind, on: '2027-08-01', passed: true }],
});
const full =
  'lighter, ferro-rod, match-case, tinder-tabs, steel-bottle, belt-knife, tarp, cord, first-aid-pouch';

interface Case {
  readonly speaks: KindKit;
  readonly silent: KindKit;
  /** Fixes are expected where nothing is said; some rules only caution, or lead somewhere else. */
  readonly hasNoFix?: true;
  readonly on?: string;
}

/** One kit of which each rule speaks, and one like it of which it does not. */
const cases: Readonly<Record<string, Case>> = {
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
  'roof/rig': { speaks: { holds: 'tarp, 2 rope-20', ...lone }, silent: { holds: 'tent', ...lone } },
  'roof/double-duty': {
    speaks: { holds: '2 poncho, cord', ...lone },
    silent: { holds: '2 poncho, cord, 2 rain-jacket', ...lone },
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
    speaks: { holds: 'headlamp, 4 cell-aa' },
    silent: { holds: 'headlamp, 3 cell-aaa' },
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
    speaks: { holds: 'belt-knife', ...lone },
    silent: { holds: 'belt-knife, whetstone', ...lone },
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
  'harm/frost-filter': {
    speaks: { holds: 'pack, filter @ pack', brief: cold },
    silent: { holds: 'pack, filter', brief: cold },
  },
  'harm/frost-full': {
    speaks: {
      holds: 'steel-bottle',
      brief: { ...cold, filled: [{ placement: 'steel-bottle', ml: 1000 }] },
    },
    silent: {
      holds: 'steel-bottle',
      brief: { ...cold, filled: [{ placement: 'steel-bottle', ml: 800 }] },
    },
  },
  'harm/heat': {
    speaks: { holds: 'candle', brief: { ...dry, storedIn: 'vehicle' } },
    silent: { holds: 'candle', brief: { ...dry, storedIn: 'house' } },
  },
  'harm/aircraft': {
    speaks: { holds: 'gas-canister', brief: { isFlown: true } },
    silent: { holds: 'gas-canister', brief: {} },
  },
  'harm/pen-frost': {
    speaks: { holds: 'pen', brief: cold },
    silent: { holds: 'pen, pencil', brief: cold },
  },
  'harm/burst': {
    speaks: { holds: 'pack, sunscreen @ pack, map @ pack' },
    silent: { holds: 'pack, sunscreen @ pack, map' },
  },
  'harm/fuel-food': {
    speaks: { holds: 'pack, gas-canister @ pack, oat-bar @ pack' },
    silent: { holds: 'pack, gas-canister @ pack, oat-bar' },
  },
  'harm/short': {
    speaks: { holds: 'pack, cell-18650 @ pack, coins @ pack' },
    silent: { holds: 'pack, cell-18650 @ pack, coins' },
  },
  'harm/closed-flame': {
    speaks: { holds: 'candle, tent' },
    silent: { holds: 'candle, tarp' },
    hasNoFix: true,
  },
  'stow/fit': {
    speaks: { holds: 'storage-tin, group-pot @ storage-tin' },
    silent: { holds: 'storage-tin, tinder-tabs @ storage-tin' },
  },
  'stow/limits': {
    speaks: { holds: 'group-pot, oat-bar', kit: { mostMassG: 500 } },
    silent: { holds: 'group-pot, oat-bar', kit: { mostMassG: 5000 } },
  },
  'stow/holder-load': {
    speaks: { holds: 'belt-pouch, 3 bottled-water @ belt-pouch' },
    silent: { holds: 'belt-pouch, lighter @ belt-pouch' },
  },
  'stow/deep': {
    speaks: { holds: 'pack, whistle @ pack.main' },
    silent: { holds: 'pack, whistle' },
  },
  'stow/balance': {
    speaks: { holds: 'pack, 3 bottled-water @ pack.lid' },
    silent: { holds: 'pack, 3 bottled-water @ pack.main' },
  },
  'stow/wet': {
    speaks: { holds: 'pack, matchbox @ pack', ...lone },
    silent: { holds: 'pack, dry-bag @ pack, matchbox @ dry-bag', ...lone },
  },
  'stow/lid-tape': {
    speaks: { holds: 'storage-tin, lighter @ storage-tin', gear: {} },
    silent: { holds: 'storage-tin, lighter @ storage-tin' },
    hasNoFix: true,
  },
  'stow/backup-together': {
    speaks: { holds: 'pack, whistle @ pack, air-horn @ pack' },
    silent: { holds: 'pack, whistle @ pack, air-horn' },
  },
  'stow/outside': {
    speaks: { holds: 'pack, belt-knife @ pack.left' },
    silent: { holds: 'pack, belt-knife @ pack.main' },
  },
  'stow/empty': {
    speaks: { holds: 'lighter, group-pot, 3 padded-jacket @ group-pot' },
    silent: { holds: 'lighter, pack-75, group-pot, oat-bar @ group-pot' },
  },
  'stow/feel': {
    speaks: { holds: 'pack, cell-aa @ pack.left, cell-aa-lithium @ pack.left' },
    silent: { holds: 'pack, cell-aa @ pack.left, cell-aa-lithium @ pack.main' },
  },
  'stow/moved': {
    speaks: {
      holds: 'pack, whistle @ pack',
      brief: { schools: { bestPieces: 'one good kit always the same' } },
    },
    silent: { holds: 'pack, whistle @ pack', brief: {} },
  },
  'stow/not-stowed': {
    speaks: { holds: 'pack, lighter @ mat' },
    silent: { holds: 'pack, lighter @ pack' },
  },
  'keep/expired': {
    speaks: { holds: 'trail-meal', gear: { 'trail-meal': { goodUntil: '2027-01-01' } } },
    silent: { holds: 'trail-meal', gear: { 'trail-meal': { goodUntil: '2030-01-01' } } },
  },
  'keep/due': {
    speaks: { holds: 'crank-torch', gear: { 'crank-torch': { lots: [lotAt('2025-01-01')] } } },
    silent: { holds: 'crank-torch', gear: { 'crank-torch': { lots: [lotAt('2027-08-01')] } } },
  },
  'keep/charge': {
    speaks: { holds: 'power-bank', gear: { 'power-bank': { lots: [lotAt('2025-01-01')] } } },
    silent: { holds: 'power-bank', gear: { 'power-bank': { lots: [lotAt('2027-08-01')] } } },
  },
  'keep/lent': {
    speaks: {
      holds: 'lighter',
      gear: { lighter: { lentTo: 'Cousin', awaySince: '2027-01-01', backBy: '2027-02-01' } },
    },
    silent: { holds: 'lighter' },
    hasNoFix: true,
  },
  'keep/double': {
    speaks: { holds: 'lighter', bench: alsoIn('lighter') },
    silent: { holds: 'lighter' },
  },
  'keep/count-on': {
    speaks: { holds: 'lighter', gear: { lighter: { isShared: true } }, bench: alsoIn('lighter') },
    silent: { holds: 'lighter', gear: { lighter: { isShared: true } } },
  },
  'keep/not-there': {
    speaks: { holds: 'lighter', gear: { lighter: { ownership: 'wished' } } },
    silent: { holds: 'lighter' },
  },
  'trust/untried': {
    speaks: { holds: 'ferro-rod', ...lone },
    silent: {
      holds: 'ferro-rod',
      ...lone,
      gear: { 'ferro-rod': ok('ten strikes light own tinder', 'trial') },
    },
  },
  'trust/failed': {
    speaks: {
      holds: 'lighter',
      gear: {
        lighter: { checks: [{ what: 'x', kind: 'trial', on: '2027-08-01', passed: false }] },
      },
    },
    silent: { holds: 'lighter' },
  },
  'law/licence': {
    speaks: { holds: 'machete', ...lone },
    silent: { holds: 'pencil', ...lone },
    hasNoFix: true,
  },
  'law/carriage': {
    speaks: { holds: 'belt-knife', ...lone },
    silent: { holds: 'pack, belt-knife @ pack', ...lone },
    hasNoFix: true,
  },
  'people/note': {
    speaks: { holds: '', brief: { noteLeftWith: '' } },
    silent: { holds: '', ...lone },
    hasNoFix: true,
  },
  'thrift/dead': { speaks: { holds: '2 compass, button-compass' }, silent: { holds: 'lighter' } },
  'thrift/lighter': {
    speaks: { holds: 'trowel', shelf: 'steel-trowel', gear: { 'steel-trowel': { massG: 10 } } },
    silent: { holds: 'trowel', shelf: 'steel-trowel' },
  },
  'thrift/spares': { speaks: { holds: '5 whistle' }, silent: { holds: 'whistle' } },
  'brief/rule': {
    speaks: { holds: 'lighter', brief: { rules: [{ rule: 'must have', what: 'whistle' }] } },
    silent: { holds: 'whistle', brief: { rules: [{ rule: 'must have', what: 'whistle' }] } },
    hasNoFix: true,
  },
};

function lotAt(day: string) {
  return { ...lotOf(1, { cameOn: day }), id: 'lot' };
}

function alsoIn(gear: string) {
  return (bench: Bench): Bench => ({
    ...bench,
    loadouts: new Map([
      ...bench.loadouts,
      [
        'other',
        {
          ...kitOf('other'),
          placements: [
            { id: 'there', gear, count: 1, place: { on: 'body' as const }, laidFor: null },
          ],
        },
      ],
    ]),
  });
}

/** What changes a bench so that a rule speaks where no kit of kinds can be told so. */
const prepared: Readonly<Record<string, (bench: Bench) => Bench>> = {
  'stow/lid-tape': (bench) => {
    const tin = bench.shelf.get('storage-tin')!;
    const cavities = tin.cavities.map((cavity) => ({ ...cavity, closure: 'tape' as const }));
    return { ...bench, shelf: new Map([...bench.shelf, [tin.id, { ...tin, cavities }]]) };
  },
  'stow/moved': (bench) => {
    const version = versionOf(bench, 'k', { id: 'v', day: '2027-08-01', note: '' });
    const moved = apply(
      { ...bench, versions: new Map([['v', version]]) },
      { do: 'move', loadout: 'k', placement: 'whistle', to: { on: 'body' } },
    );
    if (!moved.ok) throw new Error(moved.problem.message);
    return moved.value;
  },
};

function judged(bench: Bench, rule: string) {
  const worked = workedOut(bench, bench.loadouts.get('k')!, today);
  return { worked, findings: findingsOf(worked).filter((each) => each.rule === rule) };
}

describe('every rule', () => {
  it('of the list is there, has a case here, and says when it speaks', () => {
    const listed = readFileSync('docs/rules.md', 'utf8').match(/^\| [a-z]+\/[a-z-]+ /gm)!;
    const ids = rules.map(({ id }) => id);
    expect(listed.map((each) => each.slice(2).trim())).toEqual(ids);
    expect(new Set(ids).size).toBe(ids.length);
    expect(Object.keys(cases).sort()).toEqual([...ids].sort());
    for (const { speaksWhen, because, severities } of rules) {
      expect([speaksWhen, because].every((text) => text.length > 8)).toBe(true);
      expect(severities.length).toBeGreaterThan(0);
    }
    expect(menders.filter(({ rule }) => !ids.includes(rule))).toEqual([]);
  });

  it.each(Object.entries(cases))(
    '%s speaks, is silent, and is silenced by each of its fixes',
    (id, each) => {
      const bench = prepared[id]?.(benchOfKinds(each.speaks)) ?? benchOfKinds(each.speaks);
      const { worked, findings } = judged(bench, id);
      expect(findings.length).toBeGreaterThan(0);
      const rule = rules.find((one) => one.id === id)!;
      for (const finding of findings) {
        expect(rule.severities).toContain(finding.severity);
        expect(findingInWords(finding, worked, 'metric')).toMatch(/^\S.{4,}\.$/s);
        expect(findingInWords(finding, worked, 'us')).toMatch(/^\S.{4,}\.$/s);
      }
      expect(judged(benchOfKinds(each.silent), id).findings).toEqual([]);
      const [finding] = findings;
      let next = 0;
      const fixes = [...fixesOf(worked, finding!, { newId: () => `new-${(next += 1)}` })].flatMap(
        (fix) => fix ?? [],
      );
      expect(fixes.length > 0).toBe(each.hasNoFix !== true);
      for (const { says, command } of fixes) {
        expect(says).toMatch(/^[A-Z“]/);
        const done = apply(bench, command);
        if (!done.ok) throw new Error(done.problem.message);
        const left = judged(done.value, id).findings.map(({ of }) => of);
        expect(left).not.toContain(finding!.of);
      }
    },
  );

  it('is silent about an empty kit without a brief, but for what any kit must do', () => {
    const worked = workedOut(benchOf([pieceOf('x')], [kitOf('k')]), kitOf('k'), today);
    expect(new Set(findingsOf(worked).map(({ rule }) => rule))).toEqual(new Set(['cover/missing']));
  });
});
