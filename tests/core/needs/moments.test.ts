import { noWeather, type Brief } from '@/core/brief';
import { workedOut } from '@/core/kit';
import { underBrief } from '@/core/kit/under-brief';
import { momentsOf } from '@/core/needs/moments';
import { benchOfKinds, type KindKit } from '../../support/kits-of-kinds';

function night(holds: string, brief: KindKit['brief'] = {}) {
  return moment('night-in-rain', holds, brief);
}

function moment(called: string, holds: string, brief: KindKit['brief'] = {}) {
  const bench = benchOfKinds({ holds, brief });
  const own = bench.loadouts.get('k')!;
  const { kit } = underBrief(workedOut(bench, own, '2027-09-01'), own.brief!, 'metric');
  return momentsOf(kit).find(({ id }) => id === called);
}

describe('a night in rain for two', () => {
  it('the ponchos are tonight’s roof: no coats', () => {
    const { parts } = night('2 poncho, cord')!;
    const [roof, shell] = parts;
    expect(roof).toMatchObject({ job: 'roof', asked: 2, lacks: 0 });
    expect(shell).toMatchObject({ job: 'shell', asked: 2, lacksAnyway: 0 });
    expect(roof!.by.length + shell!.by.length).toBe(2);
    expect(shell!.lacks).toBeGreaterThan(0);
  });

  it('with a tent beside them they are coats', () => {
    const { parts } = night('2 poncho, cord, tent')!;
    expect(parts[0]).toMatchObject({ job: 'roof', by: ['tent'], lacks: 0 });
    expect(parts[1]).toMatchObject({ job: 'shell', by: ['poncho', 'poncho'], lacks: 0 });
  });

  it('what nothing does is lacking anyway', () => {
    expect(night('tent')!.parts[1]).toMatchObject({ job: 'shell', lacks: 2, lacksAnyway: 2 });
  });

  it('does not come where no night is out', () => {
    const day = { when: { on: 'days', from: '2027-09-20', to: '2027-09-20' } } as const;
    expect(night('2 poncho, cord', day)).toBeUndefined();
  });
});

describe('hurt and waiting', () => {
  const warmth = (holds: string) =>
    moment('hurt-and-waiting', holds)!.parts.find(({ job }) => job === 'insulate');

  it.each([
    ['a hat and a jersey, each too little', 'hat, wool-jersey', []],
    ['what is slept in', 'hat, sleeping-bag', ['sleeping-bag']],
    ['the lighter of two that were made for it', 'wool-blanket, padded-jacket', ['padded-jacket']],
  ])('is kept warm by one thing that is enough: %s', (_case, holds, by) => {
    const lacks = by.length === 0 ? 1 : 0;
    expect(warmth(holds)).toMatchObject({ asked: 1, by, lacks, lacksAnyway: lacks });
  });

  it('tells what only makes do', () => {
    const [firstAid] = moment('hurt-and-waiting', 'full-tape-roll')!.parts;
    expect(firstAid).toMatchObject({
      by: ['full-tape-roll'],
      makesDo: ['full-tape-roll'],
      lacks: 0,
    });
    const [kit] = moment('hurt-and-waiting', 'full-tape-roll, first-aid-pouch')!.parts;
    expect(kit).toMatchObject({ by: ['first-aid-pouch'], makesDo: [], lacks: 0 });
  });

  it('the one blanket is not below and above at once', () => {
    const parts = moment('hurt-and-waiting', 'wool-blanket')!.parts;
    expect(parts.find(({ job }) => job === 'ground')).toMatchObject({ lacks: 1, lacksAnyway: 0 });
  });
});

it('in rain nobody’s coat soaks through or is lain in', () => {
  const rain = moment(
    'rain-on-the-move',
    'wool-blanket, bivvy, wind-jacket, rain-hat, rain-jacket',
  )!;
  expect(rain.parts[0]).toMatchObject({
    job: 'shell',
    by: ['rain-jacket'],
    lacks: 1,
    lacksAnyway: 1,
  });
});

describe('cooking', () => {
  it('comes where something is cooked', () => {
    expect(moment('cooking', 'oat-bar, whistle')).toBeUndefined();
    expect(moment('cooking', 'pot')).toBeDefined();
  });

  it('asks what one eats with, and no opener', () => {
    const { parts } = moment('cooking', 'steel-bottle, tin-opener, multi-tool, spoon')!;
    expect(parts.find(({ job }) => job === 'eat')).toMatchObject({ by: ['spoon'], lacks: 1 });
  });
});

it('a halt in the heat asks to keep the sun off where there is any', () => {
  const hot = { ...noWeather, lowC: 20, highC: 30 };
  const asks = (country: Brief['country']) =>
    moment('heat-halt', 'tarp, cord', { country, weather: hot })!.parts.map(({ job }) => job);
  expect(asks('desert')).toContain('sun-guard');
  expect(asks('hot-wet-forest')).toEqual(['roof', 'carry-water']);
  expect(asks(null)).toContain('sun-guard');
});
