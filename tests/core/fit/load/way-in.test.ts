import { canReach, fromBelow } from '@/core/fit/load/way-in';
import type { Axis, Sides, Solid } from '@/core/fit/laid-out';
import { box, can, cylinder, soft, tin } from '../../../support/loads';

function at(atMm: Sides, sizeMm: Sides, axis: Axis | null = null): Solid {
  return { atMm, sizeMm, axis };
}

describe('through a full opening', () => {
  const container = tin(100, 60, 40);
  const flat = at([0, 0, 20], [50, 60, 10]);

  it('goes straight down beside what is there, but not under it', () => {
    const { form } = box('a', [50, 60, 10]);
    expect(canReach(container, [flat], at([50, 0, 0], [50, 60, 10]), form)).toBe(true);
    expect(canReach(container, [flat], at([0, 0, 0], [50, 60, 10]), form)).toBe(false);
    expect(canReach(container, [flat], at([0, 0, 30], [50, 60, 10]), form)).toBe(true);
  });

  it('feeds something soft under it', () => {
    const { form } = soft('rag', 30, 30);
    expect(canReach(container, [flat], at([0, 0, 0], [50, 60, 10]), form)).toBe(true);
  });
});

describe('through a narrow mouth', () => {
  const jar = can(100, 200, { shape: 'round', diameterMm: 40 });
  const rod = cylinder('rod', 20, 120).form;

  it('comes down in the middle and is moved to the wall', () => {
    expect(canReach(jar, [], at([0, 40, 0], [20, 20, 120], 'z'), rod)).toBe(true);
  });

  it('does not come down where something stands under the mouth', () => {
    const plug = at([30, 30, 0], [40, 40, 200], 'z');
    expect(canReach(jar, [plug], at([0, 40, 0], [20, 20, 120], 'z'), rod)).toBe(false);
  });

  it('is laid down only where there is room to swing it', () => {
    // Its diagonal is 82.5 mm, and the jar is 100 wide; in one of 60 there is no such room.
    const short = cylinder('short', 20, 80).form;
    expect(canReach(jar, [], at([10, 40, 0], [80, 20, 20], 'x'), short)).toBe(true);
    const low = tin(100, 60, 30, { shape: 'round', diameterMm: 40 });
    expect(canReach(low, [], at([10, 20, 0], [80, 20, 20], 'x'), short)).toBe(false);
  });

  it('slides in aslant where its thickness lets it', () => {
    // 4 mm through a mouth of 40: it may lie as flat as sin = 0.1, and needs 80 · 0.1 + 4 = 12 mm below the lid.
    const blade = box('blade', [80, 10, 4]).form;
    const low = tin(100, 60, 14, { shape: 'round', diameterMm: 42 });
    expect(canReach(low, [], at([10, 25, 0], [80, 10, 4]), blade)).toBe(true);
    const lower = tin(100, 60, 9, { shape: 'round', diameterMm: 42 });
    expect(canReach(lower, [], at([10, 25, 0], [80, 10, 4]), blade)).toBe(false);
  });

  it('lets through a slot what is thin enough, on its edge', () => {
    const slotted = tin(100, 60, 100, { shape: 'slot', lengthMm: 60, widthMm: 10 });
    const disc = cylinder('disc', 50, 8).form;
    expect(canReach(slotted, [], at([25, 26, 0], [50, 8, 50], 'y'), disc)).toBe(true);
    const thick = cylinder('thick', 50, 12).form;
    expect(canReach(slotted, [], at([25, 24, 0], [50, 12, 50], 'y'), thick)).toBe(false);
  });

  it('lets cloth through that is made thin enough', () => {
    const place = at([20, 20, 0], [60, 60, 30]);
    expect(canReach(jar, [], place, soft('rag', 120, 60, 39).form)).toBe(true);
    expect(canReach(jar, [], place, soft('rag', 120, 60, 41).form)).toBe(false);
  });
});

it('orders pieces by how high their middle is', () => {
  const high = at([0, 0, 30], [10, 10, 10]);
  const tall = at([20, 0, 0], [10, 10, 50]);
  const low = at([40, 0, 0], [10, 10, 10]);
  expect(fromBelow([high, tall, low])).toEqual([low, tall, high]);
});
