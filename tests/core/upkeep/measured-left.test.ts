import fc from 'fast-check';
import type { Gear } from '@/core/gear';
import { fullByScale, leftCommand, measuredLeft, waysToMeasure } from '@/core/upkeep';
import { benchOf, gear } from '../../support/benches';
import { after } from '../../support/upkeep';

/** 198 g full, 100 g of gas in it. */
const canister = gear('canister', {
  massG: 198,
  massTrust: 'weighed',
  contents: { unit: 'g', full: 100, left: 100, massG: 100 },
});
const tape = gear('tape', {
  massG: 60,
  contents: { unit: 'm', full: 10, left: 10, massG: 50 },
});

function left(of: Gear, reading: Parameters<typeof measuredLeft>[1]) {
  const found = measuredLeft(of, reading);
  if (!found.ok) throw new Error(found.problem.message);
  return found.value;
}

describe('what is left, measured', () => {
  it('on the scale, to the step where the full one was weighed', () => {
    const { left: g, plusMinus } = left(canister, { by: 'scale', massG: 132, stepG: 1 });
    expect(g).toBe(34);
    // The step, the full one to a step, and 6 % of the 66 g that are gone.
    expect(plusMinus).toBeCloseTo(Math.hypot(1, 1, 3.96), 6);
  });

  it('says how little a scale knows of what is only typical', () => {
    const typical = { ...canister, massTrust: 'typical' } as const;
    const { plusMinus } = left(typical, { by: 'scale', massG: 132, stepG: 1 });
    expect(plusMinus).toBeGreaterThan(59);
  });

  it('of a roll: 40 mm over a core of 25 mm, cloth tape of 0.28 mm, are 2.7 m', () => {
    const roll = { by: 'roll', outerMm: 40, coreMm: 25, thickMm: 0.28 } as const;
    const { left: m, plusMinus } = left(tape, roll);
    expect(m).toBeCloseTo((Math.PI * (1600 - 625)) / (4 * 0.28) / 1000, 1);
    expect(plusMinus).toBeGreaterThan(0.2);
    expect(plusMinus).toBeLessThan(0.5);
  });

  it('of turns upon each other: n · 2 (w + t) + 4 n² s', () => {
    const turns = { by: 'turns', turns: 20, widthMm: 60, depthMm: 5, thickMm: 0.28 } as const;
    const { left: m } = left(tape, { ...turns, beside: 1 });
    expect(m).toBeCloseTo((20 * 2 * 65 + 4 * 400 * 0.28) / 1000, 1);
    // All in one layer, every turn goes round one strand's half on each side.
    const cord = { ...tape, contents: { ...tape.contents!, full: 30, left: 30 } };
    const flat = left(cord, { ...turns, thickMm: 4, beside: 20 });
    expect(flat.left).toBeCloseTo((20 * (2 * 65 + 4 * 4)) / 1000, 1);
  });

  it('by height: as much as of the whole height', () => {
    const candle = gear('c', { contents: { unit: 'h', full: 8, left: 8, massG: 0 } });
    expect(left(candle, { by: 'height', heightMm: 30, fullMm: 120 }).left).toBe(2);
    expect(waysToMeasure(candle)).toEqual(['height']);
  });

  it('is refused below nothing and above a full one, and without the figures for it', () => {
    const said = (of: Gear, reading: Parameters<typeof measuredLeft>[1]) => {
      const found = measuredLeft(of, reading);
      return found.ok ? '' : found.problem.message;
    };
    expect(said(canister, { by: 'scale', massG: 60, stepG: 1 })).toContain('less than an empty');
    expect(said(canister, { by: 'scale', massG: 240, stepG: 1 })).toContain('more than a full');
    expect(said(gear('x'), { by: 'scale', massG: 1, stepG: 1 })).toContain('not counted');
    const roll = { by: 'roll', outerMm: 20, coreMm: 25, thickMm: 0.28 } as const;
    expect(said(tape, roll)).toContain('wider');
    expect(said(tape, { ...roll, thickMm: NaN })).toContain('is a number');
    const lightless = gear('c', { contents: { unit: 'h', full: 8, left: 8, massG: 0 } });
    expect(said(lightless, { by: 'scale', massG: 9, stepG: 1 })).toContain('tells nothing');
  });

  it('is between nothing and a full one, and grows with what is read', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 98, max: 198, noNaN: true }),
        fc.double({ min: 98, max: 198, noNaN: true }),
        (one, other) => {
          const [low, high] = [Math.min(one, other), Math.max(one, other)].map((massG) =>
            left(canister, { by: 'scale', massG, stepG: 1 }),
          );
          expect(low!.left).toBeGreaterThanOrEqual(0);
          expect(high!.left).toBeLessThanOrEqual(100);
          expect(low!.left - low!.plusMinus).toBeLessThanOrEqual(high!.left + high!.plusMinus);
        },
      ),
    );
  });

  it('written down, opens one of several, and sets the one that there is', () => {
    const two = benchOf([{ ...canister, count: 2 }], []);
    const opened = leftCommand(two.shelf.get('canister')!, 34, 'opened', null);
    if (!opened.ok || !opened.value) throw new Error('refused');
    expect([...after(two, opened.value).shelf.values()]).toMatchObject([
      { count: 1, contents: { left: 100 } },
      { count: 1, contents: { left: 34 } },
    ]);
    const one = benchOf([{ ...canister, contents: { ...canister.contents!, left: 20 } }], []);
    const more = leftCommand(one.shelf.get('canister')!, 34, 'opened', null);
    if (!more.ok || !more.value) throw new Error('refused');
    expect(after(one, more.value).shelf.get('canister')!.contents!.left).toBe(34);
    expect(leftCommand(one.shelf.get('canister')!, 20, 'o', null)).toEqual({
      ok: true,
      value: null,
    });
    const several = { ...canister, count: 3, contents: { ...canister.contents!, left: 20 } };
    expect(leftCommand(several, 34, 'opened', null)).toMatchObject({ ok: false });
  });

  it('a reading is of a full one, or of this one, as its owner says', () => {
    const half = { ...canister, contents: { ...canister.contents!, left: 50 } };
    expect(fullByScale(half, 150, 'what is left is known')).toBe(200);
    expect(fullByScale(half, 201, 'a full one')).toBe(201);
  });
});
