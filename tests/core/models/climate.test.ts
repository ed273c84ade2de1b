import fc from 'fast-check';
import { countryClimates, countryIds } from '@/core/catalogue/country-climates';
import { climateOf, settings } from '@/core/models';
import { groups, lowsTooWarm, meanMiss, normals } from '../../support/climate-normals';

describe('the simulated climate', () => {
  it('lies near the public normals of forty places, in the mean and each', () => {
    const misses = normals.map(meanMiss);
    expect(misses.reduce((sum, miss) => sum + miss, 0) / misses.length).toBeLessThan(2.1);
    expect(Math.max(...misses)).toBeLessThan(6.5);
  });

  it.each(groups)('is not too warm by night in the mean of %s', (group) => {
    const lows = lowsTooWarm(normals.filter((each) => each.group === group));
    expect(lows.reduce((sum, miss) => sum + miss, 0) / lows.length).toBeLessThan(0.05);
  });

  it('is at most so much too warm by night as it says of that country, nine times in ten', () => {
    const worse = normals.flatMap((each) =>
      lowsTooWarm([each]).filter((miss) => miss > countryClimates[each.place.country].errorC),
    );
    expect(worse.length / (2 * normals.length)).toBeLessThanOrEqual(0.1);
    for (const group of groups) {
      const places = normals.filter((each) => each.group === group);
      const over = places.flatMap((each) =>
        lowsTooWarm([each]).filter((miss) => miss > countryClimates[each.place.country].errorC),
      );
      expect(over.length / (2 * places.length)).toBeLessThanOrEqual(0.1);
    }
  });

  it('does not jump at the date line, nor from one side of the equator to the other', () => {
    const place = { altitudeM: 0, setting: 'inland', country: 'arctic' } as const;
    for (const month of [1, 7]) {
      const [west, east] = [-179.99, 179.99].map((longitude) =>
        climateOf({ ...place, latitude: 66, longitude }, month),
      );
      expect(Math.abs(west!.lowC - east!.lowC)).toBeLessThanOrEqual(0.1);
      const [south, north] = [-0.01, 0.01].map((latitude) =>
        climateOf({ ...place, country: 'savanna', latitude, longitude: 20 }, month),
      );
      expect(Math.abs(south!.rainDays - north!.rainDays)).toBeLessThanOrEqual(1);
      expect(Math.abs(south!.lowC - north!.lowC)).toBeLessThan(0.3);
    }
  });

  it('is sound anywhere: high above low, days within the month, shares within a hundred', () => {
    fc.assert(
      fc.property(
        fc.record({
          latitude: fc.double({ min: -90, max: 90, noNaN: true }),
          longitude: fc.double({ min: -180, max: 180, noNaN: true }),
          altitudeM: fc.integer({ min: -400, max: 8000 }),
          setting: fc.constantFrom(...settings),
          country: fc.constantFrom(...countryIds),
        }),
        fc.integer({ min: 1, max: 12 }),
        (place, month) => {
          const at = climateOf(place, month);
          expect(at.highC).toBeGreaterThan(at.lowC);
          expect(at.lowC).toBeGreaterThan(-95);
          expect(at.highC).toBeLessThan(55);
          expect(at.spreadC).toBeGreaterThan(0);
          expect(at.rainDays).toBeGreaterThanOrEqual(0);
          expect(at.rainDays).toBeLessThanOrEqual(28);
          expect(at.humidityPct).toBeLessThanOrEqual(100);
          const higher = climateOf({ ...place, altitudeM: place.altitudeM + 500 }, month);
          expect(higher.lowC).toBeLessThan(at.lowC);
        },
      ),
    );
  });

  it('turns the seasons round south of the equator', () => {
    const place = { longitude: 20, altitudeM: 0, setting: 'inland', country: 'steppe' } as const;
    expect(climateOf({ ...place, latitude: 45 }, 7).highC).toBeGreaterThan(
      climateOf({ ...place, latitude: 45 }, 1).highC,
    );
    expect(climateOf({ ...place, latitude: -45 }, 1).highC).toBeGreaterThan(
      climateOf({ ...place, latitude: -45 }, 7).highC,
    );
  });
});
