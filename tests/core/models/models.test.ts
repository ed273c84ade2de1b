import fc from 'fast-check';
import { runModel } from '@/core/models/run-model';
import { models } from '@/core/models/models';
import {
  boilEnergyKj,
  cellEnergyWh,
  cordNeededM,
  daylightOf,
  dayClo,
  dryDays,
  floatingOf,
  groundR,
  heatIndexC,
  kcalPerDay,
  lightNeededH,
  loadBand,
  mostLitresADay,
  restingKcal,
  secondsToHand,
  shelfLifeDays,
  stoves,
  sunHours,
  terrains,
  walkingHours,
  walkingWatts,
  waterPerDayL,
  wbgtC,
  windChillC,
  works,
} from '@/core/models';

function value(name: string, inputs: Readonly<Record<string, unknown>>): unknown {
  const outcome = runModel(name, inputs);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value.value;
}

function refusal(name: string, inputs: Readonly<Record<string, unknown>>): string {
  const outcome = runModel(name, inputs);
  return outcome.ok ? 'done' : outcome.problem.message;
}

function fahrenheit(f: number): number {
  return (f - 32) / 1.8;
}

describe('published points', () => {
  it.each([
    // Environment Canada’s chart, °C and km/h.
    [0, 10, -3],
    [-10, 30, -20],
    [-25, 30, -39],
    [-40, 60, -64],
  ])('wind chill of %f °C at %f km/h is %f', (tempC, windKmh, chillC) => {
    expect(Math.round(windChillC(tempC, windKmh))).toBe(chillC);
  });

  it.each([
    // US National Weather Service’s chart, °F and %.
    [80, 40, 80],
    [90, 50, 95],
    [90, 70, 105],
    [100, 40, 109],
    [96, 50, 108],
    [86, 90, 105],
  ])('the heat index of %f °F at %f %% is %f', (f, humidity, indexF) => {
    expect(heatIndexC(fahrenheit(f), humidity) * 1.8 + 32).toBeCloseTo(indexF, -0.3);
  });

  it('takes dry heat off and lays damp warmth on', () => {
    // By hand: 95 °F at 10 %: regression 90.68, less (3/4)·1.
    expect(heatIndexC(fahrenheit(95), 10) * 1.8 + 32).toBeCloseTo(89.8, 0);
    expect(heatIndexC(fahrenheit(82), 95)).toBeGreaterThan(heatIndexC(fahrenheit(82), 84));
  });

  it.each([
    // The Bureau’s table of wet bulb globe temperature from air and humidity.
    [20, 50, 20],
    [30, 50, 29],
    [35, 60, 37],
    [40, 30, 36],
  ])('WBGT of %f °C at %f %% is about %f', (tempC, humidity, wbgt) => {
    expect(Math.abs(wbgtC(tempC, humidity) - wbgt)).toBeLessThan(1);
  });

  it('works Pandolf’s equation as by hand', () => {
    // 1.5·70 + 2·100·(30/70)² + 1.2·100·(1.5·1.3333² + 0.35·1.3333·5)
    const walk = { bodyKg: 70, loadKg: 30, speedKmh: 4.8, gradePct: 5 } as const;
    const watts = walkingWatts({ ...walk, terrain: 'light brush' });
    expect(watts).toBeCloseTo(105 + 36.73 + 1.2 * 100 * (2.6667 + 2.3333), 0);
    expect(walkingWatts({ ...walk, gradePct: -8, terrain: 'road' })).toBe(
      walkingWatts({ ...walk, gradePct: 0, terrain: 'road' }),
    );
  });

  it.each([
    // Almanac day lengths, sunrise to sunset, in h.
    [0, '2026-06-21', 12.12],
    [0, '2026-12-21', 12.12],
    [45, '2026-06-21', 15.62],
    [45, '2026-12-21', 8.77],
    [61, '2026-06-21', 19.28],
    [61, '2026-12-21', 5.53],
    [70, '2026-06-21', 24],
    [70, '2026-12-21', 0],
    [-61, '2026-12-21', 19.28],
  ])('the sun at %f° on %s is up for %f h', (latitude, day, hours) => {
    expect(Math.abs(sunHours(latitude, 0, day) - hours)).toBeLessThan(0.06);
  });

  it('counts civil twilight as light, and knows nights that are none', () => {
    expect(daylightOf(0, 0, '2026-06-21').dayHours).toBeCloseTo(12.12 + 0.75, 1);
    expect(daylightOf(61, 20, '2026-06-21')).toMatchObject({ duskUtc: null, darkHours: 0 });
    expect(daylightOf(70, 20, '2026-06-21')).toMatchObject({ sunriseUtc: null, darkHours: 0 });
    const winter = daylightOf(70, 20, '2026-12-21');
    expect(winter.sunriseUtc).toBeNull();
    expect(winter.darkHours).toBeGreaterThan(19);
    expect(daylightOf(85, 0, '2026-12-21').darkHours).toBe(24);
  });

  it('holds the sun of the place’s own day, wherever that is', () => {
    const east = daylightOf(10, 178, '2026-03-20');
    const west = daylightOf(10, -178, '2026-03-20');
    expect(east.sunriseUtc!.slice(0, 10)).toBe('2026-03-19');
    expect(west.sunriseUtc!.slice(0, 10)).toBe('2026-03-20');
  });

  it('boils a litre from 20 °C at sea level with 335 kJ in the water', () => {
    const litre = { litres: 1, startC: 20, altitudeM: 0, snow: 'no' } as const;
    expect(boilEnergyKj({ ...litre, stove: 'canister' }) * 0.5).toBeCloseTo(334.9, 1);
    expect(boilEnergyKj({ ...litre, snow: 'yes', stove: 'tablet' }) * 0.35).toBeCloseTo(752.6, 1);
    expect(boilEnergyKj({ ...litre, altitudeM: 3000, stove: 'twig' }) * 0.2).toBeCloseTo(293, 0);
  });

  it('rests as Mifflin and St Jeor have it', () => {
    expect(restingKcal({ bodyKg: 70, heightCm: 175, ageYears: 30, sex: 'man' })).toBe(1648.75);
    expect(restingKcal({ bodyKg: 60, heightCm: 165, ageYears: 30, sex: 'woman' })).toBe(1320.25);
    // 1600/24 · (7.6 + 10 · 1.5) + 6 · 400 · 0.8604
    expect(kcalPerDay(1600, 6, 400)).toBeCloseTo(1506.7 + 2064.96, 0);
  });
});

describe('planning values, by hand', () => {
  it('drinks by work and heat, and never more than is safe', () => {
    const day = { workHours: 6, sex: 'man', work: 'moderate' } as const;
    expect(waterPerDayL({ ...day, wbgtC: 5 })).toBeCloseTo(4, 9);
    expect(waterPerDayL({ ...day, wbgtC: 25.6 })).toBeCloseTo(2.5 + 6 * 0.7095, 9);
    expect(waterPerDayL({ ...day, wbgtC: 17.8 })).toBeCloseTo(2.5 + 6 * (0.25 + 0.4595 / 2), 9);
    expect(waterPerDayL({ ...day, work: 'hard', wbgtC: 40, workHours: 12 })).toBe(mostLitresADay);
  });

  it('carries, lights, walks, ropes and reaches', () => {
    expect([dryDays(8), dryDays(16), dryDays(20), dryDays(48)]).toEqual([0.5, 1, 1, 2]);
    expect([lightNeededH(11), lightNeededH(4), lightNeededH(11, 6)]).toEqual([3.5, 0.5, 5.5]);
    expect(walkingHours(10, 600, 'bog')).toBeCloseTo(4.6, 9);
    expect([0.1, 0.2, 0.3, 0.31].map(loadBand)).toEqual([
      'light',
      'comfortable for days',
      'heavy',
      'stop',
    ]);
    expect(cordNeededM({ roofs: 1, guysEach: 4, hammocks: 2, hangs: 1 })).toBe(42);
    const reach = { closures: 2, moved: 3, dark: true, gloves: true, byFeel: false };
    expect(secondsToHand(reach)).toBe(29.25);
    expect(secondsToHand({ ...reach, byFeel: true })).toBe(19.5);
    expect(groundR(0)).toBe(4);
    expect(shelfLifeDays(1000, 31)).toBe(500);
    expect(shelfLifeDays(1000, 5)).toBe(1000);
    expect(floatingOf(900, 1000)).toEqual({ floats: true, spareG: 100 });
    expect(dayClo(0, 0, 'resting')).toBeCloseTo(33 / (0.155 * 0.75 * 58), 9);
  });

  it.each([
    ['AA alkaline', 20, 3],
    ['AA alkaline', 0, 1.95],
    ['AA alkaline', 10, 2.475],
    ['AA alkaline', -30, 0.6],
    ['18650', -10, 9],
    ['AA lithium', -20, 3.6],
    ['CR123A', 0, 3.99],
    ['AAA NiMH', 0, 0.85],
  ] as const)('a cell %s gives at %f °C %f Wh', (cell, tempC, wh) => {
    expect(cellEnergyWh(cell, tempC)).toBeCloseTo(wh, 9);
  });

  it.each([
    ['chlorine tablet', 15, 'no', 0, 30],
    ['chlorine tablet', 9, 'no', 0, 60],
    ['chlorine dioxide', 15, 'no', 0, 30],
    ['chlorine dioxide', 5, 'yes', 0, null],
    ['boil', 5, 'yes', 0, 1],
    ['boil', 5, 'no', 2500, 3],
    ['UV', 15, 'no', 0, null],
  ] as const)(
    '%s at %f °C, cloudy %s, %f m takes %f min',
    (method, waterC, cloudy, altitudeM, min) => {
      expect(value('contact-time', { method, waterC, cloudy, altitudeM })).toBe(min);
    },
  );
});

describe('one door', () => {
  it('tells formula, inputs, source and a note where the model does not hold', () => {
    const calm = runModel('wind-chill', { tempC: 15, windKmh: 30 });
    expect(calm.ok && calm.value).toMatchObject({ value: 15, inputs: { tempC: 15, windKmh: 30 } });
    expect(calm.ok && calm.value.note).toContain('above 10 °C');
    expect(value('heat-index', { tempC: 55, humidityPct: 10 })).toBeNull();
    expect(value('floats', { massG: 10, outsideMl: 20, waterproof: 'no' })).toBeNull();
    expect(value('light-needed', { darkHours: 12 })).toBe(4.5);
  });

  it('names the input that is missing, unknown or impossible', () => {
    expect(refusal('wind-chill', { tempC: 0 })).toContain('“windKmh” is missing');
    expect(refusal('wind-chill', { tempC: 0, windKmh: 5, rain: 1 })).toContain(
      '“rain” is no input',
    );
    expect(refusal('daylight', { latitude: 95, longitude: 0, date: '2026-01-01' })).toContain(
      '“latitude” is 95, which is above 90',
    );
    expect(refusal('daylight', { latitude: 5, longitude: 0, date: '2026-02-30' })).toContain(
      'date',
    );
    expect(refusal('cell-energy', { cell: 'AAAA', tempC: 0 })).toContain('“cell” is "AAAA"');
    expect(refusal('wbgt', { tempC: '20', humidityPct: 5 })).toContain('“tempC” is "20"');
    expect(refusal('water-to-carry', { litresPerDay: 2, people: 0, dryHours: 2 })).toContain(
      'people',
    );
    expect(refusal('nothing', {})).toContain('There is no model');
    expect(
      refusal('wind-chill', JSON.parse('{"__proto__": 1}') as Record<string, unknown>),
    ).toContain('no input');
  });

  it('reads choices by their letters, and true as yes', () => {
    const place = { latitude: 61, longitude: 20, altitudeM: 0, month: 9 };
    const typed = { ...place, setting: 'far-inland', country: 'Boreal lakes' };
    expect(value('climate', typed)).toEqual(
      value('climate', { ...place, setting: 'far inland', country: 'boreal-lakes' }),
    );
    expect(value('floats', { massG: 1, outsideMl: 2, waterproof: true })).not.toBeNull();
  });

  it('has every model’s name once', () => {
    expect(new Set(models.map(({ name }) => name)).size).toBe(models.length);
  });
});

describe('laws', () => {
  const temp = fc.double({ min: -60, max: 45, noNaN: true });
  const more = fc.double({ min: 0, max: 30, noNaN: true });

  it('colder never needs less insulation, by day, by night, on the ground', () => {
    fc.assert(
      fc.property(temp, more, fc.double({ min: 0, max: 80, noNaN: true }), (t, d, wind) => {
        expect(dayClo(t - d, wind, 'camp')).toBeGreaterThanOrEqual(dayClo(t, wind, 'camp') - 1e-9);
        expect(groundR(t - d)).toBeGreaterThanOrEqual(groundR(t));
        const asleep = [t - d, t].map((tempC) => value('sleep-clo', { tempC }) as number);
        expect(asleep[0]).toBeGreaterThanOrEqual(asleep[1]!);
      }),
    );
  });

  it('hotter, longer and harder never drink less', () => {
    const hours = fc.double({ min: 0, max: 20, noNaN: true });
    fc.assert(
      fc.property(temp, more, hours, fc.constantFrom(...works), (wbgt, d, workHours, work) => {
        const day = { wbgtC: wbgt, workHours, work, sex: 'unknown' } as const;
        const least = waterPerDayL(day) - 1e-9;
        expect(waterPerDayL({ ...day, wbgtC: wbgt + d })).toBeGreaterThanOrEqual(least);
        expect(waterPerDayL({ ...day, workHours: workHours + d / 10 })).toBeGreaterThanOrEqual(
          least,
        );
        expect(waterPerDayL({ ...day, work: 'hard' })).toBeGreaterThanOrEqual(least);
      }),
    );
  });

  it('heavier, faster and steeper never walk on less', () => {
    const size = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(size, more, size, fc.constantFrom(...terrains), (loadKg, d, speed, terrain) => {
        const walk = { bodyKg: 70, loadKg, speedKmh: speed / 6, gradePct: 3, terrain } as const;
        const least = walkingWatts(walk) - 1e-9;
        expect(walkingWatts({ ...walk, loadKg: loadKg + d })).toBeGreaterThanOrEqual(least);
        expect(walkingWatts({ ...walk, speedKmh: speed / 6 + d })).toBeGreaterThanOrEqual(least);
        expect(walkingWatts({ ...walk, gradePct: 3 + d })).toBeGreaterThanOrEqual(least);
      }),
    );
  });

  it('colder water and snow never boil on less', () => {
    fc.assert(
      fc.property(more, more, fc.constantFrom(...stoves), (startC, d, stove) => {
        const boil = { litres: 1, altitudeM: 500, snow: 'no', stove } as const;
        const kj = boilEnergyKj({ ...boil, startC: startC + d });
        expect(boilEnergyKj({ ...boil, startC })).toBeGreaterThanOrEqual(kj - 1e-9);
        expect(boilEnergyKj({ ...boil, startC, snow: 'yes' })).toBeGreaterThan(kj);
      }),
    );
  });

  it('light and dark make up every day anywhere', () => {
    const day = fc.date({
      min: new Date('2020-01-01'),
      max: new Date('2035-12-31'),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        day,
        (latitude, longitude, date) => {
          const iso = date.toISOString().slice(0, 10);
          const light = daylightOf(latitude, longitude, iso);
          expect(light.dayHours + light.darkHours).toBeCloseTo(24, 9);
          expect(light.dayHours).toBeGreaterThanOrEqual(sunHours(latitude, longitude, iso) - 1e-6);
          expect(light.darkHours).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });
});
