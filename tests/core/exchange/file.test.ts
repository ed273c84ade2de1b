import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { demoBench } from '@/core/demo';
import { mostBytes, readFile, whyTooLarge, writeFile } from '@/core/exchange';
import { whyNotName } from '@/core/gear';
import { benchOfKit, emptyBench, type Bench } from '@/core/loadout';
import { benchAfter, gear, someCommands } from '../../support/benches';

function read(text: string): Bench {
  const outcome = readFile(text);
  if (!outcome.ok) throw new Error(outcome.problem.message);
  return outcome.value;
}

type Json = Record<string, never> & { [key: string]: Json };

/** The message for the demo's float pouch after one field of its file was spoilt. */
function spoilt(spoil: (file: Json) => void): { field: string | null; message: string } {
  const file = JSON.parse(writeFile(benchOfKit(demoBench, 'float-pouch-kit'))) as Json;
  spoil(file);
  const outcome = readFile(JSON.stringify(file));
  if (outcome.ok) throw new Error('was understood');
  return outcome.problem;
}

function set(file: Json, path: string, value: unknown): void {
  const steps = path.split('.');
  const last = steps.pop()!;
  const target = steps.reduce((at, step) => at[step]!, file) as Record<string, unknown>;
  if (value === undefined) delete target[last];
  else target[last] = value;
}

describe('writing and reading', () => {
  it('gives the demo back as it was', () => {
    expect(read(writeFile(demoBench))).toEqual(demoBench);
  });

  it('gives any bench back as it was', () => {
    fc.assert(
      fc.property(someCommands, (commands) => {
        const bench = benchAfter(commands);
        expect(read(writeFile(bench))).toEqual(bench);
      }),
    );
  });

  it('keeps every name that may be typed', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1, maxLength: 60 }), (name) => {
        fc.pre(whyNotName(name) === null);
        const bench: Bench = { ...emptyBench, shelf: new Map([['a', gear('a', { name })]]) };
        expect(read(writeFile(bench))).toEqual(bench);
      }),
    );
  });

  it('puts all that one kit needs into its file, and nothing else', () => {
    const bench = read(writeFile(benchOfKit(demoBench, 'float-pouch-kit')));
    expect([...bench.loadouts.keys()]).toEqual(['float-pouch-kit']);
    expect(bench.shelf.size).toBe(13);
    expect(bench.shelf.get('float-knife')).toEqual(demoBench.shelf.get('float-knife'));
  });

  it('reads files of version 1: at home, full, each piece where it is best', () => {
    const bench = read(readFileSync('tests/support/version-1.json', 'utf8'));
    expect([...bench.loadouts.values()].map(({ name }) => name)).toEqual(['Pocket tin']);
    expect(bench.shelf.get('candle')).toMatchObject({
      massG: 12,
      tier: 'main',
      lentTo: null,
      priceTrust: 'typical',
      contents: { unit: 'h', full: 9, left: 9 },
    });
    expect(bench.shelf.get('cord')!.contents).toMatchObject({ unit: 'm', full: 6, left: 6 });
    expect(bench.shelf.get('knife')).toMatchObject({ priceTrust: 'stated', contents: null });
    const [kit] = bench.loadouts.values();
    expect(kit!.placements.every(({ laidFor }) => laidFor === null)).toBe(true);
    expect(kit!.modules).toEqual([]);
  });

  it.each(['2', '3-early', '3'])(
    'reads files of version %s, and writes them as of version 3',
    (version) => {
      const bench = read(readFileSync(`tests/support/version-${version}.json`, 'utf8'));
      expect([...bench.loadouts.values()].map(({ name }) => name)).toEqual([
        'Everyday bag',
        'Pocket tin',
      ]);
      expect([...bench.schemes.values()].map(({ name }) => name)).toEqual(['Hands and head']);
      expect([...bench.lists.values()].map(({ lines }) => lines.length)).toEqual([3]);
      expect([...bench.versions.values()].map(({ day }) => day)).toEqual(['2026-09-20']);
      expect(writeFile(bench)).toBe(readFileSync('tests/support/version-3.json', 'utf8'));
    },
  );

  it('is the same text for the same bench, whatever its order in memory', () => {
    const turned: Bench = {
      ...demoBench,
      shelf: new Map([...demoBench.shelf].reverse()),
      loadouts: new Map([...demoBench.loadouts].reverse()),
    };
    expect(writeFile(turned)).toBe(writeFile(demoBench));
  });

  it('reads a file with a byte order mark', () => {
    expect(read(`\uFEFF${writeFile(demoBench)}`)).toEqual(demoBench);
  });
});

describe('files that are refused', () => {
  it.each([
    ['', null, /not a JSON file/],
    ['not json', null, /not a JSON file/],
    ['{"format": "vivid-acorn"', null, /not a JSON file/],
    ['[1, 2]', 'format', /no field “format”/],
    ['null', 'format', /no field “format”/],
    ['{"kind": "recipe"}', 'format', /“format” is missing/],
    ['{"format": "other", "version": 1}', 'format', /"other", not "vivid-acorn"/],
    ['{"format": "vivid-acorn"}', 'version', /“version” is missing/],
    ['{"format": "vivid-acorn", "version": 4}', 'version', /version 4, newer than this program/],
    ['{"format": "vivid-acorn", "version": 1}', 'currency', /“currency” is missing/],
    ['['.repeat(33), null, /more than 32 deep/],
    ['{"a":'.repeat(1_000_000), null, /more than 32 deep/],
    [`["${'['.repeat(99)}\\"]]]"]`, 'format', /no field “format”/],
    [`["\\"${'['.repeat(99)}"]`, 'format', /no field “format”/],
    [`[${'{},'.repeat(1_500_001)}{}]`, null, /more than 1500000 lists and objects/],
  ])('%s', (text, field, says) => {
    const outcome = readFile(text);
    if (outcome.ok) throw new Error('was understood');
    expect(outcome.problem.field).toBe(field);
    expect(outcome.problem.message).toMatch(says);
  });

  it.each<[string, unknown, string, RegExp]>([
    ['gear.0.massG', 'heavy', 'gear[0].massG', /is "heavy"; it must be a number/],
    ['gear.0.massG', undefined, 'gear[0].massG', /is missing/],
    ['gear.0.massG', -1, 'gear[0].massG', /is below 0/],
    ['gear.0.massG', 1e300, 'gear[0].massG', /above/],
    ['gear.0.massKg', 1, 'gear[0].massKg', /not a field of this format/],
    [
      'gear.3.form.shape',
      'ball',
      'gear[3].form.shape',
      /"ball"; it must be "box" or "cylinder" or "soft"/,
    ],
    ['gear.3.form.lengthMm', 0, 'gear[3].form.lengthMm', /not above 0/],
    ['gear.0.supplies', 'cut', 'gear[0].supplies', /must be a list/],
    [
      'gear.3.supplies.0.job',
      'signal-soun',
      'gear[3].supplies[0].job',
      /"signal-soun"; it must be one of \d+ words, like "signal-sound" or/,
    ],
    ['gear.1.goodUntil', '2027-02-30', 'gear[1].goodUntil', /not a day of the calendar/],
    ['gear.1.look.colour', 'url(x)', 'gear[1].look.colour', /not a colour/],
    ['gear.1.name', '<script>alert(1)</script>', 'gear[1].name', /markup/],
    ['gear.1.note', '<img src=x onerror=alert(1)>', 'gear[1].note', /markup/],
    ['loadouts.0.name', '<svg/onload=alert(1)>', 'loadouts[0].name', /markup/],
    ['gear.1.id', '__proto__', 'gear[1].id', /not an id/],
    ['gear.1.id', 'button-compass', 'gear[1].id', /twice/],
    ['loadouts.0.placements.2.count', 1.5, 'loadouts[0].placements[2].count', /whole number/],
    ['loadouts.0.placements.2.gear', 'moon', 'loadouts[0].placements[2].gear', /no gear moon/],
    ['loadouts.0.placements.2.place', { on: 'moon' }, 'loadouts[0].placements[2].place.on', /body/],
    ['loadouts.0.placements.2.place', 'moon', 'loadouts[0].placements[2].place', /body/],
    [
      'loadouts.0.placements.2.place',
      { on: 'body', by: 1 },
      'loadouts[0].placements[2].place.by',
      /not a field/,
    ],
    [
      'loadouts.0.placements.2.place.in',
      'moon',
      'loadouts[0].placements[2].place.in',
      /no placement moon/,
    ],
    [
      'loadouts.0.placements.2.place.cavity',
      'moon',
      'loadouts[0].placements[2].place.cavity',
      /no cavity “moon”/,
    ],
    [
      'loadouts.0.placements.0.place',
      { in: 'float-pouch', cavity: 'main' },
      'loadouts[0].placements[0].place.in',
      /loop/,
    ],
  ])('%s = %j', (path, value, field, says) => {
    const problem = spoilt((file) => set(file, path, value));
    expect(problem.field).toBe(field);
    expect(problem.message).toContain(`“${problem.field}”`);
    expect(problem.message).toMatch(says);
  });

  it('refuses a loop of two holders', () => {
    const tin = {
      id: 'tin',
      gear: 'float-pouch',
      count: 1,
      place: { in: 'box', cavity: 'main' },
      laidFor: null,
    };
    const box = {
      id: 'box',
      gear: 'float-pouch',
      count: 1,
      place: { in: 'tin', cavity: 'main' },
      laidFor: null,
    };
    const problem = spoilt((file) => set(file, 'loadouts.0.placements', [tin, box]));
    expect(problem).toMatchObject({ field: 'loadouts[0].placements[0].place.in' });
    expect(problem.message).toMatch(/loop/);
  });

  it('says at once when a file is too large, without reading it', () => {
    expect(whyTooLarge(mostBytes)).toBeNull();
    expect(whyTooLarge(200 * 1024 * 1024)).toMatch(/200 MB.*up to 64 MB/);
  });

  it('survives very deep nesting', () => {
    const deep = `{"format":"vivid-acorn","version":1,"currency":${'['.repeat(200_000)}${']'.repeat(200_000)}}`;
    expect(readFile(deep).ok).toBe(false);
  });
});
