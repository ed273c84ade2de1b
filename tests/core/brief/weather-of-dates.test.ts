import { noWeather, weatherAt, type When } from '@/core/brief';

const typed = { ...noWeather, lowC: 3, highC: 10 };
const september: When = { on: 'days', from: '2027-09-22', to: '2027-09-26' };

describe('weatherAt', () => {
  it.each([
    ['later in the month', { on: 'days', from: '2027-09-28', to: '2027-10-02' }],
    ['the same days of another year', { on: 'days', from: '2028-09-22', to: '2028-09-26' }],
    ['months that it lies in', { on: 'months', fromMonth: 8, toMonth: 10, nights: 3 }],
    ['no time at all', null],
  ] as const)('keeps what was typed for %s', (_, after) => {
    expect(weatherAt(typed, september, after)).toBe(typed);
  });

  it.each([
    ['January', { on: 'days', from: '2028-01-12', to: '2028-01-16' }],
    ['a winter', { on: 'months', fromMonth: 11, toMonth: 2, nights: 3 }],
  ] as const)('drops it for %s: of other months it says nothing', (_, after) => {
    expect(weatherAt(typed, september, after)).toEqual(noWeather);
  });

  it('counts months over the turn of a year', () => {
    const winter: When = { on: 'months', fromMonth: 11, toMonth: 2, nights: 3 };
    expect(weatherAt(typed, winter, { on: 'days', from: '2028-01-12', to: '2028-01-16' })).toBe(
      typed,
    );
    expect(weatherAt(typed, winter, september)).toEqual(noWeather);
  });
});
