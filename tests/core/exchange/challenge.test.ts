import { challenges } from '@/core/brief/challenges';
import { readChallenge, writeChallenge } from '@/core/exchange/challenge';

const [ours] = challenges;

describe('a set of rules as a file', () => {
  test('comes back as it went out', () => {
    for (const each of challenges) {
      expect(readChallenge(writeChallenge(each))).toEqual({ ok: true, value: each });
    }
  });

  test.each([
    ['nothing', '', 'not a JSON file'],
    ['another file', '{"format":"vivid-acorn","version":3}', 'no set of rules'],
    ['a list', '[1,2]', 'no set of rules'],
    ['a newer one', '{"format":"vivid-acorn-challenge","version":2}', 'newer than this program'],
    [
      'no rules',
      JSON.stringify({ ...JSON.parse(writeChallenge(ours!)), rules: [] }),
      'holds fewer than 1',
    ],
    [
      'a rule of no kind',
      JSON.stringify({ ...JSON.parse(writeChallenge(ours!)), rules: [{ rule: 'be quick' }] }),
      'rules[0]',
    ],
    [
      'a mass that is none',
      JSON.stringify({
        ...JSON.parse(writeChallenge(ours!)),
        rules: [{ rule: 'most mass', massG: -4 }],
      }),
      'massG',
    ],
    [
      'something more',
      JSON.stringify({ ...JSON.parse(writeChallenge(ours!)), prize: 1 }),
      'is not a field',
    ],
  ])('%s is refused, and says what is wrong', (_, text, why) => {
    const read = readChallenge(text);
    expect(read.ok ? '' : read.problem.message).toContain(why);
  });
});
