import { climateFor, emptyBrief, noWeather, somebody, type Brief } from '../brief';
import { demoTripBegins } from './opens-on';

/** The lake land of the traverse: made up, at 61° N. */
const tealLakes = {
  place: { name: 'Teal Lakes', latitude: 61, longitude: 27.5 },
  altitudeM: 110,
  setting: 'inland',
  country: 'boreal-lakes',
} as const;

const heard = climateFor({ ...tealLakes.place, ...tealLakes }, demoTripBegins);

/** Four nights in late September: two paddlers, cold rain likely. */
export const septemberTraverse: Brief = {
  ...emptyBrief,
  ...tealLakes,
  name: 'Late September',
  preset: 'paddling-trip',
  people: [
    { ...somebody, name: 'Bow', bodyKg: 68, heightCm: 171, ageYears: 34, sex: 'woman' },
    { ...somebody, name: 'Stern', bodyKg: 82, heightCm: 183, ageYears: 41, sex: 'man' },
  ],
  when: { on: 'days', from: demoTripBegins, to: '2027-09-26' },
  heard,
  weather: { ...noWeather, lowC: 3, highC: 10 },
  dryHours: 2,
  waterIsCloudy: false,
  searchHours: 48,
  rules: [
    { rule: 'most share', share: 0.2 },
    { rule: 'without a holder', anyOf: ['cut'] },
    { rule: 'second vessel' },
  ],
};

/** The same water in June: white nights, and insects. */
export const juneTraverse: Brief = {
  ...septemberTraverse,
  name: 'June',
  when: { on: 'days', from: '2027-06-14', to: '2027-06-18' },
  weather: noWeather,
};

/** The landing, where the box waits in the boathouse all the year round. */
export const atTheLanding: Brief = {
  ...emptyBrief,
  ...tealLakes,
  name: 'At the landing',
  preset: 'home-box',
  people: septemberTraverse.people,
  heard,
  storedIn: 'shed',
};
