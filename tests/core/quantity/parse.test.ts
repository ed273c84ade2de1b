import fc from 'fast-check';
import {
  parseLength,
  parseMass,
  parseMoney,
  parseSize,
  parseVolume,
  printLength,
  printMass,
  printMoney,
  printNumber,
  printVolume,
  type Outcome,
} from '@/core/quantity';
import { runs } from '../../support/share';

function value<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

function message(outcome: Outcome<unknown>): string {
  return outcome.ok ? `understood as ${JSON.stringify(outcome.value)}` : outcome.problem.message;
}

describe('mass', () => {
  it.each([
    ['210 g', 210],
    ['210g', 210],
    ['7.4 oz', 209.786],
    ['2 lb 3 oz', 992.233],
    ['2lb 3oz', 992.233],
    ['2 lbs, 3 ounces', 992.233],
    ['1,5 kg', 1500],
    ['1.5 kg', 1500],
    ['0,250 kg', 250],
    ['.5 kg', 500],
    ['1 kg 200 g', 1200],
    ['1 200 g', 1200],
    ['1\u202f200 g', 1200],
    ['1,234.5 g', 1234.5],
    ['1.234,5 g', 1234.5],
    ['1,234,567 mg', 1234.567],
    ['1/2 oz', 14.175],
    ['1 1/2 lb', 680.389],
    ['3½ oz', 99.223],
    ['0 g', 0],
  ])('%s is %d g', (text, massG) => {
    expect(value(parseMass(text))).toBeCloseTo(massG, 3);
  });

  it.each([
    ['', /^Write a mass, like 210 g/],
    ['heavy', /“heavy” is not a mass.*write it like 210 g/],
    ['210', /“210” of what: say the unit/],
    ['210 ml', /not a mass/],
    ['3 oz 2 lb', /not a mass/],
    ['2 lb 3', /not a mass/],
    ['-5 g', /below zero/],
    ['1,234 g', /can mean 1\.234 or 1234/],
    ['1.2.3 g', /not a number/],
    ['1/0 g', /divides by nothing|not a mass/],
    ['20 000 kg', /more than 10 t/],
    ['1e3 g', /not a mass/],
  ])('%s is refused', (text, says) => {
    expect(message(parseMass(text))).toMatch(says);
  });

  it('takes a bare number only where told its unit', () => {
    expect(value(parseMass('210', 'g'))).toBe(210);
    expect(value(parseMass('2', 'oz'))).toBeCloseTo(56.699, 3);
  });

  it.each([
    [12.5, '12.5 g', '0.44 oz'],
    [210, '210 g', '7.4 oz'],
    [999.6, '1 kg', '2 lb 3 oz'],
    [7840, '7.84 kg', '17 lb 5 oz'],
    [453.59237, '454 g', '1 lb'],
  ])('%d g prints as %s and %s', (massG, metric, us) => {
    expect(printMass(massG, 'metric')).toBe(metric);
    expect(printMass(massG, 'us')).toBe(us);
  });
});

describe('size and length', () => {
  it.each([
    ['90x200 mm', [90, 200], false],
    ['⌀90x200mm', [90, 200], true],
    ['dia 90 x 200 mm', [90, 200], true],
    ['9 × 20 cm', [90, 200], false],
    ['15 x 9.5 x 6 in', [381, 241.3, 152.4], false],
    ['15" x 9.5" x 6"', [381, 241.3, 152.4], false],
    ['9,5 x 6 x 2 cm', [95, 60, 20], false],
    ['3 x 3 m', [3000, 3000], false],
    ['9 cm by 200 mm', [90, 200], false],
    ['1/2 x 3 1/2 in', [12.7, 88.9], false],
  ])('%s is %j', (text, sidesMm, round) => {
    const size = value(parseSize(text));
    size.sidesMm.forEach((sideMm, at) => expect(sideMm).toBeCloseTo(sidesMm[at]!, 6));
    expect(size.sidesMm).toHaveLength(sidesMm.length);
    expect(size.round).toBe(round);
  });

  it.each([['90x200'], ['90 mm'], ['1x2x3x4 mm'], ['⌀9x9x9 cm'], ['0x5 mm'], ['big'], ['9x mm']])(
    '%s is refused',
    (text) => {
      expect(parseSize(text).ok).toBe(false);
    },
  );

  it('reads long lengths', () => {
    expect(value(parseLength('100 ft'))).toBeCloseTo(30_480);
    expect(value(parseLength('5 ft 6 in'))).toBeCloseTo(1676.4);
    expect(value(parseLength(`5' 6"`))).toBeCloseTo(1676.4);
    expect(value(parseLength('15 m'))).toBe(15_000);
  });
});

describe('volume', () => {
  it.each([
    ['1 L', 1000],
    ['750ml', 750],
    ['32 fl oz', 946.353],
    ['32 fl. oz.', 946.353],
    ['1 qt', 946.353],
    ['2,5 dl', 250],
    ['100 cu in', 1638.706],
  ])('%s is %d mL', (text, volumeMl) => {
    expect(value(parseVolume(text))).toBeCloseTo(volumeMl, 3);
  });
});

describe('money', () => {
  it.each([
    ['€12', 1200],
    ['12 €', 1200],
    ['12,50 €', 1250],
    ['12.5 EUR', 1250],
    ['1 200 €', 120_000],
    ['12', 1200],
  ])('%s is %d cents', (text, minor) => {
    expect(value(parseMoney(text, 'EUR'))).toBe(minor);
  });

  it('refuses another currency and says which is counted', () => {
    expect(message(parseMoney('$12', 'EUR'))).toMatch(/Prices here are in EUR/);
    expect(message(parseMoney('twelve', 'EUR'))).toMatch(/not a price.*€12\.50/);
    expect(message(parseMoney('-3 €', 'EUR'))).toMatch(/not a price/);
  });

  it('counts a currency without minor units whole', () => {
    expect(value(parseMoney('¥1200', 'JPY'))).toBe(1200);
    expect(printMoney(1200, 'JPY')).toBe('¥1,200');
  });
});

describe('printing and parsing agree', () => {
  /** Half of the last step that is printed, in the base unit. */
  const printers = [
    [
      printMass,
      parseMass,
      'metric',
      (massG: number) => (massG < 100 ? 0.05 : massG < 999.5 ? 0.5 : 5),
    ],
    [printMass, parseMass, 'us', (massG: number) => (massG < 453 ? 0.05 : 0.5) * 28.35],
    [printLength, parseLength, 'metric', (lengthMm: number) => (lengthMm < 999.5 ? 0.5 : 5)],
    [printLength, parseLength, 'us', (lengthMm: number) => (lengthMm < 914.4 ? 1.27 : 15.24)],
    [
      printVolume,
      parseVolume,
      'metric',
      (volumeMl: number) => (volumeMl < 999.5 ? 0.5 : volumeMl < 9995 ? 5 : 50),
    ],
    [printVolume, parseVolume, 'us', (volumeMl: number) => (volumeMl < 3785.4 ? 1.479 : 189.3)],
  ] as const;

  it.each(printers)(
    'reads back what it printed, within half of the last step',
    (print, parse, units, halfStep) => {
      fc.assert(
        fc.property(fc.double({ min: 1, max: 9e6, noNaN: true }), (amount) => {
          const back = value(parse(print(amount, units)));
          expect(Math.abs(back - amount)).toBeLessThanOrEqual(halfStep(amount) + 1e-6);
        }),
      );
    },
  );

  it('never throws and never gives a figure below zero or without bounds, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom(...'0123456789.,/½ xgkmloz"\'-€lbft') }),
        (text) => {
          for (const parse of [parseMass, parseLength, parseVolume]) {
            const outcome = parse(text);
            if (outcome.ok) {
              expect(outcome.value).toBeGreaterThanOrEqual(0);
              expect(Number.isFinite(outcome.value)).toBe(true);
            } else {
              expect(outcome.problem.message).not.toBe('');
            }
          }
          expect(typeof parseSize(text).ok).toBe('boolean');
          expect(typeof parseMoney(text, 'EUR').ok).toBe('boolean');
        },
      ),
      runs(500, 0.3),
    );
  });

  it('groups from five digits on', () => {
    expect(printNumber(1234, 0)).toBe('1234');
    expect(printNumber(12345.5, 1)).toBe('12\u202f345.5');
    expect(printNumber(-0.001, 1)).toBe('0');
  });
});
