import fc from 'fast-check';
import { bulkOf } from '@/core/gear';
import { demoBench } from '@/core/demo';
import type { Gear } from '@/core/gear';
import { branchOf, gearOf, isOnGround, totalsOf, treeOf } from '@/core/loadout';
import { benchAfter, benchOf, gear, holder, kit, someCommands } from '../../support/benches';

const box = holder('box');
const bag = holder('bag', {
  form: { shape: 'soft', looseMl: 300, tightMl: 50, thinnestMm: 5, longestRigidMm: 0 },
});
const stone = gear('stone');
const unknown = gear('unknown', { massG: null, form: null, priceMinor: null });

describe('totals by hand', () => {
  const loadout = kit('k', [
    { id: 'box', gear: 'box', count: 1, place: { on: 'body' }, laidFor: null },
    { id: 'bag', gear: 'bag', count: 1, place: { in: 'box', cavity: 'inside' }, laidFor: null },
    {
      id: 'stones',
      gear: 'stone',
      count: 3,
      place: { in: 'bag', cavity: 'inside' },
      laidFor: null,
    },
    {
      id: 'what',
      gear: 'unknown',
      count: 2,
      place: { in: 'box', cavity: 'inside' },
      laidFor: null,
    },
    { id: 'loose', gear: 'stone', count: 1, place: { on: 'mat' }, laidFor: null },
  ]);
  const bench = benchOf([box, bag, stone, unknown], [loadout]);
  const totals = totalsOf(loadout, bench.shelf);

  it('adds mass, price and pieces up the branch, and counts what has no figure', () => {
    expect(totals.branches.get('stones')).toMatchObject({
      massG: 300,
      priceMinor: 1500,
      pieces: 3,
    });
    expect(totals.branches.get('bag')).toMatchObject({ massG: 400, priceMinor: 2000, pieces: 4 });
    expect(totals.branches.get('box')).toMatchObject({
      massG: 500,
      pieces: 7,
      unweighed: 2,
      unpriced: 2,
    });
    expect(totals.whole).toMatchObject({ massG: 600, priceMinor: 3000, pieces: 8, unweighed: 2 });
  });

  it('keeps a rigid holder at its outside and swells a soft one', () => {
    expect(totals.branches.get('bag')!.bulk).toEqual({ tightMl: 350, looseMl: 350 });
    expect(totals.branches.get('box')!.bulk).toEqual({ tightMl: 1500, looseMl: 1500 });
    expect(totals.whole.bulk).toEqual({ tightMl: 1600, looseMl: 1600 });
    expect(totals.whole.unmeasured).toBe(0);
  });

  it('is added up anew when a piece of the shelf changes, and the kit does not', () => {
    const heavier = benchOf([box, bag, { ...stone, massG: 250 }, unknown], [loadout]);
    expect(totalsOf(loadout, heavier.shelf).whole.massG).toBe(600 + 4 * 150);
    expect(totalsOf(loadout, bench.shelf).whole.massG).toBe(600);
  });

  it('takes a soft holder with little in it for no smaller than it is empty', () => {
    // 50 mL of cloth and 100 mL of stone are less than the 300 mL that the bag takes lying loose by itself.
    const little = kit('k', [
      { id: 'bag', gear: 'bag', count: 1, place: { on: 'body' }, laidFor: null },
      {
        id: 'stone',
        gear: 'stone',
        count: 1,
        place: { in: 'bag', cavity: 'inside' },
        laidFor: null,
      },
    ]);
    expect(totalsOf(little, bench.shelf).branches.get('bag')!.bulk).toEqual({
      tightMl: 150,
      looseMl: 300,
    });
  });
});

describe('totals of the demo', () => {
  it('equal a hand sum in every branch of every kit', () => {
    for (const loadout of demoBench.loadouts.values()) {
      const tree = treeOf(loadout);
      const { branches, whole } = totalsOf(loadout, demoBench.shelf);
      for (const placement of loadout.placements) {
        const byHand = branchOf(tree, placement.id)
          .map((inner) => massByHandG(gearOf(demoBench.shelf, inner)) * inner.count)
          .reduce((sum, massG) => sum + massG, 0);
        expect(branches.get(placement.id)!.massG).toBeCloseTo(byHand, 9);
      }
      const everything = loadout.placements
        .map((placement) => massByHandG(gearOf(demoBench.shelf, placement)) * placement.count)
        .reduce((sum, massG) => sum + massG, 0);
      expect(whole.massG).toBeCloseTo(everything, 9);
    }
  });

  it('are these figures, added on paper', () => {
    const float = totalsOf(demoBench.loadouts.get('float-pouch-kit')!, demoBench.shelf);
    // 152 + 8.5 + 96 + 26 + 64 + 39 + 8 + 22 + 2 × 24 + 228 + 27 + 5.5 + 4.5
    expect(float.whole.massG).toBe(728.5);
    // without the whistle, which hangs on the body by itself
    expect(float.branches.get('float-pouch')!.massG).toBe(720);
    const pack = totalsOf(demoBench.loadouts.get('portage-pack-kit')!, demoBench.shelf);
    // 46 + 15.5 + 27 + 60 + 112 + 2 × 31
    expect(pack.branches.get('mend-pouch')!.massG).toBe(322.5);
    // 108 + 2 × 372 + 4 × 92
    expect(pack.branches.get('dry-bag-8')!.massG).toBe(1220);
    // 214: a bottle with nothing in it
    expect(pack.branches.get('steel-bottle')!.massG).toBe(214);
  });
});

describe('totals never drift', () => {
  it('whatever was done before, the whole is the sum over the placements', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        const bench = benchAfter(commands);
        for (const loadout of bench.loadouts.values()) {
          const { whole, branches } = totalsOf(loadout, bench.shelf);
          const sum = (of: (id: string, count: number) => number) =>
            loadout.placements.reduce((total, { gear: id, count }) => total + of(id, count), 0);
          expect(whole.massG).toBeCloseTo(
            sum((id, count) => (bench.shelf.get(id)!.massG ?? 0) * count),
            9,
          );
          expect(whole.priceMinor).toBe(
            sum((id, count) => (bench.shelf.get(id)!.priceMinor ?? 0) * count),
          );
          expect(whole.pieces).toBe(sum((_, count) => count));
          expect(branches.size).toBe(loadout.placements.length);
          const roots = loadout.placements.filter(({ place }) => isOnGround(place));
          expect(whole.massG).toBeCloseTo(
            roots.reduce((total, { id }) => total + branches.get(id)!.massG, 0),
            9,
          );
          for (const { id, gear: gearId } of loadout.placements) {
            const { bulk } = branches.get(id)!;
            const { form } = bench.shelf.get(gearId)!;
            expect(bulk.tightMl).toBeLessThanOrEqual(bulk.looseMl);
            if (form) expect(bulk.tightMl).toBeGreaterThanOrEqual(bulkOf(form).tightMl);
          }
        }
      }),
    );
  });
});

/** The mass of a full one, less that of what was used of it. */
function massByHandG({ massG, contents }: Gear): number {
  if (contents === null) return massG!;
  return massG! - (contents.massG * (contents.full - contents.left)) / contents.full;
}
