import { noWeather, somebody, type Brief } from '@/core/brief';
import { sleepClo, sleepTempC } from '@/core/gear';
import { wbgtC } from '@/core/models';
import { needIds, type Need, type NeedId } from '@/core/needs';
import { judged, needOf, type Line } from '../../support/under-brief';

function need(id: NeedId, lines: readonly (string | Line)[], differs: Partial<Brief> = {}): Need {
  return needOf(judged(lines, differs), id);
}

const two = (kind: string): Line => ({ kind, count: 2 });

/** WBGT at 10 °C, 60 % at the hottest hour; below 25.6 the rate lies on the line from 0.25 to 0.7095 L/h. */
const heat = wbgtC(10, 60);
const rate = 0.25 + ((heat - 10) / 15.6) * (0.75 * 0.946 - 0.25);
const perDay = 2 * (2.5 + 6 * rate);

describe('a bed that lacks more than the ground takes', () => {
  it('says what is wanted beneath, and what more is wanted on top', () => {
    // At -4 °C the ground asks 1 + 19/5 = R 4.8, none is there: 24 °C lost on a bag of 6 °C; then 10 °C by 5.464 °C a clo.
    const cold = need('sleep', ['sleeping-bag'], {
      people: [somebody],
      weather: { ...noWeather, lowC: -4, highC: 8 },
    });
    expect(cold.supply).toBeCloseTo(30, 9);
    expect(cold.says).toContain('34 °C short: R 4.8 more beneath and 1.8 clo more would do.');
  });

  it('is cold on any night where no temperature that is slept through would tell anything', () => {
    // 33 − 2.7 × 5.464 and 24 °C lost to the ground: 42 °C; 24 of the 46 that are lacking by the ground, 22 by what is on top.
    const cold = need('sleep', ['wool-blanket'], {
      people: [somebody],
      weather: { ...noWeather, lowC: -4, highC: 8 },
    });
    expect(cold.supply).toBeCloseTo(sleepTempC(2.7) + 24, 9);
    expect(cold.says).toContain(
      'One person would be cold on any night, and a cold night is -4 °C: R 4.8 more beneath and 4.1 clo more would do.',
    );
  });
});

describe('who has no bag goes to bed clothed', () => {
  const warm = { people: [somebody], weather: { ...noWeather, lowC: 18, highC: 26 } };
  const lowest = (...lines: readonly string[]) => need('sleep', [...lines, 'ground-mat'], warm);

  it('as warm as the blanket itself is said to keep', () => {
    // 33 − (1.7 + 1) × 5.464.
    expect(lowest('wool-blanket').supply).toBeCloseTo(sleepTempC(2.7), 9);
    expect(lowest().supply).toBeCloseTo(sleepTempC(1), 9);
  });

  it('and what is put on makes nobody colder', () => {
    expect(lowest('hat').supply).toBeLessThan(lowest().supply!);
    expect(lowest('sleeping-bag', 'hat').supply).toBeLessThan(lowest('sleeping-bag').supply!);
    expect(lowest('sleeping-bag').supply).toBeCloseTo(6, 9);
  });
});

describe('water', () => {
  it('drinks by work and heat, and what the meals ask beside', () => {
    const dry = need('drink', []);
    expect(dry).toMatchObject({ standing: 'none', supply: 0 });
    expect(dry.demand).toBeCloseTo(5 * perDay, 6);
    const meals = need('drink', [{ kind: 'trail-meal', count: 10 }, 'pot', 'lighter']);
    // Ten meals of 0.4 L.
    expect(meals.demand).toBeCloseTo(5 * perDay + 4, 6);
    // Without a vessel nothing is carried to where there is no water.
    expect(meals.standing).toBe('short');
    const carried = need('drink', [
      { kind: 'trail-meal', count: 10 },
      'pot',
      'lighter',
      { kind: 'water-bag', count: 4 },
    ]);
    expect(carried).toMatchObject({ standing: 'met', days: Infinity });
  });

  it('drinks only what is aboard where no water is on the way', () => {
    const aboard = need('drink', [{ kind: 'bottled-water', count: 10 }, 'filter', 'steel-bottle'], {
      dryHours: 200,
    });
    expect(aboard.supply).toBeCloseTo(15, 9);
    expect(aboard.days).toBeCloseTo(15 / perDay, 6);
    expect(aboard.standing).toBe('short');
  });

  it('carries half a day of water over eight dry hours, in vessels that are free', () => {
    const carries = need('carry', ['steel-bottle', 'water-bag', 'folding-bucket']);
    expect(carries.demand).toBeCloseTo(perDay / 2, 6);
    // The bucket is improvised: 1 L and 2 L.
    expect(carries).toMatchObject({ supply: 3, standing: 'short', placements: ['p0', 'p1'] });
    expect(need('carry', ['steel-bottle', two('water-bag')]).standing).toBe('met');
  });

  it('treats so many litres, and names what is left open and how long it takes in the cold', () => {
    const tablets = need('treat', ['chlorine-tablets', 'steel-bottle']);
    expect(tablets.says).toContain('Left open: protozoa.');
    // Water at the mean of 2 and 10 °C: below 10, so twice 30 min.
    expect(tablets.worked[0]).toMatchObject({ model: 'contact-time', value: 60 });
    const straw = need('treat', ['filter', 'steel-bottle']);
    expect(straw).toMatchObject({ standing: 'met', supply: 1000 });
    expect(straw.days).toBeCloseTo(1000 / perDay, 6);
    expect(need('treat', ['filter', 'steel-bottle'], { waterThreats: ['viruses'] })).toMatchObject({
      standing: 'none',
      supply: 0,
    });
    expect(need('treat', []).standing).toBe('none');
    expect(need('treat', ['chlorine-tablets']).standing).toBe('none');
  });
});

describe('food and load', () => {
  it('costs what walking with this very kit costs', () => {
    const fed = need('food', [{ kind: 'oat-bar', count: 20 }]);
    // Each rests on 10·75 + 6.25·175 − 5·40 − 78 = 1565.75 kcal; walks 6 of 16 h at 4 km/h on dirt under 10 bars’ share.
    const loadKg = (20 * fedMassG()) / 2000;
    const both = 75 + loadKg;
    const watts = 112.5 + 2 * both * (loadKg / 75) ** 2 + 1.1 * both * 1.5 * (4 / 3.6) ** 2;
    const each = (1565.75 / 24) * (7.6 + 15) + 6 * watts * 0.8604;
    expect(fed.demand).toBeCloseTo(10 * each, 3);
    expect(fed.supply).toBe(5100);
    expect(fed.days).toBeCloseTo(5100 / (2 * each), 6);
  });

  function fedMassG(): number {
    return judged(['oat-bar']).kit.totals.whole.massG;
  }

  it('tells a catch as a chance, and does not count it', () => {
    const fished = need('food', [two('gill-net')]);
    // 2 sets × 0.1 × 4 nights × 150 kcal.
    expect(fished).toMatchObject({ supply: 0, standing: 'none' });
    expect(fished.says).toContain('Perhaps 120 kcal');
  });

  it('is a share of the bodies, without what stands in the vehicle', () => {
    const onFoot = need('load', [
      { kind: 'oat-bar', count: 10 },
      { kind: 'box', on: 'vehicle' },
    ]);
    expect(onFoot.supply).toBeCloseTo((10 * fedMassG()) / 150_000, 4);
    expect(onFoot.standing).toBe('met');
    expect(need('load', [{ kind: 'water-drum', count: 4 }]).standing).toBe('short');
  });
});

describe('warmth, bed and roof', () => {
  it('sleeps by the worst-off: bags one each, covers to whom they help most', () => {
    const bags = judged([two('sleeping-bag'), two('ground-mat'), two('ground-mat')]);
    // A bag for 6 °C, R 4 against the 3.6 that 2 °C asks.
    expect(needOf(bags, 'sleep')).toMatchObject({ supply: 6, demand: 2, standing: 'short' });
    const covered = need('sleep', [
      two('sleeping-bag'),
      two('bivvy'),
      { kind: 'ground-mat', count: 4 },
    ]);
    expect(covered.supply).toBeCloseTo(sleepTempC(sleepClo(6) + 1), 9);
    expect(covered.standing).toBe('met');
    // One bivvy between two helps one of them, and the other is the worst-off.
    expect(
      need('sleep', [two('sleeping-bag'), 'bivvy', { kind: 'ground-mat', count: 4 }]).supply,
    ).toBeCloseTo(6, 9);
  });

  it('lifts what is slept through by 5 °C for each R that the ground lacks', () => {
    const thin = need('sleep', [two('sleeping-bag'), two('ground-mat')]);
    // R 2 beneath of 3.6: 1.6 × 5 = 8 °C.
    expect(thin.supply).toBeCloseTo(14, 9);
  });

  it('counts a tended fire only by that school, and only where a fire is allowed', () => {
    const lines = [two('sleeping-bag'), { kind: 'ground-mat', count: 4 }];
    const tended = { schools: { cold: 'with a tended fire' } } as const;
    expect(need('sleep', lines, tended).supply).toBeCloseTo(sleepTempC(sleepClo(6) + 1.5), 9);
    expect(need('sleep', lines, { ...tended, isFireAllowed: false }).supply).toBeCloseTo(6, 9);
  });

  it('tells how many nights of the climate are colder', () => {
    const heard = judged([]).kit.brief;
    const by = { weather: noWeather, heard: null } as const;
    expect(need('sleep', [], { ...heard, ...by }).standing).toBe('not known');
  });

  it('asks R 1 and a fifth for each degree below 15 of the ground', () => {
    expect(need('ground', [two('ground-mat')])).toMatchObject({ supply: 2, standing: 'short' });
    expect(need('ground', [two('ground-mat')]).demand).toBeCloseTo(3.6, 9);
    expect(need('ground', ['ground-mat'])).toMatchObject({ supply: 0, standing: 'none' });
  });

  it('wears by day what camp asks halfway between low and high', () => {
    const jersey = need('warmth', [two('wool-jersey'), 'rain-jacket']);
    // The still air round the clothes is worth half a clo.
    expect(jersey.demand).toBeCloseTo((33 - 6) / (0.155 * 0.75 * 100) - 0.5, 9);
    // Ordinary clothes 1, a jersey 0.4; the one jacket goes to one of them.
    expect(jersey.supply).toBeCloseTo(1.4, 9);
    // Nobody wears two jerseys while the other has none, and one shell is worn at a time.
    const many = need('warmth', [
      { kind: 'wool-jersey', count: 3 },
      { kind: 'rain-jacket', count: 5 },
    ]);
    expect(many.supply).toBeCloseTo(1.7, 9);
  });

  it('keeps people dry, not square metres', () => {
    // 3 × 3 m over a ridge of 1 m: a floor 2 √(1.5² − 1) = 2.24 m wide: three side by side.
    expect(need('roof', ['car-cabin'])).toMatchObject({ supply: 2, standing: 'met' });
    expect(need('roof', ['tarp', 'cord'])).toMatchObject({ supply: 3, standing: 'met' });
    expect(need('roof', ['bivvy'])).toMatchObject({ supply: 0, standing: 'short' });
    expect(need('roof', [])).toMatchObject({ supply: 0, standing: 'none' });
    expect(need('roof', ['bivvy']).says).toContain('1 more at a pinch');
    expect(need('roof', ['tarp']).supply).toBe(0);
  });

  it('rigs a roof with a ridge line, four guys and six pegs', () => {
    expect(need('rig', ['tarp', 'cord', { kind: 'peg', count: 6 }])).toMatchObject({
      demand: 15,
      supply: 15,
      standing: 'met',
    });
    // A stake is cut in the woods, and not above the trees unless somebody says so.
    const above = { country: 'mountain' } as const;
    expect(need('rig', ['tarp', 'cord', { kind: 'peg', count: 5 }]).standing).toBe('met');
    expect(need('rig', ['tarp', 'cord', { kind: 'peg', count: 5 }], above).standing).toBe('short');
    const cut = { ...above, schools: { pegs: 'cut there' } } as const;
    expect(need('rig', ['tarp', 'cord'], cut).standing).toBe('met');
    expect(need('rig', []).says).toContain('Nothing is pitched');
  });
});

describe('fire, fuel, light, power', () => {
  it('lights two fires a day, six tries each in wet country, on fifteen minutes of tinder', () => {
    const lit = need('fire', ['lighter', { kind: 'tinder-tin', count: 1 }]);
    expect(lit.demand).toBe(60);
    // Half of it is found in those woods.
    const minutes = lit.days! * 15;
    const dry = need('fire', ['lighter', 'tinder-tin'], {
      country: 'desert',
      weather: { ...noWeather, lowC: 2, highC: 10, rainDays: 0 },
    });
    expect(dry.demand).toBe(30);
    expect(dry.says).toContain('no tinder is asked');
    // Above the trees none is found: all of it is carried.
    const above = need('fire', ['lighter', 'tinder-tin'], { country: 'arctic' });
    expect(above.days! * 30).toBeCloseTo(minutes, 9);
    // A stove with its gas asks none.
    const stove = need('fire', ['lighter', 'gas-stove', 'gas-canister']);
    expect(stove).toMatchObject({ standing: 'met' });
    expect(stove.says).toContain('no tinder is asked');
    expect(need('fire', []).standing).toBe('none');
  });

  it('boils for the meals and a cup each, on what the stove burns', () => {
    const lines = ['gas-stove', 'small-gas-canister', 'lighter', 'pot', 'filter', 'steel-bottle'];
    const gas = need('fuel', [...lines, { kind: 'trail-meal', count: 10 }]);
    // 0.8 L of meals and 0.5 L of cups a day from 6 °C: 1.3 · 4.186 · 94 / 0.5.
    expect(gas.demand).toBeCloseTo((5 * 1.3 * 4.186 * 94) / 0.5, 3);
    // What the gas lacks is gathered as wood, where that may burn.
    expect(gas).toMatchObject({ supply: 4600, standing: 'met', days: Infinity });
    const barred = need('fuel', [...lines, { kind: 'trail-meal', count: 10 }], {
      isFireAllowed: false,
    });
    expect(barred.standing).toBe('short');
    expect(barred.days).toBeCloseTo(4600 / ((1.3 * 4.186 * 94) / 0.5), 6);
    const noWood = need('fuel', ['pot', 'lighter'], { isFireAllowed: false });
    expect(noWood).toMatchObject({ supply: 0, standing: 'none' });
    expect(need('fuel', ['pot', 'lighter'])).toMatchObject({ standing: 'met', days: Infinity });
    expect(need('fuel', []).says).toBe('Nothing is cooked.');
  });

  it('asks light for the dark hours awake, and gives what cells give in that cold', () => {
    const lines = ['torch', { kind: 'cell-aa', count: 1 }];
    const lamp = need('light', lines);
    expect(need('light', ['torch']).supply).toBeCloseTo(270 * 0.685, 6);
    const darkest = judged([]).kit.conditions.dark!.longestH;
    expect(lamp.demand).toBeCloseTo(4 * (darkest - 8 + 0.5) * 25 * (1 + 1 / 3), 6);
    // 270 lumen-hours at 20 °C by the cell in it, and as much by that to spare; alkaline at 2 °C has 0.65 + 0.35 · 2/20.
    expect(lamp.supply).toBeCloseTo(2 * 270 * 0.685, 6);
    expect(lamp.standing).toBe('short');
    // Cells that it does not take add nothing to its own.
    const wrong = need('light', ['headlamp', { kind: 'cell-aa', count: 4 }]);
    expect(wrong.supply).toBe(need('light', ['headlamp']).supply);
  });

  it('needs no lamp where it does not get dark', () => {
    const june = need('light', ['headlamp'], {
      when: { on: 'days', from: '2027-06-18', to: '2027-06-22' },
    });
    expect(june).toMatchObject({ standing: 'met', demand: 0 });
  });

  it('charges what has a battery of its own every second day', () => {
    const lit = need('power', ['rechargeable-headlamp']);
    // 4.4 Wh every second day over five days; one full battery, warm on the body.
    expect(lit.demand).toBeCloseTo(11, 9);
    expect(lit.supply).toBeCloseTo(4.4, 9);
    expect(lit.days).toBeCloseTo(4.4 / 2.2, 9);
    // On a canoe it is as cold as the night: at 2 °C Li-ion gives 0.9 + 0.1 · 2/20.
    const cold = need('power', [{ kind: 'rechargeable-headlamp', on: 'vehicle' }]);
    expect(cold.supply).toBeCloseTo(4.4 * 0.91, 9);
    expect(need('power', [{ kind: 'cell-d' }])).toMatchObject({ standing: 'met', demand: 0 });
  });
});

describe('the rest', () => {
  it('guards each against insects in the warm months, and nobody in the cold', () => {
    expect(need('guard', ['head-net'])).toMatchObject({ supply: 1, standing: 'short' });
    expect(need('guard', ['insect-spray'])).toMatchObject({ supply: 2, standing: 'met' });
    const cold = { weather: { ...noWeather, lowC: -10, highC: -2 } };
    expect(need('guard', [], { weather: { ...noWeather, lowC: 0, highC: 6 } }).says).toContain(
      'Nothing bites',
    );
    // Snow throws the light back.
    expect(need('guard', [], cold).says).toContain('Sun: 0 of 2');
  });

  it('answers complaints for people times days, and a declared grave allergy only by a pen', () => {
    expect(need('first aid', []).standing).toBe('none');
    const allergic = { people: [{ ...somebody, graveAllergy: 'wasps' }] };
    expect(need('first aid', ['allergy-tablets'], allergic).says).toContain('grave allergy 0 of 1');
    expect(need('first aid', ['allergy-pen'], allergic).says).not.toContain('grave allergy');
  });

  it('washes from one night on', () => {
    expect(need('hygiene', ['toilet-roll', 'soap']).standing).toBe('met');
    expect(need('hygiene', ['toilet-roll']).standing).toBe('short');
    const home = { when: { on: 'days', from: '2027-09-22', to: '2027-09-22' } } as const;
    expect(need('hygiene', [], home).standing).toBe('met');
  });

  it('is found by what carries: sound under trees, the mirror in the open', () => {
    expect(need('found', ['whistle', 'signal-mirror'])).toMatchObject({
      supply: 1,
      placements: ['p0'],
    });
    expect(need('found', ['whistle', 'signal-mirror'], { country: 'desert' })).toMatchObject({
      supply: 1,
      placements: ['p1'],
    });
    expect(need('found', ['whistle', 'flare']).standing).toBe('met');
    expect(need('found', [], { noteLeftWith: 'The boathouse' }).says).toContain(
      'The boathouse knows',
    );
  });

  it('reckons the evening from arrival to dusk, and makes what is not carried', () => {
    const bare = need('evening', []);
    // A roof 90, no water, beds of boughs 2 × 45.
    expect(bare.demand).toBe(180);
    const carried = need('evening', ['tarp', 'cord', { kind: 'peg', count: 6 }, two('ground-mat')]);
    expect(carried.demand).toBe(30);
    const short = need('evening', ['tarp', 'cord', two('ground-mat')]);
    expect(short.demand).toBe(60);
    expect(need('evening', [], { workHours: 9 }).standing).toBe('none');
  });
});

describe('all of them', () => {
  it('say what has to be said where a brief says nothing, and never a figure', () => {
    const blank = judged(['lighter', 'pot', 'sleeping-bag'], {
      place: null,
      country: null,
      when: null,
      weather: noWeather,
      dryHours: null,
      waterThreats: null,
    });
    const unknown = blank.needs.filter(({ standing }) => standing === 'not known');
    expect(unknown.length).toBeGreaterThan(10);
    for (const each of unknown) {
      expect([each.demand, each.supply]).toEqual([null, null]);
      expect(each.asks.length).toBeGreaterThan(0);
    }
  });

  it('count nothing that is expired on the last day, lent, failed or used up', () => {
    const bars = (differs: Line['differs']): number | null =>
      need('food', [{ kind: 'oat-bar', count: 4, differs }]).supply;
    expect(bars({})).toBe(1020);
    expect(bars({ goodUntil: '2027-09-25' })).toBe(0);
    expect(bars({ goodUntil: '2027-09-26' })).toBe(1020);
    expect(bars({ lentTo: 'Mika' })).toBe(0);
    expect(bars({ ownership: 'wished' })).toBe(0);
  });

  it('name the first to run out', () => {
    const { lasts } = judged([
      { kind: 'oat-bar', count: 40 },
      { kind: 'candle', count: 9 },
      'lighter',
      { kind: 'tinder-tin', count: 5 },
      'pot',
    ]);
    // Nothing warm ends it in the first night.
    expect(lasts).toEqual({ days: 0, first: 'warmth' });
    expect(needIds).toContain(lasts.first);
  });

  it('speak in the person’s own units', () => {
    const us = needOf(judged([two('sleeping-bag')], {}, 'us'), 'sleep');
    expect(us.says).toContain('°F');
    expect(us.says).not.toContain('°C');
  });
});
