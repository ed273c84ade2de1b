import fc from 'fast-check';
import { gearOfKind, kindOf } from '@/core/catalogue';
import { igniteJobs, type Gear } from '@/core/gear';
import { waysWanted } from '@/core/scheme';
import { pricePartsOf } from '@/core/judge/price-parts';
import { sparedBy } from '@/core/judge/thrift';
import { workedOut } from '@/core/kit';
import { newPlacement, type Bench } from '@/core/loadout';
import { amountOf, waysOf, type Ways } from '@/core/ways';
import { benchOf, kit } from '../../support/benches';
import { needyKit } from '../../support/kits-of-needs';
import { runs } from '../../support/share';
import { everyFinding } from '../../support/every-finding';

function benchWith(...lines: readonly (readonly [string, number, Partial<Gear>?])[]): Bench {
  const shelf = lines.map(([id, , differs]) => ({ ...gearOfKind(kindOf(id)!, id), ...differs }));
  const placements = lines.map(([id, count]) => newPlacement(id, id, { on: 'body' }, count));
  return benchOf(shelf, [kit('k', placements)]);
}

function spared(bench: Bench) {
  return sparedBy(workedOut(bench, bench.loadouts.get('k')!, '2026-10-01')).map(
    ({ placement, massG, losses }) => ({
      gear: placement.gear,
      massG,
      losses: losses.map((loss) =>
        loss.what === 'way'
          ? `way ${loss.left}/${loss.wanted}`
          : 'job' in loss
            ? loss.job
            : loss.what,
      ),
    }),
  );
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
      { gear: 'neck-knife', massG: 62, losses: [] },
      { gear: 'belt-knife', massG: 170, losses: ['chop', 'dig'] },
      { gear: 'whetstone', massG: 95, losses: ['sharpen'] },
      { gear: 'folding-knife', massG: 85, losses: ['turn', 'eat'] },
    ]);
  });

  it('says where fewer ways are left than are wanted, or less of what adds up', () => {
    const bench = benchWith(['folding-knife', 1], ['neck-knife', 1], ['oat-bar', 4], ['nuts', 1]);
    const found = Object.fromEntries(spared(bench).map((each) => [each.gear, each.losses]));
    expect(found['folding-knife']).toEqual(['turn', 'eat', 'way 1/2']);
    expect(found['oat-bar']).toEqual(['morale', 'food']);
    expect(found.nuts).toEqual(['food']);
    const nuts = sparedBy(workedOut(bench, bench.loadouts.get('k')!, '2026-10-01')).find(
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
      sparedBy(workedOut(bench, bench.loadouts.get('k')!, '2026-10-01')).map((each) => [
        each.placement.gear,
        each.losses,
      ]),
    );
    expect(found['rain-jacket']).toEqual([{ what: 'pieces', job: 'shell', less: 2, left: 2 }]);
    expect(found['folding-saw']).toEqual([{ what: 'fitness', job: 'saw', left: 'serves' }]);
  });

  it('counts what others rely on', () => {
    const bench = benchWith(['ferro-rod', 1], ['tinder-tin', 1]);
    const found = Object.fromEntries(spared(bench).map((each) => [each.gear, each.losses]));
    expect(found['tinder-tin']).toEqual(['spark', 'tinder', 'char']);
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

describe('what is lost without a piece', () => {
  it('is what the kit worked out without it has less of', () => {
    fc.assert(
      fc.property(needyKit, ({ loadout, shelf }) => {
        const bench = { ...benchOf([...shelf.values()], [loadout]) };
        const whole = workedOut(bench, loadout, '2026-10-01');
        for (const { placement, losses } of sparedBy(whole)) {
          const without = waysOf(
            { ...loadout, placements: loadout.placements.filter((each) => each !== placement) },
            shelf,
            '2026-10-01',
          );
          const done = (ways: Ways) => new Set(ways.all.map(({ job }) => job));
          const gone = [...done(whole.ways)].filter((job) => !done(without).has(job));
          const told = losses.flatMap((loss) => (loss.what === 'job' ? [loss.job] : []));
          expect([...told].sort()).toEqual(gone.sort());
          for (const job of done(without)) {
            const [was, is] = [whole.ways, without].map((ways) => amountOf(ways, job) ?? 0);
            const less = losses.find((loss) => loss.what === 'amount' && loss.job === job);
            expect(less?.what === 'amount' ? less.left : was).toBe(is);
          }
          for (const anyOf of [igniteJobs, ['boil'] as const]) {
            const loss = losses.find(
              (each) => each.what === 'way' && each.anyOf.join() === anyOf.join(),
            );
            const [was, is] = [whole.ways.depth(anyOf), without.depth(anyOf)];
            const wanted = waysWanted(anyOf, []);
            expect(loss?.what === 'way' ? loss.left : null).toBe(
              is > 0 && is < was && is < wanted ? is : null,
            );
          }
        }
      }),
      runs(200, 0.3),
    );
  });
});

describe('a lighter piece of the shelf', () => {
  const ids = ['belt-knife', 'steel-bottle', 'whistle', 'headlamp', 'poncho', 'cord'] as const;
  const massG = fc.integer({ min: 1, max: 400 });

  it('is the lightest of all that are free and do the same, from 20 g on', () => {
    let named = 0;
    fc.assert(
      fc.property(
        fc.array(fc.record({ id: fc.constantFrom(...ids), massG, isTaken: fc.boolean() }), {
          minLength: 2,
          maxLength: 30,
        }),
        (pieces) => {
          const shelf = pieces.map(({ id, massG: own }, at) => ({
            ...gearOfKind(kindOf(id)!, `g${at}`),
            massG: own,
            lots: [],
          }));
          const taken = shelf.filter((_, at) => pieces[at]!.isTaken);
          const placements = taken.map(({ id }) => newPlacement(id, id, { on: 'body' }));
          const bench = benchOf(shelf, [kit('k', placements)]);
          const found = everyFinding(workedOut(bench, bench.loadouts.get('k')!, '2026-10-01'))
            .filter(({ rule }) => rule === 'thrift/lighter')
            .map(({ about, figures }) => [about[0], (figures as { savedG: number }).savedG]);
          const wanted = taken.flatMap(({ id, kind, massG: own }) => {
            const free = shelf.filter((each, at) => each.kind === kind && !pieces[at]!.isTaken);
            const saved = Math.max(...free.map((each) => own - each.massG));
            return saved >= 20 ? [[id, saved]] : [];
          });
          named += wanted.length;
          expect(new Map(found as [string, number][])).toEqual(
            new Map(wanted as [string, number][]),
          );
        },
      ),
      runs(150, 0.3),
    );
    expect(named).toBeGreaterThan(30);
  });
});
