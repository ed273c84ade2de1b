import { underBrief } from '@/core/kit/under-brief';
import { workedOut } from '@/core/kit';
import { needIds, type Need } from '@/core/needs';
import { judgedKits, type Expected, type JudgedKit } from '../../support/judged-kit';

/**
 * Twenty kits as people type them, and what an instructor said of each of the twenty needs before they were worked out
 * (`tests/judged`). Wrong to the unsafe side is a standing better than any that was said, or more than was said to be there.
 */
const kits = judgedKits();

/** Needs that are told worse than the instructor had it, by the number of the kit: known, and safe. */
const graver: Readonly<Record<string, readonly string[]>> = {
  '01': ['drink', 'carry'],
  '03': ['carry'],
  '05': ['ground', 'power'],
  '06': ['warmth', 'guard'],
  '07': ['warmth', 'fuel'],
  '08': ['sleep'],
  '09': ['drink'],
  '11': ['power'],
  '13': ['drink'],
  '14': ['fuel'],
  '16': ['guard'],
  '17': ['ground'],
  '19': ['fire'],
  '20': ['power'],
};

function needsOf({ bench, today }: JudgedKit): readonly Need[] {
  const kit = workedOut(bench, bench.loadouts.get('kit')!, today);
  return underBrief(kit, kit.own.brief!, 'metric').needs;
}

function figureOf(need: Need, { figure }: Expected): number | null {
  return figure?.of === 'days' ? need.days : need.supply;
}

function isUnsafe(need: Need, expected: Expected): boolean {
  const { standings, figure } = expected;
  const tells = figureOf(need, expected);
  return (
    (need.standing === 'met' && !standings.includes('met')) ||
    (need.standing === 'short' && standings.every((each) => each === 'none')) ||
    (figure !== null && tells !== null && tells > figure.to)
  );
}

function isRight(need: Need, expected: Expected): boolean {
  const { standings, figure } = expected;
  const tells = figureOf(need, expected);
  const isWithin =
    figure === null || (tells !== null && tells >= figure.from && tells <= figure.to);
  return standings.includes(need.standing) && isWithin;
}

describe('needs of twenty kits', () => {
  const told = kits.map((kit) => ({ kit, needs: needsOf(kit) }));
  const each = told.flatMap(({ kit, needs }) =>
    needs.map((need) => ({ kit, need, expected: kit.expected.get(need.need)! })),
  );

  it('are expected one by one', () => {
    expect(kits).toHaveLength(20);
    for (const { expected } of kits) expect([...expected.keys()]).toEqual(needIds);
  });

  it.each(told.map(({ kit, needs }) => [kit.file, kit, needs] as const))(
    '%s: none is wrong to the unsafe side, and what is graver than was said is known',
    (file, kit, needs) => {
      const unsafe = needs.filter((need) => isUnsafe(need, kit.expected.get(need.need)!));
      expect(unsafe.map(({ need, says }) => `${need}: ${says}`)).toEqual([]);
      const wrong = needs.filter((need) => !isRight(need, kit.expected.get(need.need)!));
      expect(wrong.map(({ need }) => need)).toEqual(graver[file.slice(0, 2)] ?? []);
    },
  );

  it('are right in nine of ten', () => {
    const right = each.filter(({ need, expected }) => isRight(need, expected));
    expect(each).toHaveLength(400);
    expect(right.length).toBeGreaterThanOrEqual(380);
  });
});
