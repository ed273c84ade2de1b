import { gearOfKind, kindMeantBy, quickAdd } from '@/core/catalogue';
import { roomMl, type Gear } from '@/core/gear';

const metric = { id: 'new', units: 'metric', currency: 'EUR' } as const;

function read(line: string, setting: Parameters<typeof quickAdd>[1] = metric): Gear {
  const outcome = quickAdd(line, setting);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

describe('the quick-add line', () => {
  it('understands a steel bottle', () => {
    const bottle = read('steel bottle 1 L 210 g 90x200mm');
    expect(bottle).toMatchObject({
      name: 'Steel bottle 1 L',
      kind: 'steel-bottle',
      count: 1,
      massG: 210,
      massTrust: 'stated',
      form: { shape: 'cylinder', diameterMm: 90, heightMm: 200 },
      formTrust: 'stated',
    });
    expect(bottle.supplies.map(({ job }) => job)).toEqual(['carry-water', 'boil', 'warm-pack']);
    expect(bottle.cavities[0]!.inside).toMatchObject({ diameterMm: 87, heightMm: 192 });
  });

  it.each([
    ['headlamp 86 g 60x40x38', { name: 'Headlamp', massG: 86, formTrust: 'stated' }],
    ['2 lb 3 oz pot', { name: 'Pot', kind: 'pot' }],
    ['3 candles', { count: 3, kind: 'candle', massTrust: 'typical' }],
    ['candle x12', { count: 12, name: 'Candle' }],
    ['1 L plastic bottle 4 oz', { count: 1, name: '1 L plastic bottle', kind: 'plastic-bottle' }],
    ['belt knife 24x4 cm €45', { priceMinor: 4500, formTrust: 'typical' }],
    ['brass gizmo 12 g', { kind: null, massG: 12, form: null }],
    ['brass gizmo', { kind: null, massG: null }],
    ['plastic bottle 1,5 L', { name: 'Plastic bottle 1,5 L' }],
  ])('%s', (line, expected) => {
    expect(read(line)).toMatchObject(expected);
  });

  it('makes what is typed larger than usual larger in all that follows from it', () => {
    const cord = read('cord 30 m');
    expect(cord.supplies[0]!.amount).toBe(30);
    expect(cord.massG).toBe(196);
    const tarp = read('tarp 3x4 m 900 g');
    expect(tarp.form).toEqual(gearOfKind(kindMeantBy('tarp')!, 'x').form);
    expect(tarp.supplies.find(({ job }) => job === 'roof')!.amount).toBe(12);
    const bottle = read('plastic bottle 2 L');
    expect(bottle.supplies[0]!.amount).toBe(2000);
    expect(roomMl(bottle.cavities[0]!.inside)).toBeGreaterThan(2000);
  });

  it('reads cells as what the device takes', () => {
    const lamp = read('headlamp 86 g 2×AA');
    expect(lamp.supplies[0]!.demands).toEqual([{ on: 'cells', cell: 'AA alkaline', count: 2 }]);
  });

  it('takes a bare size in the units the person reads', () => {
    const inches = read('whetstone 4x1x0.5', { ...metric, units: 'us' });
    expect(inches.form).toMatchObject({ lengthMm: 101.6, widthMm: 25.4, heightMm: 12.7 });
  });

  it('leaves a typical price out where prices are in another currency', () => {
    expect(read('candle', { ...metric, currency: 'SEK' }).priceMinor).toBeNull();
  });

  it.each([
    ['', /Write what it is/],
    ['210 g', /Write what it is/],
    ['pot 1,234 g', /can mean 1\.234 or 1234/],
    ['pot $12', /Prices here are in EUR/],
    ['<b>pot</b> 12 g', /markup/],
  ])('refuses %j', (line, says) => {
    const outcome = quickAdd(line, metric);
    expect(outcome.ok ? 'understood' : outcome.problem.message).toMatch(says);
  });
});
