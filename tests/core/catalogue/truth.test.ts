import { kinds, type Kind } from '@/core/catalogue';
import {
  cautionsOf,
  cellWh,
  energyBehind,
  isBright,
  jobs,
  lightOf,
  metals,
  sleepClo,
  sleepTempC,
  type JobId,
  type Supply,
} from '@/core/gear';
import { failures } from '@/core/catalogue/does-not-work-in';

/** What kinds are said to do, held against physics and against what hurts. */
describe('what kinds can do', () => {
  const supplies = kinds.flatMap((kind) => kind.supplies.map((supply) => ({ kind, supply })));
  const of = (job: JobId) => supplies.filter((each) => each.supply.job === job);
  const ids = (found: readonly { readonly kind: Kind }[]) => found.map(({ kind }) => kind.id);

  it('is no more light than 120 lm for each watt of what they run on, and light has something to run on', () => {
    const lamps = of('light').filter(({ supply }) => energyBehind(supply) !== null);
    expect(lamps.length).toBeGreaterThan(10);
    const bright = lamps.filter(({ supply }) => supply.amount! > 120 * energyBehind(supply)!);
    expect(ids(bright)).toEqual([]);
  });

  it('is light that follows from cells and lm/W, worked by hand', () => {
    const light = (id: string) =>
      kinds.find((kind) => kind.id === id)!.supplies.find(({ job }) => job === 'light')!.amount;
    // 3 × 1.3 Wh × 90 · 3.0 × 90 · 12 × 100 · 4.4 × 100 · 3 × 18 × 90 · 2 × 0.6 × 75
    expect([
      light('headlamp'),
      light('torch'),
      light('strong-torch'),
      light('rechargeable-headlamp'),
      light('camp-lantern'),
      light('key-light'),
    ]).toEqual([350, 270, 1200, 440, 4900, 90]);
  });

  it('knows the energy of every cell that a kind is, and of every cell that is asked for', () => {
    for (const { kind, supply } of of('cells')) {
      expect([kind.id, supply.amount]).toEqual([
        kind.id,
        cellWh[supply.sort as keyof typeof cellWh],
      ]);
    }
    for (const { kind, supply } of of('light')) {
      expect([kind.id, lightOf(supply) ?? supply.amount]).toEqual([kind.id, supply.amount]);
    }
  });

  it('is no more than 9 kcal for each gram', () => {
    expect(ids(of('food').filter(({ kind, supply }) => supply.amount! > 9 * kind.massG))).toEqual(
      [],
    );
  });

  it('is heat only for vessels that are bare, of one wall and fireproof, and then the water is treated', () => {
    expect(ids(of('boil').filter(({ kind }) => !metals.includes(kind.look.stuff)))).toEqual([]);
    const doubled = of('boil').filter(({ kind }) =>
      kind.supplies.some(({ facts }) => facts?.of === 'vessel' && facts.isDoubleWalled),
    );
    expect(ids(doubled)).toEqual([]);
    const untreated = of('boil').filter(
      ({ kind, supply }) =>
        supply.amount! >= 300 && !kind.supplies.some(({ job }) => job === 'treat-water'),
    );
    expect(ids(untreated)).toEqual([]);
    for (const { kind, supply } of of('boil'))
      expect([kind.id, supply.demands.length]).toEqual([kind.id, 1]);
  });

  it('is treatment with its threats and its minutes, and a dose with a vessel', () => {
    for (const { kind, supply } of of('treat-water')) {
      expect([kind.id, supply.facts?.of]).toEqual([kind.id, 'treatment']);
      const isDose = kind.contents !== null && ['tablets', 'mL'].includes(kind.contents.unit);
      if (isDose) expect([kind.id, asks(supply, 'carry-water')]).toEqual([kind.id, true]);
    }
  });

  it('is warned of wherever fire, pressure, a blade, a medicine, lithium, a load or a catch can hurt', () => {
    const risky: readonly JobId[] = [
      ...(['cut', 'saw', 'chop', 'flame', 'stove', 'fuel', 'candle', 'boil', 'medicine'] as const),
      ...([
        'bleed-control',
        'animal-guard',
        'catch',
        'cord',
        'tow',
        'treat-water',
        'call',
      ] as const),
    ];
    const silent = supplies.filter(
      ({ kind, supply }) =>
        risky.includes(supply.job) &&
        supply.fitness !== 'improvised' &&
        cautionsOf(kind).length === 0,
    );
    expect(ids(silent)).toEqual([]);
    const banks = kinds.filter(({ supplies: own }) =>
      own.some(
        ({ facts }) => (facts?.of === 'power' || facts?.of === 'light') && facts.ownWh !== null,
      ),
    );
    for (const bank of banks)
      expect([bank.id, cautionsOf(bank).join()]).toEqual([
        bank.id,
        expect.stringMatching(/[Ll]ithium/),
      ]);
  });

  it('says of every treatment what it leaves open', () => {
    const tablets = kinds.find(({ id }) => id === 'chlorine-tablets')!;
    expect(cautionsOf(tablets)).toContain('Leaves open: protozoa, chemicals.');
    for (const { kind } of of('treat-water')) {
      expect([kind.id, cautionsOf(kind).some((each) => each.startsWith('Leaves open'))]).toEqual([
        kind.id,
        true,
      ]);
    }
  });

  it('is done without help by nothing that is said to ask for it: no stove without fuel or a fire, no lamp without power', () => {
    expect(ids(of('stove').filter(({ supply }) => supply.demands.length === 0))).toEqual([]);
    const dark = of('light').filter(
      ({ supply }) =>
        supply.demands.length === 0 && energyBehind(supply) === null && (supply.amount ?? 0) > 100,
    );
    expect(ids(dark)).toEqual([]);
    expect(ids(of('sun-fire').filter(({ supply }) => !asks(supply, 'tinder')))).toEqual([]);
    expect(ids(of('spark').filter(({ supply }) => !asks(supply, 'tinder')))).toEqual([]);
  });

  it('is nothing by dumping: towing by what is made for it, first aid by dressings, water carried in what closes', () => {
    expect(ids(of('tow'))).toEqual(['tow-rope', 'tow-strap']);
    const notDressings = [
      'nitrile-gloves',
      'thermometer',
      'safety-pins',
      'foot-tape',
      'iodine',
      'breathing-mask',
    ];
    const aid = of('first-aid').filter(({ supply }) => supply.fitness !== 'improvised');
    expect(ids(aid).filter((id) => notDressings.includes(id))).toEqual([]);
    const open = [
      'poncho',
      'hammock',
      'nitrile-gloves',
      'pot',
      'group-pot',
      'nesting-mug',
      'filter-bag',
      'gravity-filter',
    ];
    expect(ids(of('carry-water')).filter((id) => open.includes(id))).toEqual([]);
    expect(ids(of('map')).filter((id) => id === 'compass')).toEqual([]);
    expect(
      ids(of('tinder')).filter((id) => ['bellows', 'sit-mat', 'notebook'].includes(id)),
    ).toEqual([]);
    expect(ids(of('guide')).filter((id) => id === 'fire-extinguisher')).toEqual([]);
  });

  it('keeps a clothed sleeper as warm as its clo say, worked by hand', () => {
    // 33 − (1.7 + 1) × 0.155 × 0.75 × 47 = 18.2 °C; 33 − 2.3 × 5.46 = 20.4 °C
    const sleepOf = (id: string) =>
      kinds.find((kind) => kind.id === id)!.supplies.find(({ job }) => job === 'sleep')!.amount;
    expect([sleepOf('wool-blanket'), sleepOf('poncho-liner')]).toEqual([18, 20]);
    expect(sleepClo(sleepTempC(4.2))).toBeCloseTo(4.2, 9);
    const both = kinds.filter(({ supplies: own }) =>
      ['sleep', 'insulate'].every((job) => own.some((supply) => supply.job === job)),
    );
    expect(both.map(({ id }) => id)).toEqual(['wool-blanket', 'poncho-liner']);
  });

  it('is seen by day and marks a place where it is bright and can be spread out', () => {
    expect(
      ['#f06a1d', '#e2c93a', '#c8432f', '#2d6a6c', '#3a3c3b', '#e9e4d2'].map(isBright),
    ).toEqual([true, true, true, false, false, false]);
    const dry = kinds.find(({ id }) => id === 'dry-bag')!;
    expect(dry.supplies.map(({ job }) => job)).toEqual(
      expect.arrayContaining(['signal-day', 'mark']),
    );
  });

  it('is of a sort wherever its job has sorts', () => {
    const unsorted = [...of('fuel'), ...of('tinder'), ...of('medicine'), ...of('cells')].filter(
      ({ supply }) => supply.sort === null,
    );
    expect(ids(unsorted)).toEqual([]);
  });

  it('is used up from contents, wherever it is used up at all and counted', () => {
    const lasting: readonly JobId[] = [
      'spark',
      'tinder',
      'cord',
      'line',
      'tape',
      'thread',
      'wire',
      'recharge',
      'candle',
      'treat-water',
      'flame',
      'food',
    ];
    const without = supplies.filter(
      ({ kind, supply }) =>
        jobs[supply.job].isUsedUp &&
        supply.amount !== null &&
        kind.contents === null &&
        !lasting.includes(supply.job),
    );
    expect(ids(without)).toEqual([]);
  });

  it('fails in what kinds that there are', () => {
    const known = new Set(kinds.map(({ id }) => id));
    const gone = Object.values(failures).flatMap((list) => list.filter((id) => !known.has(id)));
    expect(gone).toEqual([]);
  });
});

function asks({ demands }: Supply, job: JobId): boolean {
  return demands.some((demand) => demand.on === 'jobs' && demand.anyOf.includes(job));
}
