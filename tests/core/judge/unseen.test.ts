import { findingInWords } from '@/core/judge';
import { fixesOf } from '@/core/judge/mending';
import { redLight } from '@/core/judge/way-and-seen';
import { workedOut } from '@/core/kit';
import { benchOfKinds, type KindKit } from '../../support/kits-of-kinds';
import { ok } from '../../support/rule-case';
import { everyFinding } from '../../support/every-finding';

const unseen = { schools: { seen: 'unseen until wanted' } } as const;

function told(kit: KindKit) {
  const bench = benchOfKinds(kit);
  const worked = workedOut(bench, bench.loadouts.get('k')!, '2027-09-01');
  const findings = everyFinding(worked).filter(({ rule }) => rule === 'seen/noise');
  return {
    worked,
    findings,
    words: findings.map((each) => findingInWords(each, worked, 'metric')),
  };
}

describe('who is to be unseen until wanted', () => {
  test.each([
    ['what is heard from afar', { holds: 'hammer' }, /heard from afar/],
    ['a lamp that gives white light', { holds: 'headlamp' }, /white light/],
    ['a bright signal that lies in the open', { holds: 'signal-panel' }, /lies in the open/],
  ] as const)('is told of %s', (_what, kit, words) => {
    expect(told({ ...kit, brief: unseen }).words.join()).toMatch(words);
    expect(told({ ...kit, brief: {} }).words).toEqual([]);
  });

  test('not of a signal that is closed away, nor of a lamp with a red filter', () => {
    expect(told({ holds: 'pack, signal-panel @ pack.main', brief: unseen }).words).toEqual([]);
    const filtered = { headlamp: ok(redLight) };
    expect(told({ holds: 'headlamp', gear: filtered, brief: unseen }).words.join()).not.toMatch(
      /white light/,
    );
  });

  test('and may put the filter on, or the signal away', () => {
    const fixes = (holds: string) => {
      const { worked, findings } = told({ holds, brief: unseen });
      let made = 0;
      const newId = () => `new-${(made += 1)}`;
      return findings.flatMap((finding) =>
        [...fixesOf(worked, finding, { newId })].flatMap((fix) => (fix ? [fix.says] : [])),
      );
    };
    expect(fixes('headlamp')).toContain('It gives red light now');
    expect(fixes('pack, signal-panel').join()).toMatch(/into Portage pack, Main/);
  });
});
