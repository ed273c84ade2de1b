import { findingInWords, findingsOf, type Finding } from '@/core/judge';
import { workedOut } from '@/core/kit';
import { underOwnBrief } from '@/core/kit/under-own-brief';
import { judgedKits, type JudgedKit } from '../../support/judged-kit';

/**
 * What is said of twenty kits, against the sentences that an instructor wrote of them before the findings were read: how many findings
 * there are, which sentences are missed, where the first one stands, and which need is told to end first.
 */
interface Known {
  readonly most: number;
  /** Sentences that nothing says, by their place in the list. */
  readonly missed: readonly number[];
  /** The instructor’s first sentence is not among the first three. */
  readonly isLate?: true;
  readonly endsOtherwise?: true;
}

const known: Readonly<Record<string, Known>> = {
  '01': { most: 15, missed: [] },
  '02': { most: 4, missed: [] },
  '03': { most: 11, missed: [] },
  '04': { most: 10, missed: [2] },
  '05': { most: 14, missed: [] },
  '06': { most: 15, missed: [0], isLate: true, endsOtherwise: true },
  '07': { most: 11, missed: [] },
  '08': { most: 11, missed: [] },
  '09': { most: 10, missed: [] },
  '10': { most: 9, missed: [] },
  '11': { most: 16, missed: [], endsOtherwise: true },
  '12': { most: 12, missed: [] },
  '13': { most: 19, missed: [] },
  '14': { most: 10, missed: [5] },
  '15': { most: 10, missed: [3] },
  '16': { most: 13, missed: [] },
  '17': { most: 11, missed: [0], isLate: true },
  '18': { most: 13, missed: [] },
  '19': { most: 11, missed: [] },
  '20': { most: 13, missed: [0, 1, 2], isLate: true },
};

interface Told {
  readonly kit: JudgedKit;
  readonly says: readonly string[];
  /** Where each sentence stands among the findings; −1 where nothing says it. */
  readonly at: readonly number[];
  readonly first: string;
}

function toldOf(judged: JudgedKit): Told {
  const kit = workedOut(judged.bench, judged.bench.loadouts.get('kit')!, judged.today);
  const inWords = (finding: Finding): string =>
    [
      `${finding.rule} ${finding.of} ${findingInWords(finding, kit, 'metric')}`,
      ...(finding.parts ?? []).map(inWords),
    ].join('\n');
  const says = findingsOf(kit).map(inWords);
  return {
    kit: judged,
    says,
    at: judged.mustSay.map(({ by }) => says.findIndex((each) => by.test(each))),
    first: underOwnBrief(kit, 'metric')!.lasts.first ?? 'none',
  };
}

describe('findings of twenty kits', () => {
  const all = judgedKits().map(toldOf);

  it.each(all.map((each) => [each.kit.file, each] as const))(
    '%s: are few, and say what was to be said but for what is known',
    (file, { kit, says, at, first }) => {
      const { most, missed, isLate = false, endsOtherwise = false } = known[file.slice(0, 2)]!;
      expect(kit.mustSay.length).toBeGreaterThan(1);
      expect(says.length).toBeLessThanOrEqual(most);
      expect(at.flatMap((place, sentence) => (place < 0 ? [sentence] : []))).toEqual(missed);
      expect(at[0]! < 0 || at[0]! > 2).toBe(isLate);
      expect(!(kit.lasts as readonly string[]).includes(first)).toBe(endsOtherwise);
    },
  );

  it('are at most fourteen a kit, nine in ten sentences said, one in twenty nonsense', () => {
    const many = all.reduce((sum, { says }) => sum + says.length, 0);
    const sentences = all.flatMap(({ at }) => at);
    const nonsense = all.flatMap(({ kit, says }) =>
      says.filter((each) => kit.nonsense.test(each.split('\n')[0]!)),
    );
    expect(all).toHaveLength(20);
    expect(many / all.length).toBeLessThanOrEqual(14);
    expect(sentences.filter((place) => place >= 0).length / sentences.length).toBeGreaterThan(0.9);
    expect(nonsense.length / many).toBeLessThanOrEqual(0.05);
  });

  it('begin with what the instructor says first in seventeen of twenty', () => {
    expect(all.filter(({ at }) => at[0]! >= 0 && at[0]! < 3).length).toBeGreaterThanOrEqual(17);
  });
});
