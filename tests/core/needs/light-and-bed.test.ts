import { climateFor, noWeather, somebody } from '@/core/brief';
import { foundIn, kindKit, needIn } from '../../support/kinds-judged';

const people = [{ ...somebody, name: 'A' }];

describe('light', () => {
  const brief = {
    weather: { lowC: -20, highC: -10, humidityPct: 70, rainDays: 5, windKmh: 5 },
  };

  it('of a lamp is by its own battery in that cold, whatever cells lie beside it', () => {
    const lamps = [
      'rechargeable-headlamp',
      'rechargeable-headlamp, cell-aaa',
      'rechargeable-headlamp, 2 cell-aa-lithium',
    ].map((holds) => needIn(kindKit({ holds, brief }), 'light').supply);
    expect(lamps).toEqual([264, 264, 264]);
  });

  it('of a candle counts in the open, and in no tent or vehicle', () => {
    const lit = ['candle, lighter', 'candle, lighter, tent', 'candle @ vehicle, lighter'].map(
      (holds) => needIn(kindKit({ holds, brief: { people } }), 'light').supply,
    );
    expect(lit[0]).toBeGreaterThan(0);
    expect(lit.slice(1)).toEqual([0, 0]);
  });

  it('current is not short for a cell that nothing takes', () => {
    expect(needIn(kindKit({ holds: 'belt-knife, cell-aa' }), 'power').standing).toBe('met');
  });
});

describe('a bed', () => {
  it('that is soaked warms less: synthetic and wool too', () => {
    const brief = {
      people,
      weather: { lowC: 0, highC: 8, humidityPct: 90, rainDays: 20, windKmh: 10 },
    };
    for (const bag of ['sleeping-bag', 'wool-blanket']) {
      const holds = `${bag}, air-mat, ground-mat, padded-jacket, fleece`;
      const [dry, wet] = ([[], ['soaked']] as const).map((holding) =>
        needIn(kindKit({ holds, brief }, holding), 'sleep'),
      );
      expect(wet!.supply! - dry!.supply!).toBeGreaterThan(2);
      expect(wet!.standing).toBe('short');
    }
  });

  it('is dealt so that the worst off sleeps warmest: the thick mat under the thin bag', () => {
    const kit = kindKit({
      holds: 'winter-bag, sleeping-bag, air-mat, ground-mat',
      brief: {
        people: [...people, { ...somebody, name: 'B' }],
        weather: { lowC: 6, highC: 14, humidityPct: 70, rainDays: 5, windKmh: 5 },
      },
    });
    expect(needIn(kit, 'sleep').standing).toBe('met');
    expect(foundIn(kit, 'sleep/short')).toEqual([]);
  });

  it('that hangs in the warmth needs nothing from the ground', () => {
    const kit = kindKit({
      holds: 'hammock, bug-net, tarp, 2 cord, poncho-liner',
      brief: {
        people,
        country: 'hot-wet-forest',
        when: { on: 'days', from: '2027-06-20', to: '2027-06-22' },
        weather: { lowC: 22, highC: 31, humidityPct: 90, rainDays: 20, windKmh: 3 },
      },
    });
    expect(needIn(kit, 'sleep').standing).toBe('met');
    expect(needIn(kit, 'ground').standing).toBe('met');
    expect(foundIn(kit, 'sleep/')).toEqual([]);
  });

  it('says how far off the simulated low may be in mountains and deserts', () => {
    const says = (['mountain', 'temperate-woodland'] as const).map((country) => {
      const place = {
        latitude: 47,
        longitude: 10,
        altitudeM: 1200,
        setting: 'inland',
        country,
      } as const;
      const brief = {
        people,
        country,
        altitudeM: 1200,
        place: { name: 'There', ...place },
        weather: noWeather,
      };
      const heard = climateFor(place, '2027-09-01');
      return needIn(
        kindKit({ holds: 'sleeping-bag, air-mat', brief: { ...brief, heard } }),
        'sleep',
      ).says;
    });
    expect(says[0]).toContain('The low is simulated, and may be 5 °C off there.');
    expect(says[1]).not.toContain('simulated');
  });
});

describe('a tent', () => {
  it('guards as many from insects as it sleeps', () => {
    const kit = kindKit({
      holds: 'tent',
      brief: {
        people: Array.from({ length: 8 }, () => somebody),
        country: 'boreal-lakes',
        when: { on: 'days', from: '2027-07-01', to: '2027-07-05' },
        weather: { lowC: 8, highC: 20, humidityPct: 70, rainDays: 8, windKmh: 5 },
      },
      gear: { tent: { name: 'One-person tent' } },
    });
    expect(needIn(kit, 'guard')).toMatchObject({ standing: 'short', supply: 1 });
    expect(needIn(kit, 'roof').supply).toBe(1);
  });
});

describe('signals', () => {
  it('of a flare are its light by night, not only its smoke by day', () => {
    const kit = kindKit({
      holds: 'flare, signal-mirror',
      brief: { people: [somebody], country: 'hot-wet-forest' },
    });
    expect(foundIn(kit, 'found/unseen', 'signal/')).toEqual([]);
    expect(needIn(kit, 'found').says).toContain('by night');
  });
});
