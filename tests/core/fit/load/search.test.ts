import fc from 'fast-check';
import {
  LoadSearch,
  whyInWords,
  stowWithin,
  wrongWith,
  type Load,
  type Stowage,
  type Stowed,
} from '@/core/fit/laid-out';
import { anyLoad, box, can, cylinder, soft, tin } from '../../../support/loads';
import { leastVolumeMm3 } from '@/core/fit/load/forms';
import { runs } from '../../../support/share';

const bottle = can(70, 200, { shape: 'round', diameterMm: 44 });

function stow(load: Load, steps = 60): Stowage {
  const stowage = stowWithin(load, { seed: 1, steps });
  expect(wrongWith(load, stowage)).toEqual([]);
  return stowage;
}

function whyOf(stowage: Stowage): Readonly<Record<string, string>> {
  return Object.fromEntries(stowage.left.map(({ id, why }) => [id, whyInWords(why, 'metric')]));
}

describe('laws', () => {
  it('gives only answers that the verifier accepts', () => {
    fc.assert(
      fc.property(anyLoad, fc.integer(), (load, seed) => {
        expect(wrongWith(load, stowWithin(load, { seed, steps: 8 }))).toEqual([]);
      }),
      runs(80, 0.3),
    );
  });

  it('gives the same answer for the same seed and steps', () => {
    fc.assert(
      fc.property(anyLoad, fc.integer(), (load, seed) => {
        const bounds = { seed, steps: 8 };
        expect(stowWithin(load, bounds)).toEqual(stowWithin(load, bounds));
      }),
      runs(25, 0.4),
    );
  });

  it('only gets better with more steps', () => {
    fc.assert(
      fc.property(anyLoad, (load) => {
        const search = new LoadSearch(load, 1);
        const run = search.run();
        for (let best = 0; search.steps < 12 && !run.next().done;) {
          const packed = leastVolumeOf(load, search);
          expect(packed).toBeGreaterThanOrEqual(best - 1e-3);
          best = packed;
        }
      }),
      runs(20, 0.4),
    );
  });

  it('returns its best so far when it is cancelled', () => {
    const load: Load = {
      container: tin(100, 80, 40),
      items: Array.from({ length: 30 }, (_, at) => box(`b${at}`, [31, 23 + (at % 5), 17])),
    };
    let asked = 0;
    const stowage = stowWithin(load, { seed: 1, isCancelled: () => ++asked === 3 });
    expect(asked).toBe(3);
    expect(stowage.fits).toBe(false);
    expect(stowage.placed.length).toBeGreaterThan(10);
    expect(wrongWith(load, stowage)).toEqual([]);
  });
});

describe('more room', () => {
  const pieces = [
    box('tin', [60, 40, 20]),
    box('card', [85, 54, 3]),
    cylinder('candle', 38, 18),
    cylinder('stick', 9, 82),
    box('block', [40, 25, 25]),
    soft('cloth', 60, 25, 5),
    cylinder('pot', 30, 45, true),
    soft('cord', 40, 30, 8),
  ];
  it.each([
    ['a tin', (grow: number) => tin(70 + grow, 55 + grow, 30 + grow)],
    ['a can', (grow: number) => can(75 + grow, 40 + grow)],
    ['a jar', (grow: number) => can(75 + grow, 60 + grow, { shape: 'round', diameterMm: 60 })],
  ])('never loses a piece in %s', (_, containerOf) => {
    let before = 0;
    for (let grow = 0; grow <= 60; grow += 6) {
      const { placed } = stow({ container: containerOf(grow), items: pieces }, 40);
      expect(placed.length).toBeGreaterThanOrEqual(before);
      before = placed.length;
    }
    expect(before).toBe(pieces.length);
  });
});

describe('cases', () => {
  it('lays seven rods into a can three times as wide, and not into a narrower one', () => {
    const rods = Array.from({ length: 7 }, (_, at) => cylinder(`rod ${at}`, 30, 50, true));
    expect(stow({ container: can(90.001, 50), items: rods }).fits).toBe(true);
    expect(stow({ container: can(89.9, 50), items: rods }).placed).toHaveLength(5);
  });

  it('nests rows of rods into each other’s gaps', () => {
    // Rows of 4, 3 and 4: two steps of 25·√3/2 and a diameter are 68.3 high, three rows of hulls 75.
    const rods = Array.from({ length: 11 }, (_, at) => cylinder(`rod ${at}`, 25, 40));
    expect(stow({ container: tin(100, 68.4, 40), items: rods }, 400).fits).toBe(true);
    expect(stow({ container: tin(100, 68.2, 40), items: rods }, 100).fits).toBe(false);
  });

  it('keeps the corners of a box inside a round can', () => {
    expect(stow({ container: can(100, 20), items: [box('flat', [60, 80, 20])] }).fits).toBe(true);
    const wide = stow({ container: can(99.9, 20), items: [box('flat', [60, 80, 20])] });
    expect(whyOf(wide).flat).toBe('0.1 mm too long, and it does not go in corner to corner either');
  });

  it('says by how much a lid does not close', () => {
    const stowage = stow({ container: tin(100, 60, 20), items: [box('stove', [90, 50, 23])] });
    expect(whyOf(stowage).stove).toBe('stands 3 mm out of the top, so that the lid does not close');
    const upright = stow({ container: tin(100, 60, 20), items: [box('ink', [19, 19, 23], true)] });
    expect(whyOf(upright).ink).toMatch(/^stays upright, and stands 3 mm out of the top/);
    expect(stow({ container: tin(100, 60, 20), items: [box('ink', [19, 19, 23])] }).fits).toBe(
      true,
    );
  });

  it('says that a stick goes in only on the diagonal', () => {
    // The floor's diagonal is 128.1 mm; a stick 6 mm thick and 115 long lies along it.
    const stowage = stow({ container: tin(100, 80, 20), items: [cylinder('stick', 6, 115)] });
    expect(whyOf(stowage).stick).toMatch(/only on the diagonal/);
    const inSpace = stow({ container: tin(100, 80, 60), items: [box('stick', [135, 3, 3])] });
    expect(whyOf(inSpace).stick).toMatch(/only on the diagonal/);
    const tooLong = stow({ container: tin(100, 80, 20), items: [cylinder('stick', 6, 145)] });
    expect(whyOf(tooLong).stick).toMatch(/^45 mm too long/);
  });

  it('lets through a bottle’s mouth only what passes, and turns nothing that has no room', () => {
    const stowage = stow({
      container: bottle,
      items: [
        cylinder('matches', 20, 120),
        box('steel', [60, 25, 12]),
        soft('rag', 100, 40, 10),
        box('stove', [50, 40, 40]),
        cylinder('pencil', 8, 190),
      ],
    });
    expect(whyOf(stowage)).toEqual({ stove: 'needs ⌀57 mm and the mouth is ⌀44 mm' });
  });

  it('refuses to lay flat what stands in a low room with a small mouth', () => {
    const container = tin(100, 60, 30, { shape: 'round', diameterMm: 40 });
    const stowage = stow({
      container,
      items: [cylinder('rod', 20, 80), box('bead', [15, 15, 15])],
    });
    expect(whyOf(stowage)).toEqual({ rod: expect.stringMatching(/no way was found to turn it/) });
  });

  it('refuses a bag below its tightest, by bulk and by the last millilitre', () => {
    const container = tin(100, 60, 20);
    expect(stow({ container, items: [soft('bag', 200, 120)] }).fits).toBe(true);
    const stowage = stow({ container, items: [soft('bag', 200, 121)] });
    expect(whyOf(stowage).bag).toBe(
      'pressed as tight as it goes it takes 121 mL, and the room is 120 mL',
    );
  });

  it('presses soft pieces no more than it must', () => {
    const [bag] = stow({ container: tin(100, 60, 40), items: [soft('bag', 200, 100)] }).placed;
    expect(mlOf(bag!)).toBeCloseTo(200, 6);
    const tight = stow({ container: tin(100, 60, 20), items: [soft('bag', 200, 100)] });
    expect(mlOf(tight.placed[0]!)).toBeLessThanOrEqual(120.001);
  });

  it('stuffs a cloth round a corner where it may be in several blocks', () => {
    // Beside the block are 40 × 50 × 20 and 60 × 10 × 20 mm: 52 mL, but 40 in one.
    const items = [box('block', [60, 40, 20]), soft('cloth', 52, 46)];
    const load = { container: tin(100, 50, 20), items, isSoftInParts: true };
    const stowage = stow(load);
    expect(stowage.fits).toBe(true);
    const cloth = stowage.placed.find(({ id }) => id === 'cloth')!;
    expect(cloth.more).toHaveLength(1);
    expect(stow({ ...load, isSoftInParts: false }).fits).toBe(false);
    const torn = { ...cloth, more: [{ ...cloth.more![0]!, atMm: [0, 0, 0] as const }] };
    const placed = stowage.placed.map((each) => (each.id === 'cloth' ? torn : each));
    expect(wrongWith(load, { ...stowage, placed })).not.toEqual([]);
  });

  it('packs a tin of 35 small pieces', () => {
    const stowage = stow({ container: tin(116, 86, 30), items: smallThings });
    expect(stowage).toMatchObject({ fits: true, left: [] });
    expect(stowage.placed).toHaveLength(35);
  });

  it('puts what is urgent near the mouth and what is heavy low', () => {
    const items = [
      { ...box('whistle', [40, 30, 10]), massG: 20, isUrgent: true },
      { ...box('file', [40, 30, 10]), massG: 300 },
      { ...box('card', [40, 30, 10]), massG: 10 },
    ];
    const { placed } = stow({ container: tin(40, 30, 30), items });
    expect(placed.map(({ id }) => id)).toEqual(['file', 'card', 'whistle']);
  });

  it('puts what is heavy next to the back that carries it', () => {
    const items = [
      { ...box('card', [40, 30, 10]), massG: 10 },
      { ...box('file', [40, 30, 10]), massG: 300 },
      { ...box('cloth', [40, 30, 10]), massG: 20 },
    ];
    // They go in upright side by side only: the back is where the second side begins.
    const { placed } = stow({ container: tin(30, 30, 40), items, isWorn: true });
    expect(placed.find(({ id }) => id === 'file')!.atMm[1]).toBe(0);
  });

  it('has nothing to say against nothing', () => {
    expect(stow({ container: tin(10, 10, 10), items: [] })).toMatchObject({ fits: true, fill: 0 });
  });
});

describe('wrongWith', () => {
  const load: Load = {
    container: tin(100, 60, 30),
    items: [box('a', [50, 30, 20]), cylinder('c', 20, 60), soft('s', 40, 20, 8)],
  };
  const right = stowWithin(load, { seed: 1, steps: 5 });

  function with_(id: string, change: (stowed: Stowed) => Stowed): Stowage {
    return {
      ...right,
      placed: right.placed.map((stowed) => (stowed.id === id ? change(stowed) : stowed)),
    };
  }

  it.each<[string, Stowage, RegExp]>([
    [
      'moved out',
      with_('a', (s) => ({ ...s, atMm: [s.atMm[0] - 0.01, s.atMm[1], s.atMm[2]] })),
      /a is not inside/,
    ],
    [
      'moved into another',
      with_('c', (s) => ({ ...s, atMm: right.placed.find(({ id }) => id === 'a')!.atMm })),
      /in one place/,
    ],
    [
      'made smaller',
      with_('a', (s) => ({ ...s, sizeMm: [49.9, s.sizeMm[1], s.sizeMm[2]] })),
      /not as large/,
    ],
    [
      'another axis',
      with_('c', (s) => ({ ...s, axis: s.axis === 'x' ? 'y' : 'x' })),
      /not as large/,
    ],
    [
      'pressed too much',
      with_('s', (s) => ({ ...s, sizeMm: [s.sizeMm[0], s.sizeMm[1], s.sizeMm[2] / 3] })),
      /not as large/,
    ],
    ['left out of the list', { ...right, placed: right.placed.slice(1) }, /told of 0 times/],
    ['told twice', { ...right, placed: [...right.placed, right.placed[0]!] }, /told of 2 times/],
    [
      'a stranger',
      { ...right, left: [{ id: 'x', why: { why: 'no place found' } }] },
      /x is not of this load/,
    ],
    ['a false yes', { ...right, fits: false }, /told wrongly/],
  ])('rejects what is %s', (_, stowage, wrong) => {
    expect(wrongWith(load, right)).toEqual([]);
    expect(wrongWith(load, stowage).join(' ')).toMatch(wrong);
  });

  it('rejects an order in which a lower piece comes after the one above it', () => {
    const tower: Load = {
      container: tin(20, 20, 20),
      items: [box('low', [20, 20, 10]), box('high', [20, 20, 10])],
    };
    const stowage = stowWithin(tower, { seed: 1, steps: 5 });
    expect(wrongWith(tower, stowage)).toEqual([]);
    const reversed = { ...stowage, placed: [...stowage.placed].reverse() };
    expect(wrongWith(tower, reversed)).toEqual([expect.stringMatching(/cannot be brought/)]);
  });

  it('rejects every answer that is moved off by more than its slack', () => {
    fc.assert(
      fc.property(anyLoad, fc.nat(), fc.nat({ max: 2 }), (some, which, axis) => {
        const answer = stowWithin(some, { seed: 1, steps: 3 });
        if (answer.placed.length === 0) return;
        const { id } = answer.placed[which % answer.placed.length]!;
        const moved = answer.placed.map((stowed) =>
          stowed.id === id
            ? { ...stowed, atMm: stowed.atMm.map((mm, k) => (k === axis ? mm - 500 : mm)) as never }
            : stowed,
        );
        expect(wrongWith(some, { ...answer, placed: moved })).not.toEqual([]);
      }),
      runs(40, 0.4),
    );
  });
});

function leastVolumeOf({ items }: Load, { placed }: LoadSearch): number {
  const ids = new Set(placed.map(({ id }) => id));
  return items.reduce((sum, { id, form }) => sum + (ids.has(id) ? leastVolumeMm3(form) : 0), 0);
}

function mlOf({ sizeMm: [dx, dy, dz], axis }: Stowed): number {
  return (dx * dy * dz * (axis === null ? 1 : Math.PI / 4)) / 1000;
}

/** What goes into a lunch tin: 35 things of ten kinds, 226 mL of them in 299. */
const smallThings = [
  ...many(8, (id) => cylinder(id, 11, 22)),
  ...many(6, (id) => box(id, [38, 12, 6])),
  ...many(5, (id) => cylinder(id, 25, 12)),
  ...many(4, (id) => box(id, [54, 28, 4])),
  ...many(4, (id) => cylinder(id, 9, 60)),
  ...many(3, (id) => soft(id, 20, 12, 4)),
  ...many(2, (id) => box(id, [46, 30, 14])),
  box('card', [85, 54, 2]),
  cylinder('jar', 30, 26, true),
  soft('hank', 30, 22, 8),
].map((item, at) => ({ ...item, id: `small-${at}` }));

function many<T>(count: number, make: (id: string) => T): readonly T[] {
  return Array.from({ length: count }, () => make(''));
}
