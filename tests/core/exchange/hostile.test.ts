import { readFile } from '@/core/exchange';
import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { countingWork } from '../../support/counted-work';
import { hostileFiles } from '../../support/hostile';
import { tried } from '../../support/share';

const manyNodes = /lists and objects/;

/** A file costs at most so many steps for each of its characters, and for being read at all. */
const stepsEach = 20;
const stepsAtLeast = 20_000;

describe('500 hostile files', () => {
  const seed = Number(process.env.ACORN_SEED ?? 4711);
  const files = hostileFiles(tried(500, 0.2), seed);

  it('are refused, each in one sentence that names the field, none at more cost than its size', () => {
    countingWork((count) => {
      for (const { name, text, field } of files) {
        const { value: outcome, steps } = count(() => readFile(text));
        if (outcome.ok) throw new Error(`was taken: ${name}`);
        const { message } = outcome.problem;
        const says = `${name}: ${message}`;
        expect(message).not.toMatch(/[\p{C}\p{Zl}\p{Zp}]/u);
        expect([says, message.length < 400]).toEqual([says, true]);
        expect([says, /^[“"A-Z].*\.$/su.test(message)]).toEqual([says, true]);
        if (field) expect([says, field.test(message)]).toEqual([says, true]);
        const most = stepsAtLeast + stepsEach * text.length;
        expect([name, steps <= most]).toEqual([name, true]);
      }
    });
  });

  it('are made by every family', () => {
    expect(new Set(files.map(({ name }) => name)).size).toBeGreaterThan(tried(200, 0.3));
  });
});

describe('a file of more lists and objects than any bench has', () => {
  it('is told so, before it is parsed', () => {
    const many = (count: number) =>
      readFile(`{"format":"vivid-acorn","version":3,"gear":[${'{},'.repeat(count - 3)}{}]}`);
    expect(many(1_500_001)).toMatchObject({
      problem: { message: expect.stringMatching(manyNodes) },
    });
    const fewer = many(tried(1_400_000));
    expect(fewer.ok).toBe(false);
    expect(fewer).not.toMatchObject({ problem: { message: expect.stringMatching(manyNodes) } });
  });
});

describe('a file that was broken off', () => {
  it('is refused wherever it ends', () => {
    const whole = writeFile(demoBench);
    for (let at = 1; at < whole.length - 2; at += 4999) {
      expect(readFile(whole.slice(0, at)).ok).toBe(false);
    }
  });
});
