import {
  wrongWith,
  type Load,
  type LoadItem,
  type Stowage,
  type Stowed,
} from '@/core/fit/laid-out';
import { at, box, can, cylinder, soft, tin } from '../../../support/loads';

interface Case {
  readonly load: Load;
  readonly right: readonly Stowed[];
  readonly wrong: readonly Stowed[];
  /** Where the wrong one claims another room. */
  readonly container?: Load['container'];
}

const room = tin(100, 100, 100);
const inside = (host: string) => ({ within: { host, how: 'inside' as const } });
const around = (host: string) => ({ within: { host, how: 'around' as const } });
const up = { axis: 'z' as const };
const flat = { axis: 'x' as const };

const crate: LoadItem = { ...box('crate', [60, 50, 40]), hollow: tin(56, 46, 38) };
const pea = box('pea', [20, 20, 20]);
const mug: LoadItem = { ...cylinder('mug', 60, 90), hollow: can(56, 88) };
const pill = cylinder('pill', 50, 20, true);
const bottle = cylinder('bottle', 40, 90);
const cord: LoadItem = { ...soft('cord', 60, 20, 4), isCord: true };
const cup = (id: string, d: number): LoadItem => ({
  ...cylinder(id, d, 60),
  hollow: can(d - 4, 58),
});

/** Each was accepted once, or could be by a verifier that forgets one thing; beside it the answer that holds. */
const cases: Readonly<Record<string, Case>> = {
  'another, larger room than was asked about': {
    load: { container: tin(50, 50, 50), items: [box('a', [60, 40, 30]), pea] },
    right: [at('pea', [0, 0, 0], [20, 20, 20])],
    wrong: [at('a', [0, 0, 0], [60, 40, 30]), at('pea', [0, 40, 0], [20, 20, 20])],
    container: room,
  },
  'an inner piece through the wall of a box': {
    load: { container: room, items: [crate, pea] },
    right: [
      at('pea', [2, 2, 2], [20, 20, 20], inside('crate')),
      at('crate', [0, 0, 0], [60, 50, 40]),
    ],
    wrong: [
      at('pea', [-1, 2, 2], [20, 20, 20], inside('crate')),
      at('crate', [0, 0, 0], [60, 50, 40]),
    ],
  },
  'an inner piece that hovers above its host': {
    load: { container: room, items: [crate, pea] },
    right: [
      at('pea', [2, 2, 20], [20, 20, 20], inside('crate')),
      at('crate', [0, 0, 0], [60, 50, 40]),
    ],
    wrong: [
      at('pea', [2, 2, 80], [20, 20, 20], inside('crate')),
      at('crate', [0, 0, 0], [60, 50, 40]),
    ],
  },
  'a hollow along another axis than its host’s': {
    load: { container: room, items: [mug, pea] },
    right: [
      at('pea', [20, 20, 2], [20, 20, 20], inside('mug')),
      at('mug', [0, 0, 0], [60, 60, 90], up),
    ],
    // Lying along x, with the piece where the hollow of a standing mug would be.
    wrong: [
      at('pea', [20, 20, 60], [20, 20, 20], inside('mug')),
      at('mug', [0, 0, 0], [90, 60, 60], flat),
    ],
  },
  'an upright piece laid down with its host': {
    load: { container: room, items: [mug, pill] },
    right: [
      at('pill', [5, 5, 2], [50, 50, 20], { ...up, ...inside('mug') }),
      at('mug', [0, 0, 0], [60, 60, 90], up),
    ],
    wrong: [
      at('pill', [2, 5, 5], [20, 50, 50], { ...flat, ...inside('mug') }),
      at('mug', [0, 0, 0], [90, 60, 60], flat),
    ],
  },
  'a soft disc that is no disc': {
    load: { container: can(100, 60), items: [soft('cloth', 120, 40, 5)] },
    right: [at('cloth', [0, 0, 0], [100, 100, 6], up)],
    wrong: [at('cloth', [0, 0, 0], [40, 100, 12], up)],
  },
  'a ring thinner than what it is wound round': {
    load: { container: room, items: [bottle, cord] },
    right: [
      at('bottle', [5, 5, 0], [40, 40, 90], up),
      at('cord', [2, 2, 0], [46, 46, 90], { ...up, ...around('bottle') }),
    ],
    wrong: [
      at('bottle', [5, 5, 0], [40, 40, 90], up),
      at('cord', [10, 10, 0], [30, 30, 90], { ...up, ...around('bottle') }),
    ],
  },
  'two hosts in each other': {
    load: { container: room, items: [cup('one', 50), cup('two', 50)] },
    right: [at('one', [0, 0, 0], [50, 50, 60], up), at('two', [50, 50, 0], [50, 50, 60], up)],
    wrong: [
      at('one', [0, 0, 0], [50, 50, 60], { ...up, ...inside('two') }),
      at('two', [0, 0, 0], [50, 50, 60], { ...up, ...inside('one') }),
    ],
  },
  'a host and its inner piece that pass the mouth only one by one': {
    load: {
      container: tin(100, 100, 150, { shape: 'round', diameterMm: 62 }),
      items: [mug, { ...soft('cord', 80, 20, 4), isCord: true }],
    },
    right: [at('mug', [20, 20, 0], [60, 60, 90], up), at('cord', [0, 0, 0], [19, 40, 40])],
    // Wound on, the cord makes the mug 66 wide, and the mouth is 62.
    wrong: [
      at('mug', [20, 20, 0], [60, 60, 90], up),
      at('cord', [17, 17, 0], [66, 66, 90], { ...up, ...around('mug') }),
    ],
  },
  'two pieces in one place': {
    load: { container: room, items: [box('a', [60, 60, 60]), pea] },
    right: [at('a', [0, 0, 0], [60, 60, 60]), at('pea', [60, 0, 0], [20, 20, 20])],
    wrong: [at('a', [0, 0, 0], [60, 60, 60]), at('pea', [59, 0, 0], [20, 20, 20])],
  },
  'crossed rods': {
    load: { container: room, items: [cylinder('a', 20, 100), cylinder('b', 20, 100)] },
    right: [
      at('a', [0, 40, 0], [100, 20, 20], flat),
      at('b', [40, 0, 20], [20, 100, 20], { axis: 'y' }),
    ],
    wrong: [
      at('a', [0, 40, 0], [100, 20, 20], flat),
      at('b', [40, 0, 10], [20, 100, 20], { axis: 'y' }),
    ],
  },
  'no number': {
    load: { container: room, items: [pea] },
    right: [at('pea', [0, 0, 0], [20, 20, 20])],
    wrong: [at('pea', [Number.NaN, 0, 0], [20, 20, 20])],
  },
  'a shaft that is blocked': {
    load: { container: room, items: [box('lid', [100, 100, 10]), pea] },
    right: [at('pea', [0, 0, 0], [20, 20, 20]), at('lid', [0, 0, 50], [100, 100, 10])],
    wrong: [at('lid', [0, 0, 50], [100, 100, 10]), at('pea', [0, 0, 0], [20, 20, 20])],
  },
  'a pouch smaller than what is hard in it': {
    load: {
      container: room,
      items: [
        {
          id: 'pouch',
          form: {
            shape: 'soft',
            looseMl: 200,
            tightMl: 80,
            thinnestMm: 3,
            longestRigidMm: 0,
            coreMm: [15, 60, 90],
          },
        },
      ],
    },
    right: [at('pouch', [0, 0, 0], [90, 60, 20])],
    wrong: [at('pouch', [0, 0, 0], [50, 50, 40])],
  },
  'a piece that is told twice': {
    load: { container: room, items: [pea] },
    right: [at('pea', [0, 0, 0], [20, 20, 20])],
    wrong: [at('pea', [0, 0, 0], [20, 20, 20]), at('pea', [50, 0, 0], [20, 20, 20])],
  },
};

function told({ container, items }: Load, placed: readonly Stowed[]): Stowage {
  const ids = new Set(placed.map(({ id }) => id));
  const left = items
    .filter(({ id }) => !ids.has(id))
    .map(({ id }) => ({ id, why: { why: 'no place found' } as const }));
  return { fits: left.length === 0, container, placed, left, fill: 0.5, steps: 1 };
}

describe('the verifier', () => {
  it.each(Object.entries(cases))('rejects %s', (_, { load, right, wrong, container }) => {
    expect(wrongWith(load, told(load, right))).toEqual([]);
    const claimed = { ...told(load, wrong), ...(container && { container }) };
    expect(wrongWith(load, claimed)).not.toEqual([]);
  });
});
