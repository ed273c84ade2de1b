import fc from 'fast-check';
import { kindOf } from '@/core/catalogue';
import { readLine } from '@/core/reading';
import { readFile, writeFile } from '@/core/exchange';
import { benchOf } from '../../support/benches';
import { roomMl, type Gear } from '@/core/gear';
import { runs } from '../../support/share';

const metric = { id: 'new', units: 'metric', currency: 'EUR' } as const;

function read(line: string, setting: Parameters<typeof readLine>[1] = metric): Gear {
  const outcome = readLine(line, setting);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value.gear;
}

describe('the typed line', () => {
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
    expect(bottle.supplies.map(({ job }) => job)).toEqual([
      'carry-water',
      'boil',
      'treat-water',
      'warm-pack',
    ]);
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
    ['2 person tent', { name: '2 person tent', count: 1 }],
    ['6 inch knife 200g', { name: '6 inch knife', count: 1, massG: 200 }],
    ['550 cord 50 ft', { name: '550 cord 50 ft', count: 1, kind: 'cord' }],
    [
      '10 x 15 cm notebook',
      { count: 1, kind: 'paper-notebook', form: { lengthMm: 100, widthMm: 150 } },
    ],
    ['medical kit 300 g', { kind: 'first-aid-pouch' }],
    ['nylon bag 5 L', { kind: 'day-bag' }],
    ['dry bag 13 l', { kind: 'dry-bag' }],
    ['sleeping bag 1.2 kg', { kind: 'sleeping-bag' }],
    ['bottle 40 oz', { massTrust: 'typical', name: 'Bottle 40 oz' }],
    ['pot 12 oz', { massTrust: 'stated', name: 'Pot' }],
    ['2 x 2 m awning 300 g', { kind: null, form: null, massG: 300 }],
  ])('%s', (line, expected) => {
    expect(read(line)).toMatchObject(expected);
  });

  it.each([
    ['25 matches', 'matchbox', 1, 25, 'flame', 25],
    ['50 chlorine tablets', 'chlorine-tablets', 1, 50, 'treat-water', 50],
    ['10 cable ties', 'cable-ties', 1, 10, null, null],
    ['3 candles', 'candle', 3, 9, 'candle', 9],
    ['2 x chlorine tablets', 'chlorine-tablets', 1, 2, 'treat-water', 2],
    ['chlorine tablets x2', 'chlorine-tablets', 1, 2, 'treat-water', 2],
  ])('“%s” counts what is in it, or pieces', (line, kind, count, full, job, amount) => {
    const found = read(line);
    expect([found.kind, found.count, found.contents?.full]).toEqual([kind, count, full]);
    if (job) expect(found.supplies.find((supply) => supply.job === job)!.amount).toBe(amount);
  });

  it('makes what is typed larger than usual larger in all that follows from it', () => {
    const cord = read('cord 30 m');
    expect(cord.supplies[0]!.amount).toBe(30);
    expect(cord.massG).toBe(196);
    const tarp = read('tarp 3x4 m 900 g');
    expect(tarp).toMatchObject({ massG: 900, formTrust: 'typical', form: { looseMl: 4000 } });
    expect(tarp.supplies.find(({ job }) => job === 'roof')!.amount).toBe(12);
    const bottle = read('plastic bottle 2 L');
    expect(bottle.supplies[0]!.amount).toBe(2000);
    expect(roomMl(bottle.cavities[0]!.inside)).toBeGreaterThan(2000);
  });

  it.each([
    ['headlamp 86 g 2×AA', 'headlamp', 'AA alkaline', 2],
    ['headlamp 86 g', 'headlamp', 'AAA alkaline', 3],
    ['flashlight 1xCR123A', 'torch', 'CR123A', 1],
    ['18650 torch', 'strong-torch', '18650', 1],
    ['torch AA lithium', 'torch', 'AA lithium', 1],
  ])('reads the cells of %j as what the device takes', (line, kind, cell, count) => {
    const device = read(line);
    expect(device.kind).toBe(kind);
    expect(device.supplies[0]!.demands).toEqual([
      { on: 'jobs', anyOf: ['cells'], sorts: [cell], items: count },
    ]);
  });

  it.each([
    ['D cell', 'D alkaline', 1, 'D cell'],
    ['8 AA cells', 'AA alkaline', 8, 'AA cells'],
    ['AA lithium cell', 'AA lithium', 1, 'AA lithium cell'],
    ['4 AA NiMH', 'AA NiMH', 4, 'AA NiMH'],
    ['2 x CR2032 battery', 'CR2032', 2, 'CR2032 battery'],
    ['18650 cell', '18650', 1, '18650 cell'],
    ['4 18650', '18650', 4, '18650 cell'],
    ['spare cells 4 AA 23 g', 'AA alkaline', 4, 'Spare cells AA'],
    // Three packs of two: the two stays in the name of the pack.
    ['2 AA cells x 3', 'AA alkaline', 3, '2 AA cells'],
  ])('tells which cell %j is, how many, and what it is called', (line, cell, count, name) => {
    const found = read(line);
    expect([found.supplies[0]!.sort, found.count, found.name]).toEqual([cell, count, name]);
  });

  it.each([
    ['1/2 L bottle', 'carry-water', 500],
    ['½ L bottle', 'carry-water', 500],
    ['1 1/2 L bottle', 'carry-water', 1500],
    ['bottle 32 fl oz', 'carry-water', 946.4],
    ['bottle 40 oz', 'carry-water', 1182.9],
    ['rope 10m x 8mm', 'cord', 10],
    ['cord 100 ft', 'cord', 30.5],
    ['duct tape 50 mm x 5 m', 'tape', 5],
    ['9 x 9 ft tarp', 'roof', 7.5],
    ['tarp 3x4', 'roof', 12],
    ['cotton bandana 55x55 cm', 'cloth', 0.3],
  ])('%j does as much as it says', (line, job, amount) => {
    expect(read(line).supplies.find((supply) => supply.job === job)!.amount).toBe(amount);
  });

  it.each([
    ['12 tins of beans', 'tin of beans', 12],
    ['two rolls of tape', 'roll of tape', 2],
    ['3 bottles of oil', 'bottle of oil', 3],
    ['3 boxes of matches', 'matches', 3],
    // What a roll of it is tells nothing either.
    ['2 cans of gas', 'can of gas', 2],
  ])('takes %j for %j, so many times', (line, one, count) => {
    expect(read(line)).toMatchObject({ kind: read(one).kind, count });
  });

  it('reads what follows the name of a kind that was picked as what differs from it', () => {
    const kind = kindOf('gas-canister')!;
    expect(read('', { ...metric, picked: kind })).toMatchObject({
      name: 'Gas canister, 230 g',
      massG: 380,
      massTrust: 'typical',
    });
    expect(read('x3', { ...metric, picked: kind })).toMatchObject({ name: kind.name, count: 3 });
    expect(read('red 372 g x2', { ...metric, picked: kind })).toMatchObject({
      name: 'Red',
      massG: 372,
      massTrust: 'stated',
      count: 2,
    });
  });

  it('takes a bare size in the units the person reads', () => {
    const inches = read('whetstone 4x1x0.5', { ...metric, units: 'us' });
    expect(inches.form).toMatchObject({ lengthMm: 101.6, widthMm: 25.4, heightMm: 12.7 });
  });

  it('tells metals and warm stuffs apart', () => {
    expect(read('titanium spoon').look.stuff).toBe('titanium');
    expect(read('steel spoon').look.stuff).toBe('steel');
    expect(read('down sleeping bag').supplies[0]!.facts).toEqual({ of: 'warmth', stuff: 'down' });
    expect(read('synthetic jacket padded').supplies[0]!.facts).toEqual({
      of: 'warmth',
      stuff: 'synthetic',
    });
    // A wooden spoon is drawn as the kind is: of another sort of stuff altogether.
    expect(read('wooden spoon').kind).toBe('spoon');
  });

  it('leaves a typical price out where prices are in another currency', () => {
    expect(read('candle', { ...metric, currency: 'SEK' }).priceMinor).toBeNull();
  });

  it.each([
    ['', /Write what it is/],
    ['210 g', /Write what it is/],
    ['3', /Write what it is/],
    ['bottle 0 fl oz', /above 0/],
    ['cord 0 m', /above 0/],
    ['tarp 0x3 m', /above zero/],
    ['kettle -3 g', /cannot be below zero/],
    ['tarp 10x10', /A sheet of 100 m² is not believed/],
    ['tarp 3000x3000', /not believed/],
    ['pot 1,234 g', /can mean 1\.234 or 1234/],
    ['pot $12', /Prices here are in EUR/],
    ['<b>pot</b> 12 g', /markup/],
  ])('refuses %j', (line, says) => {
    const outcome = readLine(line, metric);
    expect(outcome.ok ? 'understood' : outcome.problem.message).toMatch(says);
  });

  it.each(['1 18650 AAA', '4 AA AAA'])('reads a line of two cells: “%s”', (text) => {
    const read = readLine(text, metric);
    expect(read.ok && read.value.gear.count).toBe(Number(text.charAt(0)));
    expect(read.ok && read.value.gear.name).toBe(text.slice(2));
  });

  it('gives nothing that could not be written and read again, whatever is typed', () => {
    const scraps =
      '1 2 0 0.001 1/2 ½ - x × g kg oz lb mm cm m in L ml € AAA 18650 1,234 1e9 3x3 pcs <b>';
    const nouns = 'tarp bottle cord knife pack cell tape tin'.split(' ');
    const scrap = fc.constantFrom(...scraps.split(' '), ...nouns, '\u0000', '');
    const line = fc
      .tuple(fc.array(scrap, { maxLength: 9 }), fc.constantFrom('', ' '))
      .map(([parts, between]) => parts.join(between));
    fc.assert(
      fc.property(line, (text) => {
        const read = readLine(text, metric);
        if (!read.ok) return;
        const bench = benchOf([read.value.gear], []);
        expect(readFile(writeFile(bench))).toEqual({ ok: true, value: bench });
      }),
      runs(2000),
    );
  });
});
