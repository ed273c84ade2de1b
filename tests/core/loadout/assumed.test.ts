import { gearOfKind, kindOf } from '@/core/catalogue';
import { readFile, writeFile } from '@/core/exchange';
import { pricePartsOf } from '@/core/judge/price-parts';
import { sparedBy } from '@/core/judge/thrift';
import { workedOut } from '@/core/kit';
import { afloat } from '@/core/kit/floats';
import { apply, carriedMassG, newPlacement, overplaced, totalsOf } from '@/core/loadout';
import { groundFor } from '@/core/pack/ground';
import { massOfBranch } from '@/core/upkeep/by-weight';
import { benchOf, kit } from '../../support/benches';

const shelf = ['pocket-coat', 'belt-knife', 'lighter', 'car-boot'].map((id) =>
  gearOfKind(kindOf(id)!, id),
);
const [coat, knife, lighter] = shelf;
const inCoat = { in: 'coat', cavity: coat!.cavities[0]!.id };
const own = kit('k', [
  newPlacement('coat', 'pocket-coat', { on: 'body' }),
  newPlacement('knife', 'belt-knife', { on: 'body' }),
  newPlacement('lighter', 'lighter', inCoat),
]);
const counted = benchOf(shelf, [own]);

function assuming(...placements: readonly string[]) {
  return placements.reduce((bench, placement) => {
    const next = apply(bench, { do: 'assume', loadout: 'k', placement, isAssumed: true });
    if (!next.ok) throw new Error(next.problem.message);
    return next.value;
  }, counted);
}

describe('what is there anyhow', () => {
  const bench = assuming('coat', 'knife');
  const assumed = bench.loadouts.get('k')!;

  test('weighs and costs the kit nothing, but what lies in it does', () => {
    const { whole, branches } = totalsOf(assumed, bench.shelf);
    expect(whole.massG).toBe(lighter!.massG);
    expect(whole.priceMinor).toBe(lighter!.priceMinor);
    expect(branches.get('coat')!.massG).toBe(lighter!.massG);
    expect(carriedMassG(assumed, totalsOf(assumed, bench.shelf), bench.shelf)).toBe(lighter!.massG);
    expect(massOfBranch(assumed, bench.shelf, null)).toBe(lighter!.massG);
    const { paidMinor, typicalMinor, toBuyMinor } = pricePartsOf(bench, assumed);
    expect(paidMinor + typicalMinor + toBuyMinor).toBe(lighter!.priceMinor);
  });

  test('may be there anyhow in several kits, and is placed twice in none', () => {
    const another = kit('other', [newPlacement('knife', 'belt-knife', { on: 'body' })]);
    const two = (of: typeof bench) => benchOf(shelf, [of.loadouts.get('k')!, another]);
    expect(overplaced(two(counted)).map(({ gear }) => gear)).toEqual(['belt-knife']);
    expect(overplaced(two(bench))).toEqual([]);
  });

  test('counts in what the kit can do, and is nothing to be left at home', () => {
    const worked = workedOut(bench, assumed, '2026-10-01');
    expect(worked.ways.depth(['cut'])).toBe(1);
    expect(sparedBy(worked).map(({ placement }) => placement.id)).toEqual(['lighter']);
  });

  test('is told in the file, and comes back', () => {
    const back = readFile(writeFile(bench));
    expect(
      back.ok && back.value.loadouts.get('k')!.placements.map((each) => each.isAssumed),
    ).toEqual([true, true, undefined]);
  });

  test('and counts again when that is taken back', () => {
    const again = apply(bench, {
      do: 'assume',
      loadout: 'k',
      placement: 'knife',
      isAssumed: false,
    });
    const left = again.ok ? again.value.loadouts.get('k')! : own;
    expect(totalsOf(left, bench.shelf).whole.massG).toBe(lighter!.massG! + knife!.massG!);
    expect(left.placements.find(({ id }) => id === 'knife')).toEqual(own.placements[1]);
  });
});

describe('a room that is built in', () => {
  const boot = shelf[3]!;
  const inBoot = { in: 'boot', cavity: boot.cavities[0]!.id };
  const laden = kit('k', [
    newPlacement('boot', 'car-boot', { on: 'vehicle' }),
    newPlacement('knife', 'belt-knife', inBoot),
  ]);
  const bench = benchOf(shelf, [laden]);

  test('weighs nothing and holds', () => {
    expect([boot.massG, boot.priceMinor, boot.cavities.length]).toEqual([0, 0, 1]);
  });

  test('does not float by itself: what lies in it comes adrift', () => {
    const floating = afloat(workedOut(bench, laden, '2026-10-01'));
    expect(floating.map(({ placement }) => placement.id)).toEqual(['knife']);
  });

  test('stands in the vehicle when the kit is packed from the mat', () => {
    expect(groundFor(boot, { on: 'mat' }, laden)).toBe('vehicle');
  });
});

test('what is there anyhow is as heavy in the water as it is', () => {
  const spare = (bench: typeof counted) =>
    afloat(workedOut(bench, bench.loadouts.get('k')!, '2026-10-01')).map(({ spareG }) => spareG);
  expect(spare(assuming('coat', 'knife'))).toEqual(spare(counted));
});
