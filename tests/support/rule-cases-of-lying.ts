import { lotOf } from '@/core/gear';
import { apply, versionOf, type Bench } from '@/core/loadout';
import { kit as kitOf } from './benches';
import { cold, dry, lone, ok, type RuleCase } from './rule-case';

/** Of the rules about what harms, how a kit lies, is kept and thinned. */
export const casesOfLying: Readonly<Record<string, RuleCase>> = {
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
    speaks: { holds: 'pack, spirit-bottle @ pack, map @ pack' },
    silent: { holds: 'pack, spirit-bottle @ pack, map' },
  },
  'harm/fuel-food': {
    speaks: { holds: 'pack, spirit-bottle @ pack, oat-bar @ pack' },
    silent: { holds: 'pack, gas-canister @ pack, oat-bar @ pack' },
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
    speaks: { holds: 'pack, storage-tin, group-pot @ storage-tin' },
    silent: { holds: 'storage-tin, tinder-tabs @ storage-tin' },
  },
  'stow/limits': {
    speaks: { holds: 'pot, group-pot, oat-bar', kit: { mostMassG: 800 } },
    silent: { holds: 'pot, group-pot, oat-bar', kit: { mostMassG: 5000 } },
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
export const prepared: Readonly<Record<string, (bench: Bench) => Bench>> = {
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
