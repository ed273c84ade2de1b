import { boundedText } from '@/devices/bounded-text';
import { climateQuestion } from '@/devices/climate/climate-question';
import { isOwnOrigin } from '@/devices/own-origin';
import { safeParse } from 'valibot';
import { answeredAtOnce } from '../../scripts/every-answer.mjs';

describe('what is answered before the application is asked', () => {
  it.each([
    ['GET', '/layout', null],
    ['HEAD', '/_next/static/chunks/a.js?x=%2F', null],
    ['POST', '/api/scale/mine', null],
    ['TRACE', '/layout', 405],
    ['PUT', '/_next/static/chunks/a.js', 405],
    ['POST', '/layout', 405],
    ['DELETE', '/api/scale/mine', 405],
    ['POST', '/api/scale/%ff', 400],
    ['GET', '//elsewhere.example/x', 400],
    ['GET', '/%2felsewhere.example', 400],
    ['GET', '/%c0%ae%c0%ae/x', 400],
    ['GET', 'http://elsewhere.example/', 400],
    ['OPTIONS', '*', 400],
  ])('%s %s: %p', (method, url, status) => {
    expect(answeredAtOnce({ method, url })?.status ?? null).toBe(status);
  });

  it('says which methods there are', () => {
    expect(answeredAtOnce({ method: 'PUT', url: '/layout' })?.headers).toEqual({
      allow: 'GET, HEAD',
    });
  });
});

describe('the scale is moved by pages that are served here', () => {
  const here = { host: '127.0.0.1:3000', origin: 'http://127.0.0.1:3000' };
  it.each<[string, Record<string, string>, boolean]>([
    ['from its own page', { ...here, 'sec-fetch-site': 'same-origin' }, true],
    ['under the other name', { host: 'localhost:3000', origin: 'http://localhost:3000' }, true],
    ['by what is no browser', { host: here.host }, true],
    ['from another page', { ...here, origin: 'http://elsewhere.example' }, false],
    ['from another port', { ...here, origin: 'http://127.0.0.1:4000' }, false],
    ['across sites', { host: here.host, 'sec-fetch-site': 'cross-site' }, false],
    [
      'under a name from elsewhere that leads here',
      { host: 'rebound.example:3000', origin: 'http://rebound.example:3000' },
      false,
    ],
    ['from nowhere', { host: here.host, origin: 'null' }, false],
    ['without an address', {}, false],
  ])('%s', (_, headers, isOwn) => {
    expect(isOwnOrigin(new Headers(headers))).toBe(isOwn);
  });

  it('and what is too long is not read to its end', async () => {
    let given = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        given += 1;
        controller.enqueue(new Uint8Array(400));
      },
    });
    const told = (body: BodyInit | null) =>
      new Request('http://127.0.0.1/', { method: 'POST', body, duplex: 'half' } as RequestInit);
    expect(await boundedText(told(endless), 1000)).toBeNull();
    expect(given).toBeLessThan(8);
    expect(await boundedText(told('{"do":"tare"}'), 1000)).toBe('{"do":"tare"}');
    expect(await boundedText(told(null), 1000)).toBe('');
  });
});

describe('the climate service', () => {
  const question = {
    latitude: '61',
    longitude: '-27.5',
    altitudeM: '120',
    setting: 'inland',
    country: 'boreal-lakes',
  };
  const isAsked = (part: object) => safeParse(climateQuestion, { ...question, ...part }).success;

  it('is asked in decimal figures', () => {
    expect(isAsked({})).toBe(true);
    expect(isAsked({ latitude: '1e-7' })).toBe(true);
    for (const figure of ['', ' ', '0x10', '1e400', 'NaN', '١']) {
      expect([figure, isAsked({ latitude: figure })]).toEqual([figure, false]);
    }
  });
});
