import { readFileSync } from 'node:fs';
import { findingInWords, findingsOf } from '@/core/judge';
import { backgroundOf } from '@/core/judge/background';
import { foundBy, ruleOf } from '@/core/judge/findings';
import { fixesOf } from '@/core/judge/mending';
import { menders } from '@/core/judge/mending/menders';
import { rules } from '@/core/judge/rules';
import { workedOut } from '@/core/kit';
import { apply, type Bench } from '@/core/loadout';
import { benchOfKinds } from '../../support/kits-of-kinds';
import { ruleCases } from '../../support/rule-cases';
import { prepared } from '../../support/rule-cases-of-lying';
import { benchOf, gear as pieceOf, kit as kitOf } from '../../support/benches';

const today = '2027-09-01';
function judged(bench: Bench, rule: string) {
  const worked = workedOut(bench, bench.loadouts.get('k')!, today);
  return { worked, findings: foundBy(ruleOf(rule), worked, backgroundOf(worked)) };
}

describe('every rule', () => {
  it('of the list is there, has a case here, and says when it speaks', () => {
    const listed = readFileSync('docs/rules.md', 'utf8').match(/^\| [a-z]+\/[a-z-]+ /gm)!;
    const ids = rules.map(({ id }) => id);
    expect(listed.map((each) => each.slice(2).trim())).toEqual(ids);
    expect(new Set(ids).size).toBe(ids.length);
    expect(Object.keys(ruleCases).sort()).toEqual([...ids].sort());
    for (const { speaksWhen, because, severities } of rules) {
      expect([speaksWhen, because].every((text) => text.length > 8)).toBe(true);
      expect(severities.length).toBeGreaterThan(0);
    }
    expect(menders.filter(({ rule }) => !ids.includes(rule))).toEqual([]);
  });

  it.each(Object.entries(ruleCases))(
    '%s speaks, is silent, and is silenced, or has less to say, by each of its fixes',
    (id, each) => {
      const bench = prepared[id]?.(benchOfKinds(each.speaks)) ?? benchOfKinds(each.speaks);
      const { worked, findings } = judged(bench, id);
      expect(findings.length).toBeGreaterThan(0);
      const rule = rules.find((one) => one.id === id)!;
      for (const finding of findings) {
        expect(rule.severities).toContain(finding.severity);
        expect(findingInWords(finding, worked, 'metric')).toMatch(/^\S.{4,}\.$/s);
        expect(findingInWords(finding, worked, 'us')).toMatch(/^\S.{4,}\.$/s);
      }
      expect(judged(benchOfKinds(each.silent), id).findings).toEqual([]);
      const [finding] = findings;
      let next = 0;
      const fixes = [...fixesOf(worked, finding!, { newId: () => `new-${(next += 1)}` })].flatMap(
        (fix) => fix ?? [],
      );
      expect(fixes.length > 0).toBe(each.hasNoFix !== true);
      for (const { says, command } of fixes) {
        expect(says).toMatch(/^[A-Z“]/);
        const done = apply(bench, command);
        if (!done.ok) throw new Error(done.problem.message);
        const left = judged(done.value, id).findings.filter(({ of }) => of === finding!.of);
        const { isEased } = menders.find(({ rule: its }) => its === finding!.rule) ?? {};
        expect(left.every(({ figures }) => isEased?.(finding!.figures, figures))).toBe(true);
      }
    },
  );

  it('is silent about an empty kit without a brief, but for what any kit must do', () => {
    const worked = workedOut(benchOf([pieceOf('x')], [kitOf('k')]), kitOf('k'), today);
    expect(new Set(findingsOf(worked).map(({ rule }) => rule))).toEqual(new Set(['cover/missing']));
  });
});
