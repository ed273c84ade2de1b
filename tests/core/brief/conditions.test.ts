import fc from 'fast-check';
import {
  climateFor,
  climateHeard,
  conditionsOf,
  emptyBrief,
  noWeather,
  periodOf,
  withClimate,
  type Brief,
} from '@/core/brief';
import { spreadsBelow } from '@/core/brief/temperatures';
import { inYear } from '@/core/quantity';
import { presets, withPreset } from '@/core/brief/presets';
import { unsoundBrief } from '@/core/brief/outline';
import { demoBench, demoOpensOn } from '@/core/demo';
import { bringIn, readFile, writeFile } from '@/core/exchange';
import { benchOfKit, forOthers } from '@/core/loadout';
import { autumn, today } from '../../support/under-brief';

const untyped: Brief = withClimate({ ...autumn, weather: noWeather }, today);

describe('what a brief comes to', () => {
  it('takes a typed figure over the climate’s, always', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -40, max: 20 }),
        fc.integer({ min: 21, max: 45 }),
        (lowC, highC) => {
          const typed = { ...untyped, weather: { ...noWeather, lowC, highC } };
          expect(conditionsOf(typed, today)).toMatchObject({
            lowC: { value: lowC, by: 'typed' },
            highC: { value: highC, by: 'typed' },
            windKmh: { by: 'climate' },
          });
        },
      ),
    );
  });

  it('knows nothing of the climate of another place, nor of none', () => {
    expect(conditionsOf(untyped, today).lowC).toMatchObject({ by: 'climate' });
    const moved = { ...untyped, altitudeM: 900 };
    expect(climateHeard(moved)).toBeNull();
    expect(conditionsOf(moved, today)).toMatchObject({ lowC: null, highC: null, lows: null });
    expect(conditionsOf(emptyBrief, today)).toMatchObject({
      period: null,
      dark: null,
      isWet: null,
    });
  });

  it('goes on from month to month, and is colder by a spread on a cold night', () => {
    const { lowC, lows } = conditionsOf(untyped, today);
    const [september, october] = [untyped.heard!.months[8]!, untyped.heard!.months[9]!];
    // The 26th is eleven days of 30.4 on the way from September to October.
    const mean = september.lowC + (11 / 30.4) * (october.lowC - september.lowC);
    expect(lows!.meanC).toBeCloseTo(mean, 6);
    // Four nights: nine trips in ten have none that is more than 1.94 spreads colder.
    expect(spreadsBelow(4)).toBeCloseTo(1.943, 2);
    expect(lowC!.value).toBeCloseTo(mean - spreadsBelow(4) * lows!.spreadC, 1);
  });

  it('looks at the worst of a span of months, over the turn of the year too', () => {
    const span = {
      ...untyped,
      when: { on: 'months', fromMonth: 11, toMonth: 2, nights: 2 },
    } as const;
    const { lowC, highC, dark } = conditionsOf(span, today);
    const lows = [10, 11, 0, 1].map((at) => untyped.heard!.months[at]!);
    const coldest = Math.min(...lows.map((month) => month.lowC));
    expect(lowC!.value).toBeLessThan(coldest);
    expect(highC!.value).toBeGreaterThan(lowC!.value);
    expect(dark!.longestH).toBeGreaterThan(dark!.shortestH);
    expect(periodOf(span.when, today).looksAt).toHaveLength(4);
  });

  it('counts nights and the last day', () => {
    expect(periodOf({ on: 'days', from: '2027-09-22', to: '2027-09-26' }, today)).toMatchObject({
      nights: 4,
      lastDay: '2027-09-26',
    });
    expect(periodOf({ on: 'days', from: '2027-01-01', to: '2028-12-31' }, today)).toMatchObject({
      nights: 366,
    });
    expect(inYear('2028-02-29', -1)).toBe('2027-02-28');
  });

  it('takes water and the dry stretch from the kind of country where nobody types them', () => {
    const desert = { ...untyped, country: 'desert', dryHours: null, waterThreats: null } as const;
    expect(conditionsOf(desert, today)).toMatchObject({
      dryHours: { value: 24, by: 'country' },
      waterThreats: { by: 'country' },
    });
  });
});

describe('what is refused', () => {
  it.each<[Partial<Brief>, string]>([
    [{ weather: { ...noWeather, lowC: 12, highC: 10 } }, 'brief.weather.lowC'],
    [{ place: { name: '', latitude: 95, longitude: 0 } }, 'brief.place.latitude'],
    [{ when: { on: 'days', from: '2027-09-26', to: '2027-09-22' } }, 'brief.when.to'],
    [{ when: { on: 'months', fromMonth: 0, toMonth: 3, nights: 2 } }, 'brief.when.fromMonth'],
    [{ people: [] }, 'brief.people'],
    [{ workHours: 30 }, 'brief.workHours'],
    [{ waterThreats: ['viruses', 'viruses'] }, 'brief.waterThreats'],
    [{ rules: [{ rule: 'ways', anyOf: [], ways: 2 }] }, 'brief.rules[0].anyOf'],
    [{ noteLeftWith: '<b>x</b>' }, 'brief.noteLeftWith'],
  ])('%j at %s', (differs, field) => {
    expect(unsoundBrief({ ...autumn, ...differs })?.field).toBe(field);
  });

  it('nothing of any preset, on any day, nor of the climate of any month', () => {
    for (const preset of presets) {
      expect(unsoundBrief(withPreset(null, preset, '2027-02-28'))).toBeNull();
      expect(withPreset(untyped, preset, today).place).toEqual(untyped.place);
    }
    const place = {
      latitude: -78,
      longitude: 106,
      altitudeM: 3500,
      setting: 'far inland',
      country: 'arctic',
    } as const;
    expect(unsoundBrief({ ...autumn, heard: climateFor(place, today) })).toBeNull();
  });
});

describe('a kit for others', () => {
  it('says of its people nothing but how many they are, in every brief of it', () => {
    const text = writeFile(forOthers(benchOfKit(demoBench, demoOpensOn)));
    expect(text).not.toMatch(/Bow|Stern|"bodyKg":\d/);
    const read = readFile(text);
    const { brief, otherBriefs } = (read.ok && read.value.loadouts.get(demoOpensOn)) || {};
    expect([brief!.people.length, otherBriefs![0]!.people.length]).toEqual([2, 2]);
    expect(writeFile(demoBench)).toContain('"bodyKg":68');
    // Brought back, it is the same kit, and nothing that its people said is lost.
    if (!read.ok) throw new Error(read.problem.message);
    const back = bringIn(demoBench, read.value, 'replace mine', () => 'new');
    expect(back.loadouts.map(({ arrival }) => arrival)).toEqual(['the same']);
  });
});
