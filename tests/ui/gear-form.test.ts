import fc from 'fast-check';
import { demoBench } from '@/core/demo';
import { kinds, gearOfKind } from '@/core/catalogue';
import type { Gear } from '@/core/gear';
import { formOf, type GearForm } from '@/ui/gear-editor/gear-form';
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
      reach: 'on body',
      waterproof: true,
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
      { supplies: [{ job: 'cut', fitness: 'serves', amount: 'lots', sort: '', was: null }] },
      { 'supplies.0.amount': /“lots” is not a number/ },
    ],
    [
      'a cavity of no size',
      bottle,
      {
        cavities: [
          { name: 'Inside', inside: 'roomy', reach: 'main', waterproof: false, was: null },
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
