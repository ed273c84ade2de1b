import { isInside, overlap, shaftAbove, volumeOf } from '@/core/fit/load/solid';
import type { Axis, Sides, Solid } from '@/core/fit/laid-out';
import { can, tin } from '../../../support/loads';

function at(atMm: Sides, sizeMm: Sides, axis: Axis | null = null): Solid {
  return { atMm, sizeMm, axis };
}

describe('overlap', () => {
  // Two rods of radius 10 whose middles are 10√3 apart along x and 10 along y: they touch.
  const rod = at([0, 0, 0], [20, 20, 50], 'z');
  it.each([
    ['boxes that touch', at([0, 0, 0], [10, 10, 10]), at([10, 0, 0], [5, 5, 5]), false],
    ['boxes that share a hair', at([0, 0, 0], [10, 10, 10]), at([9.99, 0, 0], [5, 5, 5]), true],
    ['rods whose hulls meet but not they', rod, at([17.321, 10, 0], [20, 20, 50], 'z'), false],
    ['rods nearer than that', rod, at([17.31, 10, 0], [20, 20, 50], 'z'), true],
    ['a box in the corner of a rod’s hull', rod, at([0, 0, 0], [2.9, 2.9, 50]), false],
    ['a box that cuts into the rod', rod, at([0, 0, 0], [3, 3, 50]), true],
    // The lying rod's middle is 20 beside the standing one's, and 14 + 14 is more than that: where they are level.
    ['crossed rods that meet', rod, at([-40, 15, 20], [100, 20, 20], 'x'), true],
    ['crossed rods side by side', rod, at([-40, 20, 20], [100, 20, 20], 'x'), false],
    // It ends 6 short of the standing one's middle, whose half chord at 6 is 8; its own half chord there is 10.
    ['a lying rod that ends at the standing one', rod, at([4, 17.9, 20], [60, 20, 20], 'x'), true],
    [
      'the same, off by a little more than 8 + 10',
      at([0, 0, 0], [20, 20, 50], 'z'),
      at([16, 18.1, 20], [60, 20, 20], 'x'),
      false,
    ],
  ])('%s', (_, one, other, meet) => {
    expect([overlap(one, other), overlap(other, one)]).toEqual([meet, meet]);
  });
});

describe('isInside', () => {
  it.each([
    ['a box that fills a tin', at([0, 0, 0], [100, 60, 20]), tin(100, 60, 20), true],
    ['a box a hair too high', at([0, 0, 0], [100, 60, 20.01]), tin(100, 60, 20), false],
    // 60-80-100: its corners are on the circle.
    ['a box with its corners on the circle', at([20, 10, 0], [60, 80, 5]), can(100, 20), true],
    ['a box out of the middle', at([20.1, 10, 0], [60, 80, 5]), can(100, 20), false],
    ['a disc at the wall', at([0, 25, 0], [50, 50, 20], 'z'), can(100, 20), true],
    ['a disc through the wall', at([0, 24, 0], [50, 50, 20], 'z'), can(100, 20), false],
    ['a rod that lies in a can', at([10, 20, 0], [80, 60, 60], 'x'), can(100, 60), true],
  ])('%s', (_, solid, container, inside) => {
    expect(isInside(solid, container)).toBe(inside);
  });
});

it('leaves a shaft above the girth of what lies, and above the foot of what stands', () => {
  expect(shaftAbove(at([5, 5, 10], [40, 20, 20], 'x'), 100)).toEqual(at([5, 5, 20], [40, 20, 80]));
  expect(shaftAbove(at([5, 5, 10], [20, 20, 30], 'z'), 100)).toEqual(
    at([5, 5, 10], [20, 20, 90], 'z'),
  );
});

it('counts a cylinder as π/4 of its hull', () => {
  expect(volumeOf(at([0, 0, 0], [20, 20, 50], 'z'))).toBeCloseTo(Math.PI * 100 * 50, 6);
});
