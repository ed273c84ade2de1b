import { noWeather, type Brief } from '@/core/brief';
import { judged, needOf } from '../../support/under-brief';

const nothingSaid: Partial<Brief> = {
  place: null,
  altitudeM: null,
  setting: null,
  country: null,
  when: null,
  weather: noWeather,
};

const steppe: Partial<Brief> = {
  place: { name: '', latitude: 48, longitude: 107 },
  altitudeM: 1350,
  setting: 'far inland',
  country: 'steppe',
  when: { on: 'days', from: '2027-09-22', to: '2027-09-26' },
};

describe('a need of which too little is said', () => {
  const says = (id: Parameters<typeof needOf>[1], differs: Partial<Brief>) =>
    needOf(judged(['sleeping-bag', 'pot'], { ...nothingSaid, ...differs }), id).says;

  test('names all that is missing, and no more', () => {
    expect(says('sleep', {})).toBe(
      'Not known: say the place, how high it lies, how far the sea is, the kind of country and when, or the low in the brief.',
    );
    const said: Partial<Brief> = { ...steppe, altitudeM: null };
    expect(says('sleep', said)).toBe('Not known: say how high it lies, or the low in the brief.');
    expect(says('drink', said)).toBe('Not known: say how high it lies, or the high in the brief.');
    expect(says('light', { ...said, when: null })).toBe('Not known: say when in the brief.');
    expect(says('evening', { ...said, country: null })).toBe(
      'Not known: say the kind of country in the brief.',
    );
  });

  test('with all of it said, it waits for the climate service, or a typed figure', () => {
    expect(says('ground', steppe)).toContain('the climate service has not answered, or the low');
  });
});
