import { readFile } from '@/core/exchange';
import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { hostileFiles } from '../../support/hostile';

const manyNodes = /lists and objects/;

/** As long as any of them may take, in ms. */
const mostMs = 2000;

/** What reading a text comes to, and how long it takes, in ms. */
function timed(text: string): readonly [ReturnType<typeof readFile>, number] {
  const started = performance.now();
  const outcome = readFile(text);
  return [outcome, performance.now() - started];
}

describe('500 hostile files', () => {
  const seed = Number(process.env.ACORN_SEED ?? 4711);
  const files = hostileFiles(500, seed);

  it('are refused, each in one sentence that names the field, none of them slowly', () => {
    let longest = 0;
    for (const { name, text, field } of files) {
      const [outcome, once] = timed(text);
      // One that took too long is read anew: the machine may have been busy with something else.
      const ms = once < mostMs ? once : Math.min(timed(text)[1], timed(text)[1], timed(text)[1]);
      longest = Math.max(longest, ms);
      if (outcome.ok) throw new Error(`was taken: ${name}`);
      const { message } = outcome.problem;
      const says = `${name}: ${message}`;
      expect(message).not.toMatch(/[\p{C}\p{Zl}\p{Zp}]/u);
      expect([says, message.length < 400]).toEqual([says, true]);
      expect([says, /^[“"A-Z].*\.$/su.test(message)]).toEqual([says, true]);
      if (field) expect([says, field.test(message)]).toEqual([says, true]);
    }
    expect(longest).toBeLessThan(mostMs);
  });

  it('are made by every family', () => {
    expect(new Set(files.map(({ name }) => name)).size).toBeGreaterThan(200);
  });
});

describe('a file of 9 kB', () => {
  it('costs no more than its size, whatever is in it', () => {
    const small = hostileFiles(300, 99).filter(({ text }) => text.length <= 9216);
    expect(small.length).toBeGreaterThan(5);
    for (const { name, text } of small) {
      // The best of a few: the machine may have been busy with something else.
      const ms = Math.min(...Array.from({ length: 4 }, () => timed(text)[1]));
      expect([name, ms < 100]).toEqual([name, true]);
    }
  });
});

describe('a file of more lists and objects than any bench has', () => {
  it('is told so, before it is parsed', () => {
    const many = (count: number) =>
      readFile(`{"format":"vivid-acorn","version":3,"gear":[${'{},'.repeat(count - 3)}{}]}`);
    expect(many(1_500_001)).toMatchObject({
      problem: { message: expect.stringMatching(manyNodes) },
    });
    const fewer = many(1_400_000);
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
