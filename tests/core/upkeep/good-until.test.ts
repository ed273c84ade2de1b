import fc from 'fast-check';
import { dayAfter, daysBetween } from '@/core/quantity';
import { goodUntilOf, storeNamed, warmthOf, wornOutOn, type Warmth } from '@/core/upkeep';
import { kept, keptIn, lot } from '../../support/upkeep';

const house = warmthOf('house', null);

/** A store at one temperature all the year round. */
function at(tempC: number): Warmth {
  const monthsC = Array.from({ length: 12 }, () => tempC);
  return { in: 'shed', monthsC, isHot: tempC > 30, isAssumed: false };
}

describe('good until', () => {
  it.each<[string, string, Parameters<typeof lot>[2], Warmth, string | null]>([
    [
      'its printed date, in a house',
      'drinking-water',
      { goodUntil: '2029-04-01' },
      house,
      '2029-04-01',
    ],
    // 730 rated days at twice the rate: 365.
    [
      'half its life, ten degrees warmer',
      'drinking-water',
      { cameOn: '2027-04-01', goodUntil: '2029-03-31' },
      at(31),
      '2028-03-31',
    ],
    [
      'counted from when it was put there',
      'drinking-water',
      { cameOn: '2026-01-01', storedOn: '2027-04-01', goodUntil: '2029-03-31' },
      at(31),
      '2028-03-31',
    ],
    [
      'the printed date where nobody knows since when',
      'drinking-water',
      { goodUntil: '2029-04-01' },
      at(31),
      '2029-04-01',
    ],
    [
      'never later than printed, in the cold',
      'trail-meal',
      { cameOn: '2027-04-01', goodUntil: '2029-04-01' },
      at(-10),
      '2029-04-01',
    ],
    [
      'the printed date alone, for medicine',
      'pain-tablets',
      { cameOn: '2027-04-01', openedOn: '2027-05-01', goodUntil: '2029-04-01' },
      at(41),
      '2029-04-01',
    ],
    [
      'the printed date alone, for flares',
      'flare',
      { cameOn: '2027-04-01', goodUntil: '2029-04-01' },
      at(41),
      '2029-04-01',
    ],
    [
      'the printed date alone, for bleeding',
      'pressure-bandage',
      { cameOn: '2027-04-01', goodUntil: '2029-04-01' },
      at(41),
      '2029-04-01',
    ],
    [
      'half a year after it was filled',
      'water-can',
      { filledOn: '2027-01-01' },
      house,
      '2027-07-03',
    ],
    [
      'what comes first of printed and opened',
      'peanut-butter',
      { openedOn: '2027-01-01', goodUntil: '2029-01-01' },
      house,
      '2027-04-01',
    ],
    [
      'its date, warm or not, for a tool',
      'glue',
      { cameOn: '2027-04-01', goodUntil: '2029-04-01' },
      at(41),
      '2029-04-01',
    ],
    ['nothing that is told', 'belt-knife', { checkedOn: '2027-01-01' }, house, null],
  ])('is %s', (_, kind, known, warmth, expected) => {
    const each = lot('a', 1, known);
    expect(goodUntilOf(kept(kind, 'g', [each]), each, warmth)?.day ?? null).toBe(expected);
  });

  it('says where it is not sure, and where the store shortened it', () => {
    const unsure = lot('a', 1, { goodUntil: '2029-04-01' });
    expect(goodUntilOf(kept('drinking-water', 'g', [unsure]), unsure, at(31))).toMatchObject({
      isUnsure: true,
      isShortened: false,
    });
    const sure = lot('a', 1, { goodUntil: '2029-04-01', cameOn: '2027-04-01' });
    expect(goodUntilOf(kept('drinking-water', 'g', [sure]), sure, at(31))).toMatchObject({
      isUnsure: false,
      isShortened: true,
    });
  });

  it('is never later in the warmer store (law)', () => {
    const temp = fc.double({ min: -20, max: 60, noNaN: true });
    fc.assert(
      fc.property(temp, temp, fc.integer({ min: 0, max: 4000 }), (one, other, ratedDays) => {
        const [cold, warm] = [Math.min(one, other), Math.max(one, other)];
        const from = '2027-02-11';
        expect(wornOutOn(from, ratedDays, at(warm)) <= wornOutOn(from, ratedDays, at(cold))).toBe(
          true,
        );
        expect(wornOutOn(from, ratedDays, at(cold)) <= dayAfter(from, ratedDays)).toBe(true);
      }),
    );
  });
});

describe('a store', () => {
  it('is at 21 °C where it is a house, wherever that is', () => {
    expect(new Set(house.monthsC)).toEqual(new Set([21]));
  });

  it('is as warm as the days in a shed, and 15 °C and 5 °C warmer in a vehicle', () => {
    const brief = keptIn('vehicle');
    const shed = warmthOf('shed', brief);
    const vehicle = warmthOf('vehicle', brief);
    expect(shed.monthsC).toEqual(brief.heard!.months.map(({ highC }) => highC));
    const more = vehicle.monthsC.map((tempC, month) => Math.round(tempC - shed.monthsC[month]!));
    expect(more).toEqual([5, 5, 5, 15, 15, 15, 15, 15, 15, 5, 5, 5]);
    expect([shed.isHot, vehicle.isHot, vehicle.isAssumed]).toEqual([false, true, false]);
  });

  it('has its summer in the other half of the year south of the equator', () => {
    const north = keptIn('vehicle');
    const south = {
      ...north,
      place: { name: '', latitude: -41, longitude: 175 },
      heard: { ...north.heard!, latitude: -41, longitude: 175 },
    };
    const months = warmthOf('vehicle', south).monthsC;
    const more = months.map((tempC, month) => Math.round(tempC - south.heard.months[month]!.highC));
    expect(more).toEqual([15, 15, 15, 5, 5, 5, 5, 5, 5, 15, 15, 15]);
  });

  it('of no place that is told is taken for one of a temperate country, and says so', () => {
    expect(warmthOf('vehicle', null)).toMatchObject({ isAssumed: true, isHot: true });
    expect(Math.max(...warmthOf('vehicle', null).monthsC)).toBe(41);
  });

  it('spends a summer’s life in a vehicle faster than a winter’s', () => {
    const vehicle = warmthOf('vehicle', keptIn('vehicle'));
    const spring = daysBetween('2027-04-01', wornOutOn('2027-04-01', 180, vehicle));
    const autumn = daysBetween('2027-10-01', wornOutOn('2027-10-01', 180, vehicle));
    expect(spring).toBeLessThan(120);
    expect(autumn).toBe(180);
  });

  it.each([
    ['in the boot of the car', 'vehicle'],
    ['boathouse, top shelf', 'shed'],
    ['pantry', 'house'],
    ['carpet cupboard', 'house'],
  ])('is told by its owner’s words: %s', (words, store) => {
    expect(storeNamed(words)).toBe(store);
  });
});
