import fc from 'fast-check';
import { noWeather, type Brief } from '@/core/brief';
import type { NeedId } from '@/core/needs';
import { judged, needOf, type Line } from '../../support/under-brief';
import { runs } from '../../support/share';

const lines: readonly (string | Line)[] = [
  { kind: 'sleeping-bag', count: 2 },
  { kind: 'ground-mat', count: 3 },
  { kind: 'wool-jersey', count: 2 },
  { kind: 'trail-meal', count: 6 },
  { kind: 'candle', count: 2 },
  { kind: 'cell-aa', count: 2 },
  'torch',
  'tarp',
  'cord',
  'pot',
  'lighter',
  'tinder-tin',
  'steel-bottle',
  'filter',
];

function figure(id: NeedId, of: 'demand' | 'supply' | 'days', differs: Partial<Brief>): number {
  return needOf(judged(lines, differs), id)[of]!;
}

const low = fc.integer({ min: -30, max: 20 });
const more = fc.integer({ min: 0, max: 20 });

function weather(lowC: number, highC: number): Partial<Brief> {
  return { weather: { ...noWeather, lowC, highC, humidityPct: 60, windKmh: 10, rainDays: 5 } };
}

describe('what a trip asks', () => {
  it('is never less insulation when it is colder', () => {
    fc.assert(
      fc.property(low, more, (lowC, d) => {
        const [warm, cold] = [weather(lowC, lowC + 10), weather(lowC - d, lowC - d + 10)];
        for (const id of ['warmth', 'ground'] as const) {
          expect(figure(id, 'demand', cold)).toBeGreaterThanOrEqual(
            figure(id, 'demand', warm) - 1e-9,
          );
        }
        expect(figure('sleep', 'demand', cold)).toBeLessThanOrEqual(
          figure('sleep', 'demand', warm),
        );
        expect(figure('sleep', 'supply', cold)).toBeGreaterThanOrEqual(
          figure('sleep', 'supply', warm) - 1e-9,
        );
      }),
      runs(60, 0.4),
    );
  });

  it('is never less water or food when it is hotter, harder or longer', () => {
    fc.assert(
      fc.property(low, more, fc.integer({ min: 0, max: 8 }), (lowC, d, hours) => {
        const before = { ...weather(lowC, lowC + 10), workHours: hours };
        const hotter = { ...weather(lowC, lowC + 10 + d), workHours: hours };
        const longer = { ...before, workHours: hours + d / 4 };
        const days = {
          ...before,
          when: { on: 'days', from: '2027-09-22', to: '2027-09-29' },
        } as const;
        const drinks = figure('drink', 'demand', before) - 1e-9;
        expect(figure('drink', 'demand', hotter)).toBeGreaterThanOrEqual(drinks);
        for (const asked of [longer, days]) {
          expect(figure('drink', 'demand', asked)).toBeGreaterThanOrEqual(drinks);
          expect(figure('food', 'demand', asked)).toBeGreaterThanOrEqual(
            figure('food', 'demand', before) - 1e-9,
          );
        }
      }),
      runs(60, 0.4),
    );
  });

  it('never lasts longer for more people, nor shorter for one cell, one meal or one candle more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('cell-aa', 'trail-meal', 'candle', 'tinder-tin', 'lighter'),
        fc.integer({ min: 1, max: 3 }),
        low,
        (kind, count, lowC) => {
          const brief = weather(lowC, lowC + 8);
          const before = judged(lines, brief);
          const after = judged([...lines, { kind, count }], brief);
          for (const id of ['light', 'fire'] as const) {
            expect(needOf(after, id).days!).toBeGreaterThanOrEqual(needOf(before, id).days! - 1e-9);
          }
          if (kind === 'trail-meal') {
            expect(needOf(after, 'food').days!).toBeGreaterThan(needOf(before, 'food').days!);
          }
          const crowd = judged(lines, {
            ...brief,
            people: [...before.kit.brief.people, ...before.kit.brief.people],
          });
          for (const id of ['light', 'food'] as const) {
            expect(needOf(crowd, id).days!).toBeLessThanOrEqual(needOf(before, id).days! + 1e-9);
          }
        },
      ),
      runs(40, 0.4),
    );
  });
});
