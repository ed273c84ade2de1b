import fc from 'fast-check';
import { BlockStock, type BoxKind } from '@/core/fit/load/blocks';
import { BoxSearch } from '@/core/fit/load/box-search';
import { Rows } from '@/core/fit/load/rows';
import { overlap } from '@/core/fit/load/solid';
import { Spaces } from '@/core/fit/load/spaces';
import type { Sides, Solid } from '@/core/fit/laid-out';
import { runs } from '../../../support/share';

const side = fc.integer({ min: 5, max: 60 });
const room: Sides = [120, 90, 60];
const anyKinds: fc.Arbitrary<readonly BoxKind[]> = fc.array(
  fc
    .tuple(side, side, side, fc.boolean(), fc.integer({ min: 1, max: 4 }))
    .map(([a, b, c, upright, count]) => ({ sides: [a, b, c], upright, count }) as const)
    .filter(({ sides: [a, b, c] }) => a <= 90 && b <= 90 && c <= 60),
  { minLength: 1, maxLength: 4 },
);

function solid(atMm: Sides, sizeMm: Sides): Solid {
  return { atMm, sizeMm, axis: null };
}

describe('Rows', () => {
  // 30 and 40: 30, 40, 60, 70, 80, 90, 100, …
  it.each([
    [0, 0],
    [29, 0],
    [30, 30],
    [59, 40],
    [60, 60],
    [79, 70],
    [100, 100],
  ])('fills of %d mm %d with sides of 30 and 40', (length, filled) => {
    expect(new Rows([30, 40, 30], 600).longestWithin(length)).toBeCloseTo(filled, 9);
  });
});

describe('Spaces', () => {
  it('leaves the six slabs round a box in the middle', () => {
    const spaces = new Spaces(1, 1, 1);
    spaces.add(0, 0, 0, 30, 30, 30);
    spaces.cutOut(10, 10, 10, 20, 20, 20);
    expect(spaces.count).toBe(6);
  });

  it('drops what no piece to come would go into', () => {
    const spaces = new Spaces(12, 1, 1);
    spaces.add(0, 0, 0, 30, 30, 30);
    spaces.cutOut(0, 0, 0, 30, 30, 10);
    spaces.cutOut(0, 0, 10, 30, 19, 30);
    expect(spaces.count).toBe(0);
  });

  it('covers all that is empty, and nothing that is not, with none inside another', () => {
    const anyBox = fc.tuple(side, side, side, fc.nat(60), fc.nat(40), fc.nat(30));
    fc.assert(
      fc.property(fc.array(anyBox, { maxLength: 6 }), (boxes) => {
        const spaces = new Spaces(0.5, 0.5, 0.5);
        spaces.add(0, 0, 0, ...room);
        const cut = boxes.map(([dx, dy, dz, x, y, z]) => solid([x, y, z], [dx, dy, dz]));
        for (const {
          atMm: [x, y, z],
          sizeMm: [dx, dy, dz],
        } of cut) {
          spaces.cutOut(x, y, z, x + dx, y + dy, z + dz);
        }
        const left = Array.from({ length: spaces.count }, (_, at) => {
          const [x0, y0, z0, x1, y1, z1] = [...spaces.corners.subarray(at * 6, at * 6 + 6)];
          return solid([x0!, y0!, z0!], [x1! - x0!, y1! - y0!, z1! - z0!]);
        });
        for (const space of left) expect(cut.some((box) => overlap(space, box))).toBe(false);
        const holds = (outer: Solid, inner: Solid) =>
          [0, 1, 2].every(
            (k) =>
              outer.atMm[k]! <= inner.atMm[k]! &&
              outer.atMm[k]! + outer.sizeMm[k]! >= inner.atMm[k]! + inner.sizeMm[k]!,
          );
        left.forEach((one, at) =>
          left.forEach((other, also) => {
            if (at !== also) expect(holds(one, other)).toBe(false);
          }),
        );
        for (let probe = 0; probe < 40; probe += 1) {
          const point: Sides = [(probe * 37) % 119, (probe * 53) % 89, (probe * 29) % 59];
          const cell = solid(point, [1, 1, 1]);
          const isTaken = cut.some((box) => overlap(cell, box));
          expect(left.some((space) => holds(space, cell))).toBe(!isTaken);
        }
      }),
      runs(20, 0.4),
    );
  });
});

describe('BlockStock', () => {
  it('keeps its grids of equal boxes though a kind before them does not go in', () => {
    const kinds = [
      { sides: [900, 900, 900], upright: false, count: 1 },
      { sides: [10, 20, 30], upright: false, count: 6 },
    ] as const;
    const stock = new BlockStock(kinds, [60, 60, 60]);
    expect(stock.size).toBeGreaterThan(4);
    for (let view = 0; view < stock.viewBlock.length; view += 1) {
      const boxes = stock.boxesOf(view, [0, 0, 0]);
      expect(boxes).toHaveLength(stock.boxes[stock.viewBlock[view]!]!);
      expect(boxes.every(({ kind }) => kind === 1)).toBe(true);
    }
  });

  it('builds blocks whose boxes are of their kinds, apart, and within the hull', () => {
    fc.assert(
      fc.property(anyKinds, (kinds) => {
        const stock = new BlockStock(kinds, room);
        stock.joinPerfectly(60);
        for (const _ of stock.joinNearly(0.9, 90)) expect(_).toBeUndefined();
        for (let view = 0; view < stock.viewBlock.length; view += 1) {
          const hull = stock.viewSides.slice(view * 3, view * 3 + 3);
          const boxes = stock.boxesOf(view, [0, 0, 0]);
          const used = kinds.map(() => 0);
          boxes.forEach(({ kind, at, size }, index) => {
            used[kind]! += 1;
            const { sides, upright } = kinds[kind]!;
            expect([...size].sort()).toEqual([...sides].sort());
            if (upright) expect(size[2]).toBe(sides[2]);
            at.forEach((mm, k) => expect(mm + size[k]!).toBeLessThanOrEqual(hull[k]! + 1e-6));
            for (const other of boxes.slice(0, index)) {
              expect(overlap(solid(at, size), solid(other.at, other.size))).toBe(false);
            }
          });
          used.forEach((count, kind) => expect(count).toBeLessThanOrEqual(kinds[kind]!.count));
        }
      }),
      runs(10, 0.5),
    );
  });
});

describe('BoxSearch', () => {
  it('puts a room together again that was cut by right-angled cuts', () => {
    // 120 × 90 × 60 in halves, a third, and what is left of each.
    const kinds = [
      [60, 90, 60],
      [60, 30, 60],
      [25, 60, 60],
      [35, 60, 20],
      [40, 35, 60],
    ].map((sides) => ({ sides: sides as unknown as Sides, upright: false, count: 1 }));
    const search = new BoxSearch(kinds, room);
    let steps = 0;
    for (const _ of search.search()) {
      expect(_).toBeUndefined();
      if ((steps += 1) > 400) break;
    }
    expect(search.isAll).toBe(true);
    expect(search.boxesOfBest()).toHaveLength(5);
  });

  it('ends where there is nothing left to choose', () => {
    const kinds = [{ sides: [50, 50, 50], upright: false, count: 20 }] as const;
    const search = new BoxSearch(kinds, room);
    let steps = 0;
    for (const _ of search.search()) {
      expect(_).toBeUndefined();
      expect((steps += 1)).toBeLessThan(5000);
    }
    expect(search.boxesOfBest()).toHaveLength(2);
  });
});
