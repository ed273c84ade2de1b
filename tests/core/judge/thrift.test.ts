import { gearOfKind, kindOf } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import { pricePartsOf, sparedBy } from '@/core/judge';
import { newPlacement, type Bench } from '@/core/loadout';
import { benchOf, kit } from '../../support/benches';

function benchWith(...lines: readonly (readonly [string, number, Partial<Gear>?])[]): Bench {
  const shelf = lines.map(([id, , differs]) => ({ ...gearOfKind(kindOf(id)!, id), ...differs }));
  const placements = lines.map(([id, count]) => newPlacement(id, id, { on: 'body' }, count));
  return benchOf(shelf, [kit('k', placements)]);
}

function spared(bench: Bench) {
  return sparedBy(bench, bench.loadouts.get('k')!).map(({ placement, massG, losses }) => ({
    gear: placement.gear,
    massG,
    losses: losses.map((loss) =>
      loss.what === 'way' ? `way ${loss.left}/${loss.wanted}` : loss.job,
    ),
  }));
}

describe('what could stay at home', () => {
  it('is first what loses nothing, the heaviest first', () => {
    const bench = benchWith(
      ['folding-knife', 1],
      ['belt-knife', 1],
      ['neck-knife', 1],
      ['whetstone', 1],
    );
    expect(spared(bench)).toEqual([
      { gear: 'folding-knife', massG: 85, losses: [] },
      { gear: 'neck-knife', massG: 62, losses: [] },
      { gear: 'belt-knife', massG: 170, losses: ['chop', 'dig'] },
      { gear: 'whetstone', massG: 65, losses: ['sharpen'] },
    ]);
  });

  it('says where fewer ways are left than are wanted, or less of what adds up', () => {
    const bench = benchWith(['folding-knife', 1], ['neck-knife', 1], ['oat-bar', 4], ['nuts', 1]);
    const found = Object.fromEntries(spared(bench).map((each) => [each.gear, each.losses]));
    expect(found['folding-knife']).toEqual(['way 1/2']);
    expect(found['oat-bar']).toEqual(['morale', 'food']);
    expect(found.nuts).toEqual(['food']);
    const nuts = sparedBy(bench, bench.loadouts.get('k')!).find(
      ({ placement }) => placement.gear === 'nuts',
    )!;
    expect(nuts.losses).toEqual([{ what: 'amount', job: 'food', less: 980, left: 4 * 255 }]);
  });

  it('takes what each person wears for no spare, and the better tool for no double', () => {
    const bench = benchWith(
      ['rain-jacket', 2],
      ['rain-trousers', 2],
      ['folding-saw', 1],
      ['multi-tool', 1],
      ['belt-knife', 1],
    );
    const found = Object.fromEntries(
      sparedBy(bench, bench.loadouts.get('k')!).map((each) => [each.placement.gear, each.losses]),
    );
    expect(found['rain-jacket']).toEqual([{ what: 'pieces', job: 'shell', less: 2, left: 2 }]);
    expect(found['folding-saw']).toEqual([{ what: 'fitness', job: 'saw', left: 'serves' }]);
  });

  it('counts what others rely on', () => {
    const bench = benchWith(['ferro-rod', 1], ['tinder-tin', 1]);
    const found = Object.fromEntries(spared(bench).map((each) => [each.gear, each.losses]));
    expect(found['tinder-tin']).toEqual(['spark', 'tinder']);
  });

  it('leaves holders with something in them alone', () => {
    const bench = benchOf(
      [gearOfKind(kindOf('storage-tin')!, 'tin'), gearOfKind(kindOf('whistle')!, 'whistle')],
      [
        kit('k', [
          newPlacement('tin', 'tin', { on: 'body' }),
          newPlacement('whistle', 'whistle', { in: 'tin', cavity: 'inside' }),
        ]),
      ],
    );
    expect(spared(bench).map(({ gear }) => gear)).toEqual(['whistle']);
  });
});

describe('what a kit costs', () => {
  it('is told by how sure it is, and by what is still to be bought', () => {
    const bench = benchWith(
      ['whistle', 2, { priceMinor: 300, priceTrust: 'stated' }],
      ['whetstone', 1],
      ['pot', 1, { ownership: 'wished' }],
      ['spoon', 3, { priceMinor: null }],
    );
    expect(pricePartsOf(bench, bench.loadouts.get('k')!)).toEqual({
      paidMinor: 600,
      typicalMinor: 1400,
      toBuyMinor: 3400,
      unpriced: 3,
    });
  });
});
