import fc from 'fast-check';
import { conditionsOf, emptyBrief, withClimate, type Brief } from '@/core/brief';
import { countryIds } from '@/core/catalogue/country-climates';
import { juneTraverse, septemberTraverse } from '@/core/demo/briefs';
import { laidOrder, schemes } from '@/core/scheme';
import { proposedLanes, proposedOrder } from '@/core/scheme/proposed-order';

const today = '2027-01-01';

function orderOf(brief: Brief, scheme: keyof typeof schemes = 'ten-cs'): readonly string[] {
  return proposedOrder(schemes[scheme], brief, conditionsOf(brief, today)).map(
    ({ category }) => category.id,
  );
}

const desert = withClimate(
  {
    ...juneTraverse,
    place: { name: '', latitude: 27, longitude: 10 },
    setting: 'far inland',
    country: 'desert',
    dryHours: null,
    heard: null,
  },
  today,
);

describe('the order that a brief proposes', () => {
  test('cold and wet lifts cover, then fire', () => {
    expect(orderOf(septemberTraverse).slice(0, 2)).toEqual(['cover', 'combustion']);
    expect(orderOf(septemberTraverse, 'what-hurts-first').slice(0, 3)).toEqual([
      'first-aid',
      'shelter',
      'fire',
    ]);
  });

  test('dry and hot lifts water, and says why', () => {
    const [first] = proposedOrder(schemes['ten-cs'], desert, conditionsOf(desert, today));
    expect(first?.category.id).toBe('container');
    expect(first?.because).toMatch(/WBGT \d+ °C, 24 h from water to water/);
  });

  test('where it does not get dark, light comes last of the named', () => {
    expect(orderOf(juneTraverse).at(-2)).toBe('candling');
    expect(orderOf(septemberTraverse).indexOf('candling')).toBeLessThan(
      orderOf(juneTraverse).indexOf('candling'),
    );
  });

  test('a school lifts its own, and the reason says that it does', () => {
    const blade = { ...septemberTraverse, schools: { first: 'blade first' } } as const;
    const [first] = proposedOrder(schemes['ten-cs'], blade, conditionsOf(blade, today));
    expect(first?.category.id).toBe('cutting');
    expect(first?.because).toBe('your school: blade first');
    expect(
      orderOf(
        { ...septemberTraverse, schools: { first: 'roof, fire, food, water' } },
        'what-hurts-first',
      ).slice(0, 4),
    ).toEqual(['shelter', 'fire', 'food', 'water']);
  });

  test('a brief that says nothing proposes nothing', () => {
    expect(proposedLanes(Object.values(schemes), emptyBrief, today)).toEqual([]);
  });

  test('each order has every category once, and what lies beyond last', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...countryIds),
        fc.integer({ min: -40, max: 35 }),
        fc.constantFrom(...Object.values(schemes)),
        (country, lowC, scheme) => {
          const brief = { ...emptyBrief, country, weather: { ...emptyBrief.weather, lowC } };
          const [lanes] = proposedLanes([scheme], brief, today);
          expect([...lanes!.categories].sort()).toEqual(
            scheme.categories.map(({ id }) => id).sort(),
          );
          const beyond = lanes!.categories.indexOf('beyond');
          expect([-1, lanes!.categories.length - 1]).toContain(beyond);
        },
      ),
    );
  });

  test('colder never puts cover farther back', () => {
    const placeOfCover = (lowC: number, country: Brief['country']) =>
      orderOf({ ...emptyBrief, country, weather: { ...emptyBrief.weather, lowC } }).indexOf(
        'cover',
      );
    fc.assert(
      fc.property(
        fc.integer({ min: -40, max: 30 }),
        fc.integer({ min: 0, max: 30 }),
        fc.constantFrom(...countryIds),
        (low, more, country) => {
          expect(placeOfCover(low - more, country)).toBeLessThanOrEqual(placeOfCover(low, country));
        },
      ),
    );
  });
});

describe('the lanes as a brief lays them', () => {
  const scheme = schemes['five-cs'];

  test('lie in its order, what it leaves out behind, as one object', () => {
    const brief = {
      ...emptyBrief,
      lanes: [{ scheme: 'five-cs', categories: ['container', 'gone', 'cover'] }],
    };
    const laid = laidOrder(scheme, brief);
    expect(laid.categories.map(({ id }) => id)).toEqual([
      'container',
      'cover',
      ...scheme.categories.map(({ id }) => id).filter((id) => !['container', 'cover'].includes(id)),
    ]);
    expect(laidOrder(scheme, brief)).toBe(laid);
  });

  test('lie as the scheme has them where nothing is said', () => {
    expect(laidOrder(scheme, null)).toBe(scheme);
    expect(laidOrder(scheme, emptyBrief)).toBe(scheme);
  });
});
