import fc from 'fast-check';
import { climateFor, noWeather, somebody, type Brief } from '@/core/brief';
import { kinds } from '@/core/catalogue';
import { countryIds } from '@/core/catalogue/country-climates';
import type { KindKit } from './kits-of-kinds';

/** What most people pack, so that kits make sense more often than not. */
const usual = (
  'lighter ferro-rod steel-bottle pot tarp cord sleeping-bag ground-mat headlamp cell-aaa filter chlorine-tablets ' +
  'first-aid-pouch belt-knife gas-stove gas-canister trail-meal rain-jacket fleece whistle compass map peg tinder-tabs ' +
  'soap toilet-roll hammock power-bank rechargeable-headlamp charging-cable wool-blanket bivvy candle allergy-pen ' +
  'own-medicine pain-tablets'
).split(' ');

const anyLine = fc.record({
  kind: fc.oneof(
    { weight: 3, arbitrary: fc.constantFrom(...usual) },
    { weight: 2, arbitrary: fc.constantFrom(...kinds.map(({ id }) => id)) },
  ),
  count: fc.oneof({ weight: 3, arbitrary: fc.constant(1) }, fc.integer({ min: 2, max: 5 })),
});

const anyPlace = fc.record({
  name: fc.constant('Somewhere'),
  latitude: fc.integer({ min: -90, max: 90 }),
  longitude: fc.integer({ min: -180, max: 180 }),
});

const anyPerson = fc.record({
  bodyKg: fc.option(fc.integer({ min: 12, max: 130 })),
  heightCm: fc.option(fc.integer({ min: 90, max: 205 })),
  ageYears: fc.option(fc.integer({ min: 1, max: 95 })),
  graveAllergy: fc.constantFrom('', '', 'wasps'),
  medicines: fc.constantFrom([], [], [{ name: 'Insulin', dosesPerDay: 4 }]),
});

/** Any brief there can be: anywhere, at any time, for anybody, and with what somebody left open. */
export const anyBrief: fc.Arbitrary<Partial<Brief>> = fc
  .record({
    people: fc.array(anyPerson, { maxLength: 12 }),
    place: fc.option(anyPlace, { freq: 4 }),
    altitudeM: fc.integer({ min: 0, max: 2500 }),
    setting: fc.constantFrom('coast', 'inland', 'far inland'),
    country: fc.option(fc.constantFrom(...countryIds), { freq: 6 }),
    month: fc.integer({ min: 1, max: 12 }),
    nights: fc.constantFrom(0, 0, 1, 2, 4, 7, 14, 60),
    isOfMonths: fc.boolean(),
    lowC: fc.option(fc.integer({ min: -30, max: 25 })),
    swingC: fc.integer({ min: 4, max: 18 }),
    dryHours: fc.option(fc.integer({ min: 0, max: 40 })),
    waterIsCloudy: fc.option(fc.boolean()),
    isFireAllowed: fc.boolean(),
    workHours: fc.integer({ min: 0, max: 12 }),
    storedIn: fc.constantFrom('house', 'shed', 'vehicle'),
  })
  .map(({ month, nights, isOfMonths, lowC, swingC, people, ...rest }): Partial<Brief> => {
    const { place, altitudeM, setting, country } = rest;
    const from = new Date(Date.UTC(2027, month - 1, 10));
    const to = new Date(from.getTime() + nights * 86_400_000);
    return {
      ...(rest as Partial<Brief>),
      people: people.map((person) => ({ ...somebody, ...person })),
      when: isOfMonths
        ? { on: 'months', fromMonth: month, toMonth: (month % 12) + 1, nights }
        : {
            on: 'days',
            from: from.toISOString().slice(0, 10),
            to: to.toISOString().slice(0, 10),
          },
      weather: { ...noWeather, lowC, highC: lowC === null ? null : lowC + swingC },
      heard:
        place === null || country === null
          ? null
          : climateFor({ ...place, altitudeM, setting, country } as never, '2027-01-01'),
    };
  });

/** A kit of kinds of the catalogue: on the body, in a vehicle, at home or on the mat. */
export const anyKit: fc.Arbitrary<KindKit> = fc
  .record({
    lines: fc.uniqueArray(anyLine, { maxLength: 25, selector: ({ kind }) => kind }),
    on: fc.constantFrom('body', 'body', 'vehicle', 'house', 'mat'),
    brief: fc.option(anyBrief, { freq: 8 }),
  })
  .map(({ lines, on, brief }) => ({
    holds: lines.map(({ kind, count }) => `${count} ${kind} @ ${on}`).join(', '),
    brief,
  }));
