import fc from 'fast-check';

import { conditionsOf, emptyBrief } from '@/core/brief';
import { unsoundBrief } from '@/core/brief/outline';
import { readingGpx } from '@/core/exchange/gpx';
import { whyTrackTooLarge } from '@/core/exchange/limits';
import { kmBetween, measuresOf, thinned } from '@/core/brief/route-measures';
import { nearestWithin, runOf, type Leg } from '@/core/brief/nearest-leg';
import type { RoutePoint } from '@/core/brief';

function readGpx(text: string) {
  const reading = readingGpx(text);
  for (;;) {
    const next = reading.next();
    if (next.done) return next.value;
  }
}

/** One degree of latitude on a sphere of mean radius. */
const degreeKm = 111.195;

function gpx(inside: string): string {
  return `<?xml version="1.0" encoding="UTF-8"?>\n<gpx version="1.1" creator="somebody">${inside}</gpx>`;
}

function point(name: string, latitude: number, longitude: number, inside = ''): string {
  return `<${name} lat="${latitude}" lon="${longitude}">${inside}</${name}>`;
}

const northward = [0, 0.1, 0.2, 0.3].map((at) =>
  point('trkpt', 61 + at, 27, `<ele>${[100, 160, 130, 200][Math.round(at * 10)]}</ele>`),
);

describe('a way out of a file', () => {
  test('is measured by hand: a third of a degree north, up 60 and 70 m', () => {
    const read = readGpx(
      gpx(`<trk><name>Ridge &amp; lake</name><trkseg>${northward.join('')}</trkseg></trk>`),
    );
    if (!read.ok) throw new Error(read.problem.message);
    const { route, measures } = read.value;
    expect(route.name).toBe('Ridge & lake');
    expect(route.distanceKm).toBeCloseTo(0.3 * degreeKm, 1);
    expect(route.ascentM).toBe(130);
    expect(route.dryKm).toBeNull();
    expect(route.line).toHaveLength(4);
    expect(measures.watersOn).toBe(0);
    expect(unsoundBrief({ ...emptyBrief, route })).toBeNull();
  });

  test('waters on the way cut it into dry stretches, the longest of which is told in hours', () => {
    const read = readGpx(
      gpx(
        `${point('wpt', 61.05, 27.001, '<name>Spring under the fir</name>')}${point('wpt', 61.1, 27, '<sym>Drinking Water</sym>')}${point('wpt', 61.2, 29, '<type>lake</type>')}${point('wpt', 61.15, 27, '<name>Hut</name>')}<trk><trkseg>${northward.join('')}</trkseg></trk>`,
      ),
    );
    if (!read.ok) throw new Error(read.problem.message);
    const { route, measures } = read.value;
    expect([measures.watersOn, measures.watersOff]).toEqual([2, 1]);
    expect(route.dryKm).toBeCloseTo(0.2 * degreeKm, 1);
    // 33.36 km on dirt (η 1.1) at 5 km/h and 130 m: 7.556 h; of it two thirds.
    const { dryHours } = conditionsOf(
      { ...emptyBrief, route, country: 'boreal-lakes' },
      '2026-06-01',
    );
    expect(dryHours?.by).toBe('route');
    expect(dryHours?.value).toBeCloseTo(5.0, 1);
    expect(conditionsOf({ ...emptyBrief, route, dryHours: 3 }, '2026-06-01').dryHours).toEqual({
      value: 3,
      by: 'typed',
    });
  });

  test('a route is read where there is no track, its own waters with it', () => {
    const read = readGpx(
      gpx(
        `<rte><name>Plan</name>${point('rtept', 10, 20)}${point('rtept', 10.1, 20, '<name>Well</name>')}${point('rtept', 10.2, 20)}</rte>`,
      ),
    );
    expect(read.ok && read.value.route.dryKm).toBeCloseTo(0.1 * degreeKm, 1);
    expect(read.ok && read.value.measures.ascentM).toBeNull();
  });

  test('two tracks are two days: nothing is counted between them', () => {
    const day = (from: number) =>
      `<trk><trkseg>${point('trkpt', from, 0)}${point('trkpt', from + 0.1, 0)}</trkseg></trk>`;
    const read = readGpx(gpx(day(0) + day(5)));
    expect(read.ok && read.value.route.distanceKm).toBeCloseTo(0.2 * degreeKm, 1);
  });

  test.each([
    ['', 'This is no GPX file'],
    ['{"a":1}', 'This is no GPX file'],
    ['<gpx><trk>', 'This is no GPX file'],
    ['<kml></kml>', 'holds “kml”, not “gpx”'],
    [gpx(''), 'no track and no route'],
    [gpx(point('wpt', 1, 1)), 'no track and no route'],
    [gpx(`<trk><trkseg>${point('trkpt', 1, 1)}</trkseg></trk>`), 'fewer than two points'],
    [gpx(`<trk><trkseg>${point('trkpt', 95, 1)}</trkseg></trk>`), 'Point 1 has latitude “95”'],
    [gpx(`<trk><trkseg>${point('trkpt', 1, 1)}<trkpt/></trkseg></trk>`), 'Point 2 has latitude'],
    ...['__proto__', 'constructor', 'prototype'].flatMap((name) => [
      [gpx(`<trk><${name}>x</${name}></trk>`), 'has a name that no GPX file needs'],
      [gpx(`<trk ${name}="x"></trk>`), 'has a name that no GPX file needs'],
    ]),
    [gpx(`${'<a>'.repeat(20_000)}${'</a>'.repeat(20_000)}`), 'nested too deep'],
    [
      gpx(`<trk><trkseg>${'<trkpt lat="0x10" lon="1"/>'.repeat(2)}</trkseg></trk>`),
      'latitude “0x10”',
    ],
    [
      gpx(
        Array.from({ length: 5001 }, (_, at) =>
          point('wpt', 1 + at / 10_000, 1, '<name>Spring</name>'),
        ).join('') + `<trk><trkseg>${northward.join('')}</trkseg></trk>`,
      ),
      'marks 5001 waters; up to 5000 are read',
    ],
    [`<!DOCTYPE gpx [<!ENTITY a "b">]>${gpx('')}`, 'declares entities'],
  ])('refuses %p', (text, why) => {
    const read = readGpx(text);
    expect(read.ok ? '' : read.problem.message).toContain(why);
  });

  test.each(['&lt;script&gt;x', 'a\u202eb', '   '])(
    'is read without a name that none can be: %j',
    (name) => {
      const read = readGpx(
        gpx(`<trk><name>${name}</name><trkseg>${northward.join('')}</trkseg></trk>`),
      );
      if (!read.ok) throw new Error(read.problem.message);
      expect(read.value.route.name).toBe('');
      expect(unsoundBrief({ ...emptyBrief, route: read.value.route })).toBeNull();
    },
  );

  test('a water that is marked twice is one', () => {
    const twice = point('wpt', 61.1, 27, '<name>Spring</name>').repeat(8000);
    const read = readGpx(gpx(`${twice}<trk><trkseg>${northward.join('')}</trkseg></trk>`));
    expect(read.ok && read.value.measures.watersOn).toBe(1);
  });

  test('a file of 100 MB is refused before it is read', () => {
    expect(whyTrackTooLarge(100 * 1024 * 1024)).toContain('100 MB');
    expect(whyTrackTooLarge(1024)).toBeNull();
  });
});

const points = fc.array(
  fc.tuple(
    fc.double({ min: -80, max: 80, noNaN: true }),
    fc.double({ min: -179, max: 179, noNaN: true }),
    fc.option(fc.integer({ min: -100, max: 5000 })),
  ) as fc.Arbitrary<RoutePoint>,
  { minLength: 2, maxLength: 40 },
);

describe('laws of a line', () => {
  test('no way is shorter than its ends are apart, and walked back it is as long', () => {
    fc.assert(
      fc.property(points, (line) => {
        const { distanceKm } = measuresOf([line], []);
        expect(distanceKm).toBeGreaterThanOrEqual(kmBetween(line[0]!, line.at(-1)!) - 1e-6);
        expect(measuresOf([[...line].reverse()], []).distanceKm).toBeCloseTo(distanceKm, 6);
      }),
    );
  });

  test('one more water never makes the longest dry stretch longer', () => {
    fc.assert(
      fc.property(points, fc.nat(), fc.nat(), (line, one, other) => {
        const [a, b] = [line[one % line.length]!, line[other % line.length]!];
        const before = measuresOf([line], [a]).dryKm!;
        expect(measuresOf([line], [a, b]).dryKm!).toBeLessThanOrEqual(before + 1e-9);
      }),
    );
  });

  test('the nearest place is the one that looking at every leg finds', () => {
    const near = fc.tuple(
      fc.double({ min: -0.02, max: 0.02, noNaN: true }),
      fc.double({ min: -0.02, max: 0.02, noNaN: true }),
    );
    fc.assert(
      fc.property(
        fc.array(near, { minLength: 2, maxLength: 60 }),
        near,
        fc.constantFrom<number[]>([0, 0], [61, 179.99], [-75, -180], [89, 30]),
        (steps, [up, right], start) => {
          let [a, b] = [start[0]!, start[1]!];
          const legs = steps.map(([north, east], at): Leg => {
            const from: RoutePoint = [a, b, null];
            [a, b] = [a + north, b + east];
            return { from, to: [a, b, null], fromKm: at, toKm: at + 1 };
          });
          const water: RoutePoint = [a + up / 4, ((b + right / 4 + 540) % 360) - 180, null];
          const each = legs.map((leg) => nearestWithin(runOf([leg])!, water, 1));
          const best = each.reduce((one, other) =>
            other !== null && (one === null || other.offKm < one.offKm) ? other : one,
          );
          const found = nearestWithin(runOf(legs)!, water, 1);
          expect(found === null).toBe(best === null);
          if (found && best) expect(found.offKm).toBeCloseTo(best.offKm, 9);
        },
      ),
    );
  });

  test('a water looks at the legs near it, not at all of them', () => {
    const many = 2000;
    const count = { looks: 0 };
    const legs = Array.from({ length: many }, (_, at): Leg => ({
      get from(): RoutePoint {
        count.looks += 1;
        return [at / 10_000, 20, null];
      },
      to: [(at + 1) / 10_000, 20, null],
      fromKm: at,
      toKm: at + 1,
    }));
    const run = runOf(legs)!;
    count.looks = 0;
    for (let at = 0; at < many; at += 1) nearestWithin(run, [at / 10_000, 20, null], 0.5);
    expect(count.looks).toBeLessThan(many * 100);
  });

  test('a way that goes round the other side of the earth passes no water here', () => {
    const line: RoutePoint[] = [
      [10, 179.9, null],
      [10, -179.9, null],
    ];
    expect(measuresOf([line], [[10, 0, null]]).watersOn).toBe(0);
    expect(measuresOf([line], [[10, 180, null]]).watersOn).toBe(1);
  });

  test('a thinned line keeps its ends and its highest point', () => {
    fc.assert(
      fc.property(points, fc.integer({ min: 4, max: 20 }), (line, most) => {
        const thin = thinned([line], most);
        expect(thin.length).toBeLessThanOrEqual(Math.max(most, 2));
        expect([thin[0], thin.at(-1)]).toEqual([line[0], line.at(-1)]);
        const top = Math.max(...line.map(([, , height]) => height ?? 0));
        expect(Math.max(...thin.map(([, , height]) => height ?? 0))).toBe(top);
      }),
    );
  });
});
