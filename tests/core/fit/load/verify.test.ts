import {
  wrongWith,
  type Load,
  type LoadItem,
  type Stowage,
  type Stowed,
} from '@/core/fit/laid-out';
import { at, box, can, cylinder, soft, tin } from '../../../support/loads';

/** An answer as a search would give it: all of these placed, in this order. */
function answer(load: Load, ...placed: readonly Stowed[]): Stowage {
  return { fits: true, container: load.container, placed, left: [], fill: 0.5, steps: 1 };
}

function wrong(load: Load, ...placed: readonly Stowed[]): string {
  return wrongWith(load, answer(load, ...placed)).join(' ');
}

const room = tin(100, 100, 100);

describe('a rigid piece', () => {
  const load: Load = { container: room, items: [box('a', [50, 40, 30])] };

  it('may turn, and keeps its sides', () => {
    expect(wrong(load, at('a', [0, 0, 0], [50, 40, 30]))).toBe('');
    expect(wrong(load, at('a', [0, 0, 0], [30, 50, 40]))).toBe('');
    expect(wrong(load, at('a', [0, 0, 0], [50, 40, 29]))).toMatch(/a is not as large as it is/);
  });

  it('lies inside to the last hair', () => {
    expect(wrong(load, at('a', [50, 60, 70], [50, 40, 30]))).toBe('');
    for (const place of [
      [51, 0, 0],
      [0, 61, 0],
      [0, 0, 71],
      [-1, 0, 0],
      [0, -1, 0],
      [0, 0, -1],
    ] as const) {
      expect(wrong(load, at('a', place, [50, 40, 30]))).toMatch(/a is not inside/);
    }
  });

  it('that must stand, stands', () => {
    const upright: Load = { container: room, items: [box('a', [50, 40, 30], true)] };
    expect(wrong(upright, at('a', [0, 0, 0], [40, 50, 30]))).toBe('');
    expect(wrong(upright, at('a', [0, 0, 0], [50, 30, 40]))).toMatch(/not as large/);
  });

  it('that is round is told what it lies along', () => {
    const round: Load = { container: room, items: [cylinder('a', 30, 60)] };
    expect(wrong(round, at('a', [0, 0, 0], [30, 30, 60], { axis: 'z' }))).toBe('');
    expect(wrong(round, at('a', [0, 0, 0], [60, 30, 30], { axis: 'x' }))).toBe('');
    expect(wrong(round, at('a', [0, 0, 0], [60, 30, 30], { axis: 'z' }))).toMatch(/not as large/);
    expect(wrong(round, at('a', [0, 0, 0], [60, 30, 30]))).toMatch(/not as large/);
  });
});

describe('what is told', () => {
  const load: Load = { container: room, items: [box('a', [10, 10, 10]), box('b', [10, 10, 10])] };
  const a = at('a', [0, 0, 0], [10, 10, 10]);
  const b = at('b', [10, 0, 0], [10, 10, 10]);

  it('is of every piece, once, and of no other', () => {
    expect(wrong(load, a, b)).toBe('');
    expect(wrong(load, a)).toMatch(/b is told of 0 times/);
    expect(wrong(load, a, b, at('a', [50, 0, 0], [10, 10, 10]))).toMatch(/a is told of 2 times/);
    expect(wrong(load, a, b, at('c', [50, 0, 0], [10, 10, 10]))).toMatch(/c is not of this load/);
  });

  it('says whether all fits as it is', () => {
    const left = [{ id: 'b', why: { why: 'no place found' } }] as const;
    expect(wrongWith(load, { ...answer(load, a), left })).toEqual([
      'Whether all fits is told wrongly.',
    ]);
    expect(wrongWith(load, { ...answer(load, a), left, fits: false })).toEqual([]);
  });

  it('has no two in one place', () => {
    expect(wrong(load, a, at('b', [9, 0, 0], [10, 10, 10]))).toMatch(/b and a are in one place/);
  });
});

describe('a soft piece', () => {
  // From 50 to 100 mL, no thinner than 10 mm, with a part of 60 mm that does not bend.
  const load: Load = { container: room, items: [soft('s', 100, 50, 10, 60)], isSoftInParts: true };

  it('is between its tightest and its loosest', () => {
    expect(wrong(load, at('s', [0, 0, 0], [100, 50, 10]))).toBe('');
    expect(wrong(load, at('s', [0, 0, 0], [100, 49, 10]))).toMatch(/not as large/);
    expect(wrong(load, at('s', [0, 0, 0], [100, 100, 10]))).toBe('');
    expect(wrong(load, at('s', [0, 0, 0], [100, 100, 10.1]))).toMatch(/not as large/);
  });

  it('is no thinner than it can be made', () => {
    expect(wrong(load, at('s', [0, 0, 0], [100, 60, 9.9]))).toMatch(/not as large/);
    const parts = [{ atMm: [0, 0, 10], sizeMm: [100, 100, 5], axis: null }] as const;
    expect(wrong(load, at('s', [0, 0, 0], [100, 30, 10], { more: parts }))).toMatch(/not as large/);
  });

  it('is as long as its stiff part', () => {
    expect(wrong(load, at('s', [0, 0, 0], [40, 40, 40]))).toBe('');
    const long: Load = { ...load, items: [soft('s', 100, 50, 10, 90)] };
    expect(wrong(long, at('s', [0, 0, 0], [40, 40, 40]))).toMatch(/not as large/);
  });

  it('that fills several gaps is in one piece', () => {
    const whole = (more: Stowed['more']) => at('s', [0, 0, 0], [60, 60, 10], { more: more! });
    const touching = { atMm: [0, 0, 10], sizeMm: [60, 60, 10], axis: null } as const;
    expect(wrong(load, whole([touching]))).toBe('');
    expect(wrong(load, whole([{ ...touching, atMm: [0, 0, 20] }]))).toMatch(
      /s is not in one piece/,
    );
    // They touch along less than the piece is thin.
    expect(wrong(load, whole([{ ...touching, atMm: [55, 0, 10], sizeMm: [40, 60, 10] }]))).toMatch(
      /s is not in one piece/,
    );
    expect(wrong(load, whole([{ ...touching, atMm: [0, 0, 5] }]))).toMatch(/s is not in one piece/);
    // The third touches the first, and is where the second is.
    const thin = { ...touching, sizeMm: [60, 30, 10] } as const;
    expect(wrong(load, whole([thin, { ...thin, atMm: [0, 30, 10] }]))).toBe('');
    expect(wrong(load, whole([thin, { ...thin, atMm: [0, 20, 10] }]))).toMatch(
      /s is not in one piece/,
    );
  });
});

describe('a hollow piece', () => {
  const mug: LoadItem = { ...cylinder('mug', 80, 90), hollow: can(70, 80) };
  const load: Load = { container: room, items: [mug, cylinder('tin', 60, 30)] };
  const host = at('mug', [0, 0, 0], [80, 80, 90], { axis: 'z' });
  const within = { host: 'mug', how: 'inside' } as const;
  const inner = (place: Stowed['atMm']) => at('tin', place, [60, 60, 30], { axis: 'z', within });

  it('holds another on its floor or above it, and not below', () => {
    expect(wrong(load, inner([10, 10, 10]), host)).toBe('');
    expect(wrong(load, inner([10, 10, 40]), host)).toBe('');
    expect(wrong(load, inner([10, 10, 9]), host)).toMatch(/tin is not in the hollow of mug/);
  });

  it('holds it between its walls', () => {
    expect(wrong(load, inner([20, 10, 10]), host)).toMatch(/not in the hollow/);
    expect(
      wrong(
        { ...load, items: [cylinder('mug', 80, 90), load.items[1]!] },
        inner([10, 10, 10]),
        host,
      ),
    ).toMatch(/not in the hollow/);
  });
});

describe('cord wound round a piece', () => {
  const items: readonly LoadItem[] = [
    cylinder('bottle', 60, 90),
    { ...soft('cord', 60, 30, 4), isCord: true },
  ];
  const load: Load = { container: room, items };
  const bottle = at('bottle', [20, 20, 0], [60, 60, 90], { axis: 'z' });
  const within = { host: 'bottle', how: 'around' } as const;
  const ring = (sizeMm: Stowed['sizeMm'], place: Stowed['atMm'], more: Partial<Stowed> = {}) =>
    at('cord', place, sizeMm, { axis: 'z', within, ...more });

  it('is a ring of that piece’s axis in its middle, with room for the cord', () => {
    // 64 mm across over 90 mm is 35 mL more than the bottle.
    expect(wrong(load, bottle, ring([64, 64, 90], [18, 18, 0]))).toBe('');
    expect(wrong(load, bottle, ring([61, 61, 90], [19.5, 19.5, 0]))).toMatch(
      /cord is not as large/,
    );
    expect(wrong(load, bottle, ring([72, 72, 90], [14, 14, 0]))).toMatch(/cord is not as large/);
    expect(wrong(load, bottle, ring([64, 64, 90], [17, 18, 0]))).toMatch(/cord is not as large/);
    expect(wrong(load, bottle, ring([64, 64, 90], [18, 18, 0], { axis: 'x' }))).toMatch(
      /not as large/,
    );
  });

  it('is none along another axis, though it is as long as the piece is high and has the room', () => {
    const more: Load = {
      container: room,
      items: [items[0]!, { ...soft('cord', 200, 100, 4), isCord: true }],
    };
    const across = ring([60, 90, 90], [20, 5, 0], { axis: 'x' });
    expect(wrong(more, bottle, across)).toMatch(/not as large/);
  });
});

describe('the way in', () => {
  it('is not through what lies over a place', () => {
    const load: Load = {
      container: room,
      items: [box('lid', [100, 100, 10]), box('a', [20, 20, 20])],
    };
    const lid = at('lid', [0, 0, 50], [100, 100, 10]);
    const a = at('a', [0, 0, 0], [20, 20, 20]);
    expect(wrong(load, a, lid)).toBe('');
    expect(wrong(load, lid, a)).toMatch(/a cannot be brought to its place/);
  });

  it('is not through a mouth that is narrower than the piece', () => {
    const bottle = can(70, 200, { shape: 'round', diameterMm: 44 });
    const narrow: Load = { container: bottle, items: [cylinder('a', 40, 60)] };
    const wide: Load = { container: bottle, items: [cylinder('a', 50, 60)] };
    expect(wrong(narrow, at('a', [15, 15, 0], [40, 40, 60], { axis: 'z' }))).toBe('');
    expect(wrong(wide, at('a', [10, 10, 0], [50, 50, 60], { axis: 'z' }))).toMatch(
      /cannot be brought/,
    );
  });
});
