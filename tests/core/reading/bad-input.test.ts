import fc from 'fast-check';
import { readFile, writeFile } from '@/core/exchange';
import { graveJobs, readLine, taughtBy } from '@/core/reading';
import { gearOfKind, kindOf, kinds } from '@/core/catalogue';
import { benchOf } from '../../support/benches';
import { runs } from '../../support/share';

const metric = { id: 'new', units: 'metric', currency: 'EUR' } as const;

function onlyLetters(text: string): string {
  return text.toLowerCase().replace(/[^a-z]/g, '');
}

/** What a line does, where it is read; what is said, where it is not. */
function told(line: string): string | readonly string[] {
  const read = readLine(line, metric);
  return read.ok ? read.value.gear.supplies.map(({ job }) => job) : read.problem.message;
}

describe('what is no line', () => {
  it.each([
    ['нож складной 85 г', []],
    ['折りたたみナイフ', []],
    ['سكين', []],
    ['🔥🔥 fire 🔥', []],
    ['=HYPERLINK("x","water filter")', []],
    ['-2+3+cmd', []],
    ['\u202Ewater filter\u202C', []],
  ])('%j does no job, or is told', (line, jobs) => {
    const said = told(line);
    if (typeof said !== 'string') expect(said).toEqual(jobs);
    else expect(said).not.toBe('');
  });

  it.each([
    ['a'.repeat(10_000), /longer than 1000 characters/],
    ['1234567890', /Write what it is/],
    ['12 34 56', /Write what it is/],
    ['1/0 L bottle', /divides by nothing/],
    ['<script>alert(1)</script> pot', /markup/],
    ['   ', /Write what it is/],
  ])('%.30j is told in one sentence', (line, says) => {
    const said = told(line);
    expect(typeof said === 'string' ? said : said.join()).toMatch(says);
  });

  it('is never given a job that can hurt, whatever letters it is made of', () => {
    const letters = fc.string({
      unit: fc.constantFrom(...'bcdfghjklmnpqrstvwxz ,.-/()%&'),
      maxLength: 60,
    });
    // `vhf` and `cb` are made of such letters, and are what they are called.
    const called = kinds
      .flatMap(({ nouns }) => nouns)
      .filter((noun) => !/[aeiouy]/i.test(noun))
      .map(onlyLetters);
    fc.assert(
      fc.property(letters, (line) => {
        if (called.some((noun) => onlyLetters(line).includes(noun))) return;
        const read = readLine(line, metric);
        if (!read.ok) return;
        const { supplies } = read.value.gear;
        expect(supplies.filter(({ job }) => graveJobs.includes(job))).toEqual([]);
      }),
      runs(500, 0.2),
    );
  });

  it('comes back from a file as it was read, with words of every sort about it', () => {
    const words =
      'steel bottle tin water filter pot double wall knife 550 cord tablets battery for with of'.split(
        ' ',
      );
    const word = fc.constantFrom(
      ...words,
      'ß',
      '名',
      '½',
      '210 g',
      '1 L',
      '50 ft',
      '(8)',
      'x3',
      '-10 C',
      '800 kcal',
    );
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 7 }), (parts) => {
        const read = readLine(parts.join(' '), metric);
        if (!read.ok) return expect(read.problem.message).toMatch(/[.!]$/);
        const bench = benchOf([read.value.gear], []);
        expect(readFile(writeFile(bench))).toEqual({ ok: true, value: bench });
        return undefined;
      }),
      runs(600, 0.2),
    );
  });
});

describe('a person’s own words', () => {
  const shelf = [gearOfKind(kindOf('steel-bottle')!, 'b', 'The blue thing 0.7 L')];
  const taught = taughtBy(shelf);

  it('hold the next time they are typed, with other figures', () => {
    const read = readLine('the blue thing 210 g', { ...metric, taught });
    expect(read.ok && [read.value.kind?.id, read.value.sure, read.value.gear.massG]).toEqual([
      'steel-bottle',
      1,
      210,
    ]);
  });

  it('teach nothing of other words, nor of pieces of no kind', () => {
    const other = readLine('the red thing', { ...metric, taught });
    expect(other.ok && other.value.kind).toBeNull();
    expect(taughtBy([{ ...shelf[0]!, kind: null }]).size).toBe(0);
  });

  it('give way to what is picked, also to nothing', () => {
    const plain = readLine('the blue thing', { ...metric, taught, picked: null });
    expect(plain.ok && [plain.value.kind, plain.value.gear.supplies]).toEqual([null, []]);
    const filter = readLine('the blue thing', { ...metric, taught, picked: kindOf('filter')! });
    expect(filter.ok && [filter.value.kind?.id, filter.value.gear.name]).toEqual([
      'filter',
      'The blue thing',
    ]);
  });
});
