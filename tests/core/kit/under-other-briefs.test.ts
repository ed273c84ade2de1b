import { noWeather, twoSeasonsIn, conditionsOf, emptyBrief } from '@/core/brief';
import { afloat } from '@/core/kit/floats';
import { hangsOn } from '@/core/kit/hangs-on';
import { lastingByLayers } from '@/core/kit/lasting-layers';
import { seasonSwap } from '@/core/judge/season-swap';
import { underBrief } from '@/core/kit/under-brief';
import { autumn, packed } from '../../support/under-brief';

describe('what a need hangs on', () => {
  const kit = packed([
    { kind: 'sleeping-bag', count: 2 },
    { kind: 'ground-mat', count: 2 },
    { kind: 'oat-bar', count: 40 },
    'tarp',
    'cord',
  ]);
  const found = hangsOn(kit, kit.own.brief!, 'metric');

  test('sleep hangs on the cold, food on the hours and the nights', () => {
    expect(found.get('sleep')!.map((each) => each.if)).toContain('5 °C colder');
    expect(
      found
        .get('food')!
        .map((each) => each.if)
        .sort(),
    ).toEqual(['one night more', 'two hours more on the move'].sort());
  });

  test('tells the worst first, and only what makes it worse', () => {
    for (const all of found.values()) {
      expect(all.map(({ share }) => share)).toEqual(
        [...all.map(({ share }) => share)].sort((one, other) => other - one),
      );
      for (const { share } of all) expect(share).toBeGreaterThan(0);
    }
  });

  test('does not say what is as bad already', () => {
    const dark = packed(['tarp'], { waterIsCloudy: true, isFireAllowed: false });
    const told = [...hangsOn(dark, dark.own.brief!, 'metric').values()]
      .flat()
      .map((each) => each.if);
    expect(told).not.toContain('cloudy water');
    expect(told).not.toContain('no open fire');
  });
});

describe('how long it lasts by layers', () => {
  test('less layers never last longer, and a pack is none that is worn', () => {
    const kit = packed([
      'pack',
      { kind: 'oat-bar', count: 10, within: 0 },
      { kind: 'oat-bar', count: 10, on: 'vehicle' },
      'steel-bottle',
      'filter',
    ]);
    const [body, bag, all] = lastingByLayers(kit, kit.own.brief!, 'metric').map((each) => ({
      ...each,
      food: each.needs.find(({ need }) => need === 'food')!.days!,
    }));
    expect([body!.pieces, bag!.pieces, all!.pieces]).toEqual([1, 4, 5]);
    expect(body!.food).toBe(0);
    expect(bag!.food).toBeGreaterThan(0);
    expect(all!.food).toBeCloseTo(2 * bag!.food, 1);
    expect(all!.lasts).toEqual(underBrief(kit, kit.own.brief!, 'metric').lasts);
  });
});

describe('from one season to another', () => {
  const winter = { ...autumn, name: 'cold', weather: { ...autumn.weather, lowC: -8, highC: 2 } };
  const summer = { ...autumn, name: 'warm', weather: { ...autumn.weather, lowC: 14, highC: 24 } };
  const kit = packed(
    [
      { kind: 'wool-jersey', count: 2 },
      { kind: 'fleece', count: 2 },
      { kind: 'sleeping-bag', count: 2 },
      'steel-bottle',
    ],
    winter,
  );
  const swap = seasonSwap(kit, winter, summer, 'metric');

  test('what only the cold asks for is needless in the warm, and weighs so much', () => {
    const names = swap.leave.map(({ placement }) => kit.gear(placement.id).kind);
    // The heavier layer stays behind; a mild evening still asks for one.
    expect(names).toEqual(['wool-jersey']);
    expect(swap.leaveG).toBeCloseTo(
      swap.leave.reduce((sum, { massG }) => sum + massG, 0),
      9,
    );
  });

  test('with all that left behind no need of the warm stands worse', () => {
    const gone = new Set(swap.leave.map(({ placement }) => placement.id));
    const left = packed(
      ['wool-jersey', 'fleece', 'sleeping-bag', 'steel-bottle']
        .map((kind, at) => ({ kind, count: at === 3 ? 1 : 2, id: `p${at}` }))
        .filter(({ id }) => !gone.has(id)),
      summer,
    );
    const before = underBrief(kit, summer, 'metric').needs;
    const after = underBrief(left, left.own.brief!, 'metric').needs;
    for (const [at, need] of after.entries()) {
      if (before[at]!.standing === 'met') expect(need.standing).toBe('met');
    }
  });

  test('nothing is needless in the very same season', () => {
    expect(seasonSwap(kit, winter, { ...winter, name: 'again' }, 'metric').leave).toEqual([]);
  });

  test('what is short there is told with what would answer it', () => {
    const short = seasonSwap(kit, summer, winter, 'metric').take;
    expect(short.map(({ need }) => need.need)).toContain('ground');
    expect(short.find(({ need }) => need.need === 'ground')!.fix).not.toBeNull();
  });
});

describe('afloat', () => {
  const can = { kind: 'barrel', on: 'vehicle' } as const;

  test('a barrel that is closed bears its outside less its mass, and keeps all dry', () => {
    const kit = packed([can, { kind: 'wool-jersey', within: 0 }, { kind: 'hatchet', within: 0 }]);
    const [barrel] = afloat(kit);
    const { massG, bulk } = kit.totals.branches.get('p0')!;
    expect(barrel).toMatchObject({ isTight: true, floats: true, wet: [] });
    expect(barrel!.spareG).toBeCloseTo(bulk.tightMl - massG, 9);
    expect(barrel!.dry.map(({ id }) => id)).toEqual(['p1', 'p2']);
  });

  test('what lets water in is borne by what in it is closed, and all else gets wet', () => {
    const kit = packed([
      'pack',
      { kind: 'dry-bag', within: 0 },
      { kind: 'wool-jersey', within: 1 },
      { kind: 'hatchet', within: 0 },
    ]);
    const [pack] = afloat(kit);
    expect(pack).toMatchObject({ isTight: false });
    expect(pack!.dry.map(({ id }) => id)).toEqual(['p2']);
    expect(pack!.wet.map(({ id }) => id)).toEqual(['p3']);
    const bag = kit.totals.branches.get('p1')!;
    expect(pack!.spareG).toBeLessThan(bag.bulk.tightMl - bag.massG);
  });

  test('a bare piece is never counted on to float', () => {
    for (const { spareG, floats } of afloat(packed(['hatchet', 'wool-jersey', 'cord']))) {
      expect(floats).toBe(false);
      expect(spareG).toBeLessThanOrEqual(0);
    }
  });
});

describe('two seasons', () => {
  const of = (lowC: number, highC: number) =>
    twoSeasonsIn(
      conditionsOf({ ...emptyBrief, weather: { ...noWeather, lowC, highC } }, '2027-01-01'),
    );

  test('are in a time of freezing nights and warm days', () => {
    expect(of(-4, 22)).toEqual({ lowC: -4, highC: 22 });
    expect(of(1, 22)).toBeNull();
    expect(of(-4, 19)).toBeNull();
    expect(twoSeasonsIn(conditionsOf(emptyBrief, '2027-01-01'))).toBeNull();
  });
});
