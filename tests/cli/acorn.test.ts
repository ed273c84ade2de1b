import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { spawnSync } from 'node:child_process';
import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { fileJsonSchema } from '@/core/exchange/json-schema';
import { apply, benchOfKit } from '@/core/loadout';
import { run } from '../../bin/command-line';

const folder = mkdtempSync(path.join(os.tmpdir(), 'acorn-'));

function saved(name: string, text: string): string {
  const file = path.join(folder, name);
  writeFileSync(file, text);
  return file;
}

const demo = saved('demo.json', writeFile(demoBench));
const float = saved('float.json', writeFile(benchOfKit(demoBench, 'float-pouch-kit')));

describe('audit', () => {
  it('prints totals, cover, fit and what is due of the only kit', () => {
    const { status, output, error } = run([
      'audit',
      float,
      '--scheme',
      'ten-cs',
      '--today',
      '2028-01-01',
    ]);
    expect([status, error]).toEqual([0, null]);
    expect(output).toMatchObject({
      kit: { name: 'Float pouch' },
      today: '2028-01-01',
      totals: { massG: 728.5, pieces: 14, unweighed: 0 },
      limits: { mostMassG: 800, massKept: true },
      cover: { scheme: 'ten-cs', covered: 5, outOf: 10 },
      due: [{ gear: 'Rehydration salts, one bag', goodUntil: '2027-10-31' }],
    });
  });

  it('names one of several kits, and finds the piece that is in two', () => {
    const { output } = run([
      'audit',
      demo,
      '--kit=portage pack',
      '--fit',
      'bulk',
      '--today',
      '2026-10-01',
    ]);
    expect(output).toMatchObject({
      kit: { id: 'portage-pack-kit' },
      totals: { massG: 19_849 },
      cover: { covered: 5, outOf: 5 },
      findings: expect.arrayContaining([
        expect.objectContaining({ rule: 'keep/double', placements: ['multi-tool'] }),
      ]),
    });
  });

  it('prints every kit of a file that holds several, where none is named', () => {
    const without = apply(demoBench, { do: 'remove kit', id: 'portage-pack-kit' });
    if (!without.ok) throw new Error(without.problem.message);
    const two = saved('two.json', writeFile(without.value));
    const { output } = run(['audit', two, '--fit', 'bulk', '--today', '2026-10-01']);
    expect(output).toMatchObject({
      kits: [
        { kit: { name: 'Boathouse box' } },
        { kit: { name: 'Float pouch' }, totals: { massG: 728.5 } },
      ],
    });
  });

  it.each([
    [[], /^Usage/],
    [['fly', float], /no verb “fly”/],
    [['constructor', float], /no verb “constructor”/],
    [['audit'], /needs a file/],
    [['audit', path.join(folder, 'none.json')], /cannot be read \(ENOENT\)/],
    [['audit', float, '--scheme', 'twelve-cs'], /five-cs, ten-cs/],
    [['audit', float, '--today', '2026-02-30'], /--today is “2026-02-30”/],
    [['audit', float, '--colour', 'red'], /“--colour” is not an option/],
    [['audit', float, '--today'], /needs a value/],
    [['audit', demo, '--kit', 'x'], /no kit “x”, but Boathouse box, Float pouch, Portage pack/],
    [
      [
        'audit',
        saved(
          'bad.json',
          '{"format":"vivid-acorn","version":1,"currency":"EUR","gear":{},"loadouts":[]}',
        ),
      ],
      /“gear”/,
    ],
  ])('%j is bad input, in one line', (words, says) => {
    const { status, output, error } = run(words);
    expect([status, output]).toEqual([2, null]);
    expect(error).toMatch(says);
  });

  it('is one program: a document on standard output, or a line on standard error and 2', () => {
    const audit = (...words: string[]) =>
      spawnSync(process.execPath, ['bin/acorn.mjs', 'audit', ...words], {
        encoding: 'utf8',
        input: readFileSync(float, 'utf8'),
      });
    const read = audit('-', '--today', '2026-10-01');
    expect(read.status).toBe(0);
    expect(JSON.parse(read.stdout)).toMatchObject({ totals: { massG: 728.5 } });
    const bad = audit(saved('no.json', 'no'));
    expect([bad.status, bad.stdout]).toEqual([2, '']);
    expect(bad.stderr.trim().split('\n')).toHaveLength(1);
  });
});

describe('read', () => {
  const read = (text: string, ...options: readonly string[]) =>
    run(['read', saved('lines.txt', text), ...options]);

  it('prints what each line is read as, in order, as the screen does', () => {
    const { status, output, error } = read(
      'vacuum mug 350 ml\n\n- 550 lb paracord 100 ft\nair filter\npot 1,234 g\n',
    );
    expect([status, error]).toEqual([0, null]);
    const { pieces } = output as { readonly pieces: readonly Record<string, unknown>[] };
    expect(pieces).toMatchObject([
      {
        line: 'vacuum mug 350 ml',
        kind: 'double-wall-mug',
        sure: 1,
        count: 1,
        massTrust: 'typical',
        problem: null,
      },
      { kind: 'cord', name: '550 lb paracord 100 ft', massG: 199.1 },
      { kind: null, supplies: [], massG: null },
      { kind: null, problem: '“1,234” can mean 1.234 or 1234: write 1.234 or 1234.' },
    ]);
    expect(pieces[2]!.others).toContain('filter');
    expect(pieces.map((piece) => Object.keys(piece).sort())).toEqual(
      pieces.map(() => Object.keys(pieces[0]!).sort()),
    );
  });

  it('takes units and currency, and names what it does not know', () => {
    const us = read('whetstone 4x1x0.5 $12', '--units', 'us', '--currency', 'USD').output;
    expect(us).toMatchObject({ pieces: [{ priceMinor: 1200, form: { lengthMm: 101.6 } }] });
    expect(read('pot', '--units', 'ells').error).toMatch(/--units is “ells”/);
    expect(read('pot', '--currency', 'shells').error).toMatch(/--currency is “shells”/);
  });
});

describe('the published schema', () => {
  it('is the one that files are read with', () => {
    const published: unknown = JSON.parse(readFileSync('docs/loadout.schema.json', 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(fileJsonSchema())));
  });
});

describe('fit', () => {
  const tin = { shape: 'box', sizeMm: [100, 60, 20] };
  const fit = (instance: unknown) => run(['fit', saved('instance.json', JSON.stringify(instance))]);

  it('prints where each piece goes, in the order of putting in', () => {
    const { status, output, error } = fit({
      container: tin,
      items: [
        { id: 'steel', shape: 'box', sizeMm: [60, 20, 100] },
        { id: 'stick', shape: 'cylinder', diameterMm: 20, heightMm: 90 },
        { id: 'rag', shape: 'soft', looseMl: 40, tightMl: 15, thinnestMm: 5 },
      ],
      seed: 7,
    });
    expect([status, error]).toEqual([0, null]);
    expect(output).toMatchObject({ fits: false, left: [{ id: 'stick' }, { id: 'rag' }], fill: 1 });
    const whole = fit({
      container: tin,
      items: [
        { id: 'stick', shape: 'cylinder', diameterMm: 20, heightMm: 100 },
        { id: 'steel', shape: 'box', sizeMm: [60, 20, 40] },
      ],
      budgetMs: 100,
    }).output;
    expect(whole).toMatchObject({
      fits: true,
      left: [],
      placed: expect.arrayContaining([
        {
          id: 'stick',
          atMm: expect.any(Array),
          sizeMm: expect.any(Array),
          axis: expect.any(String),
        },
      ]),
    });
  });

  it('takes a mouth of the container or beside it', () => {
    const items = [{ id: 'cube', shape: 'box', sizeMm: [15, 15, 15] }];
    const why = [{ id: 'cube', why: 'needs ⌀21 mm and the mouth is ⌀20 mm' }];
    expect(fit({ container: { ...tin, mouthMm: 20 }, items }).output).toMatchObject({ left: why });
    expect(fit({ container: tin, mouthMm: 20, items }).output).toMatchObject({ left: why });
    expect(fit({ container: tin, mouthMm: [15, 40], items }).output).toMatchObject({ fits: true });
  });

  it.each<[unknown, RegExp]>([
    [[], /“container” is missing/],
    [
      { container: { shape: 'ball' }, items: [] },
      /“container.shape” is "ball"; it must be "box" or/,
    ],
    [
      { container: { shape: 'box', sizeMm: [1, 2] }, items: [] },
      /“container.sizeMm\[2\]” is missing/,
    ],
    [{ container: tin }, /“items” is missing/],
    [
      { container: tin, items: [{ id: 'a', shape: 'box', sizeMm: [1, 0, 3] }] },
      /“items\[0\].sizeMm\[1\]” is 0/,
    ],
    [{ container: tin, items: [{ id: 'a', shape: 'box' }] }, /“items\[0\].sizeMm” is missing/],
    [
      {
        container: tin,
        items: [{ id: 'a', shape: 'soft', looseMl: 1, tightMl: 2, thinnestMm: 1 }],
      },
      /“items\[0\].tightMl” is more than its looseMl/,
    ],
    [
      { container: tin, items: ['a', 'a'].map((id) => ({ id, shape: 'box', sizeMm: [1, 2, 3] })) },
      /“items\[1\].id” is there twice/,
    ],
    [{ container: { ...tin, mouthMm: -1 }, items: [] }, /“container.mouthMm”/],
    [{ container: tin, items: [], budgetMs: '2 s' }, /“budgetMs” is "2 s"; it must be a number/],
  ])('refuses %j', (instance, message) => {
    const { status, output, error } = fit(instance);
    expect([status, output]).toEqual([2, null]);
    expect(error).toMatch(message);
  });
});

describe('model', () => {
  function model(name: string, inputs: unknown) {
    return run(['model', name, saved('inputs.json', JSON.stringify(inputs))]);
  }

  it('prints a figure with formula, inputs, source and note', () => {
    const { status, output } = model('water-to-carry', {
      litresPerDay: 4,
      people: 2,
      dryHours: 8,
    });
    expect(status).toBe(0);
    expect(output).toMatchObject({ model: 'water-to-carry', value: 4, unit: 'L', note: null });
  });

  it('lists every model with its inputs', () => {
    const { output } = model('list', {});
    expect(output).toMatchObject({
      models: expect.arrayContaining([
        expect.objectContaining({ model: 'sleep-clo', inputs: { tempC: expect.any(String) } }),
      ]),
    });
  });

  it.each<[string, unknown, RegExp]>([
    ['wind-chill', { tempC: 1 }, /“windKmh” is missing/],
    ['wind-chill', [], /must be one object/],
    ['wind', {}, /There is no model “wind”/],
  ])('refuses %s of %j', (name, inputs, message) => {
    const { status, output, error } = model(name, inputs);
    expect([status, output]).toEqual([2, null]);
    expect(error).toMatch(message);
  });

  it('asks for a name and a file', () => {
    expect(run(['model', 'wind-chill']).error).toMatch(/needs a name and a file/);
  });
});

describe('due', () => {
  interface DueDocument {
    readonly due: readonly Readonly<Record<string, unknown>>[];
    readonly byMonth: Readonly<Record<string, number>>;
    readonly goneBy: readonly Readonly<Record<string, unknown>>[];
  }
  const dueOf = (...words: readonly string[]) => {
    const { status, output, error } = run(['due', demo, '--today', '2026-11-26', ...words]);
    expect([status, error]).toEqual([0, null]);
    return output as DueDocument;
  };

  it('prints what falls due in the kits, the earliest first, by month, and what is gone by then', () => {
    const { due, byMonth, goneBy } = dueOf('--until', '2027-06-30');
    expect(due.at(-1)).toMatchObject({
      kit: 'Boathouse box',
      placement: 'flares',
      gear: 'Hand flare',
      act: 'replace',
      on: '2027-06-30',
      overdueDays: 0,
    });
    expect(due.find(({ gear }) => gear === 'Camp axe')).toMatchObject({
      act: 'inspect',
      on: '2026-09-14',
      overdueDays: 73,
    });
    expect(due.map(({ on }) => on)).toEqual([...due.map(({ on }) => on)].sort());
    expect(byMonth['2027-06']).toBe(1);
    expect(Object.values(byMonth).reduce((sum, count) => sum + count, 0)).toBe(due.length);
    expect(goneBy.map(({ placement, why }) => [placement, why])).toEqual([
      ['stored-water', 'past its date'],
      ['old-meals', 'past its date'],
    ]);
    expect(dueOf('--until', '2027-07-01').goneBy.map(({ placement }) => placement)).toContain(
      'flares',
    );
  });

  it('writes a calendar that goes on from the file that is there', () => {
    const file = path.join(folder, 'due.ics');
    dueOf('--ics', file);
    const first = readFileSync(file, 'utf8');
    dueOf('--ics', file);
    const second = readFileSync(file, 'utf8');
    const uids = (text: string) => text.match(/^UID:.*$/gm);
    expect(uids(second)).toEqual(uids(first));
    expect([...new Set(second.match(/^SEQUENCE:.*$/gm))].map((line) => line.trim())).toEqual([
      'SEQUENCE:1',
    ]);
  });

  it.each([
    [['--today', '2027-02-30'], '--today is “2027-02-30”; it must be a day like 2026-10-01.'],
    [['--until', '2026-01-01'], '--until is 2026-01-01, before 2026-11-26.'],
    [['--ics', path.join(folder, 'nowhere', 'x.ics')], 'cannot be written (ENOENT).'],
    [['--ics', float], 'holds something else than a calendar of this program'],
  ])('refuses %j and changes nothing', (words, message) => {
    const before = readFileSync(float, 'utf8');
    const { status, output, error } = run(['due', demo, '--today', '2026-11-26', ...words]);
    expect([status, output]).toEqual([2, null]);
    expect(error).toContain(message);
    expect(readFileSync(float, 'utf8')).toBe(before);
  });
});
