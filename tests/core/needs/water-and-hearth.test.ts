import { asTheTableSays, somebody } from '@/core/brief';
import { apply } from '@/core/loadout';
import { workedOut } from '@/core/kit';
import { fixesOf } from '@/core/judge/mending';
import { foundIn, kindDay, kindKit, needIn } from '../../support/kinds-judged';
import { benchOfKinds } from '../../support/kits-of-kinds';
import { everyFinding } from '../../support/every-finding';

const one = [{ ...somebody, name: 'A' }];
const oneNight = { on: 'days', from: '2027-09-20', to: '2027-09-21' } as const;
const twoTablets = { contents: { unit: 'tablets', full: 30, left: 2, massG: 4 } } as const;

describe('water that is made safe', () => {
  it('counts by threat: a filter lets viruses through, and two tablets are two litres', () => {
    const kit = kindKit({
      holds: 'filter, water-bag, steel-bottle, chlorine-tablets',
      brief: { isFireAllowed: false, waterThreats: ['viruses', 'bacteria', 'protozoa'] },
      gear: { 'chlorine-tablets': twoTablets, 'steel-bottle': { supplies: [] } },
    });
    expect(needIn(kit, 'treat')).toMatchObject({ standing: 'short', supply: 2 });
  });

  it('is boiled where nothing else makes all of it safe: two tablets spare no fuel', () => {
    const holds = 'pot, steel-bottle, lighter, gas-stove, small-gas-canister';
    const brief = { isFireAllowed: false, waterThreats: ['bacteria', 'protozoa'] } as const;
    const asked = ['', ', chlorine-tablets'].map((more) => {
      const gear = { 'chlorine-tablets': twoTablets };
      return needIn(kindKit({ holds: `${holds}${more}`, brief, gear }), 'fuel');
    });
    expect(asked.map(({ standing }) => standing)).toEqual(['short', 'short']);
    expect(asked[1]!.demand).toBeCloseTo(asked[0]!.demand!);
  });

  it('waits in the evening as long as the tablets take against what is in it, in that cold', () => {
    const kit = kindKit({
      holds: 'dioxide-tablets, water-bag, tarp, cord, ground-mat',
      brief: {
        people: one,
        isFireAllowed: false,
        waterThreats: ['protozoa', 'bacteria'],
        weather: { lowC: 1, highC: 7, humidityPct: 80, rainDays: 10, windKmh: 5 },
      },
    });
    // Four hours against cysts, twice as long below 10 °C, and an hour for the camp.
    expect(needIn(kit, 'evening').demand).toBe(540);
  });
});

describe('a filter', () => {
  const weather = { lowC: -3, highC: 4, humidityPct: 80, rainDays: 5, windKmh: 5 };
  const brief = { people: one, isFireAllowed: false, weather, waterThreats: ['bacteria'] } as const;

  it('treats nothing where a night’s frost tears it, and says so; on the body it does', () => {
    const inPack = kindKit({ holds: 'pack, filter @ pack.main, water-bag', brief });
    expect(needIn(inPack, 'treat').standing).toBe('none');
    expect(needIn(inPack, 'treat').says).toContain(
      'Not counted, as the frost there spoils it where it lies: Hollow-fibre filter.',
    );
    const onBody = kindKit({ holds: 'pack, filter, water-bag', brief });
    expect(needIn(onBody, 'treat').standing).toBe('met');
  });
});

describe('boiling', () => {
  it('asks a hearth: gas without a stove boils nothing where no open fire is allowed', () => {
    const kit = kindKit({
      holds: 'pot, lighter, gas-canister, water-bag, spoon, 2 trail-meal',
      brief: { people: one, isFireAllowed: false, when: oneNight },
    });
    expect(kit.ways.byJob.get('boil')).toBeUndefined();
    expect(needIn(kit, 'treat').standing).toBe('none');
    expect(needIn(kit, 'fuel').standing).toBe('none');
  });

  it('has no open fire where no wood grows', () => {
    const brief = { people: one, country: 'arctic' } as const;
    const kit = kindKit({ holds: 'pot, lighter, match-case', brief });
    expect(kit.ways.depth(['boil'])).toBe(0);
    expect(['treat', 'drink', 'fuel'].map((id) => needIn(kit, id as 'treat').standing)).toEqual([
      'none',
      'none',
      'none',
    ]);
  });

  it('is never mended by fuel that no stove here burns, nor by leaving all that there is to eat', () => {
    const kit = kindKit({
      holds: 'pot, lighter, 6 trail-meal',
      brief: { isFireAllowed: false },
    });
    const meals = everyFinding(kit).find(({ rule }) => rule === 'food/needs-water')!;
    const says = [...fixesOf(kit, meals, { newId: () => 'new' })].flatMap((fix) => fix?.says ?? []);
    expect(says.filter((each) => /^(?:Leave Trail|Get \d* ?×? ?Gas canister)/.test(each))).toEqual(
      [],
    );
  });
});

describe('fuel', () => {
  it('does not count gas in a cold in which it does not boil off', () => {
    const kit = kindKit({
      holds: 'pot, lighter, gas-stove, 3 gas-canister',
      brief: {
        people: one,
        isFireAllowed: false,
        when: { on: 'days', from: '2027-01-20', to: '2027-01-22' },
        weather: { lowC: -20, highC: -12, humidityPct: 80, rainDays: 4, windKmh: 5 },
      },
    });
    expect(needIn(kit, 'fuel')).toMatchObject({ standing: 'none', supply: 0 });
  });

  const when = { on: 'days', from: '2027-09-20', to: '2027-10-06' } as const;

  it('is told alike in whatever order it was packed: each burns in its own stove', () => {
    const [one_, other] = [
      'small-gas-canister, fuel-tablets',
      'fuel-tablets, small-gas-canister',
    ].map((fuels) =>
      needIn(
        kindKit({
          holds: `pot, lighter, gas-stove, tablet-stove, ${fuels}`,
          brief: { isFireAllowed: false, when },
        }),
        'fuel',
      ),
    );
    expect(one_!.days).toBeCloseTo(other!.days!);
  });

  it('of an open fire is as much wood with a canister along as without', () => {
    const says = ['', ', gas-stove, small-gas-canister'].map(
      (more) =>
        needIn(kindKit({ holds: `pot, lighter, tinder-tabs${more}`, brief: { when } }), 'fuel')
          .says,
    );
    for (const each of says) expect(each).toContain('about 2.51 kg a day');
  });
});

describe('water aboard', () => {
  const brief = { people: one, when: oneNight };

  it('in sealed bottles is carried over a dry stretch', () => {
    const kit = kindKit({ holds: '8 bottled-water', brief: { ...brief, dryHours: 16 } });
    expect(needIn(kit, 'carry')).toMatchObject({ standing: 'met', supply: 12 });
    expect(foundIn(kit, 'water/dry-stretch')).toEqual([]);
  });

  it('is not asked again for tea, and for no more portions than are eaten', () => {
    const [plain, tea, rice] = ['', ', tea', ', rice'].map((more) =>
      needIn(
        kindKit({
          holds: `steel-bottle, plastic-bottle, pot, lighter${more}`,
          brief: { ...brief, dryHours: 6 },
        }),
        'drink',
      ),
    );
    expect(tea!.demand).toBe(plain!.demand);
    expect(rice!.demand! - plain!.demand!).toBeLessThan(1);
  });

  it('is never more than the vessel that stands in holds', () => {
    const before = benchOfKinds({
      holds: 'water-can',
      brief: { filled: [{ placement: 'water-can', ml: 10_000 }], dryHours: 200 },
      shelf: 'thin-bottle',
    });
    const after = apply(before, {
      do: 'stand in',
      loadout: 'k',
      placement: 'water-can',
      gear: 'thin-bottle',
    });
    if (!after.ok) throw new Error(after.problem.message);
    const kit = workedOut(after.value, after.value.loadouts.get('k')!, kindDay);
    expect(needIn(kit, 'drink').supply).toBe(0.5);
  });

  it('counts the larger supply of a piece only where it serves as well', () => {
    const carries = (supplies: readonly (readonly ['made-for' | 'improvised', number])[]) =>
      needIn(
        kindKit({
          holds: 'steel-bottle',
          gear: {
            'steel-bottle': {
              supplies: supplies.map(([fitness, amount]) => ({
                ...benchOfKinds({ holds: 'steel-bottle' })
                  .shelf.get('steel-bottle')!
                  .supplies.find(({ job }) => job === 'carry-water')!,
                fitness,
                amount,
              })),
            },
          },
        }),
        'carry',
      ).supply;
    expect(carries([['made-for', 1000]])).toBe(1);
    expect(
      carries([
        ['made-for', 1000],
        ['improvised', 1200],
      ]),
    ).toBe(1);
  });
});

describe('water that is found', () => {
  const brief = { people: one, when: oneNight, country: 'desert', dryHours: null } as const;
  const holds = '2 plastic-bottle, dioxide-tablets';

  it('is none in a desert, unless somebody knows better', () => {
    const dry = needIn(kindKit({ holds, brief }), 'drink');
    expect(dry).toMatchObject({ standing: 'none', supply: 0 });
    const asKnown = { ...asTheTableSays, water: 'here and there' } as const;
    const known = needIn(kindKit({ holds, brief: { ...brief, asKnown } }), 'drink');
    expect(known.supply).toBeGreaterThan(2);
  });
});

describe('hours on the way', () => {
  it('are those of the route for food, drink and the evening alike', () => {
    const kit = kindKit({
      holds: 'tarp, cord, ground-mat',
      brief: {
        people: one,
        workHours: 4,
        when: oneNight,
        route: {
          name: 'R',
          distanceKm: 50,
          ascentM: 2500,
          terrain: 'bog',
          dryKm: null,
          line: [],
        },
      },
    });
    // 50 km of bog with 2500 m of climb take 22 h, 11 h a day: in camp after dusk.
    expect(needIn(kit, 'evening')).toMatchObject({ standing: 'none', supply: 0 });
    const short = kindKit({ holds: 'tarp', brief: { people: one, workHours: 4, when: oneNight } });
    expect(needIn(kit, 'drink').demand).toBeGreaterThan(needIn(short, 'drink').demand! * 1.3);
  });
});

describe('a child', () => {
  const child = {
    ...somebody,
    name: 'C',
    bodyKg: 17,
    heightCm: 104,
    ageYears: 4,
    sex: 'man',
  } as const;
  const demandOf = (people: readonly (typeof somebody)[], id: 'food' | 'drink' | 'load') =>
    needIn(kindKit({ holds: 'pack, 20 bottled-water', brief: { people, when: oneNight } }), id);

  it('drinks and eats by its age and body', () => {
    // 890 kcal at rest by Schofield, and 1.6 L with food included by EFSA.
    expect(demandOf([child], 'food').demand! / 2).toBeGreaterThan(1100);
    expect(demandOf([child], 'food').demand! / 2).toBeLessThan(1800);
    expect(demandOf([child], 'drink').demand! / 2).toBeLessThan(2.2);
    expect(demandOf([{ ...somebody, ageYears: 4 }], 'drink').demand).toBeCloseTo(
      demandOf([child], 'drink').demand!,
      0,
    );
  });

  it('carries nothing below five', () => {
    const [alone, withChild] = [one, [...one, child]].map((people) => demandOf(people, 'load'));
    expect(withChild!.supply).toBeCloseTo(alone!.supply!);
  });
});
