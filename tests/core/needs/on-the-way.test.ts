import fc from 'fast-check';
import { carriedMassG, filledAtStart, setsOutG } from '@/core/loadout';
import { massByDays, needIds } from '@/core/needs';
import { rulesKept } from '@/core/judge/brief-rules';
import { judged, needOf, packed } from '../../support/under-brief';

describe('what is filled at the start', () => {
  const bottle = { filled: [{ placement: 'p0', ml: 1000 }] };

  test('is carried and is drunk: a mL is a gram', () => {
    const dry = judged(['steel-bottle']);
    const full = judged(['steel-bottle'], bottle);
    const { loadout, totals, shelf } = full.kit;
    expect(setsOutG(loadout, totals) - totals.whole.massG).toBe(1000);
    expect(carriedMassG(loadout, totals, shelf) - totals.whole.massG).toBe(1000);
    expect(needOf(full, 'load').supply! - needOf(dry, 'load').supply!).toBeCloseTo(1 / 150, 4);
    expect(needOf(full, 'drink').supply! - needOf(dry, 'drink').supply!).toBeCloseTo(1, 9);
  });

  test('counts only in a vessel that is here and empty, and on feet only where it is carried', () => {
    const inside = packed(['pot', { kind: 'trail-meal', within: 0 }], {
      filled: [
        { placement: 'p0', ml: 900 },
        { placement: 'gone', ml: 500 },
      ],
    });
    expect(filledAtStart(inside.whole)).toEqual([]);
    const aboard = packed([{ kind: 'steel-bottle', on: 'vehicle' }], bottle);
    expect(carriedMassG(aboard.whole, aboard.totals, aboard.bench.shelf)).toBe(0);
    expect(setsOutG(aboard.whole, aboard.totals)).toBeGreaterThan(1000);
  });

  test('breaks a rule of mass that the dry kit keeps', () => {
    const dry = packed(['steel-bottle']);
    const most = { rule: 'most mass', massG: dry.totals.whole.massG + 500 } as const;
    expect(rulesKept(dry, [most])[0]!.kept).toBe(true);
    expect(rulesKept(packed(['steel-bottle'], bottle), [most])[0]!.kept).toBe(false);
  });
});

describe('the mass by days', () => {
  test('goes down by what is eaten each day, by hand', () => {
    // Two people for five days; bars are eaten whole, evenly over the days that they last.
    const under = judged([{ kind: 'oat-bar', count: 40 }, 'steel-bottle'], {
      filled: [{ placement: 'p1', ml: 1000 }],
    });
    const { days } = needOf(under, 'food');
    const bar = under.kit.shelf.get('oat-bar-0')!.massG! * 40;
    const mass = massByDays(under.kit)!;
    expect(days).toBeGreaterThan(1);
    expect(days).toBeLessThan(5);
    expect(mass.morningsG).toHaveLength(5);
    expect(mass.morningsG[0]).toBe(mass.setsOutG);
    expect(mass.setsOutG - mass.morningsG[1]!).toBeCloseTo(bar / days!, 6);
    expect(mass.setsOutG - mass.comesHomeG).toBeCloseTo(bar + 1000, 6);
  });

  test('is not known while nobody said when', () => {
    expect(massByDays(judged(['oat-bar'], { when: null }).kit)).toBeNull();
  });

  test('never goes up, and never ends above its start', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 12 }),
        (bars, water) => {
          const under = judged([
            ...(bars > 0 ? [{ kind: 'oat-bar', count: bars }] : []),
            ...(water > 0 ? [{ kind: 'bottled-water', count: water }] : []),
            'pot',
          ]);
          const { morningsG, comesHomeG, setsOutG: out } = massByDays(under.kit)!;
          const all = [out, ...morningsG, comesHomeG];
          for (const [at, massG] of all.slice(1).entries()) {
            expect(massG).toBeLessThanOrEqual(all[at]! + 1e-9);
          }
          expect(comesHomeG).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});

test('every need is still answered where vessels are full', () => {
  const { needs } = judged(['steel-bottle'], { filled: [{ placement: 'p0', ml: 500 }] });
  expect(needs.map(({ need }) => need)).toEqual(needIds);
});
