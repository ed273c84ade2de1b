import fc from 'fast-check';
import { countryIds } from '@/core/catalogue/country-climates';
import { climateOf, settings } from '@/core/models';
import { meanMiss, normals } from '../../support/climate-normals';

describe('the simulated climate', () => {
  it('lies within 4 °C of the public normals of ten places, in the mean and each', () => {
    const misses = normals.map(meanMiss);
    expect(misses.reduce((sum, miss) => sum + miss, 0) / misses.length).toBeLessThan(2);
    expect(Math.max(...misses)).toBeLessThan(4);
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
