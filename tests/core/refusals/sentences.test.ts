import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { pathPlainly, plainly, quoted, says, shown } from '@/core/refusals';
import { atField, fileSays } from '@/core/refusals/files';
import { tableSays } from '@/core/refusals/tables';
import { lineSays } from '@/core/refusals/lines';
import { modelSays } from '@/core/refusals/models';
import { actsSays } from '@/core/refusals/acts';
import { typedSays } from '@/core/refusals/typed';
import { upkeepSays } from '@/core/refusals/upkeep';

const hostile = 'a\u001b]0;evil\u0007\u009b\u202e\u2028\ud800b'.repeat(60);

/** Every sentence, with a hostile text for each thing that it repeats. */
const sentences = Object.entries({
  ...says,
  ...actsSays,
  ...typedSays,
  ...upkeepSays,
  ...lineSays,
  ...fileSays,
  ...tableSays,
  ...modelSays,
}).map(([name, say]) => {
  const of = Array.from({ length: say.length }, () => hostile) as never[];
  return [name, (say as (...of: never[]) => string)(...of)] as const;
});

describe('every refusal', () => {
  it.each(sentences)('%s is one sentence that begins and ends as one', (_, sentence) => {
    expect(sentence).toMatch(/^[“"\p{Lu}a-]/u);
    expect(sentence).toMatch(/[.]$|why$|a$|…$/);
    expect(sentence).not.toMatch(/!|\bplease\b|\berror\b|\binvalid\b|\bfailed\b/i);
  });

  it('stands in the one place where all can be read', () => {
    const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
      .filter((file) => file.endsWith('.ts'))
      .map((file) => path.join('src/core', file));
    const elsewhere = files.filter((file) => {
      const text = readFileSync(file, 'utf8');
      return /refused\(\s*[`'"]/.test(text);
    });
    expect(elsewhere).toEqual([]);
  });

  it.each([
    ['quotedText', typedSays.noNumberFirst(hostile)],
    ['an id', says.noGear(hostile)],
    ['a name', says.noCavity(hostile, hostile)],
    ['a reason', fileSays.noJson(hostile)],
    ['a field', fileSays.newerField(hostile, 1)],
    ['a version', fileSays.newerFile(9e99, 3)],
  ])('shows nothing that cannot be seen: %s', (_, sentence) => {
    expect(sentence).not.toMatch(/[\p{C}\p{Zl}\p{Zp}]/u);
    expect(sentence.length).toBeLessThan(320);
  });
});

describe('somebody’s text in a message', () => {
  it.each([
    ['a\u001bb', 'a\\u{1b}b'],
    ['a\u0085', 'a\\u{85}'],
    ['\ud800', '\\u{d800}'],
    ['\u2028', '\\u{2028}'],
    ['näht 🪡', 'näht 🪡'],
  ])('%j is written out', (text, written) => {
    expect(plainly(text)).toBe(written);
    expect(quoted(text)).toBe(`“${written}”`);
  });

  it('is cut where it is long, a path at its start', () => {
    expect(plainly('x'.repeat(100))).toBe(`${'x'.repeat(59)}…`);
    expect(pathPlainly(`${'a'.repeat(300)}.massG`)).toMatch(/^…a+\.massG$/);
    expect(pathPlainly('gear[0].massG')).toBe('gear[0].massG');
  });

  it.each<[unknown, string]>([
    [undefined, 'missing'],
    [null, 'null'],
    [[1], 'a list'],
    [{ a: 1 }, 'an object'],
    ['knife', '"knife"'],
    [1e300, '1e+300'],
    [true, 'true'],
  ])('a value %j is shown as %s', (value, words) => {
    expect(shown(value)).toBe(words);
  });

  it.each([
    ['is missing.', '“gear[0]” is missing.'],
    ['There is no kit a.', '“gear[0]”: There is no kit a.'],
  ])('%s stands behind its field', (words, sentence) => {
    expect(atField('gear[0]', words)).toBe(sentence);
  });
});
