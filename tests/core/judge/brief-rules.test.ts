import type { BriefRule } from '@/core/brief';
import { demoBench, demoOpensOn } from '@/core/demo';
import { cylinder, igniteJobs } from '@/core/gear';
import { rulesKept, ruleInWords } from '@/core/judge/brief-rules';
import { findingInWords } from '@/core/judge';
import { workedOut } from '@/core/kit';
import { newPlacement } from '@/core/loadout';
import { autumn } from '../../support/under-brief';
import { benchOf, gear, holder, kit } from '../../support/benches';
import { everyFinding } from '../../support/every-finding';

function kept(rule: BriefRule, loadout = demoOpensOn) {
  const own = demoBench.loadouts.get(loadout)!;
  return rulesKept(workedOut(demoBench, own, '2026-10-01'), [rule])[0]!;
}

describe('rules of a brief', () => {
  it.each<[BriefRule, boolean | null]>([
    [{ rule: 'most mass', massG: 19_849 }, true],
    [{ rule: 'most mass', massG: 19_800 }, false],
    [{ rule: 'most price', priceMinor: 200_000 }, false],
    // 11.8 kg of 150 kg.
    [{ rule: 'most share', share: 0.08 }, true],
    [{ rule: 'most share', share: 0.07 }, false],
    [{ rule: 'lids close' }, false],
    [{ rule: 'categories', scheme: 'five-cs' }, true],
    [{ rule: 'categories', scheme: 'nobodys' }, null],
    [{ rule: 'ways', anyOf: ['cut'], ways: 2 }, true],
    [{ rule: 'ways', anyOf: igniteJobs, ways: 3 }, false],
    [{ rule: 'amount', job: 'carry-water', least: 3000 }, true],
    [{ rule: 'amount', job: 'carry-water', least: 60_000 }, false],
    [{ rule: 'amount', job: 'cord', least: 15 }, true],
    [{ rule: 'must have', what: 'compass' }, true],
    // Waxed sticks are no axe.
    [{ rule: 'must have', what: 'axe' }, false],
    [{ rule: 'must have', what: 'wool sock' }, true],
    [{ rule: 'must not have', what: 'multi-tool' }, false],
    [{ rule: 'second vessel' }, true],
    [{ rule: 'without a holder', anyOf: ['cut'] }, true],
    [{ rule: 'without a holder', anyOf: igniteJobs }, false],
    [{ rule: 'without a holder', anyOf: ['tow'] }, false],
  ])('%j: %s', (rule, is) => {
    expect(kept(rule).kept).toBe(is);
    expect(ruleInWords(rule, { units: 'metric', currency: 'EUR' })).not.toContain('undefined');
  });

  it('hold the outside of what stands on a ground, whichever way it is turned', () => {
    const box = holder('box');
    const can = holder('can', { form: cylinder(80, 120) });
    const own = kit('kit', [
      newPlacement('box', 'box', { on: 'body' }),
      newPlacement('can', 'can', { on: 'body' }),
    ]);
    const worked = workedOut(benchOf([box, can], [own]), own, '2026-10-01');
    const is = (rule: BriefRule) => rulesKept(worked, [rule])[0]!;
    expect(is({ rule: 'outside', sidesMm: [100, 150, 100] }).kept).toBe(true);
    expect(is({ rule: 'outside', sidesMm: [100, 149, 100] })).toMatchObject({
      kept: false,
      about: ['box'],
    });
    // Twice 100 and 100; the can’s 80 and 80 go.
    expect(is({ rule: 'girth', girthMm: 399 })).toMatchObject({ kept: false, about: ['box'] });
    const bare = kit('bare', [newPlacement('a', 'a', { on: 'body' })]);
    const loose = workedOut(benchOf([gear('a')], [bare]), bare, '2026-10-01');
    expect(rulesKept(loose, [{ rule: 'girth', girthMm: 10 }])[0]!.kept).toBeNull();
  });

  it('are findings as soon as they are broken', () => {
    const own = {
      ...kit('kit'),
      brief: { ...autumn, rules: [{ rule: 'second vessel' } as const] },
    };
    const worked = workedOut(benchOf([], [own]), own, '2026-10-01');
    const broken = everyFinding(worked).find(({ rule }) => rule === 'brief/rule')!;
    expect(broken.severity).toBe('stop');
    expect(findingInWords(broken, worked, 'metric')).toBe(
      'A rule of the brief is broken: A second vessel for water, and there are 0.',
    );
  });
});
