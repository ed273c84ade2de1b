import fc from 'fast-check';
import { jobIds, usualSupply, type Demand, type Gear } from '@/core/gear';
import { findingInWords } from '@/core/judge';
import { backgroundOf } from '@/core/judge/background';
import { ruleOf } from '@/core/judge/findings';
import { rules } from '@/core/judge/rules';
import { workedOut } from '@/core/kit';
import type { Bench } from '@/core/loadout';
import { drained } from '@/core/steps';
import { anyKit } from '../../support/any-kit';
import { benchOfKinds } from '../../support/kits-of-kinds';
import { runs } from '../../support/share';
import { everyFinding } from '../../support/every-finding';

const worked = (bench: Bench) => workedOut(bench, bench.loadouts.get('k')!, '2027-09-01');

/** Fails where any rule does, and where anything that is found cannot be said. */
function everyRuleSpeaks(bench: Bench): void {
  const kit = worked(bench);
  const background = backgroundOf(kit);
  for (const rule of rules) {
    const found = rule.find(kit, background);
    if ('next' in found) drained(found);
  }
  for (const finding of everyFinding(kit)) {
    expect(finding.rule).not.toBe('judge/failed');
    expect(findingInWords(finding, kit, 'metric')).toMatch(/^\S.*\.$/s);
    expect(findingInWords(finding, kit, 'us')).not.toMatch(/undefined|null|NaN|Infinity/);
  }
}

/** A piece that somebody made by hand, of no kind. */
function byHand(supplies: Gear['supplies']): Partial<Gear> {
  return { name: 'Made by hand', kind: null, contents: null, supplies };
}

describe('a rule', () => {
  it.each(jobIds)('fails on no piece that is made by hand for %s', (job) => {
    const usual = usualSupply(job);
    const onItself: Demand = { on: 'jobs', anyOf: [job], sorts: null, items: 1 };
    const inMany: Demand = { on: 'jobs', anyOf: ['cells', 'fuel'], sorts: [], items: 3 };
    const pieces = {
      oats: byHand([usual]),
      rice: byHand([{ ...usual, fitness: 'made-for', demands: [onItself] }]),
      whistle: byHand([{ ...usual, fitness: 'improvised', demands: [inMany] }]),
    };
    everyRuleSpeaks(
      benchOfKinds({ holds: 'belt-knife, oats, rice, whistle', brief: {}, gear: pieces }),
    );
  });

  it('fails on no kit and no brief that there can be', () => {
    fc.assert(
      fc.property(anyKit, (kit) => everyRuleSpeaks(benchOfKinds(kit))),
      runs(600),
    );
  });

  it('that fails nevertheless is told, and silences no other', () => {
    const kit = worked(
      benchOfKinds({
        holds: 'belt-knife, oats',
        brief: {},
        gear: { oats: byHand([usualSupply('light')]) },
      }),
    );
    const whole = everyFinding(kit);
    expect(whole.map((each) => findingInWords(each, kit, 'metric'))).toContain(
      'Made by hand takes 1 cell; there are no cells here.',
    );
    const broken = jest.spyOn(ruleOf('light/cells'), 'find').mockImplementation(() => {
      throw new TypeError('no such thing');
    });
    const left = everyFinding(kit);
    broken.mockRestore();
    const each = (found: typeof whole, but: string) =>
      found.filter(({ rule }) => rule !== but).map(({ rule, of, figures }) => [rule, of, figures]);
    expect(each(left, 'judge/failed').sort()).toEqual(each(whole, 'light/cells').sort());
    const failed = left.filter(({ rule }) => rule === 'judge/failed');
    expect(failed.map((each) => findingInWords(each, kit, 'metric'))).toEqual([
      'Not looked at, as a rule failed: cells of the wrong type, or too few. All other rules were.',
    ]);
  });
});
