import fc from 'fast-check';
import { dealAtOnce, type Able } from '@/core/needs/at-once';
import { runs, tried } from '../../support/share';

const able: fc.Arbitrary<Omit<Able, 'item'>> = fc.record({
  massG: fc.constantFrom(100, 250, 400),
  does: fc
    .uniqueArray(
      fc.tuple(fc.nat(2), fc.record({ fitness: fc.nat(2), gives: fc.constantFrom(1, 1, 1, 2, 3) })),
      { maxLength: 3, selector: ([ask]) => ask },
    )
    .map((found) => new Map(found)),
});

/** The least cost over every way to deal every item, one by one. */
function byTryingAll(asks: readonly number[], items: readonly Able[]): readonly number[] {
  let best: readonly number[] | null = null;
  const deal = (at: number, lacks: readonly number[], fitness: number, massG: number): void => {
    if (at < items.length) {
      deal(at + 1, lacks, fitness, massG);
      for (const [ask, { fitness: how, gives }] of items[at]!.does) {
        const next = lacks.map((lack, each) => (each === ask ? lack - gives : lack));
        deal(at + 1, next, fitness + how, massG + items[at]!.massG);
      }
      return;
    }
    const short = lacks.map((lack) => Math.max(0, lack));
    const cost = [short.reduce((sum, each) => sum + each, 0), ...short, fitness, massG];
    const differs = best && cost.findIndex((each, of) => each !== best![of]);
    if (best === null || (differs !== null && differs >= 0 && cost[differs]! < best[differs]!))
      best = cost;
  };
  deal(0, asks, 0, 0);
  return best!;
}

describe('one piece, one job at a time', () => {
  it('is dealt as well as by trying all, on 500 small kits', () => {
    let contested = 0;
    fc.assert(
      fc.property(
        fc.array(fc.nat(3), { minLength: 3, maxLength: 3 }),
        fc.array(able, { maxLength: 7 }),
        (asks, all) => {
          const items = all.map((each, at) => ({ ...each, item: `i${at}` }));
          const found = dealAtOnce({ asks, items });
          expect(found.cost).toEqual(byTryingAll(asks, items));
          expect(found.isExact).toBe(true);
          const used = found.by.flat();
          expect(new Set(used).size).toBe(used.length);
          if (found.cost[0]! > 0 && items.some(({ does }) => does.size > 1)) contested += 1;
        },
      ),
      runs(500, 0.2),
    );
    expect(contested).toBeGreaterThan(tried(50));
  });

  it('is quick where many alike could do several things, and says where it is not exact', () => {
    const does = new Map([0, 1, 2, 3].map((ask) => [ask, { fitness: 0, gives: 1 }] as const));
    const many = Array.from({ length: 40 }, (_, at) => ({ item: `i${at}`, massG: 100, does }));
    const found = dealAtOnce({ asks: [5, 5, 5, 5], items: many });
    expect(found.isExact).toBe(false);
    expect(found.lacks).toEqual([0, 0, 0, 0]);
  });
});
