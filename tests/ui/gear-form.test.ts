import fc from 'fast-check';
import { demoBench } from '@/core/demo';
import { kinds, gearOfKind } from '@/core/catalogue';
import { usualDemands, usualSupply, type Gear, type JobId } from '@/core/gear';
import { demandsText, parseDemands } from '@/ui/gear-editor/demands-text';
import { formOf, supplyRowOf, type GearForm } from '@/ui/gear-editor/gear-form';
import { changeOf } from '@/ui/gear-editor/gear-form-reading';

const metric = { units: 'metric', currency: 'EUR' } as const;
const us = { units: 'us', currency: 'EUR' } as const;
const bottle = demoBench.shelf.get('steel-bottle')!;
const bag = demoBench.shelf.get('sleeping-bag')!;
const pouch = demoBench.shelf.get('float-pouch')!;

function changed(
  gear: Gear,
  typed: Partial<GearForm>,
  setting: typeof metric | typeof us = metric,
) {
  let next = 0;
  return changeOf(
    gear,
    { ...formOf(gear, setting), ...typed },
    setting,
    () => `new-${(next += 1)}`,
  );
}

function change(gear: Gear, typed: Partial<GearForm>, setting: typeof metric | typeof us = metric) {
  const read = changed(gear, typed, setting);
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.change;
}

function problems(gear: Gear, typed: Partial<GearForm>) {
  const read = changed(gear, typed);
  return read.ok ? {} : read.problems;
}

/** A row as it is added for a job. */
function row(job: JobId) {
  return supplyRowOf(usualSupply(job), null);
}

describe('what a job relies on', () => {
  it('is written and read the same, for every supply of every kind', () => {
    for (const { id, supplies } of kinds) {
      for (const { job, demands } of supplies) {
        expect([id, job, parseDemands(demandsText(demands))]).toEqual([
          id,
          job,
          { ok: true, value: demands },
        ]);
      }
    }
  });

  it.each([
    ['fuel of gas', [{ on: 'jobs', anyOf: ['fuel'], sorts: ['gas'], items: 1 }]],
    [
      '2 x cells of AA alkaline; the sun',
      [{ on: 'jobs', anyOf: ['cells'], sorts: ['AA alkaline'], items: 2 }, { on: 'sun' }],
    ],
    ['Flame or Spark', [{ on: 'jobs', anyOf: ['flame', 'spark'], sorts: null, items: 1 }]],
    ['', []],
  ])('%j', (text, demands) => {
    expect(parseDemands(text)).toEqual({ ok: true, value: demands });
  });

  it.each([
    ['fuel of steam', /none of gas, spirit/],
    ['cord of silk', /comes in no sorts/],
    ['prayer', /is not a job/],
    ['0 x cells', /no number of items/],
  ])('%j is told to be wrong', (text, says) => {
    const read = parseDemands(text);
    expect(read.ok ? 'read' : read.problem.message).toMatch(says);
  });

  it('is what the job usually asks when it is added, and less only with a reason that is kept', () => {
    const supplies = [row('stove')];
    expect(change(bottle, { supplies }).supplies![0]!.demands).toEqual(usualDemands.stove);
    const bare = [{ ...row('stove'), relies: 'flame' }];
    expect(problems(bottle, { supplies: bare })).toEqual({
      'supplies.0.because': '“stove” usually relies on fuel: put it back, or say why not.',
    });
    const told = change(bottle, { supplies: [{ ...bare[0]!, because: 'burns what lies about' }] });
    expect(told.supplies![0]!.demands).toHaveLength(1);
    expect(told.note).toBe('stove: burns what lies about');
  });

  it('is asked by most kinds that are made for the job or serve', () => {
    for (const [job, usual] of Object.entries(usualDemands)) {
      // What boils treats water by the way, and asks for a fire.
      const doing = kinds.flatMap(({ supplies }) =>
        supplies.filter(
          (each) =>
            each.job === job &&
            each.fitness !== 'improvised' &&
            !(job === 'treat-water' && supplies.some((other) => other.job === 'boil')),
        ),
      );
      for (const demand of usual) {
        const asking = doing.filter(({ demands }) =>
          demands.some(
            (each) =>
              each.on === demand.on &&
              (each.on === 'sun' ||
                demand.on === 'sun' ||
                each.anyOf.some((one) => demand.anyOf.includes(one))),
          ),
        );
        expect([job, asking.length * 2 >= doing.length]).toEqual([job, true]);
      }
    }
  });
});

describe('loads, mouths and parts', () => {
  it('are read with their units, and stay as they were where they were left', () => {
    expect(change(bottle, { bears: '2 kN', mostLoad: '18 kg' })).toMatchObject({
      bearsN: 2000,
      mostLoadG: 18_000,
    });
    expect(change(bottle, { bears: '150 kg' }).bearsN).toBe(1471);
    const [inside] = formOf(bottle, metric).cavities;
    const wide = change(bottle, {
      cavities: [{ ...inside!, mouth: '60x30 mm', most: '1.2 kg', closure: 'screw' }],
    });
    expect(wide.cavities![0]).toMatchObject({
      mouth: { shape: 'slot', lengthMm: 60, widthMm: 30 },
      mostMassG: 1200,
      closure: 'screw',
    });
    expect(change(bottle, { upright: 'yes', size: '78x230 mm' }).form).toMatchObject({
      upright: true,
    });
    expect(change(bag, { thinnest: '90 mm', longestRigid: '' }).form).toMatchObject({
      thinnestMm: 90,
      longestRigidMm: 0,
    });
    const [first] = formOf(bottle, metric).supplies;
    expect(
      change(bottle, { supplies: [{ ...first!, part: 'lid', bothHands: 'yes' }] }).supplies![0],
    ).toMatchObject({ part: 'lid', needsBothHands: true });
  });
});

describe('how a piece is kept', () => {
  it('is read from words, each harm and act once', () => {
    const lighter = gearOfKind(
      kinds.find(({ id }) => id === 'lighter')!,
      'l',
    );
    expect(
      change(lighter, {
        spoiledBy: 'Frost; wet',
        failsIn: '',
        care: 'test 3, inspect 12 months',
        cautions: 'Keep it dry.\n\n Not in the sun. ',
      }),
    ).toMatchObject({
      spoiledBy: ['frost', 'wet'],
      failsIn: [],
      care: [
        { act: 'test', everyMonths: 3 },
        { act: 'inspect', everyMonths: 12 },
      ],
      cautions: ['Keep it dry.', 'Not in the sun.'],
    });
  });

  it('says which word it does not know', () => {
    expect(problems(bottle, { failsIn: 'rain', care: 'look 6' })).toMatchObject({
      failsIn: '“rain” is none of frost, heat, wet, sun, knocks, salt, fuel and solvents.',
      care: expect.stringMatching(/“look 6” is no care like “inspect 6”/) as string,
    });
  });

  it('tells what a supply is of, and only what its job has', () => {
    const tin = gearOfKind(
      kinds.find(({ id }) => id === 'tinder-tin')!,
      't',
    );
    const [row] = formOf(tin, metric).supplies;
    const sortAfter = (typed: Partial<typeof row>) =>
      change(tin, { supplies: [{ ...row!, ...typed }] }).supplies![0]!.sort;
    expect(sortAfter({ sort: 'ember' })).toBe('ember');
    expect(sortAfter({ sort: '' })).toBeNull();
    expect(sortAfter({ job: 'fuel', sort: 'ember' })).toBeNull();
  });
});

describe('the editor’s form', () => {
  it('changes nothing where nothing was typed, in any units: no figure drifts', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          ...demoBench.shelf.values(),
          ...kinds.map((kind) => gearOfKind(kind, kind.id)),
        ),
        fc.constantFrom(metric, us),
        (gear, setting) => {
          expect({ ...gear, ...change(gear, {}, setting) }).toEqual(gear);
        },
      ),
    );
  });

  it('takes what was typed as stated, and leaves the trust of the rest', () => {
    expect(change(bottle, { mass: '8 oz' })).toMatchObject({
      massTrust: 'stated',
      formTrust: 'stated',
    });
    expect(change(bottle, { mass: '8 oz' }).massG).toBeCloseTo(226.796, 3);
    expect(change(bottle, { size: '80x240 mm' })).toMatchObject({
      massG: 214,
      massTrust: 'weighed',
      form: { shape: 'cylinder', diameterMm: 80, heightMm: 240 },
    });
    expect(change(bottle, { mass: '' }).massG).toBeNull();
  });

  it('takes a bare number in the units that the person reads', () => {
    expect(change(bottle, { mass: '220' }).massG).toBe(220);
    expect(change(bottle, { mass: '8' }, us).massG).toBeCloseTo(226.796, 3);
    expect(change(bag, { loose: '9000', tight: '4 L' }).form).toMatchObject({
      looseMl: 9000,
      tightMl: 4000,
    });
  });

  it('turns one form into another, or into not known', () => {
    expect(change(bag, { shape: 'box', size: '40 x 20 x 15 cm' }).form).toEqual({
      shape: 'box',
      lengthMm: 400,
      widthMm: 200,
      heightMm: 150,
      upright: false,
    });
    expect(change(bottle, { shape: 'soft', loose: '1 L', tight: '' }).form).toMatchObject({
      looseMl: 1000,
      tightMl: 1000,
    });
    expect(change(bottle, { shape: 'unknown' }).form).toBeNull();
  });

  it('keeps the demands of a supply that stays, and drops those of a job that is another', () => {
    const rows = formOf(bottle, metric).supplies;
    const boil = bottle.supplies.find(({ job }) => job === 'boil')!;
    const lessBoiled = rows.map((row) => (row.job === 'boil' ? { ...row, amount: '800' } : row));
    expect(change(bottle, { supplies: lessBoiled }).supplies![1]).toEqual({ ...boil, amount: 800 });
    const strained = rows.map((row) =>
      row.job === 'boil' ? { ...row, job: 'strain' as const, amount: '' } : row,
    );
    expect(change(bottle, { supplies: strained }).supplies![1]).toMatchObject({
      job: 'strain',
      demands: [],
      amount: null,
    });
    expect(change(bottle, { supplies: [] }).supplies).toEqual([]);
  });

  it('reads a cavity as a size or as a volume with its longest side', () => {
    const rows = formOf(pouch, metric).cavities;
    const tin = {
      name: 'Hidden',
      inside: '95x61x21 mm',
      mouth: '',
      most: '2 kg',
      closure: 'flap',
      reach: 'on body',
      waterproof: 'yes',
      was: null,
    } as const;
    const made = change(pouch, {
      cavities: [rows[0]!, { ...rows[1]!, inside: '0.5 L, 20 cm' }, tin],
    }).cavities!;
    expect(made[0]).toEqual(pouch.cavities[0]);
    expect(made[1]).toMatchObject({
      id: 'front',
      inside: { shape: 'soft', volumeMl: 500, longestMm: 200 },
    });
    expect(made[2]).toMatchObject({
      id: 'new-1',
      inside: { shape: 'box', lengthMm: 95, widthMm: 61, heightMm: 21 },
      mouth: { shape: 'section' },
      mostMassG: 2000,
      closure: 'flap',
      waterproof: true,
    });
  });

  it.each<[string, Gear, Partial<GearForm>, Record<string, RegExp>]>([
    ['words for a mass', bottle, { mass: 'heavy' }, { mass: /“heavy” is not a mass.*210 g/ }],
    ['a mass that can mean two', bottle, { mass: '1,234 g' }, { mass: /1\.234 or 1234/ }],
    ['two sides for a box', bottle, { shape: 'box', size: '9x9 cm' }, { size: /three sides/ }],
    ['three for a cylinder', bottle, { size: '9x9x9 cm' }, { size: /diameter and a height/ }],
    ['no size at all', bottle, { size: '' }, { size: /not a size/ }],
    ['tighter than loose', bag, { loose: '2 L', tight: '3 L' }, { tight: /cannot take more/ }],
    ['no room', bag, { loose: '0 L', tight: '' }, { loose: /some room/ }],
    ['half a piece', bottle, { count: '1.5' }, { count: /whole number/ }],
    ['no name', bottle, { name: '  ' }, { name: /is empty/ }],
    ['markup in a note', bottle, { note: '<b>' }, { note: /markup/ }],
    ['another currency', bottle, { price: '$5' }, { price: /Prices here are in EUR/ }],
    [
      'a job’s amount in words',
      bottle,
      { supplies: [{ ...row('cut'), amount: 'lots' }] },
      { 'supplies.0.amount': /“lots” is not a number/ },
    ],
    [
      'a cavity of no size',
      bottle,
      {
        cavities: [
          {
            name: 'Inside',
            inside: 'roomy',
            mouth: '',
            most: '',
            closure: '',
            reach: 'main',
            waterproof: 'no',
            was: null,
          },
        ],
      },
      { 'cavities.0.inside': /neither a size.*nor a volume/ },
    ],
  ])('refuses %s, naming the field', (_, gear, typed, expected) => {
    const found = problems(gear, typed);
    expect(Object.keys(found)).toEqual(Object.keys(expected));
    for (const [field, says] of Object.entries(expected)) expect(found[field]).toMatch(says);
  });

  it('names every wrong field at once', () => {
    expect(
      Object.keys(problems(bottle, { name: '', mass: 'x', price: 'y', count: 'z' })).sort(),
    ).toEqual(['count', 'mass', 'name', 'price']);
  });
});
