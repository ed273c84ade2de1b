import { gearOfKind, kindOf } from '@/core/catalogue';
import { relyingOn } from '@/core/catalogue/kind';
import { demandInWords, unsoundGear, type Gear } from '@/core/gear';
import { newPlacement, type Ground } from '@/core/loadout';
import { coverOf, schemes } from '@/core/scheme';
import { waysOf } from '@/core/ways';
import { benchOf, gear, kit } from '../../support/benches';
import { supplyOf } from '../../support/kits-of-needs';

function waysFor(on: Ground, ...pieces: readonly Gear[]) {
  const { shelf } = benchOf(pieces, []);
  return waysOf(
    kit(
      'k',
      pieces.map(({ id }) => newPlacement(id, id, { on })),
    ),
    shelf,
    null,
  );
}

const of = (id: string) => gearOfKind(kindOf(id)!, id);
const does = (job: string, ...ids: readonly string[]) =>
  waysFor('body', ...ids.map(of)).all.some((way) => way.job === job);

describe('sorts', () => {
  it.each([
    ['a gas stove with gas', ['gas-stove', 'gas-canister', 'lighter'], true],
    ['a gas stove with tablets', ['gas-stove', 'fuel-tablets', 'lighter'], false],
    ['a spirit burner with spirit', ['spirit-stove', 'spirit-bottle', 'lighter'], true],
    ['a spirit burner with petrol', ['spirit-stove', 'petrol-bottle', 'lighter'], false],
    ['a twig stove with nothing', ['twig-stove', 'lighter'], true],
  ])('of fuel: %s', (_, ids, isLit) => {
    expect(does('stove', ...ids)).toBe(isLit);
  });

  it.each([
    ['a ferro rod with fluffed bark', 'spark', ['ferro-rod', 'tinder-tin'], true],
    ['a ferro rod with charred cloth', 'spark', ['ferro-rod', 'char-cloth'], true],
    ['a ferro rod with waxed sticks', 'spark', ['ferro-rod', 'wax-tinder'], false],
    ['flint and steel with charred cloth', 'spark', ['flint-and-steel', 'char-cloth'], true],
    ['flint and steel with cotton and wax', 'spark', ['flint-and-steel', 'cotton-and-wax'], false],
    ['a lens with tinder fungus', 'sun-fire', ['fire-lens', 'tinder-fungus'], true],
    ['a lens with bark', 'sun-fire', ['fire-lens', 'tinder-tin'], false],
    ['a lighter by itself', 'flame', ['lighter'], true],
  ])('of tinder: %s', (_, job, ids, isLit) => {
    expect(does(job, ...ids)).toBe(isLit);
  });

  it('of current: mains only where there is a house, the vehicle’s only in it, and none on the body', () => {
    const charger = gear('charger', {
      supplies: [supplyOf('recharge', [relyingOn('recharge', 'mains', 'vehicle current')])],
    });
    const plug = gear('plug', {
      supplies: [supplyOf('recharge', [relyingOn('recharge', 'mains')])],
    });
    const lamp = gear('lamp', {
      supplies: [supplyOf('light', [{ on: 'jobs', anyOf: ['recharge'], sorts: null, items: 1 }])],
    });
    const lights = (on: Ground, ...pieces: readonly Gear[]) =>
      waysFor(on, ...pieces).all.some(({ job }) => job === 'light');
    expect(lights('house', charger, lamp)).toBe(true);
    expect(lights('vehicle', charger, lamp)).toBe(true);
    expect(lights('vehicle', plug, lamp)).toBe(false);
    expect(lights('body', charger, lamp)).toBe(false);
    // A house has mains until the current fails: what waits for any charge waits for what is in the kit.
    expect(lights('house', lamp)).toBe(false);
  });

  it('say what they are in what is lacking', () => {
    expect(demandInWords(relyingOn('fuel', 'gas'))).toBe('gas fuel');
    expect(demandInWords(relyingOn('tinder', 'spark', 'ember'))).toBe('tinder for spark or ember');
    expect(demandInWords(relyingOn('recharge', 'mains'))).toBe('mains');
  });

  it('and facts are refused where they are of another job', () => {
    const wrong = { ...supplyOf('cut'), sort: 'gas' } as const;
    expect(unsoundGear(gear('a', { supplies: [wrong] }))).toMatchObject({
      field: 'supplies[0].sort',
      message: 'gas is no sort of cut.',
    });
    const facts = { ...supplyOf('cut'), facts: { of: 'cloth', isCotton: true } } as const;
    expect(unsoundGear(gear('a', { supplies: [facts] }))).toMatchObject({
      field: 'supplies[0].facts',
    });
  });
});

describe('a kit’s own wishes', () => {
  const { shelf } = benchOf([gear('knife', { supplies: [supplyOf('cut')] })], []);
  const one = kit('k', [newPlacement('knife', 'knife', { on: 'body' })]);
  const cutting = (wishes: Parameters<typeof coverOf>[2]) =>
    coverOf(waysOf(one, shelf, null), schemes['five-cs'], wishes).categories[0]!;

  it('ask for more ways, for fewer, or for none', () => {
    expect(cutting([])).toMatchObject({ standing: 'thin', musts: [{ wanted: 2 }] });
    expect(cutting([{ anyOf: ['cut'], ways: 1 }]).standing).toBe('covered');
    expect(cutting([{ anyOf: ['cut'], ways: 3 }]).musts).toMatchObject([{ wanted: 3 }]);
    expect(cutting([{ anyOf: ['cut'], ways: 0 }])).toMatchObject({ standing: null, musts: [] });
  });

  it('add what no scheme asks of any kit', () => {
    expect(cutting([{ anyOf: ['saw'], ways: 1 }])).toMatchObject({
      standing: 'missing',
      musts: [{ anyOf: ['cut'] }, { anyOf: ['saw'], wanted: 1, standing: 'missing' }],
    });
  });
});
