import { told, type Where } from '../../support/small-kits';

describe('a need asks no more than somebody experienced would', () => {
  it('of a lamp that is listed its own cells are in it, and the loose ones are spares', () => {
    const lamp = ['body | headlamp 3xAAA'];
    expect(told('woods', lamp).need('light').standing).not.toBe('none');
    expect(told('woods', lamp).says).not.toContainEqual(
      expect.stringMatching(/^\w+ light\/(cells|none)/),
    );
    expect(told('woods', [...lamp, 'body | 4 CR123A batteries']).says).toContainEqual(
      expect.stringMatching(/^warn light\/spares/),
    );
    const spare = told('woods', [...lamp, 'body | 3 AAA batteries']);
    expect(spare.need('light').days!).toBeGreaterThan(told('woods', lamp).need('light').days!);
  });

  it('no tinder where a stove with gas cooks, and none where nothing is cooked and no wood grows', () => {
    const stove = [
      'body | gas stove',
      'body | gas canister 230 g',
      'body | lighter',
      'body | pot 1 L',
      'body | rice 500 g',
    ];
    expect(told('desert', stove).need('fire').standing).toBe('met');
    expect(told('desert', ['body | lighter', 'body | crackers 500 g']).need('fire').standing).toBe(
      'met',
    );
    expect(told('town', ['body | sandwich 200 g']).need('fire').standing).toBe('met');
  });

  it('a vehicle and a house are a roof and a bed', () => {
    const car = told('car', [
      'vehicle | crate = 45 L crate',
      'crate | 2 wool blankets',
      'crate | sleeping bag comfort -10 °C',
    ]);
    for (const need of ['roof', 'ground', 'rig'] as const)
      expect([need, car.need(need).standing]).toEqual([need, 'met']);
    const home = told('home', ['house | shelf = 80 L box', 'shelf | rice 2 kg']);
    for (const need of ['roof', 'ground', 'rig', 'found'] as const) {
      expect([need, home.need(need).standing]).toEqual([need, 'met']);
    }
    expect([...car.says, ...home.says]).not.toContainEqual(
      expect.stringMatching(/cover\/missing (roof|cord|ground)/),
    );
  });

  it('sealed bottles of water are carried over a dry stretch', () => {
    expect(told('desert', ['body | 6 1.5 L bottles of water']).need('carry').standing).toBe('met');
  });

  it('what is worn is no load', () => {
    const pack = ['body | pack = 50 L backpack', 'pack | tarp 3x3 m'];
    const worn = ['body | winter coat 2 kg', 'body | hiking boots 1.5 kg', 'body | wool hat 200 g'];
    expect(told('woods', [...pack, ...worn]).need('load').supply).toBe(
      told('woods', pack).need('load').supply,
    );
    const pockets = [...worn, 'body | coat = winter coat', 'coat | tarp 3x3 m'];
    expect(told('woods', pockets).need('load').supply).toBeGreaterThan(0);
  });

  it('the air about somebody warms too: shirt and jacket do at 18 °C in July', () => {
    const worn = [
      'body | outdoor trousers',
      'body | cotton shirt',
      'body | hiking boots',
      'body | rain jacket',
    ];
    const july = {
      when: { on: 'days', from: '2027-07-10', to: '2027-07-10' },
      weather: { lowC: 14, highC: 24, humidityPct: 65, rainDays: 6, windKmh: 8 },
    };
    expect(told('walk', worn, july).need('warmth').standing).toBe('met');
  });

  it('what stands by itself keeps them dry before a tarp does', () => {
    const tent = ['body | 2 person tent'];
    expect(told('woods', tent).need('rig').standing).toBe('met');
    expect(told('woods', [...tent, 'body | tarp 3x3 m']).need('rig').standing).toBe('met');
  });

  it('pegs are at most a note where a stake is easily cut', () => {
    const tarp = told('woods', [
      'body | tarp 3x3 m',
      'body | paracord 20 m',
      'body | belt knife with sheath',
    ]);
    expect(tarp.need('rig').standing).not.toBe('none');
    for (const each of tarp.says.filter((said) => /peg/i.test(said))) expect(each).toMatch(/^note/);
  });

  it('six cool hours ask no more water along than is sweated and breathed in them', () => {
    const { demand } = told('walk', ['body | 1 L steel bottle {full}']).need('carry');
    expect(demand!).toBeGreaterThan(0.8);
    expect(demand!).toBeLessThan(2);
  });

  it('first aid goes by where they are: no ticks, blisters or stings in a flat', () => {
    const home = told('home', ['house | shelf = 80 L box', 'shelf | first aid kit']);
    expect(home.need('first aid').says).not.toMatch(/tick|blister|sting/);
    expect(told('woods', []).need('first aid').says).toMatch(/blister/);
  });

  it('light is asked whole for the first and shared by the rest', () => {
    const lamp = ['body | headlamp 3xAAA'];
    const four = Array.from({ length: 4 }, () => ({ bodyKg: 75 }));
    const [alone, all] = [{}, { people: four }].map(
      (people) => told('woods', lamp, people).need('light').demand!,
    );
    expect(all! / alone!).toBeGreaterThan(1);
    expect(all! / alone!).toBeLessThan(3);
  });

  it('no stored water is boiled that nothing is wrong with', () => {
    const stored = (bottles: number) =>
      told('home', [
        `house | ${bottles} 1.5 L bottles of water`,
        'house | shelf = 80 L box',
        'shelf | gas stove',
        'shelf | pot 2 L',
        'shelf | rice 5 kg',
      ]).need('fuel').demand;
    expect(stored(60)).toBe(stored(20));
  });

  it('nothing bites where the mean of the day is cold', () => {
    const october = told('walk', ['body | whistle'], {
      weather: { lowC: 1, highC: 11, humidityPct: 80, rainDays: 8, windKmh: 10 },
    });
    expect(october.says).not.toContainEqual(expect.stringMatching(/tick|midge|mosquito|insect/i));
  });

  it('who hangs in the warmth lies on no ground', () => {
    expect(told('hot', ['body | hammock', 'body | mosquito net']).need('ground').standing).toBe(
      'met',
    );
  });
});

describe('no rule says what is nonsense there', () => {
  const silent: readonly (readonly [string, Where, readonly string[], RegExp])[] = [
    [
      'a day in town asks no boiling, treating, roof or cord',
      'town',
      ['body | phone', 'body | umbrella'],
      /cover\/(missing|depth|one-condition) [^:]*(boil|treat|roof|cord|flame|cut)/,
    ],
    [
      'a day walk asks no roof, boiling or cord',
      'walk',
      ['body | phone', 'body | whistle'],
      /cover\/missing [^:]*(boil|treat|roof|cord)/,
    ],
    [
      'a pouch on the body is not deep',
      'woods',
      ['body | pouch = belt pouch', 'pouch | lighter', 'pouch | whistle'],
      /stow\/deep/,
    ],
    [
      'nothing is deep in a bag in town',
      'town',
      ['body | bag = 20 L day pack', 'bag | first aid kit', 'bag | lighter', 'bag | phone'],
      /stow\/deep/,
    ],
    [
      'nothing is deep in a box in the car',
      'car',
      ['vehicle | crate = 45 L crate', 'crate | box of matches', 'crate | wool blanket'],
      /stow\/deep/,
    ],
    [
      'one way to light will do in a desert',
      'desert',
      ['body | lighter', 'body | gas stove', 'body | gas canister 230 g'],
      /cover\/depth [^:]*(flame|spark)|fire\/ignite/,
    ],
    [
      'one roof is enough',
      'woods',
      ['body | tarp 3x3 m', 'body | paracord 20 m', 'body | 8 tent pegs'],
      /cover\/depth [^:]*(roof|first-aid|boil)/,
    ],
    [
      'sealed water and oil beside food burst nothing',
      'home',
      [
        'house | shelf = 80 L box',
        'shelf | cooking oil 1 L',
        'shelf | 6 1.5 L bottles of water',
        'shelf | rice 2 kg',
      ],
      /harm\/burst/,
    ],
    [
      'a knife with its sheath is covered',
      'woods',
      ['body | belt knife with sheath'],
      /cut\/sheath/,
    ],
    [
      'a box in a house is not lost with all that is in it',
      'home',
      [
        'house | shelf = 80 L box',
        'shelf | lighter',
        'shelf | gas stove',
        'shelf | gas canister 230 g',
        'shelf | kitchen knife',
      ],
      /cover\/(all-in-one|holder)|stow\/backup/,
    ],
    [
      'rain at minus 15 wets nothing',
      'snow',
      [
        'body | pack = 75 L backpack',
        'pack | down jacket',
        'pack | box of matches',
        'pack | sleeping bag comfort -20 °C',
      ],
      /stow\/wet|warm\/dry-set|fire\/wet-tinder/,
    ],
    ['nobody heats a flask', 'walk', ['body | vacuum flask 1 L'], /double-wall|no-vessel/],
    ['a vacuum flask in frost holds', 'snow', ['body | vacuum flask 1 L {full}'], /frost-full/],
    ['a can in the house does not freeze', 'home', ['house | water can 20 L {full}'], /frost-full/],
    [
      'no map, note or signal is asked at home',
      'home',
      ['house | shelf = 80 L box', 'shelf | rice 2 kg'],
      /way\/map|people\/note|seen\//,
    ],
    [
      'comfort is no dead weight',
      'woods',
      ['body | toothbrush', 'body | coffee 100 g', 'body | soft toy'],
      /thrift\/dead/,
    ],
  ];
  it.each(silent)('%s', (_, where, lines, nonsense) => {
    expect(told(where, lines).says.filter((each) => nonsense.test(each))).toEqual([]);
  });
});

describe('what matters is said', () => {
  const heard: readonly (readonly [string, Where, readonly string[], RegExp])[] = [
    ['no light on a day walk in October', 'walk', ['body | whistle'], /need\/short light/],
    [
      'food for a part of the days',
      'woods',
      ['body | rice 300 g', 'body | pot 1 L', 'body | lighter'],
      /need\/short food/,
    ],
    [
      'water of the desert',
      'desert',
      ['body | 2 1.5 L bottles of water'],
      /stop need\/short drink/,
    ],
    ['bottles that freeze', 'snow', ['body | 1 L steel bottle {full}'], /harm\/frost-full|freez/],
    [
      'three metres of cord pitch nothing',
      'woods',
      ['body | tarp 3x3 m', 'body | cord 3 m'],
      /need\/short rig/,
    ],
    [
      'the poncho is roof and coat',
      'hot',
      ['body | poncho', 'body | paracord 10 m'],
      /roof\/double-duty/,
    ],
    [
      'heavy bleeding before what is small',
      'woods',
      ['body | pouch = belt pouch', 'pouch | 5 plasters'],
      /^\w+ aid\/short aid: First aid: nothing for heavy bleeding/,
    ],
    [
      'half the body on the back',
      'woods',
      ['body | pack = 70 L backpack', 'pack | 18 1.5 L bottles of water'],
      /^stop need\/short load/,
    ],
    [
      'a quarter of the body on the back',
      'woods',
      ['body | pack = 70 L backpack', 'pack | 11 1.5 L bottles of water'],
      /^warn need\/short load/,
    ],
    [
      'nothing shines back in a November evening in town',
      'town',
      ['body | winter coat', 'body | phone'],
      /shines|reflect/,
    ],
    [
      'alkaline cells at minus 18',
      'snow',
      ['body | headlamp 3xAAA', 'body | 3 AAA alkaline batteries'],
      /lithium/i,
    ],
    [
      'a flame in the flat',
      'home',
      [
        'house | shelf = 80 L box',
        'shelf | gas stove',
        'shelf | gas canister 230 g',
        'shelf | pot 2 L',
      ],
      /carbon.monoxide/i,
    ],
  ];
  it.each(heard)('%s', (_, where, lines, right) => {
    expect(told(where, lines).says).toContainEqual(expect.stringMatching(right));
  });
});
